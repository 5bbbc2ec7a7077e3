import { title } from '../support/bench';
import { expect, test } from '../support/program';

const first = { shop: 'Slip and quay', name: 'Una', login: 'una', password: 'oars in the boathouse' };

test('the first lead comes in by the printed code, once, and what is wrong is said at its field', async ({
  page,
  browser,
  newProgram,
}) => {
  await page.goto(`${newProgram.url}/cases/new`);
  await expect(title(page)).toHaveText('The first lead');
  const fill = async (values: Record<string, string>) => {
    for (const [label, value] of Object.entries(values)) await page.getByLabel(label, { exact: true }).fill(value);
    await page.getByRole('button', { name: 'Start' }).click();
  };
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('Required.')).toHaveCount(5);
  await fill({
    Code: 'AAAAA-BBBBB-CCCCC-DDDDD',
    'Name of the shop': first.shop,
    'Your name': first.name,
    'Sign-in name': first.login,
    Password: first.password,
  });
  await expect(page.getByText('Expected a code that was not used yet and is not too old')).toBeVisible();
  await fill({ Code: newProgram.code ?? '', Password: 'una una una' });
  await expect(page.getByText('Expected more than your name or shop')).toBeVisible();
  // Nothing that was typed is lost, and the code was not used up by what was refused.
  await expect(page.getByLabel('Name of the shop')).toHaveValue(first.shop);
  await fill({ Password: first.password });
  await expect(title(page)).toHaveText('Bench queue');

  const another = await (await browser.newContext()).newPage();
  await another.goto(`${newProgram.url}/set-up`);
  await expect(title(another)).toHaveText('Sign in');
  await another.context().close();
});

test('a changed password ends the other sessions at once; signing out everywhere ends this one too', async ({
  page,
  browser,
  newProgram,
}) => {
  const { url } = newProgram;
  await page.request.post(`${url}/api/session/set-up`, { data: { ...first, code: newProgram.code } });
  const other = await (await browser.newContext()).newPage();
  const comeIn = async (password: string) => {
    await other.goto(url);
    await other.getByLabel('Sign-in name').fill(first.login);
    await other.getByLabel('Password', { exact: true }).fill(password);
    await other.keyboard.press('Enter');
  };
  await comeIn(first.password);
  await expect(title(other)).toHaveText('Bench queue');

  await page.goto(`${url}/account`);
  const change = async (now: string, next: string) => {
    await page.getByLabel('Current password').fill(now);
    await page.getByLabel('New password').fill(next);
    await page.getByRole('button', { name: 'Change the password' }).click();
  };
  await change('not this one', 'a kettle on the quay');
  await expect(page.getByText('Expected the password you sign in with')).toBeVisible();
  await change(first.password, 'short');
  await expect(page.getByText('Expected at least 10 characters')).toBeVisible();
  await change(first.password, 'a kettle on the quay');
  await expect(page.getByText('Changed. Your other sessions were signed out.')).toBeVisible();
  await expect(page.getByLabel('Current password')).toHaveValue('');

  await other.reload();
  await expect(title(other)).toHaveText('Sign in');
  await comeIn(first.password);
  await expect(other.getByRole('alert')).toContainText('is wrong');
  await comeIn('a kettle on the quay');
  await expect(title(other)).toHaveText('Bench queue');

  await page.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(title(page)).toHaveText('Sign in');
  await other.reload();
  await expect(title(other)).toHaveText('Sign in');
  await other.context().close();
});

test('the audit is narrowed by person and by action, and shows what was refused', async ({ page, usedDemo }) => {
  const { url } = usedDemo;
  const trainee = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'ebbe', password: 'strap-on-cord-out' }),
  });
  const cookie = trainee.headers.getSetCookie()[0]?.split(';')[0] ?? '';
  expect((await fetch(`${url}/api/owners?name=x`, { headers: { cookie } })).status).toBe(403);
  await page.goto(`${url}/shop`);
  await page.getByRole('radio', { name: 'Audit' }).click();
  const rows = page.getByRole('row');
  await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Ebbe' });
  await expect(rows.filter({ hasText: 'was refused' })).toContainText('owner data');
  await expect(rows.filter({ hasText: 'Edda' })).toHaveCount(0);
  await page.getByLabel('What', { exact: true }).selectOption({ label: 'Signed in' });
  await expect(rows.filter({ hasText: 'was refused' })).toHaveCount(0);
  await expect(rows.filter({ hasText: 'Ebbe' }).first()).toContainText('signed in');
  await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Everybody' });
  await page.getByLabel('What', { exact: true }).selectOption({ label: 'Opened a case' });
  await expect(rows.filter({ hasText: 'case 0013' })).toContainText('the program');
});
