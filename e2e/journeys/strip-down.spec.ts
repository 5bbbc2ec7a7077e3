import { pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('a front lead that nobody wrote down is asked for before the machine counts as stripped', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Stripped', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Strip to the minimum in the case and start');
  const count = page.getByText(/Not the minimum yet: \d+ of \d+ left/);
  await expect(count).toBeVisible();
  const ticks = page.getByRole('group', { name: 'Off, or not fitted' }).getByRole('checkbox');
  const all = await ticks.count();
  for (let n = 0; n < all; n++)
    if ((await ticks.nth(n).getAttribute('value')) !== 'front-usb-c')
      await ticks.nth(n).locator('xpath=ancestor::label').click();
  await expect(page.getByText(`Not the minimum yet: 1 of ${all} left to account for.`)).toBeVisible();
  await page.reload();
  await expect(title(page)).toHaveText('Strip to the minimum in the case and start');
  await page.getByText('Front USB-C lead', { exact: true }).click();
  await expect(page.getByText('Everything is accounted for: this is the minimum.')).toBeVisible();
  await see(page, 'Picture, but no system found');
  await expect(sheet(page)).toContainText('Strip to the minimum in the case and start');
});
