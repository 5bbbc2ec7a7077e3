import { execFileSync } from 'node:child_process';
import { truncateSync, writeFileSync } from 'node:fs';
import { zipSync } from 'fflate';
import { expect, type FileChooser, type Page } from '@playwright/test';

/** What a technician does in the firmware bay, in the words of the screens. */

/** An image of 16 MiB, the same at every run and another for every seed; it packs well, so that tests are quick. */
export function imageBytes(seed: number): Uint8Array {
  const bytes = new Uint8Array(16 * 2 ** 20);
  let state = seed;
  for (let i = 0; i < 8192; i++) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    bytes[i] = state >>> 24;
  }
  for (let at = 8192; at < bytes.length; at *= 2) bytes.copyWithin(at, 0, at);
  return bytes;
}

/** A download as makers pack it: the image in a folder, a note and a tool beside it. */
export function archiveOf(name: string, image: Uint8Array): Buffer {
  const note = new TextEncoder().encode('Read this first.');
  return Buffer.from(
    zipSync({ [`release/${name}`]: image, 'release/readme.txt': note, 'release/rename.exe': note }, { level: 1 }),
  );
}

/** A stick made by the system's own tools, with one file in its root. */
export function stickOfOtherTools(path: string, file: string, name: string): void {
  writeFileSync(path, '');
  truncateSync(path, 128 * 2 ** 20);
  execFileSync('/usr/sbin/sfdisk', ['-q', path], {
    input: 'label: dos\nstart=2048, type=c\n',
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  execFileSync('/usr/sbin/mkfs.vfat', ['-F', '32', '--offset', '2048', path, String(127 * 1024)], { stdio: 'ignore' });
  execFileSync('mcopy', ['-i', `${path}@@1M`, file, `::${name}`]);
}

export interface Print {
  readonly model: string;
  readonly revision?: string;
  readonly version?: string;
}

export async function readPrint(page: Page, { model, revision = '', version = '' }: Print): Promise<void> {
  await page.getByLabel('Name printed on the board').fill(model);
  await page.getByLabel('Revision printed on it').fill(revision);
  await page.getByLabel('Version installed now').fill(version);
}

/** The gate refuses while the log says that it runs, or that its button was pressed. */
export async function switchOff(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'It is off, cord out, drained' }).click();
  await expect(page.getByText(/^No go: The log/)).toHaveCount(0);
}

/** Opens an archive with the image of a version and writes it into the mounted stick. */
export async function makeStick(page: Page, name: string, image: Uint8Array): Promise<void> {
  await chooseFile(page, 'Choose archive or image', {
    name: `${name}.zip`,
    mimeType: 'application/zip',
    buffer: archiveOf(`${name}.bin`, image),
  });
  await page.getByLabel(/^The mounted stick has one FAT32 partition/).check();
  await page.getByRole('button', { name: 'Write into a mounted stick' }).click();
  await expect(page.getByText(/^Written and read back the same:/)).toBeVisible();
}

export async function confirmGates(page: Page): Promise<void> {
  for (const gate of await page.getByRole('checkbox').all()) await gate.check({ force: true });
  await expect(page.getByText('All confirmed. You can flash.')).toBeVisible();
}

/** Marks blinks at a tempo; the page's clock must have been installed. */
export async function markBlinks(page: Page, periodMs: number, count: number): Promise<void> {
  for (let n = 0; n < count; n++) {
    await page.keyboard.press('Space');
    await page.clock.fastForward(periodMs);
  }
}

export async function chooseFile(
  page: Page,
  button: string,
  file: Parameters<FileChooser['setFiles']>[0],
): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: button }).click(),
  ]);
  await chooser.setFiles(file);
}

/** The folder of a mounted stick, as the browser would lend it: its own private one. */
export const lendFolder = (page: Page): Promise<unknown> =>
  page.addInitScript(() => Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() }));
