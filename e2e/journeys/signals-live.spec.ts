import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import config from '../../playwright.config';
import { confirmCautions, sheet, title } from '../support/bench';
import { chooseFile, confirmGates, readPrint } from '../support/firmware';
import { filmOf, recordingOf } from '../support/recordings';
import { expect, test } from '../support/program';

/** Beeps and lights as a microphone and a camera give them: Chromium plays a recording and a film in their place. */

const folder = mkdtempSync(join(tmpdir(), 'probe-live-'));
const [sound, film] = [join(folder, 'beeps.wav'), join(folder, 'lights.y4m')];
writeFileSync(sound, recordingOf('L S L', 2));
/** PROC and MEM one after the other, over and over; below them a light that blinks. */
writeFileSync(
  film,
  filmOf(12, [
    { x: 40, y: 30, isOn: (at) => at % 3 < 1.4 },
    { x: 120, y: 30, isOn: (at) => at % 3 >= 1.5 },
    { x: 80, y: 90, isOn: (at) => at % 1.5 < 0.6 },
  ]),
);

test.use({
  launchOptions: {
    ...config.use?.launchOptions,
    args: [
      ...(config.use?.launchOptions?.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${sound}`,
      `--use-file-for-fake-video-capture=${film}`,
    ],
  },
});

const together = (page: Page) => page.getByRole('region', { name: 'What they say together' });

/** Presses a light in the picture, its place given in the pixels of the film. */
async function markAt(page: Page, x: number, y: number): Promise<void> {
  const picture = page.getByRole('application', { name: /^Picture/ });
  // It takes the shape of the film once the first frame is there, and is laid out by it a moment later.
  await expect.poll(() => picture.locator('video').evaluate((video: HTMLVideoElement) => video.videoWidth)).toBe(160);
  let box = await picture.boundingBox();
  await expect
    .poll(async () => {
      const before = box;
      box = await picture.boundingBox();
      return box !== null && box.height > 50 && JSON.stringify(box) === JSON.stringify(before);
    })
    .toBe(true);
  if (!box) throw new Error('expected the picture to be shown');
  await picture.click({ position: { x: (box.width * x) / 160, y: (box.height * y) / 120 } });
}

test('a build-up by ear: the microphone hears the beeps, they are taken and written with the step', async ({
  page,
  usedDemo,
}) => {
  test.setTimeout(180_000);
  await page.goto(`${usedDemo.url}/cases/0d3a0c00-0000-4000-8000-000000001500`);
  await expect(title(page)).toContainText('Build-up, step 2');
  await confirmCautions(page);
  await page.getByRole('link', { name: 'Lights, codes, beeps' }).click();
  await expect(together(page)).toContainText('picture, but no system found');
  const beeps = page.getByRole('region', { name: 'Beeps' });
  // A loaded machine plays the recording with gaps: what was not made out is listened to again.
  await expect(async () => {
    await page.keyboard.press('h');
    const heard = expect(beeps.getByRole('status')).toContainText('1 long, 1 short, 1 long, 2 times', {
      timeout: 14_000,
    });
    await heard.catch(async (error: unknown) => {
      await page.keyboard.press('h');
      throw error;
    });
  }).toPass({ timeout: 100_000 });
  await page.keyboard.press('h');
  await beeps.getByRole('button', { name: 'Take it: L S L' }).click();
  await expect(together(page)).toContainText('It stops at memory');
  await page.keyboard.press('1');
  await expect(sheet(page)).toContainText('beeps L S L (memory)');
});

test('lights that the camera sees come on one after the other are a loop', async ({ page, usedDemo }) => {
  await page.goto(`${usedDemo.url}/signals`);
  await page.getByLabel('Board', { exact: true }).selectOption('Tern 4-M, revision 1.1');
  await page.getByRole('button', { name: 'Watch by camera' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Watch by camera' }).click();
  await expect(dialog.getByText('Press on the light in the picture.')).toBeVisible();
  await markAt(page, 40, 30);
  await markAt(page, 120, 30);
  const seen = dialog.getByRole('status', { name: 'What the lights do' });
  await expect(seen).toContainText(/PROC.*blinks every 3\.\d s.*MEM.*blinks every [23]\.\d s/);
  await dialog.getByRole('button', { name: 'Take what was seen' }).click();
  await expect(together(page)).toContainText('It restarts over and over');
});

test('the light of a flash marks its own blinks, and that it stopped is pressed by a person', async ({
  page,
  usedDemo,
}) => {
  await page.goto(`${usedDemo.url}/firmware`);
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await page.getByRole('button', { name: /^It is Tern/ }).click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await confirmGates(page);
  await page.getByRole('button', { name: 'Button held: start the watch' }).click();
  const watch = page.getByRole('region', { name: 'Flash watch' });
  await watch.getByRole('button', { name: 'Watch by camera' }).click();
  await markAt(page, 80, 90);
  // A loaded machine plays the film a little slower.
  await expect(watch.getByText(/^The light blinks every 1\.[4-8] s\. When it stops, look yourself/)).toBeVisible();
  await expect(watch.getByText('As expected', { exact: true })).toBeVisible();
  await watch.getByRole('button', { name: /^Went out/ }).click();
  await expect(watch.getByText('It failed', { exact: true })).toBeVisible();
  await expect(watch.getByRole('button', { name: 'Watch by camera' })).toBeHidden();
});

test('a video of a blinking light, chosen as a file, is timed like the light itself', async ({
  page,
  usedDemo,
}, info) => {
  await page.goto(`${usedDemo.url}/signals`);
  const path = info.outputPath('blinks.webm');
  writeFileSync(path, Buffer.from(await page.evaluate(recordBlinks)));
  await page.getByRole('button', { name: 'Watch by camera' }).click();
  const dialog = page.getByRole('dialog');
  await chooseFile(page, 'Open a video', path);
  await expect(dialog.getByText('Press on the light in the picture.')).toBeVisible();
  await markAt(page, 80, 60);
  const seen = dialog.getByRole('status', { name: 'What the lights do' });
  await expect(seen).toContainText(/Processor.*blinks every (0\.[7-9]|1\.[0-3]) s/);
  await dialog.getByRole('button', { name: 'Take what was seen' }).click();
  await expect(page.getByRole('button', { name: 'Light Processor, processor: blinks' })).toBeVisible();
});

/** Five seconds of a light that blinks each second, drawn and recorded by the browser itself. */
async function recordBlinks(): Promise<number[]> {
  const canvas = Object.assign(document.createElement('canvas'), { width: 160, height: 120 });
  const drawing = canvas.getContext('2d');
  const recorder = new MediaRecorder(canvas.captureStream(15), { mimeType: 'video/webm' });
  const pieces: Blob[] = [];
  recorder.ondataavailable = ({ data }) => pieces.push(data);
  const from = performance.now();
  const ticking = setInterval(() => {
    if (!drawing) return;
    drawing.fillStyle = '#222';
    drawing.fillRect(0, 0, 160, 120);
    drawing.fillStyle = (performance.now() - from) % 1000 < 450 ? '#fff' : '#222';
    drawing.beginPath();
    drawing.arc(80, 60, 6, 0, 2 * Math.PI);
    drawing.fill();
  }, 40);
  recorder.start();
  await new Promise((resolve) => setTimeout(resolve, 5000));
  const stopped = new Promise((resolve) => (recorder.onstop = resolve));
  recorder.stop();
  await stopped;
  clearInterval(ticking);
  return [...new Uint8Array(await new Blob(pieces).arrayBuffer())];
}

test('a film that is no film is refused', async ({ page, usedDemo }) => {
  await page.goto(`${usedDemo.url}/signals`);
  await page.getByRole('button', { name: 'Watch by camera' }).click();
  await chooseFile(page, 'Open a video', { name: 'a.mp4', mimeType: 'video/mp4', buffer: Buffer.from('no film') });
  await expect(page.getByText('a.mp4 is no video that this browser plays.')).toBeVisible();
});
