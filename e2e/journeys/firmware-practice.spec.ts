import type { Page } from '@playwright/test';
import { confirmGates, readPrint } from '../support/firmware';
import { expect, test } from '../support/program';

/** Lets the page's own clock run, in steps of its picture, until the light is as asked. */
async function runUntilLight(page: Page, state: 'on' | 'off'): Promise<void> {
  const light = page.getByRole('img', { name: `The light is ${state}` });
  for (let waitedMs = 0; waitedMs < 10_000 && !(await light.isVisible()); waitedMs += 80) await page.clock.runFor(80);
  await expect(light).toBeVisible();
}

test('the simulated board can be watched for practice, and says what was wrong', async ({ page, usedDemo }) => {
  // The board gives up after some seconds: on a slow machine only a clock of the page's own leaves time to tap.
  await page.clock.install();
  await page.goto(`${usedDemo.url}/firmware`);
  await readPrint(page, { model: 'Tern 4-M', version: 'R5' });
  await page.getByRole('button', { name: /^It is Tern/ }).click();
  await page.getByRole('button', { name: 'Choose the method' }).click();
  await page.getByRole('button', { name: 'Use this method: Bare-board flash' }).click();
  await page.getByRole('button', { name: 'Go to the flash' }).click();
  await confirmGates(page);
  await page.getByLabel('Set up so that').selectOption('port');
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
  await page.getByRole('button', { name: 'Hold its button' }).click();
  for (let n = 0; n < 4; n++) {
    await runUntilLight(page, 'on');
    await page.keyboard.press('Space');
    await runUntilLight(page, 'off');
  }
  await page.clock.resume();
  await page.getByText('The board stopped: the stick is in another port.').waitFor();
  await page.keyboard.press('o');
  await expect(page.getByText('It failed', { exact: true })).toBeVisible();
});
