import { expect, type Page } from '@playwright/test';

/** What a technician does on the screens, in the words of the screens. */

export async function takeIn(
  page: Page,
  url: string,
  {
    machine,
    reported,
    circumstances = [],
    parts,
  }: {
    machine: string;
    reported: string;
    circumstances?: readonly string[];
    /** Fills in the parts, where they are not the usual ones. */
    parts?: (page: Page) => Promise<void>;
  },
): Promise<void> {
  await page.goto(`${url}/`);
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByLabel('Machine', { exact: true }).fill(machine);
  await page.getByLabel('Owner', { exact: true }).fill('Harbour master');
  await page.getByLabel('Complaint').fill('I press it and nothing happens.');
  const reports = page.getByRole('radiogroup', { name: 'What happens when the button is pressed?' });
  await reports.getByRole('radio', { name: reported, exact: true }).check({ force: true });
  for (const name of circumstances) await page.getByRole('checkbox', { name }).check({ force: true });
  await parts?.(page);
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(page.getByText(/^(Do this first|Make it safe first)$/)).toBeVisible();
}

export const title = (page: Page) => page.getByRole('heading', { level: 1 });

/** Confirms the cautions of the trial in hand, where it has any that stand before the outcomes. */
export async function confirmCautions(page: Page): Promise<void> {
  const confirm = page.getByRole('button', { name: /^Done and safe/ });
  if (await confirm.isVisible()) await confirm.click();
}

/** Presses an outcome of the trial in hand, its cautions confirmed. */
export async function see(page: Page, outcome: string): Promise<void> {
  await page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();
  await confirmCautions(page);
  const group = page.getByRole('group', { name: 'What do you see?' });
  const large = group.getByRole('button', { name: outcome }).first();
  if (await large.isVisible()) return large.click();
  await group.getByRole('button', { name: 'Something else' }).click();
  await page.getByRole('dialog').getByRole('button', { name: outcome }).click();
}

/** Picks another trial instead of the proposed one: from the first ones, or found by its name among all. */
export async function pickInstead(page: Page, trial: string): Promise<void> {
  const others = page.getByRole('region', { name: 'Suspects and other tests' });
  const pick = others.getByRole('button').filter({ has: page.getByText(trial, { exact: true }) });
  await others.getByRole('heading', { name: 'Other tests' }).waitFor();
  await page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();
  if (!(await pick.isVisible())) {
    const all = others.getByRole('button', { name: /^Show all/ });
    if (await all.isVisible()) await all.click();
    await others.getByRole('searchbox', { name: 'Search' }).fill(trial);
  }
  await pick.click();
  await expect(title(page)).toHaveText(trial);
}

export const sheet = (page: Page) => page.getByRole('list', { name: 'Entries' });

/** Makes a trial the one in hand, whether it is proposed, listed or behind "Show all". */
export async function goTo(page: Page, trial: string): Promise<void> {
  await page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();
  if ((await title(page).textContent()) !== trial) await pickInstead(page, trial);
}

/** Makes a trial the one in hand and notes what is seen. */
export async function doTrial(page: Page, trial: string, outcome: string): Promise<void> {
  await goTo(page, trial);
  await see(page, outcome);
}

/** Presses a step of a number field until it stands at a value, starting from another. */
export async function more(page: Page, label: string, times = 1): Promise<void> {
  for (let n = 0; n < times; n++) await page.getByRole('button', { name: `More: ${label}` }).click();
}

/** Closes the case from the close view and waits for the closed card. */
export async function closeCase(page: Page, done: string): Promise<void> {
  await page.getByLabel('What was done').fill(done);
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByText('Closed by Bench')).toBeVisible();
}
