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

test.each([
  ['a broken cord gets a good one in its place, and stays away when sets go in', 8],
  ['a part that was put back for the proof does not stay in the way of the others', 22],
  ['a flat cell is changed and the test goes on', 55],
  ['a set that failed as a whole is taken apart, not tried over and over', 229],
])('%s', (_what, n) => {
  expect(playBenchTest(1_000_003 + n)).toMatchObject({ isClosed: true, wrongVerdicts: 0, untested: 0 });
});
