import { pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('each order of trials shows its price; the chosen one decides what comes next', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Ordered', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: 'Test order: Best value' }).click();
  const orders = page.getByRole('dialog', { name: 'Test order' });
  await expect(orders.getByRole('button')).toHaveCount(6);
  await expect(orders.getByRole('button', { name: /Swap first/ })).toContainText(/\+\d+ min/);
  await orders.getByRole('button', { name: /Swap first/ }).click();
  await expect(title(page)).toHaveText(/Swap in a known-good/);
  await expect(sheet(page)).toContainText('Swap first');
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
});

test('what is not at hand is left out, and says so among the others', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Empty-handed', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('button', { name: 'Tools and spares missing' }).click();
  const form = page.getByRole('dialog', { name: 'Missing' });
  await form.getByText('meter', { exact: true }).click();
  await form.getByText('supply', { exact: true }).click();
  await form.getByRole('button', { name: 'Continue without these' }).click();
  await expect(page.getByRole('button', { name: 'Tools and spares missing: 2' })).toBeVisible();
  await expect(sheet(page)).toContainText('meter and spare supply');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await expect(page.getByRole('button', { name: /Swap in a known-good supply and start/ })).toContainText('missing');
});

test('before a test the card says whether one more pays', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Weighed', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(page.getByText(/Worth one more test: saves about/)).toBeVisible();
});

test('what the trial in hand itself needs can be said to be lacking', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'No driver', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Bridge the two switch pins');
  await page.getByRole('button', { name: 'Tools and spares missing' }).click();
  const form = page.getByRole('dialog', { name: 'Missing' });
  await form.getByText('screwdriver', { exact: true }).click();
  await form.getByRole('button', { name: 'Continue without these' }).click();
  await expect(sheet(page)).toContainText('screwdriver');
});
