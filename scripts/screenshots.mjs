/** npm run screenshots: the pictures of docs/screenshots, made from the demo data in Debian's Chromium. */
import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { ensureBuilt } from './build.mjs';
import { signInBrowser } from './setup/demo-lead.mjs';
import { startThrowawayCluster } from './setup/throwaway-cluster.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(root, 'docs/screenshots');
const demoCase = (key) => `/cases/0d3a0c00-0000-4000-8000-00000000${key}00`;

const views = [
  { name: 'queue', path: '/', act: (page) => page.getByText('Press the case switch').waitFor() },
  { name: 'intake', path: '/cases/new' },
  { name: 'case-dead-machine', path: demoCase('05') },
  { name: 'case-memory-grid', path: demoCase('07') },
  {
    name: 'case-strip-down',
    path: demoCase('12'),
    act: async (page) => {
      await page.getByRole('button', { name: /^Show all/ }).click();
      await page.getByRole('button', { name: /Strip to the minimum in the case and start/ }).click();
    },
  },
  { name: 'case-build-up', path: demoCase('11') },
  { name: 'case-load-dim', path: demoCase('03'), theme: 'dim' },
  {
    name: 'signals',
    path: `${demoCase('15')}/signals`,
    act: async (page) => {
      await page.getByRole('button', { name: /^Light MEM,/ }).click();
      await page.getByRole('textbox', { name: 'Code' }).fill('3C');
      await page.getByRole('heading', { name: 'Beeps' }).click();
      await page.evaluate(() => document.activeElement?.blur());
      for (const milliseconds of [750, 180, 750]) {
        await page.keyboard.down(' ');
        await page.waitForTimeout(milliseconds);
        await page.keyboard.up(' ');
        await page.waitForTimeout(220);
      }
    },
  },
  { name: 'shop', path: '/shop' },
  { name: 'shelf', path: '/shelf' },
  { name: 'parts-and-money', path: `${demoCase('08')}/parts` },
  { name: 'close', path: `${demoCase('02')}/close` },
  { name: 'case-used-parts', path: demoCase('13') },
  {
    name: 'power',
    path: `${demoCase('03')}/power`,
    size: { width: 1280, height: 1000 },
  },
  { name: 'board', path: '/boards/0d3a0b00-0000-4000-8000-000000000001' },
  {
    name: 'firmware-watch',
    path: '/firmware',
    act: async (page) => {
      await identify(page);
      await page.getByRole('button', { name: 'Choose the method' }).click();
      await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
      await page.getByRole('button', { name: 'Go to the flash' }).click();
      for (const gate of await page.getByRole('checkbox').all()) await gate.check({ force: true });
      await page.getByLabel('Set up so that').selectOption('name');
      await page.getByRole('button', { name: 'Hold its button' }).click();
      for (let blink = 0; blink < 5; blink++) {
        await page.getByRole('img', { name: 'The light is on' }).waitFor();
        await page.keyboard.press('Space');
        await page.getByRole('img', { name: 'The light is off' }).waitFor();
      }
      await page.getByText('The board stopped').waitFor();
      await page.keyboard.press('o');
    },
  },
  {
    name: 'photos',
    path: `${demoCase('08')}/photos`,
    act: async (page) => {
      await page.getByRole('button', { name: /^Photo 2/ }).click();
      await page.getByRole('group', { name: 'Picture' }).waitFor();
      await page.waitForLoadState('networkidle');
    },
  },
  {
    name: 'owner-view',
    path: `${demoCase('05')}/parts`,
    size: { width: 390, height: 844 },
    act: async (page) => {
      await page.getByRole('button', { name: 'Estimate' }).click();
      await page.getByRole('button', { name: 'Note that it was given' }).click();
      await page.getByRole('button', { name: 'Make a link' }).click();
      await page.goto(await page.locator('code').filter({ hasText: '/owner#' }).textContent());
      await page.getByRole('button', { name: /^Accept/ }).waitFor();
    },
  },
  { name: 'case-phone', path: demoCase('05'), size: { width: 390, height: 844 } },
];

async function identify(page) {
  await page.getByLabel('Name printed on the board').fill('Tern 4-M');
  await page.getByLabel('Version installed now').fill('R5');
  await page.getByRole('button', { name: /^It is Tern/ }).click();
}

function launchServer(environment) {
  const server = spawn(process.execPath, [join(root, 'dist/demo/main.js')], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...environment, PORT: '0' },
  });
  return new Promise((resolve, reject) => {
    server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    createInterface(server.stdout).on('line', (line) => {
      const url = /is at (http:\/\/\S+)/.exec(line)?.[1];
      if (url) resolve({ url, stop: () => server.kill('SIGTERM') });
    });
  });
}

await ensureBuilt();
const cluster = await startThrowawayCluster();
const server = await launchServer({ DATABASE_URL: cluster.ownerUrl });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
mkdirSync(folder, { recursive: true });
for (const { name, path, theme = 'day', size = { width: 1280, height: 800 }, act } of views) {
  const context = await browser.newContext({ viewport: size, serviceWorkers: 'block' });
  await signInBrowser(context, server.url);
  const page = await context.newPage();
  await page.addInitScript(
    (value) => localStorage.setItem('probe.theme', JSON.stringify({ state: { name: value }, version: 0 })),
    theme,
  );
  await page.goto(server.url + path);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForLoadState('networkidle');
  await act?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await context.close();
}
await browser.close();
server.stop();
await cluster.stop();
process.exit(0);
