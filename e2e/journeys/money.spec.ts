import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { see, takeIn } from '../support/bench';
import { expect, test } from '../support/program';

async function setRates(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/shop`);
  await page.getByRole('radio', { name: 'Rules' }).click();
  await page.getByLabel('An hour of work').fill('fifty');
  await page.getByRole('button', { name: 'Save the rates' }).click();
  await expect(page.getByText('expected an amount with at most two decimals, for instance 12.50')).toBeVisible();
  await page.getByLabel('An hour of work').fill('50');
  await page.getByLabel('Tax, %').fill('20');
  await page.getByLabel('Supply', { exact: true }).fill('79,9x');
  await page.getByRole('button', { name: 'Save the rates' }).click();
  await expect(page.getByText('expected an amount with at most two decimals, for instance 12.50')).toBeVisible();
  await page.getByLabel('Supply', { exact: true }).fill('79,90');
  await page.getByRole('button', { name: 'Save the rates' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await page.getByRole('radio', { name: 'Rules' }).click();
  await expect(page.getByLabel('Supply', { exact: true })).toHaveValue('79.90');
}

test('work, parts and a deposit become a bill; an estimate is given, and the limit is watched', async ({
  page,
  program,
}) => {
  await setRates(page, program.url);
  await takeIn(page, program.url, {
    machine: 'Lighthouse kiosk',
    reported: 'Nothing at all',
    parts: (intake) => intake.getByLabel('May cost up to').fill('100'),
  });
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  const money = page.getByRole('region', { name: 'Money' });
  await expect(money).toContainText(/By the odds it will come to \d+ to \d+ EUR/);

  await page.getByRole('button', { name: 'Correct the work of Bench' }).click();
  await page.getByLabel('Minutes').fill('40');
  await page.getByRole('button', { name: 'Correct it' }).click();
  await expect(page.getByText('Enter why the log is not right.')).toBeVisible();
  await page.getByLabel('Why').fill('Talked to the owner');
  await page.getByRole('button', { name: 'Correct it' }).click();
  // Three begun quarters of an hour at 50, and tax of 20 percent.
  await expect(money).toContainText('To be paid45.00 EUR');

  await page.getByRole('button', { name: 'Estimate' }).click();
  await page.getByLabel('From, with tax').fill('60');
  await page.getByLabel('To, with tax').fill('95,50');
  await page.getByRole('button', { name: 'Note that it was given' }).click();
  await expect(money).toContainText('The owner was told 60 to 95.50 EUR.');

  await page.getByRole('button', { name: 'Part in or out' }).click();
  const part = page.getByRole('dialog');
  await part.getByLabel('Name').fill('Supply');
  await part.getByLabel('Paid').fill('49.90');
  await part.getByRole('button', { name: 'Note it' }).click();
  await expect(money).toContainText('more than the 100 EUR that were agreed');

  await page.getByRole('button', { name: 'Charge or deposit' }).click();
  const charge = page.getByRole('dialog');
  await charge.getByLabel('What', { exact: true }).selectOption('Discount');
  await charge.getByLabel('For what').fill('Club member');
  await charge.getByLabel('Amount without tax').fill('8');
  await charge.getByRole('button', { name: 'Note it' }).click();
  // 37.50 + 49.90 - 8.00 = 79.40, with tax 95.28.
  await expect(money).toContainText('To be paid95.28 EUR');
  await expect(money).toContainText('near the 100 EUR');

  const deciding = page.getByRole('region', { name: 'Deciding' });
  await page.getByLabel('A like machine').fill('four hundred');
  await expect(deciding).toContainText('expected an amount with at most two decimals');
  await page.getByLabel('A like machine').fill('400');
  await expect(deciding).toContainText('cost the same where the part costs');
  await page.getByRole('button', { name: 'Note what was chosen' }).click();
  await page.getByRole('dialog').getByText('Replace the machine', { exact: true }).click();
  await page.getByLabel('In which words').fill('It is eight years old');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(deciding).toContainText('Chosen: replace the machine. It is eight years old');

  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await page.getByRole('button', { name: 'Papers' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Bill PDF' }).click();
  const words = execFileSync('pdftotext', ['-layout', await (await download).path(), '-'])
    .toString()
    .replaceAll(/\s+/g, ' ');
  for (const line of ['Work, Bench 0.75 h 50.00 37.50', 'Club member 1 −8.00 −8.00', 'To be paid 95.28 EUR'])
    expect(words).toContain(line);
});
