import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from '../support/program';
import { views } from '../support/views';

/** A desk, a tablet, a phone, and a desk at twice the size. */
const sizes = [
  ['1280 × 800', 1280, 800],
  ['820 × 1180', 820, 1180],
  ['390 × 844', 390, 844],
  ['200 %', 640, 400],
] as const;

/** A theme changes colours: what lies where is judged in the one, and the other seen at the desk and on a phone. */
const sizesIn = { day: sizes, dim: sizes.filter(([, width]) => width === 1280 || width === 390) };

/** The program has no frames: no second page is needed to gather what was found in each, which takes longer than the search. */
const finder = (page: Page) => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

for (const theme of ['day', 'dim'] as const)
  for (const [name, path] of views)
    test(`the ${name} view has no serious finding in the ${theme} theme`, async ({ page, demo }) => {
      await page.addInitScript(
        (value) => localStorage.setItem('probe.theme', JSON.stringify({ state: { name: value }, version: 0 })),
        theme,
      );
      if (name === 'sign-in') await page.context().clearCookies();
      await page.goto(`${demo.url}${path}`);
      await page.getByRole('heading', { level: 1 }).waitFor();
      const found: string[] = [];
      for (const [size, width, height] of sizesIn[theme]) {
        await page.setViewportSize({ width, height });
        const { violations } = await finder(page).analyze();
        const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
        for (const { id, nodes } of serious)
          found.push(`${size}, ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
        const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        if (over > 0) found.push(`${size}: ${over} pixels wider than the screen`);
      }
      expect(found).toEqual([]);
    });

test('the case screen needs no scrolling at 1280 × 800 and no sideways scrolling on tablet and phone', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/cases/0d3a0c00-0000-4000-8000-000000000500`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  const overflow = () =>
    page.evaluate(() => ({
      down: document.documentElement.scrollHeight - window.innerHeight,
      sideways: document.documentElement.scrollWidth - window.innerWidth,
    }));
  expect(await overflow()).toEqual({ down: 0, sideways: 0 });
  for (const [width, height] of [
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    expect((await overflow()).sideways).toBe(0);
  }
});
