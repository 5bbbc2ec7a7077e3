import { goTo, pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { paperOf } from '../support/papers';
import { expect, test } from '../support/program';

test('a password is cleared only once proof of ownership is noted', async ({ page, program }) => {
  const asks = 'Warning about settings or a changed processor';
  await takeIn(page, program.url, {
    machine: 'Second-hand office machine',
    reported: asks,
    circumstances: ['Used parts'],
  });
  await see(page, asks);
  await goTo(page, 'Try to enter setup');
  await see(page, 'It asks for a password');
  await expect(title(page)).toHaveText('Ask the owner first');
  await expect(page.getByText('A password is cleared only for an owner who showed proof.')).toBeVisible();

  // Past the screen it is refused as well.
  const [, id] = /\/cases\/([0-9a-f-]+)/.exec(page.url()) ?? [];
  const cleared = {
    kind: 'trial-done',
    id: '12121212-1212-4212-8212-121212121212',
    at: new Date().toISOString(),
    by: 'Bench',
    trial: 'fix/clear-password@board',
    outcome: 'works',
  };
  const refused = await page.request.post(`${program.url}/api/cases/${id}/events`, {
    data: { expectedSequence: 3, events: [cleared] },
    headers: { origin: program.url },
  });
  expect(refused.status()).toBe(422);

  await page.getByRole('button', { name: /Note what was agreed/ }).click();
  await page.getByRole('button', { name: 'Agreed', exact: true }).click();
  await expect(page.getByText('Enter what was shown.')).toBeVisible();
  await page.getByLabel('In which words').fill('Clear it: the former clerk set it');
  await page.getByLabel('What was shown as proof of ownership').fill('Invoice with the serial number');
  await page.getByRole('button', { name: 'Agreed', exact: true }).click();
  await expect(sheet(page)).toContainText('Password cleared: agreed in person');
  await expect(title(page)).toContainText("Clear the password with the board's own jumper");
});

test('a workaround stays with the word of the owner; the sheet says what was checked and what was left open', async ({
  page,
  program,
}) => {
  const warns = 'USB over-current warning on screen, then it stops';
  await takeIn(page, program.url, { machine: 'Museum kiosk', reported: warns });
  await see(page, warns);
  await pickInstead(page, 'Start without the front USB lead');
  await see(page, 'Starts and keeps running');
  await page.keyboard.press('c');
  await page.getByRole('radio', { name: 'Workaround, agreed with the owner' }).check({ force: true });
  await page.getByRole('button', { name: 'Note that the owner agrees to the workaround' }).click();
  await page.getByRole('radio', { name: 'By telephone' }).check({ force: true });
  await page.getByLabel('In which words').fill('Can do without the front ports');
  await page.getByRole('button', { name: 'Agreed', exact: true }).click();
  const check = page.getByRole('region', { name: 'Last check' });
  await expect(
    check.getByRole('listitem').filter({ hasText: 'The owner agrees that the workaround stays' }),
  ).toContainText('in the log');
  await check.getByRole('button', { name: 'All of it is checked' }).click();
  await check.getByLabel('No cable is near a fan').uncheck();
  await expect(check).toContainText('1 point open. Closing as it is accepts it under your name.');
  await page.getByLabel('What was done').fill('The front USB lead stays unplugged');
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByText('Closed by Bench')).toBeVisible();

  const owners = await paperOf(page, 'Owner’s sheet');
  for (const words of ['Museum kiosk', 'A workaround stays', 'All fans turn', 'Left open', 'No cable is near a fan'])
    expect(owners).toContain(words);
  const record = await paperOf(page, 'Technical record');
  for (const words of [
    'Accepted as open by Bench',
    'Start without the front USB lead',
    'A workaround stays: agreed by',
  ])
    expect(record).toContain(words);
});

test('a lot of used parts ends in a list to sign', async ({ page, demo }) => {
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000001300`);
  const list = await paperOf(page, 'Parts list to sign');
  for (const words of ['supply 1', 'fails', 'works, not loaded', 'Paid together', 'Tested by:', 'Received by:'])
    expect(list).toContain(words);
});
