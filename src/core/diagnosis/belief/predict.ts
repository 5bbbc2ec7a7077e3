import { unknownKeepsToLook } from '../model/expect-outcomes';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { OutcomeModel } from '../model/outcome-model';

/**
 * Probabilities of a trial's outcomes, in their order, from how far each variant was to decide them; they sum to 1.
 * `decides` comes from applySteps: by variant, the probability that what comes before it in the chain lets it decide. What
 * no variant decides shows as a machine without faults.
 */
export function decidedOutcomes(
  { variants }: HypothesisSpace,
  { model, pass }: { readonly model: OutcomeModel; readonly pass: Float64Array },
  decides: Float64Array,
  misreadProbability: number,
): Float64Array {
  const { width, none, badSpare, shows } = model;
  const probabilities = new Float64Array(width);
  let loose = 0;
  let untold = 1;
  variants.forEach(({ fault }, v) => {
    const share = (decides[v] ?? 0) * (1 - (pass[v] ?? 1));
    if (fault.somethingElse && !model.isTight) loose += (decides[v] ?? 0) * (1 - unknownKeepsToLook);
    if (share === 0) return;
    untold -= share;
    for (const { outcome, probability } of shows[v] ?? [])
      probabilities[outcome] = (probabilities[outcome] ?? 0) + share * probability;
  });
  for (let o = 0; o < width; o++) {
    const clean = (probabilities[o] ?? 0) + Math.max(0, untold) * (none[o] ?? 0);
    const spared = badSpare
      ? (1 - badSpare.probability) * clean + badSpare.probability * (badSpare.shows[o] ?? 0)
      : clean;
    const spread = 1 - (1 - loose) * (1 - misreadProbability);
    probabilities[o] = (1 - spread) * spared + spread / width;
  }
  return probabilities;
}
