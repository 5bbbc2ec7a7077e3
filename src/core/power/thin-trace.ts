import { cutOutsOf, type WallReading } from './wall-meter';

/** The most cut-outs that are kept to the second; a trace has few. */
const maxKept = 100;

/**
 * A trace with at most `max` readings: of each stretch of equal length its first, least, greatest and last, and both
 * readings of each sudden fall, in their order, so that no peak and no cut-out is lost. `max` is 500 at least.
 */
export function thinTrace(trace: readonly WallReading[], max: number): readonly WallReading[] {
  if (trace.length <= max) return trace;
  const kept = new Set<number>();
  const falls = new Set(cutOutsOf(trace).map(({ seconds }) => seconds));
  trace.forEach(({ seconds, watts }, i) => {
    const isFall = falls.has(seconds) && watts < (trace[i - 1]?.watts ?? 0) && kept.size < 2 * maxKept;
    if (isFall) kept.add(i - 1).add(i);
  });
  const stretches = Math.floor((max - kept.size) / 4);
  for (let s = 0; s < stretches; s++) {
    const from = Math.floor((s * trace.length) / stretches);
    const to = Math.floor(((s + 1) * trace.length) / stretches);
    let [least, greatest] = [from, from];
    for (let i = from; i < to; i++) {
      if ((trace[i]?.watts ?? 0) < (trace[least]?.watts ?? 0)) least = i;
      if ((trace[i]?.watts ?? 0) > (trace[greatest]?.watts ?? 0)) greatest = i;
    }
    for (const i of [from, least, greatest, to - 1]) kept.add(i);
  }
  return trace.filter((_, i) => kept.has(i));
}
