import { LOADS, type Load, type PowerBudget } from '../../core/power';
import { fonts, type Tokens } from '../theme/tokens';

const loadNames: Readonly<Record<Load, string>> = { typical: 'typical', sustained: 'sustained', peak: 'peak' };

/** What each consumer is drawn in: the card in the second hue, the others in shades of ink. */
export function consumerColours(
  budget: PowerBudget,
  theme: Tokens,
): readonly { name: string; colour: string; opacity: number }[] {
  let shade = 0;
  return budget.consumers.map(({ consumer }) =>
    consumer.kind === 'graphics-card'
      ? { name: consumer.name, colour: theme.suspicionFill, opacity: 1 }
      : { name: consumer.name, colour: theme.strong, opacity: shades[shade++ % shades.length] ?? 1 },
  );
}

const shades = [1, 0.78, 0.6, 0.45, 0.33, 0.23, 0.15] as const;

/** Limits that the picture shows: the whole, and +12 V where the label has one of its own. */
function drawnLimits({ limits }: PowerBudget): { name: string; watts: number }[] {
  const named = (id: string, name: string) =>
    limits
      .filter(({ limit }) => limit.id === id)
      .map(({ watts }) => ({ name: `${name} ${Math.round(watts)} W`, watts }));
  return [...named('v12', '+12 V'), ...named('total', 'all')];
}

/** Stacked bars by consumer for each load, with the range of each sum and the limits of the label. Pure. */
export function powerBudgetChart(budget: PowerBudget, theme: Tokens) {
  const rows = [...LOADS].reverse();
  const limits = drawnLimits(budget);
  const end = 1.08 * Math.max(50, ...LOADS.map((load) => budget.loads[load].high), ...limits.map(({ watts }) => watts));
  return {
    animation: false,
    grid: { left: 76, right: 14, top: 30, bottom: 24 },
    textStyle: { color: theme.ink, fontFamily: fonts.text, fontSize: 13 },
    tooltip: { show: false },
    xAxis: {
      type: 'value' as const,
      min: 0,
      max: Math.ceil(end / 100) * 100,
      splitNumber: 4,
      axisLabel: { color: theme.muted, formatter: '{value} W', fontSize: 12.5, showMaxLabel: false },
      splitLine: { lineStyle: { color: theme.line } },
    },
    yAxis: {
      type: 'category' as const,
      data: rows.map((load) => loadNames[load]),
      axisLabel: { color: theme.ink, fontSize: 13.5 },
      axisTick: { show: false },
      axisLine: { show: false },
    },
    series: [
      ...barsOf(budget, rows, theme),
      {
        type: 'custom' as const,
        name: 'range',
        silent: true,
        renderItem: drawRange(theme),
        encode: { x: [1, 2, 3], y: 0 },
        data: rows.map((load, i) => {
          const { low, middle, high } = budget.loads[load];
          return [i, low, high, middle];
        }),
      },
      limitLines(limits, theme),
    ],
  };
}

/** One stack of bars for each load, a bar a consumer. */
function barsOf(budget: PowerBudget, rows: readonly Load[], theme: Tokens) {
  const colours = consumerColours(budget, theme);
  return budget.consumers.map(({ consumer, loads }, i) => ({
    type: 'bar' as const,
    name: consumer.name,
    stack: 'watts',
    barWidth: 24,
    itemStyle: {
      color: colours[i]?.colour ?? theme.strong,
      opacity: colours[i]?.opacity ?? 1,
      borderColor: theme.ground,
      borderWidth: 1,
    },
    data: rows.map((load) => (loads[load].low + loads[load].high) / 2),
  }));
}

/** The limits of the label, the one that gives first dashed. */
const limitLines = (limits: readonly { readonly name: string; readonly watts: number }[], theme: Tokens) => ({
  type: 'line' as const,
  name: 'limits',
  data: [],
  markLine: {
    silent: true,
    symbol: 'none',
    animation: false,
    label: { color: theme.ink, fontWeight: 600, fontSize: 12, position: 'end' as const },
    data: limits.map(({ name, watts }, i) => ({
      name,
      xAxis: watts,
      label: { formatter: name, distance: [0, i === 0 && limits.length > 1 ? 2 : 15] },
      lineStyle: {
        color: i === 0 ? theme.danger : theme.ink,
        width: 2,
        type: i === 0 && limits.length > 1 ? ('dashed' as const) : ('solid' as const),
      },
    })),
  },
});

interface DrawApi {
  readonly value: (at: number) => number;
  readonly coord: (at: readonly [number, number]) => readonly [number, number];
}

/** A line with two ends below the bar from the least to the most, the middle of the sum written above its end. */
const drawRange = (theme: Tokens) => (_: unknown, api: DrawApi) => {
  const row = api.value(0);
  const [from, y] = api.coord([api.value(1), row]);
  const [to] = api.coord([api.value(2), row]);
  const at = y + 20;
  const line = (x1: number, y1: number, x2: number, y2: number) => ({
    type: 'line',
    shape: { x1, y1, x2, y2 },
    style: { stroke: theme.ink, lineWidth: 1.5 },
  });
  return {
    type: 'group',
    children: [
      line(from, at, to, at),
      line(from, at - 4, from, at + 4),
      line(to, at - 4, to, at + 4),
      {
        type: 'text',
        style: {
          text: `${Math.round(api.value(3))} W`,
          x: from - 6,
          y: at,
          fill: theme.ink,
          align: 'right',
          verticalAlign: 'middle',
          font: `600 13px ${fonts.code}`,
        },
      },
    ],
  };
};
