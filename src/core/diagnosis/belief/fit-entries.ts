import { falseAlarmsOf, isSilent } from '../../trials';
import type { EvidenceStep } from '../evidence-step';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';
import { filter, inTurn, type Belief, type CompiledStep } from './belief';
import { errorOfTyped } from './observed';

/** How well one entry fits with all the others. */
export interface EntryFit {
  readonly eventId: string;
  /** Probability, 0 to 1, of what was seen in this entry, given every other entry before and after it. */
  readonly probability: number;
  /** Probability, 0 to 1, that it was misread or misreported, given the whole log. */
  readonly mistaken: number;
}

/** Leaving out one entry lifts no hypothesis from so small a probability to where it would be noticed. */
export const beyondReach = 1e-15;

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
  if (done.length === 0) return [];
  const ways = inTurn(done.map(({ compiled: ready }) => ready));
  const without = evidenceWithoutEach(space, ways, last);
  return done.flatMap(({ step, compiled: ready }) => {
    if (isSilent(step.outcome)) return [];
    const probability = Math.min(1, without.all / (without.each[ways.indexOf(ready)] ?? 1));
    return [{ eventId: step.id, probability, mistaken: Math.min(1, errorOf(step) / probability) }];
  });
}

/** Probability, or density per volt, that just this was written down though something else was there to be seen. */
function errorOf(step: EvidenceStep): number {
  const { trial, outcome, misreadProbability } = step;
  const { observe, outcomes } = trial;
  const typed = errorOfTyped(step);
  if (typed) return typed.misread * typed.perVolt;
  const misread = misreadProbability / outcomes.length;
  if (observe.kind !== 'look') return misread;
  const option = observe.look.options.findIndex(({ id }) => id === outcome);
  return option > 0 ? misread + (falseAlarmsOf(observe.look.options)[option] ?? 0) : misread;
}

interface Evidence {
  readonly all: number;
  /** With the observation of step k left out. */
  readonly each: Float64Array;
}

/** Evidence of the whole log, and with each step's observation left out, on one scale. */
function evidenceWithoutEach(space: HypothesisSpace, steps: readonly CompiledStep[], last: Belief): Evidence {
  const { probabilities, touched } = last;
  const each = new Float64Array(steps.length);
  const way = roomFor(steps);
  const { variants, second, pairsFrom } = space;
  const group: Group = { b: new Int32Array(variants.length), weight: new Float64Array(variants.length), size: 0 };
  let all = 0;
  for (let a = 0; a < variants.length; a++) {
    group.size = 0;
    const take = (h: number, b: number) => {
      const weight = probabilities[h] ?? 0;
      if (weight < beyondReach) return;
      all += weight;
      if (touched[a] || (b !== NONE && touched[b])) addMoved(each, steps, a, b, weight, way);
      else {
        group.b[group.size] = b;
        group.weight[group.size] = weight;
        group.size += 1;
      }
    };
    take(a, NONE);
    const to = pairsFrom[a + 1] ?? 0;
    for (let h = pairsFrom[a] ?? 0; h < to; h++) take(h, second[h] ?? 0);
    if (group.size > 0) addStill(each, steps, a, group);
  }
  return { all, each };
}

/** Hypotheses with the same first fault that no handling has touched: their second faults and weights. */
interface Group {
  readonly b: Int32Array;
  readonly weight: Float64Array;
  size: number;
}

/** Hypotheses that no handling has touched: their evidence divided by the entry's likelihood. */
function addStill(each: Float64Array, steps: readonly CompiledStep[], a: number, { b, weight, size }: Group): void {
  let sum = 0;
  for (let i = 0; i < size; i++) sum += weight[i] ?? 0;
  for (let k = 0; k < steps.length; k++) {
    const step = steps[k];
    if (!step) continue;
    const { one, none } = step;
    const oneA = one[a] ?? 1;
    const through = step.pass[a] ?? 1;
    // Where the second fault makes no difference, all are divided alike.
    let alike = sum;
    let others = 0;
    if (through > 0)
      for (let i = 0; i < size; i++) {
        const second = b[i] ?? NONE;
        const oneB = second === NONE ? none : (one[second] ?? 1);
        if (oneB === none) continue;
        const own = weight[i] ?? 0;
        alike -= own;
        others += own / (oneA + through * (oneB - none));
      }
    each[k] = (each[k] ?? 0) + Math.max(0, alike) / oneA + others;
  }
}

/** Room for one hypothesis on its way through the log: what is still there before each step, and what each step weighs. */
interface Way {
  readonly there: Float64Array;
  readonly gains: Float64Array;
}

export const roomFor = (steps: readonly unknown[]): Way => ({
  there: new Float64Array(4 * (steps.length + 1)),
  gains: new Float64Array(steps.length),
});

/** A hypothesis whose faults may have gone on the way: forth with what is still there, back with what comes later. */
export function addMoved(
  each: Float64Array,
  steps: readonly CompiledStep[],
  a: number,
  b: number,
  weight: number,
  { there, gains }: Way,
): void {
  there.fill(0, 0, 4);
  there[b === NONE ? 1 : 3] = 1;
  for (let k = 0; k < steps.length; k++) {
    const step = steps[k];
    there.copyWithin(4 * (k + 1), 4 * k, 4 * k + 4);
    if (step) gains[k] = filter(there, 4 * (k + 1), step, a, b);
  }
  // The probabilities of all later entries by the mask before them, over the same probabilities on the way that was taken.
  let [l0, l1, l2, l3] = [1, 1, 1, 1];
  for (let k = steps.length - 1; k >= 0; k--) {
    const step = steps[k];
    if (!step) continue;
    const [goesA, goesB] = [step.cure[a] ?? 0, b === NONE ? 0 : (step.cure[b] ?? 0)];
    const gain = gains[k] ?? 1;
    const i = 4 * k;
    // First as if nothing had been seen at k, then with what was seen.
    const [u1, u2, u3] = beforeHandling(l0, l1, l2, l3, goesA, goesB);
    const unseen =
      (there[i] ?? 0) * l0 + (there[i + 1] ?? 0) * u1 + (there[i + 2] ?? 0) * u2 + (there[i + 3] ?? 0) * u3;
    each[k] = (each[k] ?? 0) + (weight * unseen) / gain;
    const oneA = step.one[a] ?? 1;
    const oneB = b === NONE ? 1 : (step.one[b] ?? 1);
    const both = b === NONE ? 1 : oneA + (step.pass[a] ?? 1) * (oneB - step.none);
    l0 = (step.none * l0) / gain;
    [l1, l2, l3] = beforeHandling(l0, (oneA * l1) / gain, (oneB * l2) / gain, (both * l3) / gain, goesA, goesB);
  }
}

/** Probabilities by the mask before handling, from those by the mask after it: only the first there, only the second, both. */
function beforeHandling(
  none: number,
  onlyA: number,
  onlyB: number,
  both: number,
  goesA: number,
  goesB: number,
): [number, number, number] {
  const [staysA, staysB] = [1 - goesA, 1 - goesB];
  return [
    onlyA * staysA + none * goesA,
    onlyB * staysB + none * goesB,
    both * staysA * staysB + onlyA * staysA * goesB + onlyB * goesA * staysB + none * goesA * goesB,
  ];
}
