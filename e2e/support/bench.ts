import { expect, type Page } from '@playwright/test';

/** What a technician does on the screens, in the words of the screens. */

export async function takeIn(
  page: Page,
  url: string,
  { machine, told, circumstances = [] }: { machine: string; told: string; circumstances?: readonly string[] },
): Promise<void> {
  await page.goto(`${url}/`);
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByLabel('Machine', { exact: true }).fill(machine);
  await page.getByLabel('Owner', { exact: true }).fill('Harbour master');
  await page.getByLabel('Complaint').fill('I press it and nothing happens.');
  await page.getByRole('radio', { name: told, exact: true }).check({ force: true });
  for (const name of circumstances) await page.getByRole('checkbox', { name }).check({ force: true });
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(page.getByText('Do this first')).toBeVisible();
}

export const title = (page: Page) => page.getByRole('heading', { level: 1 });

/** Presses an outcome of the trial in hand. */
export async function see(page: Page, outcome: string): Promise<void> {
  await page.getByRole('group', { name: 'What do you see?' }).getByRole('button', { name: outcome }).first().click();
}

/** Picks another trial instead of the proposed one. */
export async function pickInstead(page: Page, trial: string): Promise<void> {
  await page.getByRole('region', { name: 'Suspects and other trials' }).getByRole('button', { name: trial }).click();
  await expect(title(page)).toHaveText(trial);
}

export const sheet = (page: Page) => page.getByRole('list', { name: 'Entries' });
