/**
 * npm run bench:interface [-- --json]: milliseconds from the press of an outcome to the updated suspects on screen, on
 * the demo's largest case, in Debian's Chromium against the built program. See docs/benchmarks.md.
 */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { median, quantile } from 'simple-statistics';
import { ensureBuilt } from '../../scripts/build.mjs';
import { signInBrowser, signInToDemo } from '../../scripts/setup/demo-lead.mjs';
import { startThrowawayCluster } from '../../scripts/setup/throwaway-cluster.mjs';

const root = fileURLToPath(new URL('../..', import.meta.url));
const presses = 30;

function launchServer(databaseUrl) {
  const server = spawn(process.execPath, [join(root, 'dist/demo/main.js')], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, DATABASE_URL: databaseUrl, PORT: '0', LOG_LEVEL: 'warn' },
  });
  return new Promise((resolve, reject) => {
    server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    createInterface(server.stdout).on('line', (line) => {
      const url = /is at (http:\/\/\S+)/.exec(line)?.[1];
      if (url) resolve({ url, stop: () => server.kill('SIGTERM') });
    });
  });
}

/** The open demo case with the most parts: faults come one for each part, pairs with their square. */
async function largestCase(url) {
  const headers = { cookie: await signInToDemo(url) };
  const { cases } = await (await fetch(`${url}/api/cases`, { headers })).json();
  const sized = await Promise.all(
    cases
      .filter(({ stage }) => stage === 'on-bench')
      .map(async ({ id, machine }) => {
        const { events } = await (await fetch(`${url}/api/cases/${id}`, { headers })).json();
        const [{ event }] = events;
        return { id, machine, parts: event.machine.parts.length };
      }),
  );
  return sized.sort((a, b) => b.parts - a.parts)[0];
}

/** Presses "Not sure" of the trial in hand and waits for the suspects that follow from it; undoes it again unmeasured. */
async function pressOnce(page) {
  const milliseconds = await page.evaluate(async () => {
    const card = document.querySelector('section[aria-label=Next]');
    const buttons = [...document.querySelectorAll('[aria-label="What do you see?"] button')];
    const button = buttons.find((one) => one.textContent.includes('Not sure'));
    const settled = new Promise((resolve) => {
      let wasBusy = false;
      const watch = new MutationObserver(() => {
        const busy = card.getAttribute('aria-busy') === 'true';
        if (wasBusy && !busy) {
          watch.disconnect();
          requestAnimationFrame(() => resolve(performance.now()));
        }
        wasBusy = wasBusy || busy;
      });
      watch.observe(card, { attributes: true, attributeFilter: ['aria-busy'] });
    });
    const begin = performance.now();
    button.click();
    return (await settled) - begin;
  });
  await page.keyboard.press('u');
  await page.waitForTimeout(600);
  await page.locator('section[aria-label=Next][aria-busy=false]').waitFor();
  return milliseconds;
}

await ensureBuilt();
const cluster = await startThrowawayCluster();
const server = await launchServer(cluster.ownerUrl);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const { id, machine, parts } = await largestCase(server.url);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
await signInBrowser(context, server.url);
const page = await context.newPage();
await page.goto(`${server.url}/cases/${id}`);
await page.getByRole('heading', { level: 1 }).waitFor();
await page.waitForTimeout(2000);
const confirm = page.getByRole('button', { name: /^Done and safe/ });
const times = [];
for (let n = 0; n < presses; n++) {
  if (await confirm.isVisible()) await confirm.click();
  times.push(await pressOnce(page));
}
const report = {
  case: machine,
  parts,
  presses,
  medianMs: median(times),
  p90Ms: quantile(times, 0.9),
  maxMs: Math.max(...times),
};
process.stdout.write(
  process.argv.includes('--json')
    ? `${JSON.stringify(report, null, 2)}\n`
    : `outcome pressed to suspects updated, ${machine} (${parts} parts), ${presses} presses: ` +
        `median ${report.medianMs.toFixed(0)} ms, p90 ${report.p90Ms.toFixed(0)} ms, most ${report.maxMs.toFixed(0)} ms\n`,
);
await browser.close();
server.stop();
await cluster.stop();
process.exit(0);
