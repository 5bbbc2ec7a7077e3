import type { Belief } from '../belief/belief';
import type { FaultInstance } from '../../faults';
import { unknownKeepsToLook } from '../model/expect-outcomes';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { WatchedTrial } from '../model/outcome-model-cache';

/** Who stands first in the list of suspects after one outcome, with the figure that stands there then. */
export interface LeadingSuspect {
  /** Index of the fault. */
  readonly fault: number;
  readonly probability: number;
}

/**
 * The first of the list of suspects after each outcome of a trial; null where no known fault is left. All hypotheses
 * count, so that the figure is the very one that the list will show; "something else" and what was repaired in
 * vain never stand first. Linear in
 * hypotheses: for the few trials that are shown, not for the plan.
 */
export function forecastSuspects(
  space: HypothesisSpace,
  belief: Belief,
  watched: WatchedTrial,
  { misreadProbability, spent }: { misreadProbability: number; spent: ReadonlySet<FaultInstance> },
): (LeadingSuspect | null)[] {
  const { width } = watched.model;
  const { faults } = space;
  const rows = jointByFault(space, belief, watched);
  const blur = blurOf(watched, rows, misreadProbability);
  const total = blur(faults.length, false);
  const leading: (LeadingSuspect | null)[] = Array.from({ length: width }, () => null);
  faults.forEach((one, fault) => {
    const { somethingElse } = one;
    const row = blur(fault, somethingElse);
    row.forEach((p, o) => {
      // "Something else" is alone in its hypotheses, and no other row counts it.
      if (somethingElse) total[o] = (total[o] ?? 0) + p;
      else if (!spent.has(one) && p > (leading[o]?.probability ?? 0)) leading[o] = { fault, probability: p };
    });
  });
  return leading.map((lead, o) => lead && { ...lead, probability: lead.probability / (total[o] ?? 1) });
}

/** Joint weights by fault, and in one more row all hypotheses of known faults, each once. */
interface Rows {
  /** Row-major, one entry an outcome: what faults decide. */
  readonly decided: Float64Array;
  /** By row: where nothing decides. */
  readonly quiet: Float64Array;
  /** By row: everything. */
  readonly mass: Float64Array;
}

function jointByFault(space: HypothesisSpace, belief: Belief, { model, pass }: WatchedTrial): Rows {
  const { variants, faults, second, pairsFrom } = space;
  const { probabilities, stillThere, touched } = belief;
  const { width, shows } = model;
  const all = faults.length;
  const decided = new Float64Array((all + 1) * width);
  const quiet = new Float64Array(all + 1);
  const mass = new Float64Array(all + 1);
  const decide = (row: number, v: number, weight: number) => {
    if (weight === 0) return;
    for (const { outcome, probability } of shows[v] ?? [])
      decided[row * width + outcome] = (decided[row * width + outcome] ?? 0) + weight * probability;
  };
  const leave = (row: number, still: number, whole: number) => {
    quiet[row] = (quiet[row] ?? 0) + still;
    mass[row] = (mass[row] ?? 0) + whole;
  };
  for (let a = 0; a < variants.length; a++) {
    const own = variants[a]?.faultIndex ?? 0;
    const through = pass[a] ?? 1;
    const alone = probabilities[a] ?? 0;
    const there = touched[a] ? alone * (stillThere[4 * a + 1] ?? 0) : alone;
    let decides = there * (1 - through);
    let still = alone - decides;
    let whole = alone;
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const p = probabilities[h] ?? 0;
      if (p < beyondCounting) continue;
      const b = second[h] ?? 0;
      const beside = variants[b]?.faultIndex ?? 0;
      const moved = touched[a] === 1 || touched[b] === 1;
      const both = moved ? p * (stillThere[4 * h + 3] ?? 0) : p;
      const onlyA = moved ? p * (stillThere[4 * h + 1] ?? 0) : 0;
      const onlyB = moved ? p * (stillThere[4 * h + 2] ?? 0) : 0;
      const byA = (both + onlyA) * (1 - through);
      const byB = (both * through + onlyB) * (1 - (pass[b] ?? 1));
      decide(beside, a, byA);
      decide(beside, b, byB);
      decide(own, b, byB);
      decide(all, b, byB);
      leave(beside, p - byA - byB, p);
      decides += byA;
      still += p - byA - byB;
      whole += p;
    }
    const isKnown = variants[a]?.fault.somethingElse === false;
    for (const row of isKnown ? [own, all] : [own]) {
      decide(row, a, decides);
      leave(row, still, whole);
    }
  }
  return { decided, quiet, mass };
}

/** A pair this unlikely changes no figure that is shown. */
const beyondCounting = 1e-9;

/** One row with what a bad spare, misreading and the unknown blur; see jointProbabilities, which does so for the plan. */
function blurOf({ model }: WatchedTrial, { decided, quiet, mass }: Rows, misreadProbability: number) {
  const { width, none, badSpare, isTight } = model;
  return (row: number, isUnknown: boolean): Float64Array => {
    const spread = 1 - (isUnknown && !isTight ? unknownKeepsToLook : 1) * (1 - misreadProbability);
    const whole = mass[row] ?? 0;
    return Float64Array.from({ length: width }, (_, o) => {
      const told = (decided[row * width + o] ?? 0) + (quiet[row] ?? 0) * (none[o] ?? 0);
      const clean = badSpare
        ? (1 - badSpare.probability) * told + whole * badSpare.probability * (badSpare.shows[o] ?? 0)
        : told;
      return (1 - spread) * clean + (spread * whole) / width;
    });
  };
}
