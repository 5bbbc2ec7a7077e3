import { pickInstead, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

const long = 'The very old but much loved sail-plan drawing machine of the upper net loft, third from the left';

test('long names and complaints stay inside their places', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: long.slice(0, 80), reported: 'Nothing at all' });
  const overflow = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(await overflow()).toBe(0);
  await page.goto(`${program.url}/`);
  await expect(page.getByRole('link', { name: long.slice(0, 80) })).toBeVisible();
  expect(await overflow()).toBe(0);
});

test('on a phone nothing is cut off, and a trial chosen far down the page comes into view', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000000700`);
  await expect(page.getByRole('button', { name: 'Memory: failing, over 99 %' })).toContainText('> 99 %');
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
  await pickInstead(page, 'Strip to the minimum on the bench and start');
  await expect(title(page)).toBeInViewport();
});

test('a case with a hundred entries opens, scrolls its sheet and takes the next outcome', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Long story', reported: 'Nothing at all' });
  const id = page.url().split('/').at(-1) ?? '';
  const events = Array.from({ length: 100 }, (_, i) => ({
    kind: 'note-added',
    id: `00000000-0000-4000-9000-${String(i).padStart(12, '0')}`,
    at: new Date().toISOString(),
    by: 'Runa',
    text: `Entry number ${i + 1}`,
  }));
  const stored = await page.request.post(`${program.url}/api/cases/${id}/events`, {
    data: { expectedSequence: 1, events },
  });
  expect(stored.status()).toBe(201);
  await page.reload();
  await expect(sheet(page).getByRole('listitem')).toHaveCount(101);
  await expect(sheet(page).getByText('Entry number 100')).toBeInViewport();
  await expect(title(page)).toHaveText('Start it as it is');
  await page.keyboard.press('1');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await expect(sheet(page).getByRole('listitem')).toHaveCount(102);
});

test('an empty bench says what to do', async ({ page, program }) => {
  await page.goto(`${program.url}/`);
  await page.getByRole('radio', { name: 'Parked' }).click();
  await expect(page.getByText('No matching cases.')).toBeVisible();
});

test('of more cases than are shown the last stand in the queue, and each is found by its words or number', async ({
  page,
  program,
}) => {
  for (let i = 0; i < 205; i++) {
    const id = `00000000-0000-4000-a000-${String(i).padStart(12, '0')}`;
    const event = {
      kind: 'case-opened',
      id,
      at: new Date().toISOString(),
      by: 'Runa',
      machine: { name: `Locker machine ${i}`, parts: [] },
      owner: 'Storehouse',
      complaint: 'Dead',
      circumstances: [],
      reported: 'dead',
    };
    expect((await page.request.post(`${program.url}/api/cases`, { data: { id, events: [event] } })).status()).toBe(201);
  }
  await page.goto(`${program.url}/`);
  const listed = page.getByRole('list', { name: 'Cases' }).getByRole('listitem');
  await expect(listed).toHaveCount(200);
  await expect(page.getByText('The last 200 are shown.')).toBeVisible();
  const search = page.getByRole('searchbox', { name: 'Search' });
  await search.fill('99 storeh');
  await expect(listed).toHaveCount(1);
  await expect(page.getByText('The last 200 are shown.')).toBeHidden();
  // Too old for the list, and found all the same.
  await search.fill('#0001');
  await expect(listed).toHaveCount(1);
  await search.fill('machine nobody');
  await expect(page.getByText('No matching cases.')).toBeVisible();
});
