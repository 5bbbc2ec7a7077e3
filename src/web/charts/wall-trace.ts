import type { CutOut, MarkedPhase, WallReading } from '../../core/power';
import { fonts, type Tokens } from '../theme/tokens';

export interface WallTraceParts {
  readonly readings: readonly WallReading[];
  readonly phases: readonly (MarkedPhase & { readonly name: string })[];
  readonly cutOuts: readonly CutOut[];
  /** At the wall, where the supply gives what its label allows: from the best to the worst efficiency; null without a label. */
  readonly labelAtWall: { readonly low: number; readonly high: number } | null;
}

/** Watts at the wall over time, its phases named below, cut-outs marked, and where the label is reached. Pure. */
export function wallTraceChart({ readings, phases, cutOuts, labelAtWall }: WallTraceParts, theme: Tokens) {
  const end = Math.max(1, readings.at(-1)?.seconds ?? 1);
  const most = readings.reduce((peak, { watts }) => Math.max(peak, watts), 0);
  const top = 1.15 * Math.max(50, most, labelAtWall?.high ?? 0);
  return {
    animation: false,
    grid: { left: 52, right: 16, top: 22, bottom: 26 },
    textStyle: { color: theme.ink, fontFamily: fonts.text, fontSize: 12.5 },
    xAxis: {
      type: 'value' as const,
      min: 0,
      max: end,
      axisLabel: { color: theme.muted, formatter: '{value} s', hideOverlap: true, fontSize: 12.5 },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value' as const,
      min: 0,
      max: Math.ceil(top / 100) * 100,
      splitNumber: 4,
      axisLabel: { color: theme.muted, fontSize: 12.5, showMaxLabel: false },
      splitLine: { lineStyle: { color: theme.line } },
    },
    series: [
      {
        type: 'line' as const,
        name: 'wall',
        showSymbol: false,
        lineStyle: { color: theme.strong, width: 2 },
        data: readings.map(({ seconds, watts }) => [seconds, watts]),
        markArea: areasOf(phases, labelAtWall, { theme, end }),
        markPoint: cutOutMarks(cutOuts, { theme, end }),
      },
    ],
  };
}

interface Drawn {
  readonly theme: Tokens;
  /** The last second of the trace. */
  readonly end: number;
}

/** The phases one behind the other, and the height at which the label is reached. */
function areasOf(phases: WallTraceParts['phases'], labelAtWall: WallTraceParts['labelAtWall'], { theme, end }: Drawn) {
  const shown = phases.filter(({ phase }) => phase !== 'cut-out');
  return {
    silent: true,
    data: [
      ...shown.map(({ name, fromSeconds, toSeconds }, i) => [
        {
          name,
          xAxis: fromSeconds,
          itemStyle: { color: i % 2 === 0 ? theme.sunk : 'transparent' },
          label: {
            color: theme.muted,
            fontSize: 12,
            position: 'insideTop' as const,
            show: toSeconds - fromSeconds > end / 14,
          },
        },
        { xAxis: toSeconds },
      ]),
      ...(labelAtWall
        ? [
            [
              {
                name: 'label reached',
                yAxis: labelAtWall.low,
                itemStyle: { color: theme.danger, opacity: 0.16 },
                label: { color: theme.danger, fontWeight: 600, fontSize: 12, position: 'insideRight' as const },
              },
              { yAxis: labelAtWall.high },
            ],
          ]
        : []),
    ],
  };
}

const cutOutMarks = (cutOuts: readonly CutOut[], { theme, end }: Drawn) => ({
  silent: true,
  symbol: 'path://M0,0 L10,10 M10,0 L0,10',
  symbolSize: 13,
  itemStyle: { color: 'transparent', borderColor: theme.danger, borderWidth: 3 },
  label: { color: theme.danger, fontWeight: 600, fontSize: 12, position: 'top' as const, distance: 2 },
  data: cutOuts.map(({ seconds, watts }) => ({
    name: 'cut out',
    coord: [seconds, watts],
    label: {
      formatter: `cut out at ${Math.round(watts)} W`,
      ...(seconds > 0.8 * end ? { position: 'left' as const } : {}),
    },
  })),
});
