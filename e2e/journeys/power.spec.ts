import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { closeCase, confirmCautions, goTo, pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

const overload = Array.from({ length: 120 }, (_, s) => `${s},${s < 10 ? 3 : s < 60 ? 92 : s < 62 ? 402 : 2}`).join(
  '\n',
);

/** Types into a cell of the power bench and leaves it. */
async function type(page: Page, label: string, text: string): Promise<void> {
  const cell = page.getByLabel(label, { exact: true });
  await cell.fill(text);
  await cell.press('Enter');
}

/** Presses a button once it is seen: a panel of the room has its height only when it was drawn. */
async function press(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name });
  await button.scrollIntoViewIfNeeded();
  await expect(button).toBeInViewport({ ratio: 1 });
  await button.click();
}

async function importFile(page: Page, button: string | RegExp, file: string, text: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), press(page, button)]);
  await chooser.setFiles({ name: file, mimeType: 'text/plain', buffer: Buffer.from(text) });
}

const suspects = (page: Page) => page.getByRole('region', { name: 'Suspects and other tests' });

test('an overload from intake to close: the budget suspects, the wall trace ends it, a larger supply makes it right', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Render box',
    reported: 'Runs, then cuts out',
    circumstances: ['Graphics card changed'],
    parts: (form) => form.getByRole('checkbox', { name: 'A graphics card is fitted' }).check({ force: true }),
  });
  await page.getByRole('link', { name: 'Power', exact: true }).click();
  await expect(title(page)).toContainText('No label yet. A supply of');
  await type(page, 'Base power of processor', '95');
  await type(page, 'Boost power of processor', '165');
  await type(page, 'Board power of graphics card', '255');
  await page.getByRole('radio', { name: 'ATX supply' }).click();
  await type(page, 'Total, W', '310');
  await type(page, '+12 V rails, A', '11 + 9');
  await page.getByRole('button', { name: 'Draw the usual leads' }).click();
  await page.getByLabel('How the graphics card is fed').selectOption('a drive plug through an adapter');
  await expect(title(page)).toHaveText(/^Too small: peaks overload its \+12 V /);
  await expect(page.getByText(/4-pin drive plug carries \d+ W and may carry 132 W\./).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^4-pin drive plug: .*the weakest/ })).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByRole('button', { name: 'Write the plan down' })).toBeHidden();

  // Before any measurement.
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await expect(suspects(page).getByRole('button').first()).toContainText('The supply is too small');
  await expect(suspects(page)).toContainText('Both at once');
  await expect(sheet(page)).toContainText('Power noted');
  await see(page, 'Runs, then cuts out');

  await page.getByRole('link', { name: 'Power', exact: true }).click();
  await importFile(page, 'Import a trace (CSV)', 'bench.csv', overload);
  await expect(page.getByLabel(/1 cut-out/)).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: 'Write the trace down' })).toBeHidden();
  await page.keyboard.press('Escape');
  await expect(title(page)).toHaveText('Replace the supply, then start');

  await see(page, 'Starts and keeps running');
  await goTo(page, 'Run it under full load');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('The machine works');
  await page.getByRole('main').getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByRole('radio', { name: /The supply is too small/ })).toBeChecked();
  await closeCase(page, 'A larger supply with its own leads');
});

test('the planner says what a card needs, counts plugs, saves its plan and opens it again', async ({
  page,
  program,
}) => {
  await page.goto(`${program.url}/power`);
  await expect(title(page)).toContainText('would be enough');
  await type(page, 'Board power of graphics card', '320');
  await type(page, 'Name of the plan', 'A larger card');
  await page.getByRole('button', { name: 'What would fit' }).click();
  await page.getByRole('radio', { name: 'Keep the supply at half load' }).click();
  const fit = page.getByRole('dialog', { name: 'What would fit' });
  await expect(fit).toContainText(/At least \d+ W/);
  await fit.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('radio', { name: 'ATX supply' }).click();
  await type(page, 'Total, W', '650');
  await page.getByRole('button', { name: 'Count plugs' }).click();
  await type(page, 'How many: 8-pin card plug', '1');
  await type(page, 'How many: 6-pin card plug', '1');
  const plugs = page.getByRole('dialog', { name: 'Count plugs' });
  await expect(plugs).toContainText(/1 × 8-pin card plug missing\. An adapter from 6-pin card plug is not allowed/);
  await plugs.getByRole('button', { name: 'Done' }).click();

  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as JSON' }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe('A-larger-card.power.json');
  const text = readFileSync(await saved.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'jovial-probe/power', name: 'A larger card' });
  await page.getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByLabel('Board power of graphics card')).toHaveValue('');
  await importFile(page, 'Open JSON', 'plan.json', text);
  await expect(page.getByLabel('Board power of graphics card')).toHaveValue('320');

  // What is wrong is said at its place, and nothing of it is taken.
  await importFile(page, 'Open JSON', 'bad.json', text.replace('"boardWatts": 320', '"boardWatts": -5'));
  await expect(page.getByRole('alert')).toContainText('consumers.1.boardWatts');
  await expect(page.getByLabel('Board power of graphics card')).toHaveValue('320');
  await type(page, 'Total, W', '-4');
  await expect(page.getByText('expected watts, 1 to 5000, found "-4"')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Total, W')).toHaveValue('650');
});

test('leads are changed at their plugs, and a chain that cannot be is refused', async ({ page, program }) => {
  await page.goto(`${program.url}/power`);
  await page.getByRole('radio', { name: 'ATX supply' }).click();
  await page.getByRole('button', { name: 'Draw the usual leads' }).click();
  await page.getByRole('button', { name: /^24-pin: carries/ }).click();
  const editor = page.getByRole('dialog', { name: 'Lead or plug' });
  await editor.getByLabel('What it is').selectOption('lead');
  await editor.getByLabel(/^8-pin EPS/).check();
  await editor.getByRole('button', { name: 'Save' }).click();
  await expect(editor.getByRole('alert')).toContainText('goes into');
  await editor.getByLabel('What it is').selectOption('output of the supply');
  await editor.getByLabel('May carry, in watts').fill('40');
  await editor.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /^24-pin: carries \d+ W of 40 W, the weakest/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Leads and plugs' })).toContainText('too much');
});

test('a broken trace names its rows and changes nothing; a good one is marked and corrects the budget', async ({
  page,
  program,
}) => {
  await page.goto(`${program.url}/power`);
  await page.getByRole('radio', { name: 'ATX supply' }).click();
  await importFile(page, 'Import a trace (CSV)', 'broken.csv', 'time,watts\n0,80\n1,eighty\n2,-3\n1,80');
  await expect(page.getByRole('alert')).toContainText('Row 3, watts: expected watts, 0 or more, found "eighty"');
  await expect(page.getByRole('alert')).toContainText('Row 5, time');
  const rows = Array.from({ length: 90 }, (_, s) => `${s},${s < 30 ? 85 : 330}`).join('\n');
  await importFile(page, 'Import a trace (CSV)', 'good.csv', rows);
  await expect(page.getByRole('alert')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Correct the budget by it' })).toBeHidden();
  await page.getByLabel('Phase 2', { exact: true }).selectOption('both loads');
  await page.getByRole('button', { name: 'Correct the budget by it' }).click();
  await expect(page.getByText('corrected by what was measured')).toBeVisible();
  await page.getByRole('button', { name: 'Take the correction back' }).click();
  await type(page, 'Phase 2 from, seconds', '95');
  await expect(page.getByText('expected a phase that ends after it begins')).toBeVisible();
});

test('the simulated meter gives readings by a key, and is unplugged in the middle', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Counter 9', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Power', exact: true }).click();
  await press(page, 'Use the simulated meter');
  await expect(page.getByText('JOVIAL PROBE SIMULATED METER')).toBeVisible();
  await type(page, 'It measures, V', '5.03');
  await page.getByLabel('What', { exact: true }).selectOption('+5 VSB');
  await page.getByRole('heading', { name: 'Readings' }).click();
  await page.keyboard.press('m');
  const table = page.getByRole('region', { name: 'Table of readings' });
  await expect(table).toContainText('+5 VSB');

  // A clamp reads amperes; how far the meter may be off is typed once and stands with each reading in volts.
  await page.getByLabel('What', { exact: true }).selectOption('Current of +12 V');
  await type(page, 'It measures, A', '7.4');
  await page.getByRole('heading', { name: 'Readings' }).click();
  await page.keyboard.press('m');
  await expect(table.getByRole('row', { name: /Current of \+12 V/ })).toContainText('7.40');
  await page.getByRole('button', { name: 'Change its accuracy' }).click();
  await type(page, 'Percent of reading', '99');
  await expect(page.getByText('expected percent, 0 to 50, found "99"')).toBeVisible();
  await type(page, 'Percent of reading', '0.05');
  await page.getByRole('button', { name: 'Done', exact: true }).click();

  // The running test takes it by the same key, with the meter's name.
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await expect(sheet(page)).toContainText('5.03');
  await pickInstead(page, 'Measure +5 VSB with a USB load plugged in');
  await confirmCautions(page);
  await page.keyboard.press('m');
  await expect(sheet(page).getByText(/Measure \+5 VSB with a USB load/)).toBeVisible();
  const [, id] = /\/cases\/([0-9a-f-]+)/.exec(page.url()) ?? [];
  const file = async () => (await page.request.get(`${program.url}/api/cases/${id}/file`)).text();
  await expect.poll(file).toContain('"accuracy":{"counts":2,"percent":0.05,"resolution":0.01}');
  expect(await file()).toContain('"name":"JOVIAL PROBE SIMULATED METER"');

  await page.getByRole('link', { name: 'Power', exact: true }).click();
  await page.getByLabel('The simulated meter').selectOption('does not answer');
  await page.getByRole('button', { name: 'M · from the meter' }).click();
  await expect(page.getByText('The meter does not answer.')).toBeVisible();
  await page.getByLabel('The simulated meter').selectOption('is unplugged');
  await page.getByRole('button', { name: 'M · from the meter' }).click();
  await expect(page.getByText('The meter is gone')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use the simulated meter' })).toBeVisible();
  // What was read before is there.
  await expect(page.getByRole('region', { name: 'Table of readings' })).toContainText('+5 VSB');
});

test('a wall meter is recorded second by second, and what it gave stays when it is pulled', async ({
  page,
  program,
}) => {
  await page.goto(`${program.url}/power`);
  await page.getByRole('radio', { name: 'ATX supply' }).click();
  await press(page, 'Use the simulated meter');
  await page.getByRole('button', { name: 'Record from the meter' }).click();
  await expect(page.getByLabel(/recorded from the meter: at most 8\d W/)).toBeVisible();
  await type(page, 'At the wall, W', '300');
  await expect(page.getByLabel(/recorded from the meter: at most 300 W/)).toBeVisible();
  await page.getByLabel('The simulated meter').selectOption('is unplugged');
  await expect(page.getByText('The meter is gone')).toBeVisible();
  await expect(page.getByLabel(/recorded from the meter: at most 300 W/)).toBeVisible();
});

test('only where the shop allows it is shown how a supply is started by itself', async ({ page, program }) => {
  await page.goto(`${program.url}/power`);
  await expect(page.getByText('This shop does not let a supply be started by itself')).toBeVisible();
  await page.goto(`${program.url}/shop`);
  await page.getByRole('radio', { name: 'Rules' }).click();
  await page.getByLabel(/A supply may be started by itself/).check();
  await expect(page.getByLabel(/A supply may be started by itself/)).toBeEnabled();
  await page.goto(`${program.url}/power`);
  await expect(page.getByText('Bridge pin 16 (PS_ON#, green)')).toBeVisible();
  await page.goto(`${program.url}/shop`);
  await page.getByRole('radio', { name: 'Rules' }).click();
  await page.getByLabel(/A supply may be started by itself/).uncheck();
});
