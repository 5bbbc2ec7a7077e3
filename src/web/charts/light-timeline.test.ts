import { watchFlash, type LightMark } from '../../core/firmware';
import { fullBoard } from '../../contracts/testing-board';
import { themes } from '../theme/tokens';
import { lightTimeline } from './light-timeline';

const { flash } = fullBoard;
if (!flash) throw new Error('expected a board that flashes itself');
const facts = { stick: null, isListedImage: false, isFormatChecked: false, portConfirmed: true, plugsConfirmed: true };
const blinks = (from: number, period: number, count: number): LightMark[] =>
  Array.from({ length: count }, (_, i) => ({ seen: 'blink', seconds: from + i * period }));
const draw = (marks: LightMark[], now: number) =>
  lightTimeline(flash, watchFlash(flash, marks, now, facts), marks, themes.day);

test('both rows tell their phases, from the book and from the marks', () => {
  const { series } = draw([...blinks(3, 1, 31), ...blinks(33.4, 0.4, 100)], 74);
  const bars = series.filter(({ type }) => type === 'bar');
  expect(bars.map(({ name }) => name)).toEqual(['reads', 'writes', 'reads', 'writes']);
  const lengths = bars.map(({ data }) => (data as (number | string)[]).find((value) => typeof value === 'number'));
  expect(lengths.slice(0, 2)).toEqual([60, 270]);
  expect(lengths[2]).toBeCloseTo(30.4, 0);
  expect(lengths[3]).toBeCloseTo(39.6, 0);
});

test('marks count from the first blink, as the clock does', () => {
  const { series } = draw(blinks(5, 1, 3), 8);
  expect(series.at(-1)?.data).toEqual([
    [0, 'seen'],
    [1, 'seen'],
    [2, 'seen'],
  ]);
});

test('the axis reaches past what is usual and past what was seen', () => {
  expect(draw([], 1).xAxis.max).toBe(360);
  expect(draw(blinks(0, 1, 500), 500).xAxis.max).toBeGreaterThanOrEqual(500);
  expect(draw([], 1).xAxis.axisLabel.formatter(90)).toBe('1:30');
});
