import type { BareFlash, FlashWatch, LightMark } from '../../core/firmware';
import { fonts, type Tokens } from '../theme/tokens';

const phaseNames = {
  reading: 'reads',
  writing: 'writes',
  blinking: 'blinks',
  finished: 'finished',
  'gave-up': 'gave up',
} as const;

interface Segment {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly isPlan: boolean;
}

/** The stretches that the book expects, drawn at their longest usual times. */
function expected({ phases }: BareFlash): Segment[] {
  let at = 0;
  return phases.flatMap(({ phase, light, toSeconds }) => {
    if (light !== 'blink' || toSeconds === undefined) return [];
    const segment = { name: phaseNames[phase], from: at, to: at + toSeconds, isPlan: true };
    at += toSeconds;
    return [segment];
  });
}

/** What was seen of the light, from the first blink on. */
const observed = ({ runs }: FlashWatch, first: number): Segment[] =>
  runs
    .filter(({ toSeconds, fromSeconds }) => toSeconds > fromSeconds)
    .map(({ phase, fromSeconds, toSeconds }) => ({
      name: phaseNames[phase],
      from: fromSeconds - first,
      to: toSeconds - first,
      isPlan: false,
    }));

/** One bar of the row that it belongs to; the other row has none. */
function bar({ name, from, to, isPlan }: Segment, end: number, theme: Tokens) {
  return {
    type: 'bar' as const,
    stack: 'light',
    name,
    barWidth: 26,
    itemStyle: {
      color: isPlan ? theme.sunk : theme.suspicionFill,
      borderColor: isPlan ? theme.muted : theme.suspicion,
      borderWidth: 1,
    },
    label: { show: to - from > end / 12, formatter: name, color: theme.ink },
    data: isPlan ? [to - from, '-'] : ['-', to - from],
  };
}

const minutesAndSeconds = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** A bar chart of two rows: what the light does, and what the book says that it usually does. Pure. */
export function lightTimeline(flash: BareFlash, watch: FlashWatch, marks: readonly LightMark[], theme: Tokens) {
  const first = marks.find(({ seen }) => seen === 'blink')?.seconds ?? 0;
  const plan = expected(flash);
  const end = Math.max(30, watch.elapsedSeconds, ...plan.map(({ to }) => to));
  const tick = end > 150 ? 60 : 10;
  return {
    animation: false,
    grid: { left: 60, right: 16, top: 10, bottom: 26 },
    textStyle: { color: theme.ink, fontFamily: fonts.text, fontSize: 13 },
    xAxis: {
      type: 'value' as const,
      min: 0,
      max: Math.ceil(end / tick) * tick,
      interval: tick,
      axisLabel: { color: theme.muted, formatter: minutesAndSeconds },
      splitLine: { lineStyle: { color: theme.line } },
    },
    yAxis: {
      type: 'category' as const,
      data: ['usual', 'seen'],
      axisLabel: { color: theme.ink },
      axisTick: { show: false },
    },
    series: [
      ...[...plan, ...observed(watch, first)].map((segment) => bar(segment, end, theme)),
      {
        type: 'scatter' as const,
        name: 'marks',
        symbol: 'rect',
        symbolSize: [2, 12],
        itemStyle: { color: theme.ink },
        silent: true,
        data: marks.map(({ seconds }) => [seconds - first, 'seen']),
      },
    ],
  };
}
