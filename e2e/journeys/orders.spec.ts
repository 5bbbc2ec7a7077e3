import { pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('each order of trials shows its price; the chosen one decides what comes next', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Ordered', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: 'Order of trials: Best value' }).click();
  const orders = page.getByRole('dialog', { name: 'Order of trials' });
  await expect(orders.getByRole('button')).toHaveCount(6);
  await expect(orders.getByRole('button', { name: /Swap with known-good/ })).toContainText(/\+\d+ min/);
  await orders.getByRole('button', { name: /Swap with known-good/ }).click();
  await expect(title(page)).toHaveText(/Start with a spare in place of/);
  await expect(sheet(page)).toContainText('Swap with known-good');
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(title(page)).toHaveText('Look at the rocker of the supply');
});

test('what is not at hand is left out, and says so among the others', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Empty-handed', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('button', { name: 'Say what is not at hand' }).click();
  const form = page.getByRole('dialog', { name: 'Not at hand' });
  await form.getByText('meter', { exact: true }).click();
  await form.getByText('supply', { exact: true }).click();
  await form.getByRole('button', { name: 'Go on without these' }).click();
  await expect(page.getByRole('button', { name: 'Not at hand: 2' })).toBeVisible();
  await expect(sheet(page)).toContainText('meter, spare supply');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await expect(page.getByRole('button', { name: /Start with a spare in place of the supply/ })).toContainText(
    'not at hand',
  );
});

test('before a test the card says whether one more pays', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Weighed', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(page.getByText(/One more test pays: it saves about/)).toBeVisible();
});

test('what the trial in hand itself needs can be said to be lacking', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'No driver', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Bridge the two switch pins');
  await page.getByRole('button', { name: 'Say what is not at hand' }).click();
  const form = page.getByRole('dialog', { name: 'Not at hand' });
  await form.getByText('screwdriver', { exact: true }).click();
  await form.getByRole('button', { name: 'Go on without these' }).click();
  await expect(sheet(page)).toContainText('screwdriver');
});
