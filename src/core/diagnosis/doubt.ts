import { isSilent } from '../trials';
import { filter, type Belief, type CompiledStep } from './belief';
import type { EvidenceStep } from './evidence-step';
import { NONE, type HypothesisSpace } from './hypothesis-space';

/** How well one entry fits with all the others. */
export interface EntryFit {
  readonly eventId: string;
  /** Chance, 0 to 1, of what was seen in this entry, given every other entry before and after it. */
  readonly probability: number;
}

/** Leaving out one entry lifts no hypothesis from so far below the best (in logs) to where it would be noticed. */
const beyondReach = -32;

/**
 * Leaves each entry's observation out in turn (what was done stays done) and asks how likely it is given the rest: an
 * entry that is very unlikely may be mistaken. One pass forth and back over the log for each hypothesis that matters;
 * linear in hypotheses and steps. `compiled[k]` belongs to `steps[k]`; `last` is the belief after all of them.
 * Silent entries are left out of the answer.
 */
export function fitEntries(
  space: HypothesisSpace,
  steps: readonly EvidenceStep[],
  compiled: readonly (CompiledStep | null)[],
  last: Belief,
): EntryFit[] {
  const done = steps.flatMap((step, k) => {
    const ready = compiled[k];
    return ready ? [{ step, compiled: ready }] : [];
  });
  const ways = done.map(({ compiled: ready }) => ready);
  const without = evidenceWithoutEach(space, ways, last);
  return done.flatMap(({ step }, k) =>
    isSilent(step.outcome)
      ? []
      : [{ eventId: step.id, probability: Math.min(1, (without.all ?? 0) / (without.each[k] ?? 1)) }],
  );
}

interface Evidence {
  readonly all: number;
  /** With the observation of step k left out. */
  readonly each: Float64Array;
}

/** Evidence of the whole log, and with each step's observation left out, on one scale. */
function evidenceWithoutEach(space: HypothesisSpace, steps: readonly CompiledStep[], last: Belief): Evidence {
  const { logWeights, touched } = last;
  const top = logWeights.reduce((most, log) => Math.max(most, log), -Infinity);
  const each = new Float64Array(steps.length);
  const scratch = new Float64Array(4 * (steps.length + 1));
  let all = 0;
  for (let h = 0; h < logWeights.length; h++) {
    const below = (logWeights[h] ?? -Infinity) - top;
    if (below < beyondReach) continue;
    const [a = 0, b = NONE] = [space.first[h], space.second[h]];
    const weight = Math.exp(below);
    all += weight;
    if (touched[a] || (b !== NONE && touched[b])) addMoved(each, steps, a, b, weight, scratch);
    else addStill(each, steps, a, b, weight);
  }
  return { all, each };
}

/** A hypothesis that no handling has touched: its evidence divided by the entry's likelihood. */
function addStill(each: Float64Array, steps: readonly CompiledStep[], a: number, b: number, weight: number): void {
  for (let k = 0; k < steps.length; k++) {
    const step = steps[k];
    if (!step) continue;
    const oneA = step.one[a] ?? 1;
    const seen = b === NONE ? oneA : oneA + (step.pass[a] ?? 1) * ((step.one[b] ?? 1) - step.none);
    each[k] = (each[k] ?? 0) + weight / seen;
  }
}

/** A hypothesis whose faults may have gone on the way: forth with what is still there, back with what comes later. */
function addMoved(
  each: Float64Array,
  steps: readonly CompiledStep[],
  a: number,
  b: number,
  weight: number,
  there: Float64Array,
): void {
  there.fill(0, 0, 4);
  there[b === NONE ? 1 : 3] = 1;
  const gains = new Float64Array(steps.length);
  for (let k = 0; k < steps.length; k++) {
    const step = steps[k];
    there.copyWithin(4 * (k + 1), 4 * k, 4 * k + 4);
    if (step) gains[k] = filter(there, 4 * (k + 1), step, a, b);
  }
  // The chances of all later entries, by mask, over the same chances on the way that was taken.
  let later = [1, 1, 1, 1];
  for (let k = steps.length - 1; k >= 0; k--) {
    const step = steps[k];
    if (!step) continue;
    const [cureA, cureB] = [step.cure[a] ?? 0, b === NONE ? 0 : (step.cure[b] ?? 0)];
    each[k] = (each[k] ?? 0) + (weight * chanceFrom(there, 4 * k, moved(later, cureA, cureB))) / (gains[k] ?? 1);
    const oneA = step.one[a] ?? 1;
    const oneB = b === NONE ? 1 : (step.one[b] ?? 1);
    const both = b === NONE ? 1 : oneA + (step.pass[a] ?? 1) * (oneB - step.none);
    const seen = [step.none, oneA, oneB, both].map((chance, m) => (chance * (later[m] ?? 0)) / (gains[k] ?? 1));
    later = moved(seen, cureA, cureB);
  }
}

/** Chances by the mask before handling, from those by the mask after it. */
const moved = ([none = 0, onlyA = 0, onlyB = 0, both = 0]: readonly number[], cureA: number, cureB: number) => [
  none,
  onlyA * (1 - cureA) + none * cureA,
  onlyB * (1 - cureB) + none * cureB,
  both * (1 - cureA) * (1 - cureB) + onlyA * (1 - cureA) * cureB + onlyB * cureA * (1 - cureB) + none * cureA * cureB,
];

const chanceFrom = (there: Float64Array, i: number, later: readonly number[]): number =>
  (there[i] ?? 0) * (later[0] ?? 0) +
  (there[i + 1] ?? 0) * (later[1] ?? 0) +
  (there[i + 2] ?? 0) * (later[2] ?? 0) +
  (there[i + 3] ?? 0) * (later[3] ?? 0);

/** Below this an entry is worth a second look: starting judgement. */
const doubtful = 0.04;
const doubtsNamed = 3;

/** The entries that fit badly with the rest, worst first; at most three. */
export const doubtfulEntries = (fits: readonly EntryFit[]): EntryFit[] =>
  fits
    .filter(({ probability }) => probability < doubtful)
    .sort((a, b) => a.probability - b.probability)
    .slice(0, doubtsNamed);
