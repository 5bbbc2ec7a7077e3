import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '../support/program';

const views = [
  ['queue', '/'],
  ['intake', '/cases/new'],
  ['case at work', '/cases/0d3a0c00-0000-4000-8000-000000000500'],
  ['memory grid', '/cases/0d3a0c00-0000-4000-8000-000000000700'],
  ['build-up', '/cases/0d3a0c00-0000-4000-8000-000000001100'],
  ['used parts', '/cases/0d3a0c00-0000-4000-8000-000000001300'],
  ['case parked', '/cases/0d3a0c00-0000-4000-8000-000000000200'],
  ['case closed', '/cases/0d3a0c00-0000-4000-8000-000000000100'],
  ['close', '/cases/0d3a0c00-0000-4000-8000-000000000400/close'],
  ['board book', '/boards'],
  ['board', '/boards/0d3a0b00-0000-4000-8000-000000000001'],
  ['board form', '/boards/new'],
  ['firmware bay', '/firmware'],
  ['shop', '/shop'],
  ['account', '/account'],
  ['sign-in', '/'],
  ['firmware of a case', '/cases/0d3a0c00-0000-4000-8000-000000000500/firmware'],
] as const;

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
      const { violations } = await new AxeBuilder({ page }).analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(
        serious.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`),
      ).toEqual([]);
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
