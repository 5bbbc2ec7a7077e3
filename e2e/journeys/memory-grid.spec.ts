import { expect, test } from '../support/program';
import { see, takeIn, title } from '../support/bench';

const cell = (page: Parameters<typeof title>[0], name: RegExp) =>
  page.getByRole('region', { name: 'Memory grid' }).getByRole('button', { name });

test('the grid names the next cell, a press attempts it, and a slot is found out', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Grid', reported: 'Fans run, no picture, no light, code or beep' });
  await see(page, 'Fans run, no picture, no light, code or beep');
  await page.getByRole('button', { name: /^Memory/ }).click();
  await cell(page, /module 1 in slot A2: untried, try this next/).click();
  await expect(title(page)).toHaveText(/Start with only module 1 in slot A2/);
  await see(page, 'Fans run, no picture');
  await expect(cell(page, /module 1 in slot A2: fails/)).toBeVisible();
  await cell(page, /module 1 in slot B2:/).click();
  await see(page, 'Starts and keeps running');
  await expect(cell(page, /module 1 in slot B2: starts/)).toBeVisible();
  await expect(page.getByText('Slot A2 fails with a proven module: the slot is bad.')).toBeVisible();
});

test('two slots of one channel point at the channel', async ({ page, demo }) => {
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000000700`);
  await expect(page.getByRole('region', { name: 'Memory grid' })).toContainText(
    'Memory channel A: all its slots fail.',
  );
  await expect(
    page.getByRole('button', { name: /^The processor's controller of memory channel A is dead/ }),
  ).toBeVisible();
});
