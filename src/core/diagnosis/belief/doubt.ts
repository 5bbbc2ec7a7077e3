import { falseAlarmsOf, isSilent, looksAt } from '../../trials';
import { placementOf } from '../../machine';
import { canAct, type FaultInstance, type RepairClass } from '../../faults';
import { filter, type Belief, type CompiledStep } from './belief';
import type { EvidenceStep } from '../evidence-step';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';
import { cameBack, isOwnersWord, observedStart, seemsGone, wentWith } from './complaint';
import type { Replay } from './replay';
import { probabilityByFault } from './suspects';

/** How well one entry fits with all the others. */
export interface EntryFit {
  readonly eventId: string;
  /** Probability, 0 to 1, of what was seen in this entry, given every other entry before and after it. */
  readonly probability: number;
  /** Probability, 0 to 1, that it was misread or misreported, given the whole log. */
  readonly mistaken: number;
}

/** Leaving out one entry lifts no hypothesis from so small a probability to where it would be noticed. */
const beyondReach = 1e-15;

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
  const ways = done.map(({ compiled: ready }) => ready);
  const without = evidenceWithoutEach(space, ways, last);
  return done.flatMap(({ step }, k) => {
    if (isSilent(step.outcome)) return [];
    const probability = Math.min(1, without.all / (without.each[k] ?? 1));
    return [{ eventId: step.id, probability, mistaken: Math.min(1, errorOf(step) / probability) }];
  });
}

/** Probability, 0 to 1, that just this outcome was written down though something else was there to be seen. */
function errorOf({ trial, outcome, misreadProbability }: EvidenceStep): number {
  const { observe, outcomes } = trial;
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
  const scratch = new Float64Array(4 * (steps.length + 1));
  const { variants, second, pairsFrom } = space;
  const group: Group = { b: new Int32Array(variants.length), weight: new Float64Array(variants.length), size: 0 };
  let all = 0;
  for (let a = 0; a < variants.length; a++) {
    group.size = 0;
    const take = (h: number, b: number) => {
      const weight = probabilities[h] ?? 0;
      if (weight < beyondReach) return;
      all += weight;
      if (touched[a] || (b !== NONE && touched[b])) addMoved(each, steps, a, b, weight, scratch);
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

/** So likely mistaken, an entry is named whatever follows from it. All are tried on flipped logs (docs/benchmarks.md). */
const surelyMistaken = 0.25;
/** So likely mistaken, an entry is named if another cause would lead without it, and the complaint was gone and is back. */
const likelyMistaken = 0.06;
/**
 * So likely mistaken, an entry is named once the complaint is gone if another cause would lead without it, not
 * with the repair of what leads: then the cure speaks against it.
 */
const maybeMistaken = 0.002;
/** The same where what leads is bypassed as it works: that it works is no riddle then. */
const maybeMistakenAside = 0.01;
/** Below this probability of stopping one start, 0 to 1, a fault comes and goes. */
const comesAndGoes = 0.9;
/** Below this probability several are about as likely, and any entry would put the next of their kind first. */
const clearLead = 0.4;
const doubtsNamed = 3;

/**
 * The entries that may be mistaken; at most three. Named is what is likely an error; what may be one if it holds up what
 * leads: taken back, another would lead; and once the complaint is gone by another repair, the more so. First come the
 * errors on which something hangs, then the other errors, then what may be one, what the owner told last. Surprise alone
 * is no doubt. Never in a log of one entry, where there is nothing else to fit, and never what was sighted, repaired and
 * has gone since.
 */
export function doubtfulEntries(
  replayed: Pick<Replay, 'machine' | 'space' | 'steps' | 'compiled' | 'belief'>,
  fits: readonly EntryFit[],
): EntryFit[] {
  if (fits.length < 2) return [];
  const { space, steps, compiled, belief } = replayed;
  const probabilities = probabilityByFault(space, belief);
  const leader = leaderOf(probabilities);
  const fault = space.faults[leader];
  const leads = (probabilities[leader] ?? 0) >= clearLead;
  const least = fault ? leastMistaken(fault, replayed) : surelyMistaken;
  const stepOf = new Map(steps.map((step) => [step.id, step]));
  const isTold = ({ eventId }: EntryFit): boolean => {
    const step = stepOf.get(eventId);
    return step !== undefined && isOwnersWord(step);
  };
  // The first thing that was seen at the bench is doubted for nothing that somebody told.
  const isFirstSeen = fits.filter((fit) => !isTold(fit)).length < 2;
  const candidates = fits.filter((fit) => {
    const step = stepOf.get(fit.eventId);
    return fit.mistaken >= least && !(isFirstSeen && !isTold(fit)) && !(step && fault && isBornOut(step, fault, steps));
  });
  if (candidates.length === 0) return [];
  const done = steps.filter((_, k) => compiled[k]);
  const at = candidates.map(({ eventId }) => done.findIndex(({ id }) => id === eventId));
  const ways = compiled.filter((one) => one !== null);
  const leaders = leadersWithout(space, ways, belief, at);
  const matters = new Set(
    candidates.filter((_, c) => isAnother(space.faults[leaders[c] ?? 0]?.repairClass, fault?.repairClass, leads)),
  );
  const isNamed = candidates.some((fit) => isSurely(fit) || matters.has(fit));
  const placeOf = (fit: EntryFit) => (isTold(fit) ? 3 : !isSurely(fit) ? 2 : matters.has(fit) ? 0 : 1);
  return candidates
    .filter((fit) => matters.has(fit) || (isNamed && fit.mistaken >= likelyMistaken))
    .sort((one, other) => placeOf(one) - placeOf(other) || other.mistaken - one.mistaken)
    .slice(0, doubtsNamed);
}

const isSurely = ({ mistaken }: EntryFit): boolean => mistaken >= surelyMistaken;

/** Another repair, and not just that of a like part where neither leads clearly. */
const isAnother = (without: RepairClass | undefined, leading: RepairClass | undefined, leads: boolean): boolean =>
  without?.id !== leading?.id && (leads || without?.repair !== leading?.repair);

/** From so likely mistaken on an entry is looked at closer. */
function leastMistaken(fault: FaultInstance, { machine, steps }: Pick<Replay, 'machine' | 'steps'>): number {
  if (!seemsGone(steps)) return cameBack(steps) ? likelyMistaken : surelyMistaken;
  if (wentWith(fault.repairClass, steps)) return surelyMistaken;
  const last = steps.findLast(({ trial, outcome }) => trial.repair !== null && outcome !== 'could-not');
  const worked = steps.findLast((step) => observedStart(step) !== null);
  // What comes and goes lets it work now and then, with nothing done.
  if (!last && fault.stopProbability < comesAndGoes) return likelyMistaken;
  const isAside = worked !== undefined && !canAct(fault, machine, worked.configuration);
  return isAside ? maybeMistakenAside : maybeMistaken;
}

/** The cure itself, or a sighting of the fault that is away or repaired, and the complaint has been gone since. */
function isBornOut(step: EvidenceStep, fault: FaultInstance, steps: readonly EvidenceStep[]): boolean {
  if (!seemsGone(steps)) return false;
  if (step === steps.findLast((one) => observedStart(one) !== null)) return step.outcome === 'works';
  const { observe, part } = step.trial;
  if (observe.kind !== 'look' || !part || !looksAt(observe.look, part, fault)) return false;
  const isSighted = fault.mode.sightings?.some(({ look, as }) => look === observe.look.id && as === step.outcome);
  const now = steps.at(-1)?.configuration;
  const isAway = now !== undefined && ['out', 'spare'].includes(placementOf(now, fault.part.id).state);
  return isSighted === true && (isAway || steps.some(({ trial }) => trial.repair?.id === fault.repairClass.id));
}

const leaderOf = (probabilities: Float64Array): number => probabilities.indexOf(Math.max(...probabilities));

/** By candidate: the fault that leads if its observation alone is left out. One pass over the hypotheses. */
function leadersWithout(
  space: HypothesisSpace,
  steps: readonly CompiledStep[],
  { probabilities, touched }: Belief,
  candidates: readonly number[],
): number[] {
  const { variants, second, pairsFrom } = space;
  const sums = candidates.map(() => new Float64Array(variants.length));
  const scratch = new Float64Array(4 * (steps.length + 1));
  const each = new Float64Array(steps.length);
  const add = (h: number, a: number, b: number) => {
    const weight = probabilities[h] ?? 0;
    if (weight < beyondReach) return;
    const moved = touched[a] || (b !== NONE && touched[b]);
    if (moved) addMoved(each.fill(0), steps, a, b, weight, scratch);
    for (const [c, k] of candidates.entries()) {
      const without = moved ? (each[k] ?? 0) : weight / likelihoodOf(steps[k], a, b);
      const sum = sums[c];
      if (!sum) continue;
      sum[a] = (sum[a] ?? 0) + without;
      if (b !== NONE) sum[b] = (sum[b] ?? 0) + without;
    }
  };
  for (let a = 0; a < variants.length; a++) {
    add(a, a, NONE);
    const to = pairsFrom[a + 1] ?? 0;
    for (let h = pairsFrom[a] ?? 0; h < to; h++) add(h, a, second[h] ?? 0);
  }
  return sums.map((byVariant) => leaderOf(probabilityByFault(space, { byVariant })));
}

/** Of a hypothesis that no handling has touched. */
function likelihoodOf(step: CompiledStep | undefined, a: number, b: number): number {
  if (!step) return 1;
  const one = step.one[a] ?? 1;
  return b === NONE ? one : one + (step.pass[a] ?? 1) * ((step.one[b] ?? 1) - step.none);
}
