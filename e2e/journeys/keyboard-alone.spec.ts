import type { Page } from '@playwright/test';
import { sheet, title } from '../support/bench';
import { expect, test } from '../support/program';

/** Tab until the focus is on what the words name. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 60; presses++) {
    const focused = await page.evaluate(() => {
      const element = document.activeElement;
      if (element === document.body) return '';
      const label =
        element instanceof HTMLInputElement || element instanceof HTMLTextAreaElement
          ? [...(element.labels ?? [])].map((l) => l.textContent).join(' ')
          : '';
      return `${element?.getAttribute('aria-label') ?? ''} ${label} ${element?.textContent ?? ''}`;
    });
    if (name.test(focused)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`the Tab key never reached ${String(name)}`);
}

test('intake, trials, undo, note, parking and close by keyboard alone', async ({ page, program }) => {
  await page.goto(`${program.url}/`);
  await tabTo(page, /New case/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Machine', { exact: true })).toBeFocused();
  await page.keyboard.type('Keys only');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Net-maker');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Black screen');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Space');
  await expect(page.getByRole('radio', { name: 'Nothing at all' })).toBeChecked();
  await tabTo(page, /^\s*Open the case/);
  await page.keyboard.press('Enter');

  await expect(title(page)).toHaveText('Start it as it is');
  await page.keyboard.press('t');
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('1');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await page.keyboard.press('1');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(3);
  await page.keyboard.press('u');
  await expect(sheet(page)).toContainText('crossed out');

  await page.keyboard.press('n');
  await page.keyboard.type('Smells of the sea, key 1 pressed');
  await page.keyboard.press('Enter');
  await expect(sheet(page)).toContainText('Smells of the sea');

  await page.keyboard.press('Escape');
  await tabTo(page, /^\s*Park/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('a spare supply');
  await page.keyboard.press('Enter');
  await expect(title(page)).toHaveText('Waiting for a spare supply');
  await tabTo(page, /Resume/);
  await page.keyboard.press('Enter');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');

  await page.keyboard.press('c');
  await expect(title(page)).toContainText('Close');
  await tabTo(page, /What was done/);
  await page.keyboard.type('Rocker set to I.');
  await tabTo(page, /^\s*Close the case/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Closed by Bench')).toBeVisible();
});
