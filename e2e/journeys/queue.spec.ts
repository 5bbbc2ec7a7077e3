import { expect, test } from '../support/program';
import { title } from '../support/bench';

test('the queue shows the demo cases by state and finds them by number, machine, owner and complaint', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/`);
  const rows = page.getByRole('list', { name: 'Cases' }).getByRole('listitem');
  await expect(rows).toHaveCount(15);
  await page.getByRole('radio', { name: 'Parked' }).click();
  await expect(rows).toHaveCount(2);
  await expect(rows.filter({ hasText: 'museum' })).toContainText('for a new front USB lead');
  await page.getByRole('radio', { name: 'All' }).click();
  for (const [words, machine] of [
    ['0005', 'Tide-gauge logger'],
    ['lighthouse', 'Lighthouse museum kiosk'],
    ['rehearsal', 'Radio-drama club editing machine'],
  ] as const) {
    await page.getByRole('searchbox', { name: 'Search' }).fill(words);
    await expect(rows).toHaveCount(1);
    await expect(rows).toContainText(machine);
  }
  await page.getByRole('searchbox', { name: 'Search' }).fill('nothing like this');
  await expect(page.getByText('No matching cases.')).toBeVisible();
});

test('pressing a link of the chain shows its suspects, and an exported case file can be saved', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/`);
  await page.getByRole('link', { name: 'Tide-gauge logger' }).click();
  await page.getByRole('button', { name: /^Rails: suspected/ }).click();
  await expect(page.getByRole('heading', { name: 'Suspects at rails' })).toBeVisible();
  await expect(page.getByText('Passed when: fans turn and keep turning.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Liquid or dirt in the case switch/ })).toHaveCount(0);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Papers' }).click();
  await page.getByRole('link', { name: 'Save the case as a file' }).click();
  expect((await download).suggestedFilename()).toBe('case-0005.json');
});

test('the theme is kept, and who works here is shown', async ({ page, demo }) => {
  await page.goto(`${demo.url}/`);
  const ground = () => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  const day = await ground();
  await page.getByRole('button', { name: 'Dim theme' }).click();
  expect(await ground()).not.toBe(day);
  await page.reload();
  await expect(page.getByRole('button', { name: /You are Edda/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Day theme' })).toBeVisible();
  await expect(title(page)).toHaveText('Bench queue');
});

test('the queue says what is next and who is suspected, and sorts by its heads', async ({ page, demo }) => {
  await page.goto(`${demo.url}/`);
  const rows = page.getByRole('list', { name: 'Cases' }).getByRole('listitem');
  // What is overdue comes first.
  await expect(rows.first()).toContainText('overdue since');
  const tide = rows.filter({ hasText: 'Tide-gauge logger' });
  await expect(tide).toContainText('Press the case switch and feel how it moves');
  await expect(tide).toContainText(/min · \d+\s% liquid or dirt in the case switch/);
  await expect(tide).toContainText('Runa');
  await page.getByRole('button', { name: 'No.' }).click();
  await expect(rows.first()).toContainText('0015');
  await page.getByRole('button', { name: 'Next test' }).click();
  await expect(rows.first()).toContainText(/<\s1\smin/);
});
