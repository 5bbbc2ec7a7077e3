import type { WallReading } from './wall-meter';

/**
 * A trace with at most `max` readings: of each stretch of equal length its first, least, greatest and last, in their
 * order, so that no peak and no cut-out is lost.
 */
export function thinTrace(trace: readonly WallReading[], max: number): readonly WallReading[] {
  if (trace.length <= max) return trace;
  const stretches = Math.floor(max / 4);
  const thinned: WallReading[] = [];
  for (let s = 0; s < stretches; s++) {
    const from = Math.floor((s * trace.length) / stretches);
    const to = Math.floor(((s + 1) * trace.length) / stretches);
    let [least, greatest] = [from, from];
    for (let i = from; i < to; i++) {
      if ((trace[i]?.watts ?? 0) < (trace[least]?.watts ?? 0)) least = i;
      if ((trace[i]?.watts ?? 0) > (trace[greatest]?.watts ?? 0)) greatest = i;
    }
    for (const i of new Set([from, least, greatest, to - 1].sort((a, b) => a - b))) {
      const reading = trace[i];
      if (reading) thinned.push(reading);
    }
  }
  return thinned;
}
