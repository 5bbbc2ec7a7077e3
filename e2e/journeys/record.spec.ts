import { spawnSync } from 'node:child_process';
import { goTo, pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

const caseOf = (key: string) => `/cases/0d3a0c00-0000-4000-8000-00000000${key}00`;

test('an exported case gives the same suspects on the command line as on the screen', async ({ page, demo }) => {
  await page.goto(`${demo.url}${caseOf('05')}`);
  const onScreen = page.getByRole('button', { name: /Liquid or dirt in the case switch/ });
  const percent = Number(/(\d+) %/.exec((await onScreen.textContent()) ?? '')?.[1]);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Papers' }).click();
  await page.getByRole('link', { name: 'Save the case as a file' }).click();
  const file = await (await download).path();
  const run = spawnSync(process.execPath, ['scripts/probe.mjs', 'diagnose', file, '--json'], { encoding: 'utf8' });
  const { suspects } = JSON.parse(run.stdout) as { suspects: { fault: string; probability: number }[] };
  expect(suspects[0]?.fault).toBe('switch-wet@case-switch');
  expect(Math.round(100 * (suspects[0]?.probability ?? 0))).toBe(percent);
});

test('any entry can be struck on the whole sheet, unless a later one rests on it', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Struck out', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Start without the drive');
  await see(page, 'Starts for a moment, then stops');
  await pickInstead(page, 'Put the drive back and start');
  await see(page, 'Starts for a moment, then stops');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(4);

  await page.getByRole('button', { name: 'Open the whole bench sheet' }).click();
  await page.getByRole('button', { name: 'Cross out: Start without the drive' }).click();
  await page.getByRole('button', { name: 'Seen wrongly' }).click();
  await expect(page.getByRole('alert')).toContainText('Cross out the later one first');
  await page.getByRole('button', { name: 'Dismiss' }).click();

  await page.getByRole('button', { name: 'Open the whole bench sheet' }).click();
  await page.getByRole('button', { name: 'Cross out: Start it as it is' }).click();
  await page.getByRole('button', { name: 'Seen wrongly' }).click();
  await expect(sheet(page).getByRole('listitem').filter({ hasText: 'Start it as it is' })).toContainText('crossed out');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(4);
});

test('another trial can be chosen and given back; a note goes with its outcome', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Second thoughts', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await goTo(page, 'Press the case switch and feel how it moves');
  await expect(page.getByText('Your choice')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the suggestion' }).click();
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');

  await page.getByLabel('Note').fill('Click is soft');
  await see(page, 'Not sure');
  await expect(sheet(page)).toContainText('Click is soft');
  await expect(page.getByLabel('Note')).toHaveValue('');
});

test('a closed case is opened again and goes on where it was', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Comes back', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: 'Close case' }).click();
  await page.getByLabel('What was done').fill('');
  await page.getByLabel('The cause, in words').fill('');
  await page.getByRole('radio', { name: 'Something not listed' }).check({ force: true });
  await page.getByRole('radio', { name: 'Given up' }).check({ force: true });
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByText('Enter what it was.')).toBeVisible();
  await expect(page.getByText('Enter what was done')).toBeVisible();
  await page.getByLabel('The cause, in words').fill('Not known');
  await page.getByLabel('What was done').fill('Looked for an hour.');
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(title(page)).toHaveText('Not known');
  await expect(page.getByText('cause suggested')).toBeVisible();
  await page.getByRole('button', { name: 'Reopen' }).click();
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
});

test('a machine that only ever works ends as nothing wrong', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Shy', reported: 'Nothing at all' });
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Run it under full load');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('No fault found');
  await page.getByRole('main').getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByRole('radio', { name: 'Nothing was wrong' })).toBeChecked();
});

test('the wait goes on while another case is in hand, and says when it is over', async ({ page, demo }) => {
  await page.goto(`${demo.url}${caseOf('05')}`);
  await pickInstead(page, 'Bridge the two switch pins');
  await page.keyboard.press('t');
  await expect(page.getByLabel('Wait left')).toHaveText(/0:0\d/);
  await page.keyboard.press('q');
  await page.getByRole('link', { name: 'Lighthouse museum kiosk' }).click();
  await expect(title(page)).toHaveText('Waiting for a new front USB lead');
  await page.keyboard.press('q');
  await page.getByRole('link', { name: 'Tide-gauge logger' }).click();
  await expect(title(page)).toHaveText('Bridge the two switch pins');
  await expect(page.getByText('The wait is over. What do you see?')).toBeVisible({ timeout: 15_000 });
  await expect(page).toHaveTitle(/^Wait over/);
});

test('an entry that contradicts the others is named, and striking it settles the record', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Contradiction', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Plug a USB-powered device into a rear port');
  await see(page, 'It gets power');
  await pickInstead(page, 'Look for the standby light on the board');
  await see(page, 'It is dark');
  await pickInstead(page, 'Bridge the two switch pins');
  await see(page, 'Starts and keeps running');
  const notice = page.getByText(/One entry may be mistaken|The record as a whole is unusual/);
  await expect(notice).toBeVisible();
  await expect(sheet(page).getByRole('listitem').filter({ hasText: 'It is dark' })).toContainText('check this');
  await expect(page.getByText(/Look for the standby light on the board: it is dark/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Open the whole bench sheet' }).click();
  await page.getByRole('button', { name: 'Cross out: Look for the standby light on the board' }).click();
  await page.getByRole('button', { name: 'Seen wrongly' }).click();
  await expect(notice).toHaveCount(0);
});
