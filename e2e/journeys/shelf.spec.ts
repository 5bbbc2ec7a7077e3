import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { closeCase, goTo, pickInstead, see, sheet, takeIn } from '../support/bench';
import { expect, test } from '../support/program';

const spareRow = (page: Page, name: string) =>
  page.getByRole('list', { name: 'Spares' }).getByRole('listitem').filter({ hasText: name });

async function addSpare(page: Page, url: string, name: string): Promise<void> {
  await page.goto(`${url}/shelf`);
  await page.getByRole('button', { name: 'New spare' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('dialog')).toContainText('Enter what it is.');
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Serial number').fill('K-20417');
  await page.getByRole('dialog').getByText('Known good', { exact: true }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(spareRow(page, name)).toContainText('Known good');
}

const lendFor = async (page: Page, name: string) => {
  const dead = 'Nothing at all';
  await see(page, dead);
  await pickInstead(page, 'Swap in a known-good supply and start');
  const choice = page.getByLabel('Spare from the shelf');
  await choice.selectOption(await choice.locator('option', { hasText: name }).getAttribute('value'));
  await page.getByRole('button', { name: 'Take it from the shelf' }).click();
  await expect(page.getByText('Spare here:')).toBeVisible();
};

test('a spare of the shelf is lent, fails, and is restored by the test of another case', async ({ page, program }) => {
  const name = 'Bench supply of the quay';
  await addSpare(page, program.url, name);
  await takeIn(page, program.url, { machine: 'Tide gauge', reported: 'Nothing at all' });
  await lendFor(page, name);
  await see(page, 'Nothing at all');
  await expect(sheet(page)).toContainText('Spare from the shelf');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'Back: failed' }).click();
  await expect(page.getByText('back on the shelf: failed')).toBeVisible();
  await page.goto(`${program.url}/shelf`);
  await expect(spareRow(page, name)).toContainText(/Failed.*by case \d{4}/);

  await takeIn(page, program.url, { machine: 'Net store', reported: 'Nothing at all' });
  await lendFor(page, name);
  await page.goto(`${program.url}/shelf`);
  await expect(spareRow(page, name)).toContainText(/Out for case \d{4}/);
  await spareRow(page, name)
    .getByRole('link', { name: /^\d{4}$/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Back: worked' }).click();
  await expect(page.getByText('back on the shelf: worked')).toBeVisible();
  await page.goto(`${program.url}/shelf`);
  await expect(spareRow(page, name)).toContainText(/Known good.*On the shelf/);
});

test('parts that come and go are noted; a spare that stays out is written as lent when the case closes', async ({
  page,
  program,
}) => {
  const name = 'Spare that stays';
  await addSpare(page, program.url, name);
  await takeIn(page, program.url, { machine: 'Oyster shed', reported: 'Nothing at all' });
  await lendFor(page, name);
  await see(page, 'Starts and keeps running');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'Part in or out' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('What happened').selectOption('Bought');
  await form.getByLabel('Name').fill('New supply');
  await form.getByLabel('Paid').fill('sixty');
  await form.getByRole('button', { name: 'Note it' }).click();
  await expect(form).toContainText('expected an amount with at most two decimals');
  await form.getByLabel('Paid').fill('61,90');
  await form.getByLabel('Seller').fill('Ferry stores');
  await form.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('row', { name: /Bought New supply, paid 61.90, from Ferry stores/ })).toBeVisible();

  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await page.getByRole('button', { name: 'Close case' }).click();
  await expect(page.getByRole('heading', { name: 'Spares still out' })).toBeVisible();
  await closeCase(page, 'Given back with the spare in it until the new one comes.');
  await page.goto(`${program.url}/shelf`);
  await expect(spareRow(page, name)).toContainText('Out for case');
  await spareRow(page, name)
    .getByRole('link', { name: /^\d{4}$/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Back: worked' }).click();
  await expect(page.getByText('back on the shelf: worked')).toBeVisible();
});

test('a shop that keeps its list complete is not asked for what it lacks; labels are printed', async ({
  page,
  program,
}) => {
  await addSpare(page, program.url, 'The only supply');
  await page.goto(`${program.url}/shop`);
  await page.getByRole('radio', { name: 'Rules' }).click();
  await page.getByLabel(/The list of the shelf is complete/).check();
  await takeIn(page, program.url, { machine: 'Radio club', reported: 'Start-up completes, no picture' });
  await see(page, 'Start-up completes, no picture');
  await goTo(page, 'Swap in a known-good monitor and start');
  await expect(page.getByText('No spare monitor on')).toBeVisible();
  await page.goto(`${program.url}/shelf`);
  await expect(page.getByText(/Not to be had: .*monitor/)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: /^(one|\d+) labels?$/i }).click();
  const words = execFileSync('pdftotext', ['-layout', await (await download).path(), '-']).toString();
  expect(words).toMatch(/S-\d{4}/);
  expect(words).toContain('The only supply');
  await page.goto(`${program.url}/shop`);
  await page.getByRole('radio', { name: 'Rules' }).click();
  await page.getByLabel(/The list of the shelf is complete/).uncheck();
  await expect(page.getByLabel(/The list of the shelf is complete/)).toBeEnabled();
});
