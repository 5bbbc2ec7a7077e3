import { closeCase, see, title } from '../support/bench';
import { expect, test } from '../support/program';

test('parts on the bench: built up step by step, each with its verdict, and a list at the end', async ({
  page,
  program,
}) => {
  await page.goto(`${program.url}/cases/new`);
  await page.getByText('Parts on the bench, to be proven').click();
  await page.getByLabel('Name for the parts').fill('Lamp room spares');
  await page.getByLabel('Owner', { exact: true }).fill('Lamp room');
  await page.getByLabel('What is to be proven, and why').fill('Bought for the lamp room.');
  await expect(page.getByRole('group', { name: 'Front USB leads' })).toBeHidden();
  await page.getByText('Stage lights').click();
  await page.getByRole('button', { name: 'Open the case' }).click();

  const parts = page.getByRole('region', { name: 'Parts to prove' });
  await expect(title(page)).toHaveText('Build-up, step 1: board, processor, cooler and power, nothing else');
  await expect(parts).toContainText('Run it under full load');
  await expect(page.getByRole('heading', { name: 'Suspects' })).toBeHidden();
  await see(page, 'Stops at memory (light, code or beep)');
  await expect(title(page)).toHaveText('Build-up, step 2: add module 1');
  await see(page, 'Picture, but no system found');
  await expect(parts.getByRole('row', { name: /^module 1/ })).toContainText('works, not loaded');
  await expect(title(page)).toHaveText('Build-up, step 3: add the drive');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Put in module 2 and start');
  await see(page, 'Stops at memory (light, code or beep)');
  // What fails is looked for, beside the list.
  await expect(page.getByRole('heading', { name: 'Suspects' })).toBeVisible();
  await see(page, 'Stops at memory (light, code or beep)');
  await expect(parts.getByRole('row', { name: /^module 1/ })).toContainText('works, not loaded');
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: 'Parts tested' })).toBeChecked();
  await closeCase(page, 'Module 2 goes back to the seller.');
  const results = page.getByRole('table', { name: 'Parts' });
  await expect(results.getByRole('row', { name: /^module 1/ })).toContainText('works, not loaded');
});
