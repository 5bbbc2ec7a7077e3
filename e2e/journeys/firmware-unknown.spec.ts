import { createHash, randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import {
  archiveOf,
  chooseFile,
  confirmGates,
  imageBytes,
  lendFolder,
  makeStick,
  markBlinks,
  readPrint,
  switchOff,
} from '../support/firmware';
import { see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

/** Boards whose version nobody can read, images that are not the ones of the book, first starts, several machines. */

const listed = imageBytes(41);

/** A board whose newest release is in the book with size and hash. */
async function writeBoard(page: Page, url: string, model: string): Promise<void> {
  const board = {
    format: 'jovial-probe/board',
    version: 1,
    model,
    revisions: [
      {
        revision: '1.0',
        processors: ['Kestrel 2'],
        releases: [
          { version: 'S1', date: '2024-01-10' },
          {
            version: 'S2',
            date: '2025-02-10',
            bytes: listed.length,
            sha256: createHash('sha256').update(listed).digest('hex'),
          },
        ],
      },
    ],
    flash: {
      port: 'the port with the anchor',
      button: 'The flat tab',
      holdSeconds: 3,
      fileName: 'SKUA.BIN',
      plugs: ['24-pin'],
      phases: [
        { phase: 'reading', light: 'blink', periodSeconds: 1.6, fromSeconds: 10, toSeconds: 30 },
        { phase: 'writing', light: 'blink', periodSeconds: 0.6, fromSeconds: 60, toSeconds: 120 },
        { phase: 'finished', light: 'steady' },
      ],
      worstSeconds: 300,
      gaveUpWithinSeconds: 8,
    },
    firstStart: { usualSeconds: 60, worstSeconds: 200 },
    resets: [{ how: 'pins', where: 'CLEAR, beside the cell', seconds: 10 }],
  };
  const put = await page.request.put(`${url}/api/boards/${randomUUID()}`, { data: { expectedEdition: 0, board } });
  expect(put.status()).toBeLessThan(300);
}

async function flashWell(page: Page): Promise<void> {
  await confirmGates(page);
  await page.getByRole('button', { name: /start the watch/ }).click();
  await markBlinks(page, 1600, 10);
  await markBlinks(page, 600, 16);
  await page.clock.fastForward(60_000);
  await markBlinks(page, 600, 4);
  await page.keyboard.press('s');
  await page.getByRole('button', { name: 'Record it and continue' }).click();
  await expect(title(page)).toHaveText('Afterwards');
}

test('a version that nobody knows is flashed and read afterwards; a first start that moves is waited for, one that stands still is not', async ({
  page,
  usedDemo,
}) => {
  test.setTimeout(120_000);
  await page.clock.install();
  await lendFolder(page);
  await writeBoard(page, usedDemo.url, 'Skua 2');
  await takeIn(page, usedDemo.url, { machine: 'Nobody knows', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Firmware', exact: true }).click();
  await readPrint(page, { model: 'Skua 2', revision: '1.0' });
  await page.getByRole('button', { name: 'It is Skua 2, revision 1.0' }).click();
  const plan = page.getByRole('status', { name: 'Plan' });
  await expect(plan).toContainText('? → S2');
  await expect(plan).toContainText('Right whatever is installed now');
  await page.getByLabel('Made on, if it is new').fill('2024-06-01');
  await expect(plan).toContainText('The newest allowed version.');
  await page.getByLabel('Made on, if it is new').fill('');
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  await makeStick(page, 'skua-s2', listed);
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await switchOff(page);
  await flashWell(page);

  await page.getByRole('button', { name: 'Started: watch it' }).click();
  const start = page.getByRole('region', { name: 'First start' });
  await page.clock.fastForward(50_000);
  await page.getByRole('button', { name: /^Code or light changed/ }).click();
  await page.clock.fastForward(30_000);
  await expect(start).toContainText('It makes progress');
  await page.clock.fastForward(40_000);
  await expect(start).toContainText('It stands still');
  await expect(start).toContainText('Wait a minute, then start it once more.');
  await page.getByRole('button', { name: 'Done so: start it again' }).click();
  await page.getByRole('button', { name: 'Started again: watch it' }).click();
  await page.clock.fastForward(70_000);
  await expect(start).toContainText('CLEAR, beside the cell');
  await page.getByRole('button', { name: 'It shows a picture' }).click();
  await page.getByLabel('Version shown now').fill('S2');
  await page.getByRole('button', { name: 'Record the version' }).click();
  await expect(page.getByText('S2 is on it.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the tests' }).first().click();
  await expect(sheet(page)).toContainText('Flashed unknown → S2');
});

test('an image that is not the one of the book makes no stick until a lead says why', async ({ page, usedDemo }) => {
  await lendFolder(page);
  await writeBoard(page, usedDemo.url, 'Skua 3');
  await takeIn(page, usedDemo.url, { machine: 'Wrong image', reported: 'Nothing at all' });
  await page.getByRole('link', { name: 'Firmware', exact: true }).click();
  await readPrint(page, { model: 'Skua 3', version: 'S1' });
  await page.getByRole('button', { name: 'It is Skua 3, revision 1.0' }).click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  const other = { name: 'other.zip', mimeType: 'application/zip', buffer: archiveOf('other.bin', imageBytes(9)) };
  await chooseFile(page, 'Choose archive or image', other);
  await expect(page.getByRole('alert')).toContainText('This is not the image that the board book has for S2.');
  await page.getByLabel(/^The mounted stick has one FAT32 partition/).check();
  await expect(page.getByRole('button', { name: 'Write into a mounted stick' })).toBeDisabled();
  await expect(page.getByRole('button', { name: 'Save a packed image' })).toBeDisabled();
  // A page that was saved instead of the image is told as what it is.
  const saved = {
    name: 'SKUA.BIN',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from('<!doctype html><p>404'),
  };
  await chooseFile(page, 'Choose archive or image', saved);
  await expect(page.getByText('This is a web page saved under another name, not a firmware image.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Go on against the board book' })).toHaveCount(0);
  await chooseFile(page, 'Choose archive or image', other);
  await page.getByLabel('Why it is right all the same').fill('Sent by the maker for this very board');
  await page.getByRole('button', { name: 'Go on against the board book' }).click();
  await page.getByRole('button', { name: 'Write into a mounted stick' }).click();
  await expect(page.getByText(/^Written and read back the same:/)).toBeVisible();
  // Another file clears what was found out of this one.
  await chooseFile(page, 'Choose archive or image', saved);
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await expect(page.getByText('No go: The stick was not checked for this version.')).toBeVisible();
});

test('three office machines are flashed from one stick, each into a case of its own', async ({ page, usedDemo }) => {
  test.setTimeout(150_000);
  await page.clock.install();
  await lendFolder(page);
  await writeBoard(page, usedDemo.url, 'Skua 4');
  await page.goto(`${usedDemo.url}/firmware`);
  await page.getByRole('link', { name: 'Several machines' }).click();
  await readPrint(page, { model: 'Skua 4', version: '' });
  await page.getByRole('button', { name: 'It is Skua 4, revision 1.0' }).click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  await makeStick(page, 'skua-s2', listed);
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await page.getByLabel('Owner').fill('Harbour office');
  for (const serial of ['HO-01', 'HO-02', 'HO-03']) {
    await page.getByLabel('Serial number').fill(serial);
    await page.getByLabel('Version before').selectOption('S1');
    await page.getByRole('button', { name: 'Add it' }).click();
    const work = page.getByRole('region', { name: `Machine ${serial}` });
    await expect(work).toContainText('Before you flash');
    await flashWell(page);
    await page.getByLabel('Version shown now').fill('S2');
    await page.getByRole('button', { name: 'Record the version' }).click();
    await expect(page.getByRole('row', { name: new RegExp(serial) })).toContainText('S2');
  }
  await expect(page.getByText('3 of 3 read afterwards.')).toBeVisible();
  await page.getByLabel('Serial number').fill('ho-02');
  await expect(page.getByText('This machine is on the list already.')).toBeVisible();
  await page.getByRole('row', { name: /HO-02/ }).getByRole('link', { name: 'Its case' }).click();
  await expect(sheet(page)).toContainText('Flashed S1 → S2');
});
