import { isFirmwareWork } from '../../trials';
import { percent } from '../../wording';
import { putsRightAsWell, repairOf, type RepairClass } from '../../faults';
import { observedStart, signalOf } from '../belief/complaint';
import type { RankedRepair } from '../belief/suspects';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import { costOfRepair, usualCosts } from '../planning/costs';
import { nextByStrategy } from '../planning/order-by-strategy';
import { leastToTry, type Plan, type Proposal } from '../planning/propose';
import { strategyViewOf } from '../planning/strategies';
import { beforePartsMove } from './before-parts-move';
import { sureEnough, worthTrying } from './how-sure';
import { lookFirst } from './look-first';
import { lastStart, placedByRepair, repairsDone, showsWhatWasTold, timesDone } from './log-facts';
import { swapForProof } from './prove';
import { settleAtPart } from './settle-at-part';
import { askBefore, canBeDone, isGone, repairTrialId, type Advice, type Situation } from './situation';
import { beforeSettling, beforeTrying } from './worth-before';

/** The next test by the chosen strategy; by best value a repair takes its turn where testing on costs more than it saves. */
export function chooseTest(situation: Situation): Advice | null {
  const { input, space, stopRule } = situation;
  const plan = withoutLongShots(situation, withoutSameAgain(input, withoutUndoing(situation)));
  const strategy = input.strategy ?? 'best-value';
  const view = strategyViewOf(space.faults, input.steps);
  if (strategy !== 'best-value') {
    const chosen = nextByStrategy(strategy, plan, view);
    return chosen && testOf(chosen, input.steps);
  }
  const held = heldBack(situation);
  const tried = toTry(situation);
  const worthIt = held ? beforeSettling(settling(plan, held), held) : tried ? beforeTrying(plan, tried) : plan;
  const chosen = nextByStrategy(strategy, worthIt, view);
  if (!chosen && held) return settleAtPart(situation, held) ?? chooseTest({ ...situation, repairs: [] });
  if (!chosen) return tried && tryIt(situation, tried);
  const rather = held && (writeRather(situation, chosen) ?? swapForProof(situation, chosen.minutes));
  if (rather) return rather;
  if (movesParts(chosen)) {
    const first = beforePartsMove(input, plan);
    if (first) return { kind: 'test', trialId: first.proposal.trial.id, why: first.why };
  }
  if (held) return testOf(chosen, input.steps);
  const cheap = plan.proposals.find((p) => p.trial.id === stopRule.tryNow);
  if (cheap?.trial.repair && !isLeftOut(cheap.trial.repair)) return tryIt(situation, cheap.trial.repair);
  const next = stopRule.saves > 0 ? null : nextRepair(situation, untilNothingTells);
  if (!next) return testOf(chosen, input.steps);
  return (
    lookFirst(situation, next.repairClass) ?? {
      kind: 'repair',
      trialId: repairTrialId(next.repairClass),
      why:
        whyOnceMore(input, next) ??
        `It is ${percent(next.probability)} likely, and more testing costs more than it saves.`,
    }
  );
}

const tryIt = (situation: Situation, repairClass: RepairClass): Advice =>
  lookFirst(situation, repairClass) ?? {
    kind: 'repair',
    trialId: repairTrialId(repairClass),
    why: 'Cheaper to try than to test further.',
  };

const testOf = ({ trial, isAgain }: Proposal, steps: readonly EvidenceStep[]): Advice => ({
  kind: 'test',
  trialId: trial.id,
  why: isAgain ? whyAgain : (trial.ref.kind === 'start' && whyStartAgain(steps)) || trial.purpose,
});

const whyAgain = 'It may come and go, or was misread: see whether it shows the same once more.';

/** What a plain start after a failed one is for; null where its own purpose says it. */
function whyStartAgain(steps: readonly EvidenceStep[]): string | null {
  const signal = signalOf(steps);
  if (signal === 'dead') return 'The cord has been out since: a supply that had shut itself off may come back.';
  if (signal !== 'cuts-out') return null;
  return steps.findLast((step) => observedStart(step) !== null)?.signs?.answersAgain === true
    ? 'It went off at work: see whether it stays on with nothing to do.'
    : 'It cut out: see whether it starts again, and how far it gets.';
}

/** What a repair unplugged or moved is not put back for a test: only a proof undoes a repair. */
function withoutUndoing({ plan, input }: Situation): Plan {
  const placed = placedByRepair(input);
  const undoes = ({ trial: { ref, part } }: Proposal): boolean => ref.kind === 'back' && placed.has(part?.id ?? '');
  return placed.size === 0 ? plan : { ...plan, proposals: plan.proposals.filter((one) => !undoes(one)) };
}

/** What the owner told and was then seen is not started once more to see it a third time. */
const withoutSameAgain = (input: DiagnosisInput, plan: Plan): Plan =>
  showsWhatWasTold(input) ? { ...plan, proposals: plan.proposals.filter(({ isAgain }) => !isAgain) } : plan;

/** It buys nothing and can be undone: nothing but the work is lost if it was not the cause. */
const isOnlyWork = ({ repair }: RepairClass): boolean => ['nothing', 'work'].includes(repairOf(repair).stake);

/** So unlikely, 0 to 1, is a repair that is a long shot; and by as much must another one be worth more. */
const [longShot, worthMore] = [0.04, 2];

const isPossible = (plan: Plan, repairClass: RepairClass): boolean =>
  plan.proposals.some(({ trial, blocked }) => trial.id === repairTrialId(repairClass) && blocked === null);

/** A long shot is not tried before a repair that is worth more for what it costs, however quick it is. */
function withoutLongShots({ repairs, input }: Situation, plan: Plan): Plan {
  const costs = input.costs ?? usualCosts;
  const done = repairsDone(input);
  const worth = ({ repairClass, probability }: RankedRepair) => probability / costOfRepair(repairClass, costs);
  const mayBeTried = ({ repairClass }: RankedRepair) =>
    isOnlyWork(repairClass) && !done.has(repairClass.id) && isPossible(plan, repairClass);
  const best = Math.max(0, ...repairs.filter(mayBeTried).map(worth));
  const passed = new Set(
    repairs
      .filter((ranked) => ranked.probability < longShot && worthMore * worth(ranked) < best)
      .map(({ repairClass }) => repairClass.id),
  );
  return {
    ...plan,
    proposals: plan.proposals.filter(({ trial }) => trial.repair === null || !passed.has(trial.repair.id)),
  };
}

/** It takes a part out or puts one in, or pushes one in again inside the case. */
const movesParts = ({ trial: { changes, handling, inside } }: Proposal): boolean =>
  changes.some(({ kind }) => kind === 'place') || (inside && handling.some(({ act }) => act === 'reseat'));

/** From this on a repair is the likeliest by far. */
const likeliestByFar = 0.5;

/** The likeliest repair, where nothing but its threshold holds it back: it buys a part, or cannot be undone. */
function heldBack({ repairs, input }: Situation): RepairClass | null {
  const [top] = repairs;
  if (!top || top.repairClass.repair === 'look-deeper' || top.probability < likeliestByFar) return null;
  return !isOnlyWork(top.repairClass) && !repairsDone(input).has(top.repairClass.id) ? top.repairClass : null;
}

/** From this on a repair that is only work is tried before tests that take longer than they spare. */
const likelyToTry = 0.3;

/** A part or a slot is done without for good. */
const isLeftOut = ({ repair }: RepairClass): boolean => repair === 'leave-unplugged' || repair === 'leave-slot-empty';

/** The likeliest repair, where it may be tried at any time and was not. To leave a part out for good is no try. */
function toTry(situation: Situation): RepairClass | null {
  const { input, repairs } = situation;
  const [top] = repairs;
  if (!top || isGone(situation) || top.probability < likelyToTry || !isOnlyWork(top.repairClass)) return null;
  if (isLeftOut(top.repairClass) || repairsDone(input).has(top.repairClass.id) || askBefore(situation, top))
    return null;
  return canBeDone(situation, repairTrialId(top.repairClass)) ? top.repairClass : null;
}

/** Firmware is written, though nothing proves it yet, where the test that would settle it takes longer than the writing. */
function writeRather(situation: Situation, chosen: Proposal): Advice | null {
  const { repairs, plan } = situation;
  const [top] = repairs;
  if (!top) return null;
  const trialId = repairTrialId(top.repairClass);
  const writing = plan.proposals.find(({ trial }) => trial.id === trialId && isFirmwareWork(trial.ref));
  if (!writing || !canBeDone({ plan }, trialId) || chosen.minutes <= writing.minutes) return null;
  return (
    askBefore(situation, top) ?? {
      kind: 'repair',
      trialId,
      why: `It is ${percent(top.probability)} likely, and to settle it would take longer than to write it.`,
    }
  );
}

/** The tests that may settle a repair: no attempts at something less likely, but for what else it may be at that part. */
const settling = (plan: Plan, held: RepairClass): Plan => ({
  ...plan,
  proposals: plan.proposals.filter(({ trial }) => trial.repair === null || isRival(held, trial.repair)),
});

const isRival = (held: RepairClass, other: RepairClass): boolean =>
  other.part.id === held.part.id && !putsRightAsWell(held, other);

/** While a test still tells something, nothing is bought or written for less than it would be without money in view. */
const untilNothingTells = (repairClass: RepairClass): number =>
  isLeftOut(repairClass)
    ? likeliestByFar
    : isOnlyWork(repairClass)
      ? worthTrying(repairClass)
      : sureEnough(repairClass);

/** While the machine works, nothing so unlikely, 0 to 1, is repaired: it is watched a little longer. */
const worthTryingWhileItWorks = 0.15;

/** From this on everything that was seen points to a repair. */
export const allPointsToIt = 0.9;

/** It was done once, may not have taken, costs nothing but the work, and is likelier than all others together. */
const mayBeDoneAgain = (input: DiagnosisInput, { repairClass, probability }: RankedRepair): boolean =>
  probability >= likeliestByFar && isOnlyWork(repairClass) && timesDone(input, repairClass.id) === 1;

/** Of a repair that was done before: why it is done again. Null of any other. */
export function whyOnceMore(input: DiagnosisInput, { repairClass, probability }: RankedRepair): string | null {
  if (!repairsDone(input).has(repairClass.id)) return null;
  const points = probability < allPointsToIt ? `it is still ${percent(probability)} likely` : 'all still points to it';
  return `It was done once, and ${points}. Do it again, and see that it holds.`;
}

/** The next repair by probability over cost, of those likely enough for what is at stake. */
export function nextRepair(
  situation: Situation,
  likelyEnough: (repairClass: RepairClass) => number,
): RankedRepair | null {
  const { repairs, input, plan } = situation;
  // What was cured on the way is not repaired once more, however likely it was the cause.
  const { classIds, classWeights } = plan.live;
  const there = new Map(classIds.map((id, row) => [id, classWeights[row] ?? 0]));
  const stillThere = (ranked: RankedRepair): RankedRepair => ({
    ...ranked,
    probability: Math.min(ranked.probability, there.get(ranked.repairClass.id) ?? 0),
  });
  const leastNow = isGone(situation) && lastStart(input) === 'works' ? worthTryingWhileItWorks : 0;
  const least = (repairClass: RepairClass) => Math.max(leastNow, leastToTry(repairClass), likelyEnough(repairClass));
  const done = repairsDone(input);
  const isOpen = (ranked: RankedRepair) => !done.has(ranked.repairClass.id) || mayBeDoneAgain(input, ranked);
  const costs = input.costs ?? usualCosts;
  const worth = ({ repairClass, probability }: RankedRepair) => probability / costOfRepair(repairClass, costs);
  const [next] = repairs
    .map(stillThere)
    .filter(
      (ranked) =>
        isOpen(ranked) &&
        ranked.repairClass.repair !== 'look-deeper' &&
        ranked.probability >= least(ranked.repairClass) &&
        isPossible(plan, ranked.repairClass),
    )
    .sort((a, b) => worth(b) - worth(a));
  return next ?? null;
}
