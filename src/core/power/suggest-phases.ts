import { cutOutsOf, type MarkedPhase, type TracePhase, type WallReading } from './wall-meter';

/** Below this at the wall it is off or in standby. */
const offWatts = 12;
/** So much above idle it is under load. */
const loadOverIdle = 1.35;
/** A stretch shorter than this is a passage and no phase. */
const leastSeconds = 3;
/** A cut-out is marked so long before it. */
const beforeCutOutSeconds = 2;

/**
 * What the phases of a trace probably are, for a person to correct: where it is off, where it runs at its lowest, where it
 * is under load (which of the loads, no trace can tell), and where it went off at once under load. A fall from idle may be
 * somebody's finger: whether it is a cut-out, a person says.
 */
export function suggestPhases(trace: readonly WallReading[]): MarkedPhase[] {
  const running = trace.map(({ watts }) => watts).filter((watts) => watts > offWatts);
  // A sample is as good, and sorted in no time.
  const every = Math.ceil(running.length / maxSample);
  const idle = quantile(
    running.filter((_, i) => i % every === 0),
    0.15,
  );
  const phaseOf = ({ watts }: Pick<WallReading, 'watts'>): TracePhase =>
    watts <= offWatts ? 'standby' : watts <= idle * loadOverIdle ? 'idle' : 'load';
  const runs: { phase: TracePhase; fromSeconds: number; toSeconds: number }[] = [];
  for (const reading of trace) {
    const phase = phaseOf(reading);
    const last = runs.at(-1);
    if (last?.phase === phase) last.toSeconds = reading.seconds;
    else runs.push({ phase, fromSeconds: reading.seconds, toSeconds: reading.seconds });
  }
  const fromLoad = cutOutsOf(trace).filter((cut) => phaseOf(cut) === 'load');
  const cutOuts = fromLoad.map(({ seconds }): MarkedPhase => ({
    phase: 'cut-out',
    fromSeconds: Math.max(0, seconds - beforeCutOutSeconds),
    toSeconds: seconds,
  }));
  return [...runs.filter(({ fromSeconds, toSeconds }) => toSeconds - fromSeconds >= leastSeconds), ...cutOuts]
    .sort((a, b) => a.fromSeconds - b.fromSeconds)
    .slice(0, maxPhases);
}

const maxPhases = 40;
const maxSample = 2000;

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
}
