import type { Page } from '@playwright/test';
import { see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

/** Cuts a window off from what others write, so that it does not see it come. */
const deafen = (page: Page) => page.route('**/api/changes', (route) => route.abort());

test('what one window writes comes into view in another by itself', async ({ page, context, program }) => {
  await takeIn(page, program.url, { machine: 'Two windows', reported: 'Nothing at all' });
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(title(second)).toHaveText('Start it as it is');
  await see(page, 'Nothing at all');
  await expect(title(second)).toHaveText('Check the rocker switch of the supply');
  await expect(sheet(second).getByRole('listitem')).toHaveCount(2);
});

test('two people write to one case at once: a look comes behind by itself, and it is said', async ({
  page,
  context,
  program,
}) => {
  await deafen(page);
  await takeIn(page, program.url, { machine: 'Two hands', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  const second = await context.newPage();
  await deafen(second);
  await second.goto(page.url());
  await expect(title(second)).toHaveText('Check the rocker switch of the supply');
  await page.getByLabel('Note').fill('Written first');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(sheet(page).getByRole('listitem')).toHaveCount(3);
  await see(second, 'It is at I');
  await expect(second.getByText('Bench wrote 1 entry meanwhile. Yours came after.')).toBeVisible();
  await expect(sheet(second).getByRole('listitem')).toHaveCount(4);
});

test('where both changed the machine a person decides, and nothing is doubled', async ({ page, context, program }) => {
  await deafen(page);
  await takeIn(page, program.url, { machine: 'Four hands', reported: 'Nothing at all' });
  const second = await context.newPage();
  await deafen(second);
  await second.goto(page.url());
  await expect(title(second)).toHaveText('Start it as it is');
  await see(page, 'Nothing at all');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  await see(second, 'Restarts over and over');
  await expect(second.getByRole('alert')).toContainText('Bench wrote 1 entry first and changed the machine');
  await second.getByRole('button', { name: 'Leave mine out' }).click();
  await expect(sheet(second).getByRole('listitem')).toHaveCount(2);
  await expect(title(second)).toHaveText('Check the rocker switch of the supply');
});

test('a case entered in the browser is there after the server was killed and started again', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Survivor', reported: 'Restarts over and over' });
  // It shows at once; what the server has acknowledged must not be lost.
  const acknowledged = page.waitForResponse((answer) => answer.url().endsWith('/events') && answer.status() === 201);
  await see(page, 'Restarts over and over');
  await acknowledged;
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  const address = page.url();
  await program.kill();
  await program.start();
  await page.goto(address);
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  await expect(sheet(page)).toContainText('Restarts over and over');
});

test('while the server is away an outcome waits, and is then stored once', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Patience', reported: 'Nothing at all' });
  await program.kill();
  await see(page, 'Nothing at all');
  await expect(page.getByText('The server does not answer. 1 entry is kept on this device')).toBeVisible();
  await program.start();
  await page.getByRole('button', { name: 'Try now' }).click();
  await expect(page.getByText('on this device')).toHaveCount(0);
  await page.reload();
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
});

test('what was typed at intake survives a closed tab; what is missing is said at its field', async ({
  page,
  context,
  program,
}) => {
  await page.goto(`${program.url}/cases/new`);
  await page.getByLabel('Machine', { exact: true }).fill('Half written');
  await page.close();
  const again = await context.newPage();
  await again.goto(`${program.url}/cases/new`);
  await expect(again.getByLabel('Machine', { exact: true })).toHaveValue('Half written');
  await again.getByRole('button', { name: 'Open the case' }).click();
  await expect(again.getByLabel('Owner', { exact: true })).toBeFocused();
  await expect(again.getByRole('alert')).toHaveText('Enter who brought it. And 2 more fields.');
  await expect(again.getByText('Choose what happens, or "Not known".')).toBeVisible();
  await expect(again).toHaveURL(/\/cases\/new$/);
});

test('a case that does not exist and an address that leads nowhere say so', async ({ page, program }) => {
  await page.goto(`${program.url}/cases/99999999-9999-4999-8999-999999999999`);
  await expect(page.getByRole('alert')).toHaveText('No such case.');
  await expect(page.getByRole('link', { name: 'Back to the bench queue' })).toBeVisible();
  await page.goto(`${program.url}/teapot`);
  await expect(title(page)).toHaveText('Page not found');
});

test('a screen whose code is gone, for the program was updated, says so and is loaded again', async ({
  page,
  program,
}) => {
  await page.route('**/assets/IntakePage*', (route) => route.abort());
  await page.goto(`${program.url}/`);
  await page.getByRole('button', { name: 'New case' }).click();
  await expect(page.getByRole('heading', { name: 'This screen could not be opened' })).toBeVisible();
  await page.unroute('**/assets/IntakePage*');
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByLabel('Complaint')).toBeVisible();
});

test('an answer that takes over a second says what is waited for, and then goes', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Slow', reported: 'Nothing at all' });
  const address = page.url();
  await page.goto(`${program.url}/teapot`);
  let answer = () => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/cases/*', async (route) => {
    await held;
    await route.continue();
  });
  await page.evaluate(() =>
    indexedDB.databases().then((all) => all.map(({ name }) => indexedDB.deleteDatabase(name ?? ''))),
  );
  await page.goto(address);
  await expect(page.getByText('Loading …')).toBeVisible();
  answer();
  await expect(title(page)).toHaveText('Start it as it is');
  await expect(page.getByText('Loading …')).toBeHidden();
});
