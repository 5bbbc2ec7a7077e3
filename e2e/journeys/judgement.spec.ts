import { doTrial, goTo, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('liquid comes before everything: looked at, dried, and only then powered', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Wet tide table',
    reported: 'Starts for a moment, then stops',
    circumstances: ['Liquid spilled'],
  });
  await expect(page.getByText('Make it safe first')).toBeVisible();
  await expect(title(page)).toHaveText('Inspect the board under a light');
  await goTo(page, 'Start it as it is');
  await expect(page.getByRole('alert')).toContainText('Liquid was spilled: nothing is powered until');
  await page.getByRole('button', { name: 'Back to the suggestion' }).click();
  await see(page, 'Traces of liquid');
  await expect(title(page)).toHaveText('Dry and clean the board, then start');
  await expect(page.getByText('There is liquid on the board: nothing is powered until it is clean')).toBeVisible();
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Run it under full load');
});

test('what comes to light later counts from then on, over a reload, until it is crossed out', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Told later', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await page.getByRole('button', { name: 'What is known: 0' }).click();
  await expect(page.getByRole('button', { name: 'Note it' })).toBeDisabled();
  await page.getByRole('checkbox', { name: 'Smoke or burnt smell' }).check({ force: true });
  await page.getByRole('radio', { name: 'The owner says so' }).check({ force: true });
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(title(page)).toHaveText('Smell the supply and look for burn marks');
  await expect(sheet(page)).toContainText('The owner adds');
  await page.reload();
  await expect(page.getByText('Make it safe first')).toBeVisible();
  await expect(page.getByRole('button', { name: 'What is known: 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
});

test('what could not be done is not asked for again, and says so where it is listed', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'No way in', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await see(page, 'Could not do it');
  await page.getByRole('button', { name: 'Cannot get to it' }).click();
  await expect(title(page)).not.toHaveText('Check the rocker switch of the supply');
  await goTo(page, 'Check the rocker switch of the supply');
  await expect(page.getByRole('alert')).toContainText('It could not be done, and nothing has changed since.');
});

test('what nobody can name stands last, counted together', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Many together', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  const suspects = page.getByRole('region', { name: 'Suspects and other tests' });
  await expect(suspects.getByText(/^\d+ others together$/)).toBeVisible();
  await expect(suspects).not.toContainText('Something else');
});

test('a short is measured, and the plug that ends it names the part', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Twitching tug', reported: 'Starts for a moment, then stops' });
  await see(page, 'Starts for a moment, then stops');
  await goTo(page, 'Measure the rails for a short');
  await expect(page.getByText('Near 0 Ω: leave the probe there and unplug one thing after the other')).toBeVisible();
  // The likeliest have large buttons, so that the steps keep their room; the rest are one press further.
  await see(page, 'It goes away with a front lead off');
  await expect(sheet(page)).toContainText('It goes away with a front lead off');
  const suspects = page.getByRole('region', { name: 'Suspects and other tests' });
  await expect(suspects.getByRole('listitem').first()).toContainText('front USB lead');
});

test('once the cause is put right, what was taken out goes home in one go', async ({ page, program }) => {
  const twitches = 'Starts for a moment, then stops';
  await takeIn(page, program.url, { machine: 'Home again', reported: twitches });
  await see(page, twitches);
  await doTrial(page, 'Start without the drive', twitches);
  await doTrial(page, 'Start without the front USB lead', twitches);
  await doTrial(page, 'Check the 24-pin and processor plugs', 'The processor plug is missing or not fully in');
  await expect(title(page)).toHaveText('Push the 24-pin and processor plugs fully in at both ends, then start');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Put back all that was taken out or moved and start');
  await expect(page.getByText('what is away is not the cause. Put it all back in one go.')).toBeVisible();
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Run it under full load');
});
