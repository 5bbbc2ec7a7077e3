import type { Page } from '@playwright/test';
import { sheet, title } from '../support/bench';
import { benchLead, expect, test } from '../support/program';

const signIn = async (page: Page, login: string, password: string) => {
  await page.getByLabel('Sign-in name').fill(login);
  await page.getByLabel('Password', { exact: true }).fill(password);
  await page.keyboard.press('Enter');
};

test('without a session the sign-in page comes first, then the page that was asked for', async ({ page, program }) => {
  await page.context().clearCookies();
  await page.goto(`${program.url}/boards`);
  await expect(title(page)).toHaveText('Sign in');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Required.')).toHaveCount(2);
  await signIn(page, benchLead.login, 'not the password');
  await expect(page.getByRole('alert')).toContainText('is wrong');
  await signIn(page, benchLead.login, benchLead.password);
  await expect(title(page)).toHaveText('Board book');
  await page.reload();
  await expect(title(page)).toHaveText('Board book');
  await page.getByRole('button', { name: 'You are Bench. Account' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(title(page)).toHaveText('Sign in');
});

test('the demo shows its accounts, and one press signs in', async ({ page, demo }) => {
  await page.context().clearCookies();
  await page.goto(`${demo.url}/`);
  await page.getByRole('button', { name: /Ebbe, trainee/ }).click();
  await expect(title(page)).toHaveText('Bench queue');
  await expect(page.getByRole('button', { name: 'New case' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Shop' })).toHaveCount(0);
});

test('a lead invites somebody, who joins by the link and sees what the role allows', async ({
  page,
  browser,
  program,
}) => {
  await page.goto(`${program.url}/shop`);
  await page.getByLabel('Name').fill('Pål');
  await page.getByLabel('Role of the new person').selectOption('trainee');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.locator('code').textContent()) ?? '';
  expect(link).toMatch(/\/join#[\w-]{43}$/);

  const guest = await (await browser.newContext()).newPage();
  await guest.goto(link);
  await expect(title(guest)).toHaveText('Welcome, Pål');
  await guest.getByLabel('Sign-in name').fill('pal');
  await guest.getByLabel('Password').fill('password123');
  await guest.getByRole('button', { name: 'Join' }).click();
  await expect(guest.getByText('Expected a password that is not among the most used')).toBeVisible();
  await guest.getByLabel('Password').fill('rope and tar and rope');
  await guest.getByRole('button', { name: 'Join' }).click();
  await expect(title(guest)).toHaveText('Bench queue');
  await guest.goto(link);
  await expect(title(guest)).toHaveText('This invitation is no longer valid');

  await page.reload();
  await page.getByRole('button', { name: 'Close the account of Pål' }).click();
  await expect(page.getByText('pal, closed')).toBeVisible();
  await guest.goto(`${program.url}/`);
  await expect(title(guest)).toHaveText('Sign in');
  await page.getByRole('radio', { name: 'Audit' }).click();
  await expect(page.getByRole('row', { name: /Bench changed a person/ })).toBeVisible();
  await guest.context().close();
});

test('who only reads sees the case without the ways to write to it', async ({ page, demo }) => {
  await page.context().clearCookies();
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000000500`);
  await page.getByRole('button', { name: /Ticket desk/ }).click();
  await expect(title(page)).toHaveText('Press the case switch and feel how it moves');
  await expect(sheet(page).getByRole('listitem').first()).toBeVisible();
  for (const name of ['Close case', 'Park', 'Undo the last entry', 'Not sure', 'Add', 'Tools and spares missing'])
    await expect(page.getByRole('button', { name })).toHaveCount(0);
  await page.keyboard.press('1');
  await page.keyboard.press('u');
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/000500$/);
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000000500/close`);
  await expect(page.getByText('Only technicians and leads can close a case.')).toBeVisible();
});

test('an owner is found, and erased only after a second word', async ({ page, usedDemo }) => {
  await page.goto(`${usedDemo.url}/`);
  await page.goto(`${usedDemo.url}/shop`);
  await page.getByRole('radio', { name: "Owners' data" }).click();
  await page.getByLabel('Owner, as written in the cases').fill('sail maker');
  await page.getByRole('button', { name: 'Find' }).click();
  const found = page.getByRole('region', { name: 'Found' });
  await expect(found.getByRole('link', { name: /Sail maker cutting machine/ })).toBeVisible();
  await page.getByRole('button', { name: 'Erase the owner …' }).click();
  await page.getByRole('button', { name: 'Erase the owner', exact: true }).click();
  await expect(page.getByText('is erased from 1 case')).toBeVisible();
});

test('nothing on any page is refused by the content-security policy', async ({ page, demo }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/content security policy|refused to/i.test(message.text())) refused.push(message.text());
  });
  // What a library only tries, and catches, is no line on the console.
  await page.exposeFunction('tellRefused', (what: string) => refused.push(what));
  await page.addInitScript(() =>
    document.addEventListener('securitypolicyviolation', ({ violatedDirective, blockedURI }) =>
      (window as unknown as { tellRefused: (what: string) => void }).tellRefused(`${violatedDirective} ${blockedURI}`),
    ),
  );
  for (const path of [
    '/',
    '/cases/new',
    '/boards',
    '/firmware',
    '/shop',
    '/cases/0d3a0c00-0000-4000-8000-000000000700',
  ]) {
    await page.goto(demo.url + path);
    await title(page).waitFor();
    await page.waitForTimeout(300);
  }
  expect(refused).toEqual([]);
});
