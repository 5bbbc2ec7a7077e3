import type { WattsRange } from './watts-distribution';

/** Efficiency of a supply at a share of its rating, as a range of 0 to 1. */
export interface EfficiencyPoint {
  readonly load: number;
  readonly low: number;
  readonly high: number;
}

/** Without a data sheet: what usual supplies reach. */
export const USUAL_EFFICIENCY: readonly EfficiencyPoint[] = [
  { load: 0.05, low: 0.6, high: 0.85 },
  { load: 0.2, low: 0.8, high: 0.9 },
  { load: 0.5, low: 0.82, high: 0.92 },
  { load: 1, low: 0.79, high: 0.9 },
];

/** A curve from what a label or data sheet says at 20, 50 and 100 % of the rating, each a share of 0 to 1. */
export const efficiencyCurve = (at20: number, at50: number, at100: number, spread = 0.01): readonly EfficiencyPoint[] =>
  (
    [
      [0.2, at20],
      [0.5, at50],
      [1, at100],
    ] as const
  ).map(([load, value]) => ({ load, low: Math.max(0, value - spread), high: Math.min(1, value + spread) }));

/** Between two points as the crow flies, beyond them as at the last. */
function efficiencyAt(
  curve: readonly EfficiencyPoint[],
  load: number,
): { readonly low: number; readonly high: number } {
  const after = curve.findIndex((point) => point.load >= load);
  const [first] = curve;
  const last = curve.at(-1);
  if (!first || !last) return { low: 0, high: 1 };
  if (after === 0) return first;
  const [a, b] = after < 0 ? [last, last] : [curve[after - 1] ?? last, curve[after] ?? last];
  const share = a.load === b.load ? 0 : (load - a.load) / (b.load - a.load);
  return { low: a.low + share * (b.low - a.low), high: a.high + share * (b.high - a.high) };
}

/**
 * What a supply gives, by what the wall meter shows: wall × efficiency at that very load. A supply is never
 * compared with its rating by what it takes from the wall.
 *
 * @param ratingWatts of the label
 * @example outputFromWall(540, 600, efficiencyCurve(0.88, 0.88, 0.88, 0)) // => { low: 475.2, high: 475.2 }
 */
export function outputFromWall(
  wallWatts: number,
  ratingWatts: number,
  curve: readonly EfficiencyPoint[] = USUAL_EFFICIENCY,
): WattsRange {
  const settle = (edge: 'low' | 'high'): number => {
    let output = wallWatts * 0.85;
    for (let n = 0; n < 40; n++) output = wallWatts * efficiencyAt(curve, output / ratingWatts)[edge];
    return output;
  };
  return { low: settle('low'), high: settle('high') };
}

/** "load": under some load, nobody said which. */
export const TRACE_PHASES = ['standby', 'idle', 'graphics-load', 'processor-load', 'both', 'load', 'cut-out'] as const;
export type TracePhase = (typeof TRACE_PHASES)[number];

/** A reading of a wall meter. */
export interface WallReading {
  /** Seconds since the first one. */
  readonly seconds: number;
  readonly watts: number;
}

/** A phase as somebody marked it. */
export interface MarkedPhase {
  readonly phase: TracePhase;
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

export interface PhaseWatts {
  readonly marked: MarkedPhase;
  readonly readings: number;
  /** Half of the time it is below. */
  readonly median: number;
  readonly most: number;
}

/** Each marked phase with what the meter showed in it; a phase without a reading is left out. */
export function phaseWatts(trace: readonly WallReading[], phases: readonly MarkedPhase[]): PhaseWatts[] {
  return phases.flatMap((marked) => {
    const watts = trace
      .filter(({ seconds }) => seconds >= marked.fromSeconds && seconds <= marked.toSeconds)
      .map((reading) => reading.watts)
      .sort((a, b) => a - b);
    const median = watts[Math.floor((watts.length - 1) / 2)];
    const most = watts.at(-1);
    return median === undefined || most === undefined ? [] : [{ marked, readings: watts.length, median, most }];
  });
}

/** A moment at which the machine went off at once. */
export interface CutOut {
  readonly seconds: number;
  /** What the meter showed last before. */
  readonly watts: number;
}

/** Those of a trace that stand in a phase marked as one: a machine that is switched off falls as suddenly. */
export const markedCutOuts = (trace: readonly WallReading[], phases: readonly MarkedPhase[]): CutOut[] =>
  cutOutsOf(trace).filter(({ seconds }) =>
    phases.some(
      ({ phase, fromSeconds, toSeconds }) => phase === 'cut-out' && seconds >= fromSeconds && seconds <= toSeconds,
    ),
  );

/** As standby or less. */
const offWatts = 12;
/** At work before it went off. */
const workingWatts = 30;
/** A fall within these seconds is sudden. */
const suddenSeconds = 3;

/** Where it fell from work to nothing at once: by itself, or as it was switched off. */
export function cutOutsOf(trace: readonly WallReading[]): CutOut[] {
  return trace.flatMap((reading, i) => {
    const before = trace[i - 1];
    return before &&
      before.watts >= workingWatts &&
      reading.watts <= offWatts &&
      reading.seconds - before.seconds <= suddenSeconds
      ? [{ seconds: reading.seconds, watts: before.watts }]
      : [];
  });
}

/**
 * What was measured over what was estimated, as a range: the factor by which the estimates of the same load are
 * corrected, because they tend to be low.
 *
 * @param measured output of the supply, in watts
 * @param estimated the same load by the budget, in watts; null where it is 0 or less
 */
export function calibrationOf(measured: WattsRange, estimated: WattsRange): WattsRange | null {
  if (estimated.low <= 0) return null;
  return { low: measured.low / estimated.high, high: measured.high / estimated.low };
}
