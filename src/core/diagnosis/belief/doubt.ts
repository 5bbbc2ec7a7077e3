import { placementOf } from '../../machine';
import { canAct, type FaultInstance, type RepairClass } from '../../faults';
import { inTurn, type Belief, type CompiledStep } from './belief';
import type { EvidenceStep } from '../evidence-step';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';
import { cameBack, isOwnersWord, observedStart, reproducedComplaint, seemsGone, wentWith } from './complaint';
import { addMoved, beyondReach, roomFor, type EntryFit } from './fit-entries';
import type { Replay } from './replay';
import { isPutRight, sawFault } from './saw-fault';
import { probabilityByFault } from './suspects';

/** So likely mistaken, an entry is named whatever follows from it. All are tried on flipped logs (docs/benchmarks.md). */
const surelyMistaken = 0.28;
/** So likely mistaken, an entry is named if another cause would lead without it, and the complaint was gone and is back. */
const likelyMistaken = 0.05;
/** So likely mistaken, it is named where the complaint is gone, and not by the repair of what leads: the cure speaks against it. */
const maybeMistaken = 0.002;
/** The same where what leads is bypassed as it works: that it works is no riddle then. */
const maybeMistakenAside = 0.004;
/** Below this probability of stopping one start, 0 to 1, a fault comes and goes. */
const comesAndGoes = 0.9;
/** Below this probability several are about as likely, and any entry would put the next of their kind first. */
const clearLead = 0.4;
/** From so likely on a fault is taken to have been there. */
const likelyThere = 0.5;
const doubtsNamed = 3;

/**
 * The entries that may be mistaken; at most three. Named is what is likely an error; what may be one if it holds up what
 * leads: taken back, another would lead; and once the complaint is gone by another repair, the more so. First come the
 * errors on which something hangs, then the other errors, then what may be one, what the owner told last. Surprise alone
 * is no doubt, and neither is what was found wrong beside what leads while the machine does not work. Never in a log of one entry, where there is nothing else to fit, never what was sighted and has
 * been put right, or is away and the complaint with it, and never what the owner told and was then seen.
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
  const isCured = seemsGone(steps);
  const candidates = fits.filter((fit) => {
    const step = stepOf.get(fit.eventId);
    if (fit.mistaken < least || (isFirstSeen && !isTold(fit))) return false;
    if (!step || !fault) return true;
    // Whether it was so makes no difference any more.
    if (isPutRight(step, space.faults, steps)) return false;
    if (isCured && isOfRepaired(step, replayed, probabilities)) return false;
    if (isOwnersWord(step) && step.outcome === reproducedComplaint(steps)) return false;
    const isBelieved = !isCured && (!isSurely(fit) || isPlainlySeen(step)) && sawFault(step, fault);
    return !isBelieved && !isBornOut(step, fault, replayed);
  });
  if (candidates.length === 0) return [];
  const ways = inTurn(compiled.filter((one) => one !== null));
  const at = candidates.map(({ eventId }) => {
    const ready = compiled[steps.findIndex(({ id }) => id === eventId)];
    return ready ? ways.indexOf(ready) : -1;
  });
  const leaders = leadersWithout(space, ways, belief, at);
  const matters = new Set(
    candidates.filter((_, c) => {
      const next = leaders[c];
      if (!next || (!leads && next.probability < clearLead)) return false;
      return isAnother(space.faults[next.leader]?.repairClass, fault?.repairClass, leads);
    }),
  );
  // What is wrong beside the cause may well be so, while nothing shows that the machine works with it.
  const isBeside = ({ eventId }: EntryFit) => !isCured && isFoundWrong(stepOf.get(eventId), space.faults);
  const named = candidates.filter((fit) => matters.has(fit) || !isBeside(fit));
  const isNamed = named.some((fit) => isSurely(fit) || matters.has(fit));
  const placeOf = (fit: EntryFit) => (isTold(fit) ? 3 : !isSurely(fit) ? 2 : matters.has(fit) ? 0 : 1);
  return named
    .filter((fit) => matters.has(fit) || (isNamed && fit.mistaken >= likelyMistaken))
    .sort((one, other) => placeOf(one) - placeOf(other) || other.mistaken - one.mistaken)
    .slice(0, doubtsNamed);
}

/** What a start showed is what a fault shows that was likely there and was repaired after it. */
const isOfRepaired = (
  { id, outcome }: EvidenceStep,
  { space, steps }: Pick<Replay, 'space' | 'steps'>,
  probabilities: Float64Array,
): boolean => {
  const since = steps.slice(steps.findIndex((step) => step.id === id) + 1);
  const repaired = new Set(
    since.flatMap(({ trial, outcome: seen }) => (seen === 'works' && trial.repair ? [trial.repair.id] : [])),
  );
  return space.faults.some(
    ({ repairClass, mode }, f) =>
      repaired.has(repairClass.id) &&
      (probabilities[f] ?? 0) >= likelyThere &&
      mode.presentations.some(({ as }) => as === outcome),
  );
};

const isSurely = ({ mistaken }: EntryFit): boolean => mistaken >= surelyMistaken;

/** Another repair, and not just that of a like part where neither leads clearly. */
const isAnother = (without: RepairClass | undefined, leading: RepairClass | undefined, leads: boolean): boolean =>
  without?.id !== leading?.id && (leads || without?.repair !== leading?.repair);

/** From so likely mistaken on an entry is looked at closer. */
function leastMistaken(fault: FaultInstance, { machine, steps }: Pick<Replay, 'machine' | 'steps'>): number {
  if (!seemsGone(steps)) return cameBack(steps) ? likelyMistaken : surelyMistaken;
  // What leads went with its own repair: that is no riddle.
  if (wentWith(fault.repairClass, steps)) return surelyMistaken;
  const last = steps.findLast(({ trial, outcome }) => trial.repair !== null && outcome !== 'could-not');
  const worked = steps.findLast((step) => observedStart(step) !== null);
  // What comes and goes lets it work now and then, with nothing done.
  if (!last && fault.stopProbability < comesAndGoes) return likelyMistaken;
  const isAside = worked !== undefined && !canAct(fault, machine, worked.configuration);
  return isAside ? maybeMistakenAside : maybeMistaken;
}

/** The cure itself, or a sighting of the fault that is away or in an empty slot, and the complaint has been gone since. */
function isBornOut(
  step: EvidenceStep,
  fault: FaultInstance,
  { machine, steps }: Pick<Replay, 'machine' | 'steps'>,
): boolean {
  if (!seemsGone(steps)) return false;
  if (step === steps.findLast((one) => observedStart(one) !== null)) return step.outcome === 'works';
  const now = steps.at(-1)?.configuration;
  if (!now || !sawFault(step, fault)) return false;
  if (fault.part.kind === 'slot') return !canAct(fault, machine, now);
  return ['out', 'spare'].includes(placementOf(now, fault.part.id).state);
}

/** What a look or a meter found wrong. */
const isFoundWrong = (step: EvidenceStep | undefined, faults: readonly FaultInstance[]): boolean =>
  step !== undefined &&
  (step.trial.observe.kind === 'measure' ? step.outcome !== 'within' : faults.some((fault) => sawFault(step, fault)));

/** Nobody sees it where it is not. */
const isPlainlySeen = ({ trial: { observe }, outcome }: EvidenceStep): boolean =>
  observe.kind === 'look' && observe.look.options.find(({ id }) => id === outcome)?.isPlain === true;

const leaderOf = (probabilities: Float64Array): number => probabilities.indexOf(Math.max(...probabilities));

/** By candidate: the fault that leads if its observation alone is left out, and how likely. One pass over the hypotheses. */
function leadersWithout(
  space: HypothesisSpace,
  steps: readonly CompiledStep[],
  { probabilities, touched }: Belief,
  candidates: readonly number[],
): { readonly leader: number; readonly probability: number }[] {
  const { variants, second, pairsFrom } = space;
  const sums = candidates.map(() => new Float64Array(variants.length));
  const totals = new Float64Array(candidates.length);
  const way = roomFor(steps);
  const each = new Float64Array(steps.length);
  const add = (h: number, a: number, b: number) => {
    const weight = probabilities[h] ?? 0;
    if (weight < beyondReach) return;
    const moved = touched[a] || (b !== NONE && touched[b]);
    if (moved) addMoved(each.fill(0), steps, a, b, weight, way);
    for (const [c, k] of candidates.entries()) {
      const without = moved ? (each[k] ?? 0) : weight / likelihoodOf(steps[k], a, b);
      const sum = sums[c];
      if (!sum) continue;
      totals[c] = (totals[c] ?? 0) + without;
      sum[a] = (sum[a] ?? 0) + without;
      if (b !== NONE) sum[b] = (sum[b] ?? 0) + without;
    }
  };
  for (let a = 0; a < variants.length; a++) {
    add(a, a, NONE);
    const to = pairsFrom[a + 1] ?? 0;
    for (let h = pairsFrom[a] ?? 0; h < to; h++) add(h, a, second[h] ?? 0);
  }
  return sums.map((byVariant, c) => {
    const byFault = probabilityByFault(space, { byVariant });
    const next = leaderOf(byFault);
    return { leader: next, probability: (byFault[next] ?? 0) / (totals[c] ?? 1) };
  });
}

/** Of a hypothesis that no handling has touched. */
function likelihoodOf(step: CompiledStep | undefined, a: number, b: number): number {
  if (!step) return 1;
  const one = step.one[a] ?? 1;
  return b === NONE ? one : one + (step.pass[a] ?? 1) * ((step.one[b] ?? 1) - step.none);
}
