import type { Page } from '@playwright/test';
import { goTo, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

async function middleOf(page: Page, selector: string): Promise<readonly [number, number]> {
  const box = await page.locator(selector).boundingBox();
  if (!box) throw new Error(`expected ${selector} on the plan`);
  return [box.x + box.width / 2, box.y + box.height / 2];
}

async function drag(page: Page, from: string, to: string): Promise<void> {
  const [x, y] = await middleOf(page, from);
  const [toX, toY] = await middleOf(page, to);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 12, y + 6, { steps: 3 });
  await page.mouse.move(toX, toY, { steps: 8 });
  await page.mouse.up();
}

test('a module dragged to another slot makes the next start, survives a reload and is written with its outcome', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Dragged', reported: 'Fans run, no picture, no light, code or beep' });
  await see(page, 'Fans run, no picture, no light, code or beep');
  await page.getByRole('tab', { name: 'Plan' }).click();
  await drag(page, '[data-part="module-2"] .body', '[data-place="slot-A1"] rect');
  await expect(page.getByText('For the next start: module 2 moved to slot A1.')).toBeVisible();
  await expect(page.getByText(/things change at once/)).toHaveCount(0);
  await page.reload();
  await expect(title(page)).toHaveText('Start it as it is set up');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  await see(page, 'Starts and keeps running');
  await expect(sheet(page)).toContainText('module 2 moved to slot A1');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(4);
  await expect(page.getByText('For the next start')).toHaveCount(0);
});

test('the list does by keyboard what the plan does by hand, and the change can be left', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Listed', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('tab', { name: 'Plan' }).focus();
  await page.keyboard.press('ArrowRight');
  const row = page.getByRole('button', { name: /^front USB lead/ });
  await row.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'front USB lead' })).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText('For the next start: front USB lead unplugged.')).toBeVisible();
  await page.getByRole('button', { name: 'Put the board on the bench' }).click();
  await expect(page.getByText(/^2 things change at once/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo these' }).click();
  await expect(page.getByText('For the next start')).toHaveCount(0);
  await goTo(page, 'Start it as it is');
});

test('what is seen can be noted only once the cautions are confirmed, by press or by key', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Gated', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await goTo(page, 'Bridge the two switch pins');
  await page.keyboard.press('1');
  await expect(page.getByRole('alert')).toContainText('Confirm this first: the two pins found');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(2);
  await page.keyboard.press('g');
  await expect(page.getByText('Confirmed: ')).toBeVisible();
  await page.keyboard.press('1');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(3);
  await goTo(page, 'Bridge the two switch pins');
  await expect(page.getByRole('button', { name: /^Done and safe/ })).toBeVisible();
});

test('a wait runs on while another machine is in hand, one press away', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'First machine', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await goTo(page, 'Bridge the two switch pins');
  await page.keyboard.press('t');
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await takeIn(page, program.url, { machine: 'Second machine', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  const first = page.getByRole('link', { name: /Go to \d+ First machine (\d:\d\d|over)/ });
  await expect(first).toBeVisible();
  await page.goto(`${program.url}/`);
  await expect(page.getByRole('listitem').filter({ hasText: 'First machine' })).toContainText(/wait (\d:\d\d|is over)/);
  await page.getByRole('link', { name: 'Second machine' }).click();
  await first.click();
  await expect(title(page)).toHaveText('Bridge the two switch pins');
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
});

test('a parked case says what it waits for and until when', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Parked with a date', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: 'Park' }).click();
  await page.getByLabel('Waiting for').fill('a supply from the mainland');
  await page.getByRole('radio', { name: 'Three days' }).check({ force: true });
  await page.getByRole('button', { name: 'Park the case' }).click();
  await expect(title(page)).toHaveText('Waiting for a supply from the mainland');
  await expect(page.getByText(/^Until .*09:00/)).toBeVisible();
  await page.keyboard.press('q');
  await expect(page.getByRole('listitem').filter({ hasText: 'Parked with a date' })).toContainText(/until .*09:00/);
});

test('speeds of the modules are noted, mixed ones pointed out, and a wrong one refused at its field', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Mixed speeds', reported: 'Nothing at all' });
  await page.getByRole('tab', { name: 'Memory grid' }).click();
  for (const [module, rated] of [
    ['module 1', '3200'],
    ['module 2', '2666'],
  ] as const) {
    await page.getByRole('button', { name: `Note the speeds of ${module}` }).click();
    const form = page.getByRole('dialog');
    await form.getByLabel('Rated, as the label says').fill('fast');
    await form.getByRole('button', { name: 'Save the speeds' }).click();
    await expect(form.getByText('Enter a whole number from 100 to 20000')).toBeVisible();
    await form.getByLabel('Rated, as the label says').fill(rated);
    await form.getByRole('button', { name: 'Save the speeds' }).click();
    await expect(page.getByText(`rated ${rated} · runs ?`)).toBeVisible();
  }
  await expect(page.getByText('Mixed speeds: together they run at 2666 MT/s at most')).toBeVisible();
});

test('what could not be done is written with its reason, by press or by key', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Cannot', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await goTo(page, 'Bridge the two switch pins');
  await page.getByRole('button', { name: 'Could not do it' }).click();
  const why = page.getByRole('dialog', { name: 'Why could you not do it?' });
  await why.getByRole('button', { name: 'Save' }).click();
  await expect(why.getByText('Enter the reason, or choose one.')).toBeVisible();
  await why.getByRole('button', { name: 'Tool not available' }).click();
  await expect(sheet(page)).toContainText('Could not do it. Tool not available');
});
