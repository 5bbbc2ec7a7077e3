import { see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('a stale second tab is told plainly, shows the newer entry, and nothing is doubled', async ({
  page,
  context,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Two hands', told: 'Nothing at all' });
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(title(second)).toHaveText('Start it as it stands');
  await see(page, 'Nothing at all');
  await expect(title(page)).toHaveText('Look at the rocker of the supply');

  await see(second, 'Nothing at all');
  await expect(second.getByRole('alert')).toContainText('An entry was added from somewhere else. Yours was not saved.');
  await expect(title(second)).toHaveText('Look at the rocker of the supply');
  await expect(sheet(second).getByRole('listitem')).toHaveCount(2);
  await see(second, 'It stands at I');
  await expect(sheet(second).getByRole('listitem')).toHaveCount(3);
});

test('a case entered in the browser is there after the server was killed and started again', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Survivor', told: 'Restarts over and over' });
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

test('while the server is away an outcome waits for another try and is then stored once', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Patience', told: 'Nothing at all' });
  await program.kill();
  await see(page, 'Nothing at all');
  await expect(page.getByRole('alert')).toContainText('The server does not answer');
  await program.start();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
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
  await expect(again.getByText('Write who brought it.')).toBeVisible();
  await expect(again.getByText('Choose what happens, or that nobody can say.')).toBeVisible();
  await expect(again).toHaveURL(/\/cases\/new$/);
});

test('a case that does not exist and an address that leads nowhere say so', async ({ page, program }) => {
  await page.goto(`${program.url}/cases/99999999-9999-4999-8999-999999999999`);
  await expect(page.getByRole('alert')).toContainText('expected the id of a case');
  await page.goto(`${program.url}/teapot`);
  await expect(title(page)).toHaveText('There is nothing here');
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
  await page.getByRole('button', { name: 'Load it again' }).click();
  await expect(page.getByLabel('Complaint')).toBeVisible();
});
