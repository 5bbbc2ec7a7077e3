import type { Belief } from './belief';
import type { HypothesisSpace } from '../model/hypothesis-space';

/** Probability that no fault can act any more. `acting` is by fault index, in the configuration in force; see actingFaults. */
export function rightProbability(
  { second, pairsFrom, variants }: HypothesisSpace,
  { probabilities, stillThere, touched }: Belief,
  acting: Uint8Array,
): number {
  let right = 0;
  for (let a = 0; a < variants.length; a++) {
    const actsA = acting[variants[a]?.faultIndex ?? 0] === 1;
    right += (probabilities[a] ?? 0) * (actsA ? (stillThere[4 * a] ?? 0) : 1);
    // What acts and was never handled is still there.
    if (actsA && !touched[a]) continue;
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const b = second[h] ?? 0;
      const actsB = acting[variants[b]?.faultIndex ?? 0] === 1;
      let quiet = stillThere[4 * h] ?? 0;
      if (!actsA) quiet += stillThere[4 * h + 1] ?? 0;
      if (!actsB) quiet += stillThere[4 * h + 2] ?? 0;
      if (!actsA && !actsB) quiet += stillThere[4 * h + 3] ?? 0;
      right += (probabilities[h] ?? 0) * quiet;
    }
  }
  return right;
}
