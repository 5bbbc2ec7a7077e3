import { readFile } from 'node:fs/promises';
import { see, sheet, takeIn, title } from '../support/bench';
import { benchLead, expect, test } from '../support/program';

test('a browser that keeps nothing says so, asks before it is left, and hands the entries over as a file', async ({
  page,
  program,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('no storage in this window', 'InvalidStateError');
    };
  });
  await takeIn(page, program.url, { machine: 'Keeps nothing', reported: 'Nothing at all' });
  await page.route('**/api/cases/*/events', (route) => route.abort());
  await see(page, 'Nothing at all');
  await expect(page.getByText('This browser keeps nothing on the device: 1 entry is lost')).toBeVisible();
  await expect(page.getByText('kept on this device and sent')).toHaveCount(0);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  expect((await saving).suggestedFilename()).toMatch(/^entries-[0-9a-f]{8}\.json$/);
  const asked = new Promise<string>((resolve) =>
    page.once('dialog', (dialog) => {
      resolve(dialog.type());
      void dialog.dismiss();
    }),
  );
  await page.close({ runBeforeUnload: true });
  expect(await asked).toBe('beforeunload');

  // It is sent by itself a moment later.
  await page.unroute('**/api/cases/*/events');
  await expect(page.getByText('This browser keeps nothing')).toHaveCount(0, { timeout: 30_000 });
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
});

test('entries that the server refuses stay to be seen over a reload', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Refused here', reported: 'Nothing at all' });
  const refusal = {
    type: 'x',
    title: 'Not allowed',
    status: 403,
    code: 'not-allowed',
    detail: 'A reader may not write.',
  };
  await page.route('**/api/cases/*/events', (route) =>
    route.fulfill({ status: 403, contentType: 'application/problem+json', body: JSON.stringify(refusal) }),
  );
  await see(page, 'Nothing at all');
  await expect(page.getByText('1 entry of yours could not be stored. A reader may not write.')).toBeVisible();
  await page.unroute('**/api/cases/*/events');
  await page.reload();
  await expect(page.getByText('1 entry of yours could not be stored. A reader may not write.')).toBeVisible();
  await page.getByRole('button', { name: 'Dismiss' }).click();
  await expect(page.getByText('could not be stored')).toHaveCount(0);
});

test('a diagnosis that does not run says so, and runs again when it can', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'No diagnosis', reported: 'Nothing at all' });
  await page.route('**/assets/diagnosis.worker*', (route) => route.abort());
  await page.getByLabel('Note').fill('typed meanwhile');
  await page.reload();
  await expect(page.getByText('The diagnosis does not run.')).toBeVisible();
  await page.unroute('**/assets/diagnosis.worker*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('Do this first')).toBeVisible();
  await expect(page.getByLabel('Note')).toHaveValue('typed meanwhile');
});

test('what waits of somebody whose account is closed is counted at the door and saved by the lead', async ({
  page,
  program,
}) => {
  await page.goto(`${program.url}/shop`);
  await page.getByLabel('Name').fill('Leaver');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.locator('code').textContent()) ?? '';
  await page.context().clearCookies();
  await page.goto(link);
  await page.getByLabel('Sign-in name').fill('leaver');
  await page.getByLabel('Password').fill('rope and tar and rope');
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(title(page)).toHaveText('Bench queue');
  await takeIn(page, program.url, { machine: 'Left behind', reported: 'Nothing at all' });
  await page.route('**/api/cases/*/events', (route) => route.abort());
  await see(page, 'Nothing at all');
  await expect(page.getByText('1 entry is kept on this device')).toBeVisible();

  await page.context().clearCookies();
  await page.goto(program.url);
  await expect(
    page.getByText('1 entry on this device is not stored yet. It waits for the person who left it'),
  ).toBeVisible();
  await page.getByLabel('Sign-in name').fill(benchLead.login);
  await page.getByLabel('Password', { exact: true }).fill(benchLead.password);
  await page.keyboard.press('Enter');
  await expect(title(page)).toHaveText('Bench queue');
  await page.goto(`${program.url}/shop`);
  await expect(page.getByText('It is sent when Leaver signs in here.')).toBeVisible();
  await page.getByRole('button', { name: 'Close the account of Leaver' }).click();
  await expect(page.getByText('Open the account again to have it sent, or save it.')).toBeVisible();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the entries of Leaver as a file' }).click();
  const saved = JSON.parse(await readFile(await (await saving).path(), 'utf8')) as {
    batches: { events: { kind: string }[] }[];
  };
  expect(saved.batches.flatMap(({ events }) => events.map(({ kind }) => kind))).toEqual(['trial-done']);
});

test('what somebody typed at intake is not shown to the next who signs in at the device', async ({ page, program }) => {
  const signIn = async (login: string, password: string) => {
    await page.getByLabel('Sign-in name').fill(login);
    await page.getByLabel('Password', { exact: true }).fill(password);
    await page.keyboard.press('Enter');
  };
  await page.goto(`${program.url}/shop`);
  await page.getByLabel('Name').fill('Next one');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.locator('code').textContent()) ?? '';
  await page.context().clearCookies();
  await page.goto(program.url);
  await signIn(benchLead.login, benchLead.password);
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByLabel('Complaint').fill('Told in confidence');
  await page.waitForTimeout(300);
  // The session only ends: the same person finds it again ...
  await page.context().clearCookies();
  await page.reload();
  await expect(title(page)).toHaveText('Sign in');
  await signIn(benchLead.login, benchLead.password);
  await expect(page.getByLabel('Complaint')).toHaveValue('Told in confidence');
  // ... and another does not.
  await page.context().clearCookies();
  await page.goto(link);
  await page.getByLabel('Sign-in name').fill('next');
  await page.getByLabel('Password').fill('rope and tar and rope');
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(title(page)).toHaveText('Bench queue');
  await page.goto(`${program.url}/cases/new`);
  await expect(page.getByLabel('Complaint')).toHaveValue('');
});
