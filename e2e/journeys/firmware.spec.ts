import { writeFileSync } from 'node:fs';
import {
  archiveOf,
  chooseFile,
  confirmGates,
  imageBytes,
  lendFolder,
  makeStick,
  markBlinks,
  readPrint,
  stickOfOtherTools,
  switchOff,
} from '../support/firmware';
import { see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';
import type { Page } from '@playwright/test';

async function toTheBay(page: Page, url: string, machine: string): Promise<void> {
  await takeIn(page, url, { machine, reported: 'Nothing at all', circumstances: ['Processor changed'] });
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Firmware', exact: true }).click();
  await expect(title(page)).toHaveText('Which board is it?');
}

/** A flash that goes as it should: reads for 35 s, writes for 180 s, stays on. */
async function flashWell(page: Page): Promise<void> {
  await confirmGates(page);
  await page.getByRole('button', { name: /start the watch/ }).click();
  await markBlinks(page, 1600, 8);
  await page.clock.fastForward(20_000);
  await markBlinks(page, 1600, 3);
  const watch = page.getByRole('region', { name: 'Flash watch' });
  await expect(watch).toContainText('It reads the stick. This is normal.');
  await markBlinks(page, 600, 16);
  await expect(watch).toContainText('It writes.');
  await expect(watch).toContainText('Leave the power on.');
  await page.clock.fastForward(170_000);
  await markBlinks(page, 600, 4);
  await page.keyboard.press('s');
  await expect(watch).toContainText('Finished');
  await page.getByRole('button', { name: 'Record it and continue' }).click();
  await expect(title(page)).toHaveText('Afterwards');
}

test('a newer processor on an old board: from the plan over a stepping stone to the version that was read', async ({
  page,
  usedDemo,
}) => {
  test.setTimeout(180_000);
  await page.clock.install();
  await lendFolder(page);
  await toTheBay(page, usedDemo.url, 'Newer than its board');
  await readPrint(page, { model: 'tern 4-m', revision: 'Rev 1.1', version: 'R3' });
  await expect(page.getByText('Easily confused with: Tern 4-H')).toBeVisible();
  await page.getByRole('button', { name: 'It is Tern 4-M, revision 1.1' }).click();
  await page.getByText('Supports a certain processor').click();
  await page.getByLabel('Processor', { exact: true }).selectOption('Kestrel 5');
  const plan = page.getByRole('status', { name: 'Plan' });
  await expect(plan).toContainText('R3 → R5 → R10');
  await expect(plan).toContainText('Stepping stone: R10 needs it or a newer version first.');
  await page.getByRole('button', { name: 'Choose the method' }).click();
  const ways = page.getByRole('list', { name: 'Methods, cheapest first' }).getByRole('listitem');
  await expect(ways.first()).toContainText('Bare-board flash');
  await expect(
    ways
      .filter({ hasText: 'From the firmware’s setup menu' })
      .or(ways.filter({ hasText: "From the firmware's setup menu" })),
  ).toContainText('It does not start.');
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();

  for (const [version, seed] of [
    ['R5', 5],
    ['R10', 10],
  ] as const) {
    await expect(title(page)).toHaveText('The stick');
    await makeStick(page, `tern-${version}`, imageBytes(seed));
    await expect(page.getByText(`The size fits ${version}`)).toBeVisible();
    await expect(page.getByLabel('File name that the board expects')).toHaveValue('TERN4M.BIN');
    await expect(page.getByText(`Written and read back the same: TERN4M.BIN and tern-${version}.bin.`)).toBeVisible();
    await page.getByRole('button', { name: 'Go to the flash' }).click();
    await expect(page.getByText('Checked here: good. Only name and content were checked')).toBeVisible();
    if (version === 'R5') {
      await expect(page.getByText(/^No go: The log says that the button was pressed/)).toBeVisible();
      await switchOff(page);
    }
    await flashWell(page);
    await page.getByLabel('Version shown now').fill(version);
    await page.getByText('boot order').click();
    await page.getByRole('button', { name: 'Record the version' }).click();
  }
  await expect(page.getByText('R10 is on it.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the tests' }).last().click();
  await page.getByRole('button', { name: 'Open the whole bench sheet' }).click();
  const entries = page.getByRole('dialog');
  await expect(entries).toContainText('Flashed R5 → R10');
  await expect(entries).toContainText('Tern 4-M, revision 1.1, version R3');
  await expect(entries).toContainText('R10, boot order');
});

test('a wrong revision is found out before anything is flashed', async ({ page, usedDemo }) => {
  await toTheBay(page, usedDemo.url, 'Two revisions');
  await readPrint(page, { model: 'Tern 4-M', revision: '1.0', version: 'R5' });
  await expect(page.getByRole('alert')).toContainText(
    'The print says revision 1.0, but version R5 exists only for Tern 4-M 1.1. Read both again. Flash nothing until they agree.',
  );
  await expect(page.getByRole('button', { name: 'It is Tern 4-M, revision 1.1' })).toBeDisabled();
  await readPrint(page, { model: 'Tern 4-K' });
  await expect(page.getByRole('alert')).toContainText('One letter makes a different board');
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await expect(page.getByText('Version R5 is on the list of this revision only.')).toBeVisible();
  await page.getByRole('button', { name: 'It is Tern 4-M, revision 1.1' }).click();
  await expect(page.getByLabel('Installed now')).toHaveValue('R5');
  await expect(page.getByRole('status', { name: 'Plan' })).toContainText('R5 → R11');
  await expect(page.getByRole('status', { name: 'Plan' })).toContainText('A pre-release, and nothing requires it.');
});

test('a flash that gives up after some seconds ends at the name on the stick', async ({ page, usedDemo }, info) => {
  const image = info.outputPath('tern.bin');
  writeFileSync(image, imageBytes(3).subarray(0, 2 ** 20));
  const [good, stick] = [info.outputPath('good.img'), info.outputPath('stick.img')];
  stickOfOtherTools(good, image, 'TERN4M.BIN');
  stickOfOtherTools(stick, image, 'TERN4M.BIN.bin');
  await page.clock.install();
  await toTheBay(page, usedDemo.url, 'Gives up');
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await page.getByRole('button', { name: /^It is Tern/ }).click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await switchOff(page);
  await confirmGates(page);
  // Everything is confirmed, and still it is no go: nobody checked the stick.
  await expect(page.getByText('No go: The stick was not checked for this version.')).toBeVisible();
  await expect(page.getByRole('button', { name: /start the watch/ })).toBeDisabled();
  await page.getByRole('button', { name: 'Check the stick' }).click();
  // The size in the book governs, not that of the file that happens to be open.
  const small = archiveOf('tern.bin', imageBytes(3).subarray(0, 2 ** 20));
  await chooseFile(page, 'Choose archive or image', { name: 'tern.zip', mimeType: 'application/zip', buffer: small });
  await expect(page.getByRole('alert')).toContainText('This is not the image that the board book has');
  await chooseFile(page, 'Choose an image of the stick', good);
  await expect(page.getByText('will not work')).toBeVisible();
  await expect(page.getByText('"TERN4M.BIN" has 1048576 bytes, not 16777216')).toBeVisible();
  writeFileSync(image, imageBytes(3));
  stickOfOtherTools(good, image, 'TERN4M.BIN');
  await chooseFile(page, 'Choose an image of the stick', good);
  await expect(page.getByText('The stick is good.')).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  // What was confirmed of the stick went with the file that was open then.
  await confirmGates(page);
  await page.getByRole('button', { name: /start the watch/ }).click();
  await markBlinks(page, 1600, 5);
  await page.keyboard.press('o');
  const watch = page.getByRole('region', { name: 'Flash watch' });
  await expect(watch).toContainText(/It failed after 5 blinks in \d+ seconds: nothing was written\./);
  // Name and format were checked: what is left comes first.
  await expect(watch.getByRole('list', { name: 'Most likely reasons' }).getByRole('listitem').first()).toContainText(
    'The image is for another board or revision',
  );
  await page.getByRole('button', { name: 'Record it and try again' }).click();
  await chooseFile(page, 'Choose an image of the stick', stick);
  await expect(page.getByText('The stick will not work.')).toBeVisible();
  await expect(page.getByText('has an extra extension')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the tests' }).first().click();
  await expect(sheet(page)).toContainText('Failed: nothing was written. The image is for another board');
});

test('a stick that is saved packed is judged good when it comes back; an archive with a password is refused', async ({
  page,
  usedDemo,
}, info) => {
  await page.goto(`${usedDemo.url}/firmware`);
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await page.getByRole('button', { name: /^It is Tern/ }).click();
  await page
    .getByRole('button', { name: /^The stick/ })
    .or(page.getByRole('button', { name: /The stick/ }))
    .first()
    .click();
  const locked = archiveOf('tern.bin', imageBytes(1));
  const flagged = Buffer.from(locked);
  for (
    let at = flagged.indexOf('PK\u0001\u0002', 0, 'latin1');
    at >= 0;
    at = flagged.indexOf('PK\u0001\u0002', at + 1, 'latin1')
  )
    flagged[at + 8] = (flagged[at + 8] ?? 0) | 1;
  await chooseFile(page, 'Choose archive or image', {
    name: 'locked.zip',
    mimeType: 'application/zip',
    buffer: flagged,
  });
  await expect(page.getByText(/expected no password/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save a packed image' })).toBeDisabled();
  await chooseFile(page, 'Choose archive or image', { name: 'tern.zip', mimeType: 'application/zip', buffer: locked });
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a packed image' }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe('tern4m.img.gz');
  const path = info.outputPath('stick.img.gz');
  await saved.saveAs(path);
  await chooseFile(page, 'Choose an image of the stick', path);
  // 128 MiB are unpacked and read.
  await expect(page.getByText('The stick is good.')).toBeVisible({ timeout: 40_000 });
});

test('a board whose flash lost its power is recovered from its second image, and the log says how', async ({
  page,
  usedDemo,
}) => {
  await lendFolder(page);
  await toTheBay(page, usedDemo.url, 'Power went');
  await readPrint(page, { model: 'Auk 6', version: '23.5' });
  await page.getByRole('button', { name: /^It is Auk/ }).click();
  await page.getByText('Supports a certain processor').click();
  await page.getByLabel('Processor', { exact: true }).selectOption('Plover 90');
  await expect(page.getByRole('status', { name: 'Plan' })).toContainText('The installed version supports Plover 90.');
  await page.getByText('A certain version, or back to an older one').click();
  await page.getByLabel('Version', { exact: true }).selectOption('25.1');
  await expect(page.getByRole('status', { name: 'Plan' })).toContainText('25.1 cannot be undone');
  await page.getByText('Allow steps that cannot be undone').click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('radio', { name: 'Yes, it reaches setup' }).check({ force: true });
  await page.getByRole('button', { name: /^Use this method: From the firmware/ }).click();
  await makeStick(page, 'auk-25-1', imageBytes(7));
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await confirmGates(page);
  await page.getByRole('button', { name: 'The power went out' }).click();
  const ways = page.getByRole('list', { name: 'Methods, cheapest first' }).getByRole('listitem');
  await expect(ways.first()).toContainText('Start from the second image');
  await expect(ways.filter({ hasText: 'setup menu' })).toContainText('Its image is damaged');
  await page.getByRole('button', { name: 'Use this method: Start from the second image' }).click();
  await switchOff(page);
  await confirmGates(page);
  await page.getByRole('button', { name: 'It finished' }).click();
  await page.getByLabel('Version shown now').fill('23.5');
  await page.getByRole('button', { name: 'Record the version' }).click();
  await expect(page.getByText('23.5 is on it.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the tests' }).first().click();
  await expect(sheet(page)).toContainText('Interrupted while writing');
  await expect(sheet(page)).toContainText('Recovered 23.5 → second image');
});

test('what was read of a board stands in the log: another screen goes on with it', async ({
  page,
  usedDemo,
  context,
}) => {
  await toTheBay(page, usedDemo.url, 'Two screens');
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await page.getByRole('button', { name: /^It is Tern/ }).click();
  await expect(title(page)).toHaveText('Which version?');
  const elsewhere = await context.newPage();
  await elsewhere.goto(page.url());
  await elsewhere
    .getByRole('button', { name: /Which version/ })
    .first()
    .click();
  await expect(elsewhere.getByLabel('Installed now')).toHaveValue('R5');
  await elsewhere.close();
});
