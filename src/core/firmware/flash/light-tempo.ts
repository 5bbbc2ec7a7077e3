import { median } from 'simple-statistics';
/** A run of blinks at one tempo. */
export interface TempoRun {
  /** Index of the phase that it was taken for. */
  readonly phase: number;
  readonly fromSeconds: number;
  readonly toSeconds: number;
  readonly periodSeconds: number;
}

/** Below this share of its period an interval is a finger that bounced. */
const bounce = 0.35;
/** Spread of a person's taps, as a share of the period. */
const tapSpread = 0.22;
/** Blinks missed in a row that still count as one tempo. */
const maxMissed = 3;
const costOfMiss = 1.2;
/** No single interval may decide against all the others. */
const maxCost = 6;
const costOfChange = 4;

/**
 * Which tempo each tap belongs to, when the light goes through phases in their order: the cheapest way (Viterbi) through
 * the intervals, each compared with its phase's period and with two, three or four of it for blinks that were missed. An
 * interval may cost no more than a bound, so that a slip does not make a phase. Bounced taps are left out first.
 */
export function tempoRuns(taps: readonly number[], periods: readonly number[]): TempoRun[] {
  const clean = withoutBounces(taps, Math.min(...periods));
  if (clean.length < 2 || periods.length === 0) return [];
  const intervals = clean.slice(1).map((tap, i) => tap - (clean[i] ?? 0));
  const phases = cheapestPhases(intervals, periods);
  const runs: TempoRun[] = [];
  let begin = 0;
  for (let i = 1; i <= intervals.length; i++) {
    if (i < intervals.length && phases[i] === phases[begin]) continue;
    const own = intervals.slice(begin, i);
    runs.push({
      phase: phases[begin] ?? 0,
      fromSeconds: clean[begin] ?? 0,
      toSeconds: clean[i] ?? 0,
      periodSeconds: periodOf(own),
    });
    begin = i;
  }
  return runs;
}

export function withoutBounces(taps: readonly number[], shortestSeconds: number): number[] {
  const kept: number[] = [];
  for (const tap of [...taps].sort((a, b) => a - b)) {
    const last = kept.at(-1);
    if (last === undefined || tap - last >= bounce * shortestSeconds) kept.push(tap);
  }
  return kept;
}

/** The period behind a few intervals, in seconds: the median, with missed blinks divided out. */
export function periodOf(intervals: readonly number[]): number {
  const base = median([...intervals]);
  return median(intervals.map((interval) => interval / Math.max(1, Math.round(interval / base))));
}

function costOf(interval: number, period: number): number {
  let least = maxCost;
  for (let blinks = 1; blinks <= 1 + maxMissed; blinks++) {
    const off = Math.log(interval / (blinks * period)) / tapSpread;
    least = Math.min(least, (off * off) / 2 + (blinks - 1) * costOfMiss);
  }
  return least;
}

/** Phases only go forward: one pass over the intervals, then back along what was cheapest. */
function cheapestPhases(intervals: readonly number[], periods: readonly number[]): number[] {
  let costs = periods.map((_, phase) => (phase === 0 ? 0 : costOfChange * phase));
  const cameFrom: number[][] = [];
  for (const interval of intervals) {
    const from: number[] = [];
    const next = periods.map((period, phase) => {
      let best = phase;
      for (let before = 0; before < phase; before++)
        if ((costs[before] ?? 0) + costOfChange < (costs[best] ?? 0)) best = before;
      from.push(best);
      return (costs[best] ?? 0) + (best === phase ? 0 : costOfChange) + costOf(interval, period);
    });
    cameFrom.push(from);
    costs = next;
  }
  let phase = costs.indexOf(Math.min(...costs));
  const phases: number[] = [];
  for (let i = intervals.length - 1; i >= 0; i--) {
    phases.unshift(phase);
    phase = cameFrom[i]?.[phase] ?? phase;
  }
  return phases;
}
