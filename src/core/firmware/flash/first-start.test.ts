import { overdueOptions, watchFirstStart, type BareFlash, type ResetWay } from '..';
import { rankGaveUp } from './gave-up-reasons';

const times = { usualSeconds: 60, worstSeconds: 200 };
const reset: ResetWay = { how: 'pins', where: 'CLEAR, beside the cell', seconds: 10 };
const watch = (changes: readonly number[], elapsed: number, tried = 0) =>
  watchFirstStart(changes, elapsed, { times, tried, reset });

test.each([
  ['within its usual time', [], 59, 'waiting'],
  ['past it, with a change lately', [50], 90, 'moving'],
  ['past it, with nothing for longer than it takes', [50], 111, 'fixed'],
  ['nothing at all', [], 61, 'fixed'],
  ['past its worst time and still changing', [40, 90, 150, 190], 220, 'overdue'],
])('a first start %s: a change is progress, standing still is not', (_what, changes, elapsed, state) => {
  expect(watch(changes, elapsed).state).toBe(state);
});

test('what is done about one that stands still goes on from start to start, and ends with judging it', () => {
  const said = [0, 1, 2, 3, 9].map((tried) => watch([], 100, tried));
  expect(said.map(({ remedy }) => remedy)).toEqual(['drain', 'reset', 'one-module', 'judge', 'judge']);
  expect(said[1]?.remedyWords).toContain('CLEAR, beside the cell, 10 seconds');
  expect(watch([], 30, 3).remedy).toBeNull();
});

test('a board without times is given what most boards take', () => {
  expect(watchFirstStart([], 89, { tried: 0 }).state).toBe('waiting');
  expect(watchFirstStart([], 91, { tried: 0 }).remedyWords).not.toContain('undefined');
});

test('nothing that is to be done about an overdue flash takes its power away', () => {
  const flash = { worstSeconds: 600 } as BareFlash;
  const options = overdueOptions(flash, 640);
  expect(options[0]?.title).toContain('20 min');
  expect(overdueOptions(flash, 1300)[0]?.title).toContain('30 min');
  for (const { title } of options) expect(title).not.toMatch(/cut the power|switch (it )?off|pull the cord/i);
  expect(options.every(({ risk }) => risk !== '')).toBe(true);
});

test('on the board of a complete PC the wrong source is among the reasons, on others it is not', () => {
  const facts = {
    stick: 'good',
    isFormatChecked: true,
    isListedImage: false,
    portConfirmed: true,
    plugsConfirmed: true,
  };
  const ranked = (isOfCompletePc: boolean) =>
    rankGaveUp({ ...facts, stick: 'good', isOfCompletePc, blinks: 6, seconds: 9 }).map(({ code }) => code);
  expect(ranked(true).slice(0, 3)).toContain('source');
  expect(ranked(false)).not.toContain('source');
});
