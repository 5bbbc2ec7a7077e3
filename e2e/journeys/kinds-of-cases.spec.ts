import type { Page } from '@playwright/test';
import { closeCase, doTrial, goTo, more, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

const part = (page: Page, id: string) => page.locator(`[data-part="${id}"]`);

async function notePaid(page: Page, id: string, paid: string): Promise<void> {
  await part(page, id).click();
  const menu = page.getByRole('dialog');
  await menu.getByRole('button', { name: /what/ }).click();
  await menu.getByLabel('Price paid').fill(paid);
  await menu.getByRole('button', { name: 'Note' }).click();
  await expect(sheet(page)).toContainText(`paid ${paid}`);
}

test('a dead machine ends at a contaminated switch', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Tea house till',
    reported: 'Nothing at all',
    circumstances: ['Liquid spilled'],
  });
  await expect(title(page)).toHaveText('Inspect the board under a light');
  await see(page, 'Nothing unusual');
  await see(page, 'Nothing at all');
  await doTrial(page, 'Look for the standby light on the board', 'It is lit');
  await doTrial(page, 'Bridge the two switch pins', 'Starts and keeps running');
  await doTrial(page, 'Press the case switch and feel how it moves', 'It sticks or is wet');
  await expect(title(page)).toHaveText(/^Clean the case switch with contact cleaner/);
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Press the case switch ten times and count');
  await see(page, 'It answered all ten');
  await expect(title(page)).toHaveText('The machine works');
  await expect(
    page.getByText(/^Repaired, and it cannot be undone. Worked 11 of 11 since, 0 of 1 before/),
  ).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: /Liquid or dirt in the case switch/ })).toBeChecked();
  await closeCase(page, 'Switch cleaned and dried, pressed twenty times.');
  await expect(title(page)).toHaveText('Liquid or dirt in the case switch');
});

test('no picture ends at the input of the monitor, and a report that differs is kept beside what is observed', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Chart room screen', reported: 'Nothing at all' });
  await see(page, 'Fans run, no picture, no light, code or beep');
  await expect(page.getByText('Differs from the report.')).toBeVisible();
  await expect(sheet(page)).toContainText('differs from the report');
  await doTrial(page, 'Check the monitor: power light and selected input', 'Another input is selected');
  await expect(title(page)).toHaveText('Select the input that the cable is in, then start');
  await see(page, 'Starts and keeps running');
  await doTrial(page, 'Run it under full load', 'Starts and keeps running');
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: /The monitor is set to another input/ })).toBeChecked();
  await closeCase(page, 'Input two chosen.');
});

test('a front lead is found by stripping down after one was forgotten', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Sail loft cutter',
    reported: 'Starts for a moment, then stops',
    parts: (at) => more(at, 'Front USB leads'),
  });
  await see(page, 'Starts for a moment, then stops');
  for (const id of ['drive', 'module-2', 'front-usb-1']) {
    await part(page, id).click();
    await page.getByRole('button', { name: 'Take it out or off' }).click();
    await expect(part(page, id).locator('title')).toContainText('out');
  }
  await expect(page.getByText(/^3 things change at once/)).toBeVisible();
  await expect(title(page)).toHaveText('Start it as it is set up');
  await see(page, 'Starts for a moment, then stops');

  await goTo(page, 'Strip to the minimum in the case and start');
  await part(page, 'front-usb-2').click();
  await expect(part(page, 'front-usb-2').locator('title')).toContainText('off ✓');
  const ticks = page.getByRole('group', { name: 'Off, or not fitted' }).getByRole('checkbox', { checked: false });
  while ((await ticks.count()) > 0) await ticks.first().locator('xpath=ancestor::label').click();
  await expect(page.getByText('Everything is accounted for: this is the minimum.')).toBeVisible();
  await see(page, 'Picture, but no system found');
  await expect(page.getByRole('region', { name: 'Suspects and other tests' })).toContainText(/front USB lead 2/i);
  await doTrial(
    page,
    'Put the front USB lead 2 back and start'.replace('the front', 'front'),
    'Starts for a moment, then stops',
  );
  await doTrial(page, 'Start without front USB lead 2', 'Picture, but no system found');
  await expect(page.getByRole('list', { name: 'Proof: 4 of 4 turns made' })).toBeVisible();
});

test('a memory grid ends at a channel, and mounting the cooler again at its cause', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Net loft order machine',
    reported: 'Stops at memory (light, code or beep)',
    circumstances: ['Processor changed'],
    parts: (at) => at.getByRole('checkbox', { name: 'Stage lights' }).check({ force: true }),
  });
  await see(page, 'Stops at memory (light, code or beep)');
  const cell = (name: RegExp) => page.getByRole('region', { name: 'Memory grid' }).getByRole('button', { name });
  for (const [slot, outcome] of [
    ['A2', 'Stops at memory (light, code or beep)'],
    ['B2', 'Starts and keeps running'],
    ['A1', 'Stops at memory (light, code or beep)'],
  ] as const) {
    await cell(new RegExp(`module 1 in slot ${slot}`)).click();
    await expect(title(page)).toHaveText(`Start with only module 1 in slot ${slot}`);
    await see(page, outcome);
    await expect(
      cell(new RegExp(`module 1 in slot ${slot}: ${outcome.startsWith('Starts') ? 'starts' : 'fails'}`)),
    ).toBeVisible();
  }
  await expect(page.getByText(/^Memory channel A: all its slots fail/)).toBeVisible();
  await doTrial(
    page,
    'Remount the cooler: film off, new paste, screws tightened crosswise, then start',
    'Starts and keeps running',
  );
  await expect(
    page.getByRole('region', { name: 'Suspects and other tests' }).getByRole('button').first(),
  ).toContainText('Uneven cooler pressure opens contacts of memory channel A');
});

test('used parts are proven one by one: of two supplies one fails, with the prices on record', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Used parts',
    reported: 'Not known',
    circumstances: ['Used parts'],
    parts: (at) => more(at, 'Extra supplies to test'),
  });
  await notePaid(page, 'supply', '15');
  await notePaid(page, 'supply-2', '20');
  await see(page, 'Nothing at all');
  await doTrial(page, 'Check the rocker switch of the supply: supply 1', 'It is at I');
  await doTrial(page, 'Put supply 2 in and start', 'Starts and keeps running');
  await doTrial(page, 'Put supply 1 back and start', 'Nothing at all');
  await doTrial(page, 'Put supply 2 in and start', 'Starts and keeps running');
  await expect(page.getByRole('list', { name: 'Proof: 4 of 4 turns made' })).toBeVisible();
  await page.getByRole('tab', { name: 'List' }).click();
  await expect(page.getByRole('button', { name: /^supply 2.*proven.*paid 20/ })).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: /supply 1/i }).first()).toBeVisible();
  await closeCase(page, 'Supply 2 kept, supply 1 goes back.');
  const results = page.getByRole('table', { name: 'Parts' });
  await expect(results.getByRole('row', { name: /supply 1/ })).toContainText('fails');
  await expect(results.getByRole('row', { name: /supply 2/ })).toContainText('works');
  await expect(results.getByRole('row', { name: /Paid for all/ })).toContainText('35');
});

test('a small machine on a DC adapter that sags under load', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Slipway label machine',
    reported: 'Restarts over and over',
    parts: (at) => at.getByRole('radio', { name: 'A small computer on a DC adapter' }).check({ force: true }),
  });
  await expect(part(page, 'adapter')).toBeVisible();
  await see(page, 'Restarts over and over');
  await goTo(page, 'Measure the DC adapter while the machine starts');
  await page.getByRole('button', { name: /^Done and safe/ }).click();
  await page.getByLabel('Reading in volts').fill('16.2');
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(sheet(page)).toContainText('16.2 V: too low');
  await doTrial(page, 'Swap in a known-good DC adapter and start', 'Starts and keeps running');
  await expect(title(page)).toHaveText('Put the DC adapter back and start');
  await see(page, 'Restarts over and over');
  await expect(title(page)).toHaveText('Swap in a known-good DC adapter and start');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Replace the DC adapter, then start');
  await see(page, 'Starts and keeps running');
  await doTrial(page, 'Run it under full load', 'Starts and keeps running');
  await page.keyboard.press('c');
  await expect(page.getByRole('radio', { name: /adapter/i }).first()).toBeChecked();
});
