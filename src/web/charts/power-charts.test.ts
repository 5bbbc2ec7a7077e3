import { assessPower, planOf } from '../../core/power';
import { themes } from '../theme/tokens';
import { consumerColours, powerBudgetChart } from './power-budget';
import { wallTraceChart } from './wall-trace';

const { budget } = assessPower(
  planOf({
    consumers: [
      { kind: 'processor', name: 'processor', baseWatts: 65, boostWatts: 120 },
      { kind: 'graphics-card', name: 'drawing card', boardWatts: 200 },
    ],
    supply: { watts: 430, v12Watts: 340 },
  }),
);

test('each consumer is a bar of three loads, peak lowest, and the limits are lines with their words', () => {
  const { series, xAxis, yAxis } = powerBudgetChart(budget, themes.day);
  const bars = series.filter(({ type }) => type === 'bar');
  expect(bars.map(({ name }) => name)).toEqual(['processor', 'drawing card']);
  expect(yAxis.data).toEqual(['peak', 'sustained', 'typical']);
  expect(bars[1] && 'data' in bars[1] && bars[1].data).toEqual([350, 190, 50]);
  const lines = series.flatMap((one) => ('markLine' in one ? one.markLine.data : []));
  expect(lines.map(({ name, xAxis: at }) => [name, at])).toEqual([
    ['+12 V 340 W', 340],
    ['all 430 W', 430],
  ]);
  expect(xAxis.max).toBeGreaterThanOrEqual(budget.loads.peak.high);
});

test('the card has the second hue, the others shades that differ', () => {
  const colours = consumerColours(budget, themes.dim);
  expect(colours.map(({ colour }) => colour)).toEqual([themes.dim.strong, themes.dim.suspicionFill]);
});

test('a trace reaches past its peak and past the label, its phases named, its cut-outs marked', () => {
  const readings = [0, 1, 2, 3].map((seconds) => ({ seconds, watts: seconds === 3 ? 2 : 300 }));
  const { series, yAxis, xAxis } = wallTraceChart(
    {
      readings,
      phases: [{ phase: 'both', name: 'both loads', fromSeconds: 0, toSeconds: 2 }],
      cutOuts: [{ seconds: 3, watts: 300 }],
      labelAtWall: { low: 480, high: 540 },
    },
    themes.day,
  );
  const [line] = series;
  expect(xAxis.max).toBe(3);
  expect(yAxis.max).toBeGreaterThan(540);
  expect(line?.data).toHaveLength(4);
  expect(JSON.stringify(line?.markArea.data)).toMatch(/both loads.*label reached/);
  expect(line?.markPoint.data[0]).toMatchObject({ coord: [3, 300], label: { formatter: 'cut out at 300 W' } });
});
