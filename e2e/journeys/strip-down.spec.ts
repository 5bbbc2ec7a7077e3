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

test('a lead that is left in is asked for, and the log says that it stayed connected', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'One lead left', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Strip to the minimum in the case and start');
  const ticks = page.getByRole('group', { name: 'Off, or not fitted' }).getByRole('checkbox');
  for (let n = 0; n < (await ticks.count()); n++)
    if ((await ticks.nth(n).getAttribute('value')) !== 'drive')
      await ticks.nth(n).locator('xpath=ancestor::label').click();
  await see(page, 'Starts for a moment, then stops');
  const asked = page.getByRole('dialog');
  await expect(asked.getByRole('heading', { name: 'Still connected?' })).toBeVisible();
  await expect(asked.getByRole('listitem')).toHaveText(['drive']);
  await asked.getByRole('button', { name: /^Yes, they are still connected/ }).click();
  await expect(sheet(page)).toContainText('Still connected: drive');
  await expect(page.locator('[data-part="drive"] title')).not.toContainText('out');
});
