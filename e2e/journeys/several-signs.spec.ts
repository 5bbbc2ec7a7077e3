import { see, sheet, takeIn } from '../support/bench';
import { expect, test } from '../support/program';

test('messages and restarts are noted beside the outcome, kept over a reload, and stand in the log', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Fog horn desk',
    reported: 'Fans run, no picture, no light, code or beep',
  });
  await page.getByRole('button', { name: 'More was seen' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Restarts by itself').fill('often');
  await dialog.getByRole('button', { name: 'Keep it for the outcome' }).click();
  await expect(dialog.getByText('Enter a number up to 99.')).toBeVisible();
  await dialog.getByLabel('Restarts by itself').fill('4');
  await dialog.getByRole('button', { name: 'Keep it for the outcome' }).click();
  const status = page.getByRole('status').filter({ hasText: '4 restarts' });
  await expect(status).toContainText('By itself: restarts over and over');
  await page.reload();
  await expect(status).toBeVisible();
  await see(page, 'Restarts over and over');
  await expect(sheet(page)).toContainText('4 restarts');
  await expect(page.getByRole('button', { name: 'Change what else was seen' })).toBeHidden();
});

test('what the owner tried at home is noted under "Known", stands before the bench work and can be crossed out', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Tried at home', reported: 'Start-up completes, no picture' });
  await see(page, 'Start-up completes, no picture');
  await page.getByRole('button', { name: /^What is known/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Tried').selectOption('Another monitor');
  await dialog.getByLabel('It did then').selectOption('Start-up completes, no picture');
  await dialog.getByRole('button', { name: 'Note what was tried' }).click();
  await expect(dialog).toBeHidden();
  await expect(sheet(page)).toContainText('The owner tried');
  await expect(sheet(page)).toContainText('Another monitor');
  await page.getByRole('button', { name: /^What is known/ }).click();
  await dialog.getByLabel('Tried').selectOption('Reseat module 1 until both sides click');
  await dialog.getByRole('button', { name: 'Note what was tried' }).click();
  // Who had the case open may have brought a fault in.
  await page.getByRole('button', { name: 'What is known: 1' }).click();
  await expect(dialog.getByRole('checkbox', { name: 'The owner worked inside' })).toBeChecked();
});
