import { playBenchTest } from '.';

test('bench tests come to an end of their own, and no part gets a wrong verdict', () => {
  const played = Array.from({ length: 12 }, (_, seed) => playBenchTest(seed + 15));
  expect(played.filter(({ isClosed }) => !isClosed)).toEqual([]);
  expect(played.reduce((sum, { wrongVerdicts }) => sum + wrongVerdicts, 0)).toBe(0);
  expect(played.every(({ trials }) => trials < 30)).toBe(true);
});

test('the same parts are tested in the same way', () => {
  expect(playBenchTest(24)).toEqual(playBenchTest(24));
});
