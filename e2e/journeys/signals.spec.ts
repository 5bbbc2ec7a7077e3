import { truncateSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { sheet, takeIn, title } from '../support/bench';
import { chooseFile } from '../support/firmware';
import { recordingOf } from '../support/recordings';
import { expect, test } from '../support/program';

/** Lights, codes and beeps of one start, by keyboard, by touch and from recordings. */

const together = (page: Page) => page.getByRole('region', { name: 'What they say together' });

async function toTheRoom(page: Page, url: string, machine: string, board: string | null): Promise<void> {
  await takeIn(page, url, {
    machine,
    reported: 'Fans run, no picture, no light, code or beep',
    parts: (at) => at.getByRole('checkbox', { name: 'A graphics card is fitted' }).check({ force: true }),
  });
  await page.getByRole('link', { name: 'Lights, codes, beeps' }).click();
  await expect(together(page)).toContainText('Nothing entered yet');
  if (board) await page.getByLabel('Board', { exact: true }).selectOption(board);
}

test('a light against a code and beeps: both are said, and what is written leads to graphics', async ({
  page,
  usedDemo,
}) => {
  await toTheRoom(page, usedDemo.url, 'Light against code', 'Auk 6, revision A2');
  await page.getByRole('button', { name: 'Light M, memory: dark' }).click();
  await expect(together(page)).toContainText('It stops at memory');
  await page.keyboard.press('d');
  await page.keyboard.type('58');
  // It may wait ten seconds for a picture.
  await expect(together(page)).toContainText('Waiting for a picture');
  await expect(together(page)).toContainText('They contradict each other', { timeout: 20_000 });
  await page.getByRole('button', { name: 'Type them' }).click();
  await page.getByRole('textbox', { name: 'Beeps' }).fill('sss');
  await expect(together(page)).toContainText('Light M says memory, beeps SSS say graphics.');
  await page.getByRole('button', { name: /^1 · Write it down: Stops at graphics/ }).click();
  await expect(sheet(page)).toContainText('light M (memory) stays on; code 58');
  const graphics = page.getByRole('group', { name: 'Start-up chain' }).getByRole('button', { name: /^Graphics/ });
  await expect(graphics).toContainText(/[5-9]\d %/);
});

test('a code that moves, and one that stands for longer than it may', async ({ page, usedDemo }) => {
  await page.clock.install();
  await toTheRoom(page, usedDemo.url, 'Moving code', 'Tern 4-M, revision 1.1');
  const code = page.getByRole('region', { name: 'Code display' });
  await page.keyboard.press('d');
  await page.keyboard.type('0b3e');
  await expect(code).toContainText('0B → 3E');
  await expect(code.getByText('3E: Training the memory: it may stay so for another 3 minutes')).toBeVisible();
  await expect(together(page)).toContainText('It is still at work: wait');
  await page.clock.fastForward(200_000);
  await expect(code.getByLabel('Unchanged for')).toHaveText(/^3:2\d$/);
  await expect(together(page)).toContainText('It stops at memory');
  await code.getByRole('button', { name: 'It still changes' }).click();
  await expect(together(page)).toContainText('It is still at work: wait');
  await code.getByRole('button', { name: 'It still changes' }).click();
  await page.reload();
  await expect(code).toContainText('0B → 3E');
  await expect(page.getByRole('button', { name: /^1 · Write it down: Stops at memory/ })).toBeVisible();
  await page.keyboard.press('1');
  await expect(sheet(page)).toContainText('code 3E, unchanged for 3 minutes (memory)');
  await expect(sheet(page)).toContainText('Board. Tern 4-M, revision 1.1');
});

test('a loop of lights pressed one after the other is a loop', async ({ page, usedDemo }) => {
  await toTheRoom(page, usedDemo.url, 'Looping lights', 'Tern 4-M, revision 1.1');
  await page.getByRole('radio', { name: 'One after the other' }).click();
  const lights = page.getByRole('group', { name: 'Lights of the board' });
  for (const label of ['PROC', 'MEM', 'PROC', 'MEM'])
    await lights.getByRole('button', { name: new RegExp(`^Light ${label},`) }).click();
  await expect(together(page)).toContainText('It restarts over and over');
  await expect(together(page)).toContainText('It begins again after MEM: memory');
  await page.getByRole('button', { name: /^1 · Write it down: Restarts over and over/ }).click();
  await expect(sheet(page)).toContainText('lights processor, memory, processor, memory, over and over');
});

test('beeps are tapped with the space bar, taken, and read by the list of the board', async ({ page, usedDemo }) => {
  await toTheRoom(page, usedDemo.url, 'Tapped along', 'Tern 4-M, revision 1.1');
  // A hand that stalls for a second taps another pattern, and taps again.
  await expect(async () => {
    const again = page.getByRole('button', { name: 'Tap again' });
    if (await again.isVisible()) await again.click();
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (const ms of [700, 150, 700]) {
      await page.keyboard.down(' ');
      await page.waitForTimeout(ms);
      await page.keyboard.up(' ');
      await page.waitForTimeout(200);
    }
    await expect(page.getByText('Tapped: 1 long, 1 short, 1 long')).toBeVisible({ timeout: 1000 });
  }).toPass({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Take it: L S L' }).click();
  await expect(together(page)).toContainText('No memory answers');
  await expect(together(page)).toContainText('It stops at memory');
});

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test('lights are pressed and the pad is held by touch, and the start is written', async ({ page, usedDemo }) => {
    await toTheRoom(page, usedDemo.url, 'By touch', 'Tern 4-H, revision 1.0');
    const lights = page.getByRole('group', { name: 'Lights of the board' });
    await lights.getByRole('button', { name: /^Light ONE,/ }).tap();
    await lights.getByRole('button', { name: /^Light TWO,/ }).tap();
    await expect(together(page)).toContainText('TWO is passed: it stands after it: graphics');
    const pad = page.getByRole('button', { name: 'Hold here as long as each tone' });
    for (const ms of [120, 800, 800]) {
      await pad.dispatchEvent('pointerdown', { pointerId: 1, pointerType: 'touch' });
      await page.waitForTimeout(ms);
      await page.getByRole('button', { name: 'Tone …' }).dispatchEvent('pointerup', { pointerId: 1 });
      await page.waitForTimeout(200);
    }
    await page.getByRole('button', { name: 'Take it: S L L' }).tap();
    await expect(together(page)).toContainText('All that was seen names the same stage.');
    await page.getByRole('button', { name: /^1 · Write it down: Stops at graphics/ }).tap();
    await expect(sheet(page)).toContainText('beeps S L L (graphics)');
  });
});

test('a recording is heard and taken; what is no recording is refused, and nothing of it is kept', async ({
  page,
  usedDemo,
}, info) => {
  await page.goto(`${usedDemo.url}/signals`);
  await page.getByLabel('Board', { exact: true }).selectOption('Tern 4-M, revision 1.0');
  const recording = recordingOf('L L S', 2);
  const open = (name: string, buffer: Buffer) =>
    chooseFile(page, 'Open a recording', { name, mimeType: 'audio/wav', buffer });
  const beeps = page.getByRole('region', { name: 'Beeps' });
  const huge = info.outputPath('huge.wav');
  writeFileSync(huge, '');
  truncateSync(huge, 257 * 2 ** 20);
  await chooseFile(page, 'Open a recording', huge);
  await expect(beeps).toContainText('huge.wav: expected at most 256 MiB.');
  await open('empty.wav', Buffer.alloc(0));
  await expect(beeps).toContainText('empty.wav: The file is empty.');
  await open('letter.wav', Buffer.from('Dear harbour master, it beeps.'));
  await expect(beeps).toContainText('letter.wav: This is not a WAV file.');
  await open('cut.wav', recording.subarray(0, 30));
  await expect(beeps).toContainText('cut.wav: ');
  await open('quiet.wav', recordingOf('', 1));
  await expect(beeps).toContainText('No beep in it.');
  await open('beeps.wav', recording);
  await expect(beeps).toContainText('2 long, 1 short, 2 times');
  await beeps.getByRole('button', { name: 'Take it: L L S' }).click();
  await expect(together(page)).toContainText('No picture (this board');
});

test('the card says what this board shows at a build-up step, and the book plays what it sounds', async ({
  page,
  usedDemo,
}) => {
  await page.goto(`${usedDemo.url}/cases/0d3a0c00-0000-4000-8000-000000001500`);
  await expect(title(page)).toContainText('Build-up, step 2');
  await expect(page.getByText('This board: light START stays; code B4')).toBeVisible();
  await page.goto(`${usedDemo.url}/boards/0d3a0b00-0000-4000-8000-000000000001`);
  const play = page.getByRole('button', { name: 'Play the beeps S L' });
  await play.click();
  await expect(page.getByRole('button', { name: 'Stop the beeps S L' })).toBeVisible();
  await expect(play).toBeVisible();
});
