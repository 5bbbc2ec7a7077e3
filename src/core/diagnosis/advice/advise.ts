import { percent } from '../../wording';
import { repairOf, type RepairClass, type RepairId, type RepairStake } from '../../faults';
import { formatTrialId } from '../../trials';
import { lastStart, loadsStood, partsAway, repairsDone } from './log-facts';
import { sureEnough, sureEnoughFor, worthTrying } from './how-sure';
import { costOfRepair, usualCosts } from '../planning/costs';
import { confirmationOf, proofTurns } from './confirmation';
import { isComplaintGone, observedStart, reportedTrialId, reproducedComplaint, signalOf } from '../belief/complaint';
import type { DiagnosisInput } from '../evidence-step';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { Plan, Proposal } from '../planning/propose';
import { hazardsOf } from '../planning/hazards';
import { nextByStrategy } from '../planning/order-by-strategy';
import { beforeASpare } from './before-a-spare';
import type { StopRule } from '../planning/stop-rule';
import type { RankedRepair } from '../belief/suspects';

/** What the technician should do now, and for what reason. */
export type AdviceKind =
  | 'make-safe'
  | 'reproduce'
  | 'test'
  | 'prove'
  | 'repair'
  | 'verify'
  | 'put-back'
  | 'close'
  | 'nothing-seen'
  | 'undecided';

export interface Advice {
  readonly kind: AdviceKind;
  /** Null when there is nothing left to do but close the case. */
  readonly trialId: string | null;
  readonly why: string;
}

const plainStart = formatTrialId({ kind: 'start' });
const underLoad = formatTrialId({ kind: 'run-under-load' });
const repairTrialId = ({ repair, part }: RepairClass): string =>
  formatTrialId({ kind: 'repair', repair, part: part.id });

const sureItIsRight = 0.95;
/** Below this one run under load is not enough. */
const surelyRight = 0.985;
/** From this on a moved cable is verified by the picture that it brought. */
const surelyRightWithAPicture = 0.97;
const seenByThePicture: readonly RepairId[] = [
  'select-input',
  'switch-monitor-on',
  'cable-to-card',
  'push-display-cable',
  'move-output',
];
const needsOnlyAPicture = ({ repair }: RepairClass): boolean => seenByThePicture.includes(repair);

interface Situation {
  readonly input: DiagnosisInput;
  readonly space: HypothesisSpace;
  readonly plan: Plan;
  readonly repairs: readonly RankedRepair[];
  readonly stopRule: StopRule;
  /** See rightProbability. */
  readonly right: number;
}

/** The one thing to do next. */
export function advise(situation: Situation): Advice {
  const { input } = situation;
  const unsafe = makeSafe(situation);
  if (unsafe) return unsafe;
  const seen = input.steps.filter((step) => observedStart(step) !== null);
  if (seen.length === 0) return reproduce(situation);
  if (reproducedComplaint(input.steps) === null) return complaintNotSeen(situation);
  if (isGone(situation) && situation.right >= sureItIsRight) return finish(situation);
  return (
    verifyRepair(situation) ??
    repairIfSure(situation) ??
    turnForProof(situation) ??
    test(situation) ??
    repairLikeliest(situation)
  );
}

/** A hazard comes before all else: look, dry, take out. What is left to do with it there is unpowered. */
function makeSafe(situation: Situation): Advice | null {
  const { input } = situation;
  const [active] = hazardsOf(input, input.configuration);
  if (!active) return null;
  const { hazard, looksLeft, parts, why } = active;
  const ids =
    parts.length === 0
      ? situation.plan.proposals
          .filter(({ trial: { ref } }) => ref.kind === 'look' && looksLeft.includes(ref.look))
          .sort((a, b) => a.minutes - b.minutes)
          .map(({ trial }) => trial.id)
      : parts.flatMap((part) => [
          ...(hazard.endedBy ? [formatTrialId({ kind: 'repair', repair: hazard.endedBy, part })] : []),
          formatTrialId({ kind: 'out', part }),
          formatTrialId({ kind: 'spare', part }),
        ]);
  const next = ids.find((id) => canBeDone(situation, id));
  return next !== undefined
    ? { kind: 'make-safe', trialId: next, why }
    : (test(situation) ?? { kind: 'undecided', trialId: null, why: `${why} Nothing at hand makes it safe.` });
}

/** It is among the proposals, nothing blocks it, and nothing that it needs is missing. */
const canBeDone = ({ plan }: Pick<Situation, 'plan'>, trialId: string): boolean =>
  plan.proposals.some(({ trial, blocked, lacks }) => trial.id === trialId && blocked === null && lacks.length === 0);

/** Not seen for oneself, and it cannot be made to show: what was reported has to do. */
const withoutSeeing = (situation: Situation): Advice => test(situation) ?? repairLikeliest(situation);

function reproduce(situation: Situation): Advice {
  const reported = situation.input.steps.find((step) => step.trial.id === reportedTrialId)?.outcome;
  const isLoad = reported === 'cuts-out';
  const trialId = isLoad ? underLoad : plainStart;
  if (!canBeDone(situation, trialId)) return withoutSeeing(situation);
  const why = isLoad ? 'First see the fault for yourself: it is said to cut out.' : 'First see the fault for yourself.';
  return { kind: 'reproduce', trialId, why };
}

/** It has only ever worked before the technician's eyes: nothing is repaired on hearsay. */
function complaintNotSeen(situation: Situation): Advice {
  if (loadsStood(situation.input) > 0)
    return {
      kind: 'nothing-seen',
      trialId: null,
      why: 'It starts and keeps running under load: the fault does not show.',
    };
  return canBeDone(situation, underLoad)
    ? { kind: 'reproduce', trialId: underLoad, why: 'It starts. See whether it keeps running.' }
    : withoutSeeing(situation);
}

/** The last start got past the complaint. */
function isGone({ input }: Situation): boolean {
  const complaint = reproducedComplaint(input.steps);
  const last = lastStart(input);
  return last !== null && complaint !== null && isComplaintGone(complaint, last);
}

/** The machine is right as it stands: put back what is out, prove the cause, run it under load, close. */
function finish(situation: Situation): Advice {
  const { input, repairs } = situation;
  const top = repairs[0];
  const away = partsAway(input);
  const innocent = putBackInnocent(situation);
  if (innocent) return innocent;
  if (input.configuration.surface === 'bench')
    return {
      kind: 'put-back',
      trialId: formatTrialId({ kind: 'back-in-case' }),
      why: 'It runs on the bench. Now put it back into the case.',
    };
  if (top && away.length > 0) return provenOrTurn(situation, top);
  const stood = loadsStood(input);
  if (stood === 0 && top && needsOnlyAPicture(top.repairClass) && situation.right >= surelyRightWithAPicture)
    return { kind: 'close', trialId: null, why: 'The picture is there, and nothing inside was touched.' };
  if (stood === 0) return { kind: 'verify', trialId: underLoad, why: 'It starts. Check that it keeps running.' };
  return stood < 2 && situation.right < surelyRight
    ? {
        kind: 'verify',
        trialId: underLoad,
        why: 'It kept running once. An intermittent fault could still be there.',
      }
    : { kind: 'close', trialId: null, why: 'It starts and keeps running under load.' };
}

function putBackInnocent({ input, repairs }: Situation): Advice | null {
  const innocent = partsAway(input).find((id) => id !== repairs[0]?.repairClass.part.id);
  return innocent
    ? {
        kind: 'put-back',
        trialId: formatTrialId({ kind: 'back', part: innocent }),
        why: 'It runs like this. Put back what was taken out or moved, one thing at a time.',
      }
    : null;
}

/** A change has most likely taken the fault away: to undo and redo it tells more than another test, and is the proof. */
function turnForProof(situation: Situation): Advice | null {
  const { input, repairs, right } = situation;
  const [top] = repairs;
  if (!top) return null;
  if (partsAway(input).includes(top.repairClass.part.id)) {
    if (!isGone(situation) || right < sureEnoughFor.nothing) return null;
    return putBackInnocent(situation) ?? nextTurn(situation, top.repairClass);
  }
  return top.probability < sureEnoughFor.nothing ? null : nextTurn(situation, top.repairClass);
}

/** Fix the cause for good once it is proven; until then the next turn of away, back, away. */
function provenOrTurn(situation: Situation, { repairClass, probability }: RankedRepair): Advice {
  const turn = nextTurn(situation, repairClass);
  if (turn) return turn;
  const { input, space } = situation;
  const confirmed = confirmationOf(space.faults, repairClass, input.steps, input.machine);
  const why =
    confirmed === 'suggested'
      ? `It is ${percent(probability)} likely: fix it permanently.`
      : `The cause is ${confirmed}: fix it permanently.`;
  return { kind: 'repair', trialId: repairTrialId(repairClass), why };
}

/** Away, back, away: the next turn that can be made now; null if the proof is whole or has not begun. */
function nextTurn({ input, space, plan }: Situation, repairClass: RepairClass): Advice | null {
  const turns = proofTurns(space.faults, repairClass, input.steps, input.machine);
  const { id } = repairClass.part;
  const isAway = partsAway(input).includes(id);
  if (turns === 2 && isAway && canBeDone({ plan }, formatTrialId({ kind: 'back', part: id })))
    return {
      kind: 'prove',
      trialId: formatTrialId({ kind: 'back', part: id }),
      why: 'The fault went away with the change. Undo it: if the fault comes back, that is proof.',
    };
  if (turns !== 3 || isAway) return null;
  const beside = input.machine.parts
    .filter((part) => part.loose)
    .map((part) => formatTrialId({ kind: 'back', part: part.id }));
  const swaps = (['out', 'spare', 'load-with-spare'] as const).map((kind) => formatTrialId({ kind, part: id }));
  const awayAgain = [...swaps, ...beside].filter((trial) => input.steps.some((step) => step.trial.id === trial));
  const trial = awayAgain.find((wanted) => canBeDone({ plan }, wanted));
  return trial
    ? {
        kind: 'prove',
        trialId: trial,
        why: 'It came back. Make the change once more: if it works again, that is proof.',
      }
    : null;
}

/** A repair seems to have helped: before anything else is repaired, see whether it stays up. */
function verifyRepair(situation: Situation): Advice | null {
  const { input, repairs } = situation;
  const [top] = repairs;
  const isRepaired = top && repairsDone(input).has(top.repairClass.id) && partsAway(input).length === 0;
  return isRepaired && lastStart(input) === 'works' && loadsStood(input) === 0
    ? { kind: 'verify', trialId: underLoad, why: 'It starts after the repair. Check that it keeps running.' }
    : null;
}

function repairIfSure(situation: Situation): Advice | null {
  const { repairs, plan } = situation;
  const top = repairs[0];
  const proposal =
    top && plan.proposals.find(({ trial, blocked }) => trial.id === repairTrialId(top.repairClass) && blocked === null);
  if (!top || !proposal || top.repairClass.repair === 'look-deeper') return null;
  const { stake } = repairOf(top.repairClass.repair);
  if (top.probability < sureEnough(top.repairClass)) return null;
  // Carried out and not seen to fail since: once more would tell and fix nothing.
  if (repairsDone(situation.input).has(top.repairClass.id) && isGone(situation)) return null;
  return stake === 'part'
    ? provenOrTurn(situation, top)
    : { kind: 'repair', trialId: proposal.trial.id, why: whyNow[stake] };
}

const whyNow: Readonly<Record<Exclude<RepairStake, 'part'>, string>> = {
  nothing: 'Likely enough, and quick to do.',
  work: 'Likely enough to be worth the work.',
  'for-good': 'Practically certain. It cannot be undone.',
};

/** The next test by the chosen strategy; by best value a repair takes its turn where testing on costs more than it saves. */
function test(situation: Situation): Advice | null {
  const { plan, input, space, stopRule } = situation;
  const strategy = input.strategy ?? 'best-value';
  const view = { faults: space.faults, signal: signalOf(input.steps) };
  if (strategy !== 'best-value') {
    const chosen = nextByStrategy(strategy, plan, view);
    return chosen && testOf(chosen);
  }
  const held = heldBack(situation);
  const chosen = nextByStrategy(strategy, held ? settling(plan, held) : plan, view);
  if (!chosen) return held ? test({ ...situation, repairs: [] }) : null;
  if (chosen.trial.spares.length > 0) {
    const first = beforeASpare(input, plan);
    if (first) return { kind: 'test', trialId: first.proposal.trial.id, why: first.why };
  }
  if (held) return testOf(chosen);
  const cheap = plan.proposals.find((p) => p.trial.id === stopRule.tryNow);
  if (cheap) return { kind: 'repair', trialId: cheap.trial.id, why: 'Cheaper to try than to test further.' };
  const next = stopRule.saves > 0 ? null : nextRepair(situation, untilNothingTells);
  return next
    ? {
        kind: 'repair',
        trialId: repairTrialId(next.repairClass),
        why: `It is ${percent(next.probability)} likely, and more testing costs more than it saves.`,
      }
    : testOf(chosen);
}

const testOf = ({ trial }: Proposal): Advice => ({ kind: 'test', trialId: trial.id, why: trial.purpose });

/** From this on a repair is the likeliest by far. */
const likeliestByFar = 0.5;

/** The likeliest repair, where nothing but its threshold holds it back: it buys a part, or cannot be undone. */
function heldBack({ repairs, input }: Situation): RepairClass | null {
  const [top] = repairs;
  if (!top || top.repairClass.repair === 'look-deeper' || top.probability < likeliestByFar) return null;
  const isCommitting = ['part', 'for-good'].includes(repairOf(top.repairClass.repair).stake);
  return isCommitting && !repairsDone(input).has(top.repairClass.id) ? top.repairClass : null;
}

/** The tests that may settle a repair: no attempts at something less likely. */
const settling = (plan: Plan, held: RepairClass): Plan => ({
  ...plan,
  proposals: plan.proposals.filter(({ trial }) => trial.repair === null || trial.repair.id === held.id),
});

/** While a test still tells something, nothing is bought or written for less than it would be without money in view. */
const untilNothingTells = (repairClass: RepairClass): number =>
  ['nothing', 'work'].includes(repairOf(repairClass.repair).stake) ? worthTrying(repairClass) : sureEnough(repairClass);

/** The next repair by probability over cost, of those likely enough for what is at stake. */
function nextRepair(
  { repairs, input, plan }: Situation,
  least: (repairClass: RepairClass) => number,
): RankedRepair | null {
  const done = repairsDone(input);
  const costs = input.costs ?? usualCosts;
  const worth = ({ repairClass, probability }: RankedRepair) => probability / costOfRepair(repairClass, costs);
  const [next] = repairs
    .filter(
      ({ repairClass, probability }) =>
        !done.has(repairClass.id) &&
        repairClass.repair !== 'look-deeper' &&
        probability >= least(repairClass) &&
        plan.proposals.some(({ trial, blocked }) => trial.id === repairTrialId(repairClass) && blocked === null),
    )
    .sort((a, b) => worth(b) - worth(a));
  return next ?? null;
}

/** Nothing at hand tells the rest apart: fix, and end openly where too much is at stake. */
function repairLikeliest(situation: Situation): Advice {
  const next = nextRepair(situation, worthTrying);
  if (next)
    return {
      kind: 'repair',
      trialId: repairTrialId(next.repairClass),
      why: 'No available test can separate the rest. Repair by likelihood and cost.',
    };
  return {
    kind: 'undecided',
    trialId: null,
    why: 'No available test can separate the rest, and none is likely enough to buy a part for. Decide with the owner, or refer it to another shop.',
  };
}
