import { see, sheet, takeIn } from '../support/bench';
import { expect, test } from '../support/program';

test('a light and beeps are noted beside the outcome, kept over a reload, and stand in the log', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Fog horn desk',
    reported: 'Fans run, no picture, no light, code or beep',
  });
  await page.getByRole('button', { name: 'More was seen or heard' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Stage light').selectOption('Memory');
  await dialog.getByLabel('Beeps: S short, L long').fill('beep');
  await dialog.getByRole('button', { name: 'Keep it for the outcome' }).click();
  await expect(dialog.getByText('S for a short tone, L for a long one, a space for a pause.')).toBeVisible();
  await dialog.getByLabel('Beeps: S short, L long').fill('L L L');
  await dialog.getByLabel('The beeps stand for').selectOption('Memory');
  await dialog.getByRole('button', { name: 'Keep it for the outcome' }).click();
  const status = page.getByRole('status').filter({ hasText: 'Light at memory stays on; beeps L L L (memory)' });
  await expect(status).toContainText('By itself: stops at memory');
  await page.reload();
  await expect(status).toBeVisible();
  await see(page, 'Fans run, no picture, no light, code or beep');
  await expect(sheet(page)).toContainText('light at memory stays on; beeps L L L (memory)');
  const suspects = page.getByRole('region', { name: 'Suspects and other tests' });
  await expect(suspects).toContainText(/module [12] is/i);
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
