import { percent } from '../../wording';
import { isOriginalIn } from '../../machine';
import { isSmallPart, repairOf, type RepairClass } from '../../faults';
import { formatTrialId } from '../../trials';
import { observedStart, reproducedComplaint, signalOf } from '../belief/complaint';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import type { RankedRepair } from '../belief/suspects';
import { confirmationOf, proofTurns } from './confirmation';
import { sureEnough, sureEnoughFor } from './how-sure';
import { partsAway } from './log-facts';
import { putBackInnocent } from './put-back';
import { quickAway, waysAway } from './quick-away';
import { settleAtPart } from './settle-at-part';
import { quickFirst } from './while-it-runs';
import { askBefore, canBeDone, isGone, repairTrialId, underLoad, type Advice, type Situation } from './situation';

/** A change has most likely taken the fault away: to undo and redo it tells more than another test, and is the proof. */
export function turnForProof(situation: Situation): Advice | null {
  const { input, repairs, right } = situation;
  const [top] = repairs;
  if (!top) return null;
  if (partsAway(input).includes(top.repairClass.part.id)) {
    if (!isGone(situation) || right < sureEnoughFor.nothing) return null;
    return putBackInnocent(situation) ?? turnOrTest(situation, top.repairClass);
  }
  if (top.probability < sureEnoughFor.nothing) return null;
  const turn = nextTurn(situation, top.repairClass);
  return turn && (settleAtPart(situation, top.repairClass) ?? turn);
}

/** Fix the cause for good once it is proven; until then the next turn of away, back, away. */
export function provenOrTurn(situation: Situation, ranked: RankedRepair): Advice {
  const { repairClass, cures } = ranked;
  const turn = turnOrTest(situation, repairClass) ?? quickAway(situation, ranked);
  if (turn) return turn;
  const settling = cures < sureEnough(repairClass) ? settleAtPart(situation, repairClass) : null;
  if (settling) return settling;
  const kept = keepTheData(situation, ranked);
  if (kept) return kept;
  const asked = askBefore(situation, ranked);
  if (asked) return asked;
  const why = whyForGood(situation, ranked);
  const trialId = repairTrialId(repairClass);
  return canBeDone(situation, trialId)
    ? { kind: 'repair', trialId, why }
    : { kind: 'undecided', trialId: null, why: `${why} It could not be done here: refer it, or get what it needs.` };
}

/**
 * That a drive is empty is not sure enough to write a system over what may be on it, and that it is this drive is: a new
 * one puts it right whatever is wrong with the old one, which keeps its data.
 */
function keepTheData(situation: Situation, { repairClass, cures }: RankedRepair): Advice | null {
  const { part, repair } = repairClass;
  if (repair !== 'install-system' || cures >= sureEnough(repairClass) || partShare(situation, part.id) < surelyThisPart)
    return null;
  const trialId = formatTrialId({ kind: 'repair', repair: 'replace', part: part.id });
  return canBeDone(situation, trialId)
    ? {
        kind: 'repair',
        trialId,
        why: 'It is this drive, and not sure what is wrong with it. A new one with a system puts it right either way, and the old one keeps its data.',
      }
    : null;
}

/** So likely, 0 to 1, must a fault be of a part that is exchanged whatever is wrong with it. */
const surelyThisPart = 0.95;

/** A difference of probability that is worth a word. */
const worthSaying = 0.02;

function whyForGood(situation: Situation, { repairClass, probability, cures }: RankedRepair): string {
  const { input, space } = situation;
  const likely = `It is ${percent(probability)} likely`;
  if (isLeftAway(input, repairClass))
    return `${likely}, and its leads carry more than they may: do not put it back to prove it. Fix it permanently.`;
  const confirmed = confirmationOf(space.faults, repairClass, input.steps, input.machine);
  const minutes = confirmed === 'supported' ? longWayBack(situation, repairClass) : null;
  if (minutes !== null)
    return `${likely}, and it would take ${minutes} min to put the old one back for proof. Fix it permanently: if it works with the new one, that is proof.`;
  if (cures >= probability + worthSaying)
    return `${likely} to be the cause, and ${percent(cures)} that a new one puts it right: fix it permanently.`;
  return confirmed === 'suggested'
    ? `${likely}: fix it permanently.`
    : `The cause is ${confirmed}: fix it permanently.`;
}

/** From this on a part is swapped where no test pays: it has to be proven that way in any case. */
const nearlyCertain = 0.95;
/** A swap may take at most this multiple of a test's minutes. */
const asLongAsATest = 2;

/** The first turn, where to test what is left costs more than it saves; `testMinutes`: how long that would take. */
export function swapForProof({ repairs, plan, stopRule, input }: Situation, testMinutes: number): Advice | null {
  const [top] = repairs;
  if (!top || stopRule.saves > 0 || top.probability < nearlyCertain) return null;
  const { part, repair } = top.repairClass;
  if (repairOf(repair).stake !== 'part' || isSmallPart(top.repairClass)) return null;
  // As it fails now, whatever was complained of first.
  const kind = signalOf(input.steps) === 'cuts-out' ? 'load-with-spare' : 'spare';
  const trialId = formatTrialId({ kind, part: part.id });
  const swap = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!swap || !canBeDone({ plan }, trialId) || swap.minutes > asLongAsATest * testMinutes) return null;
  // Once: where it works with the old one back as well, another swap proves nothing.
  if (input.steps.some(({ trial }) => trial.id === trialId)) return null;
  return {
    kind: 'prove',
    trialId,
    why: `It is ${percent(top.probability)} likely, and more testing costs more than it saves. See that it works with a known-good one; with the old one back it has to fail again.`,
  };
}

/** The next turn; before a long one what the machine tells quickly. */
function turnOrTest(situation: Situation, repairClass: RepairClass): Advice | null {
  const turn = nextTurn(situation, repairClass);
  return turn && quickFirst(situation, turn);
}

/** A swap that takes as many minutes is not made again for proof: from this probability on the new part takes that turn. */
const [longSwapMinutes, newPartAt] = [12, 0.9];

/** From this probability on the old part does not come back for proof by a long way. */
const surelyTheCause = 0.99;

/** The minutes that it takes to put the old part back, where they are many and would prove what is known; null otherwise. */
function longWayBack({ repairs, plan }: Situation, { id, part, repair }: RepairClass): number | null {
  const back = plan.proposals.find(({ trial }) => trial.id === formatTrialId({ kind: 'back', part: part.id }));
  const ranked = repairs.find((one) => one.repairClass.id === id);
  const isKnown = repairOf(repair).replaces && (ranked?.probability ?? 0) >= surelyTheCause;
  return back && isKnown && back.minutes >= longSwapMinutes ? Math.round(back.minutes) : null;
}

/** Probability that it is a fault of this part, whatever puts it right. */
const partShare = ({ repairs }: Situation, part: string): number =>
  repairs.reduce((sum, { repairClass, probability }) => sum + (repairClass.part.id === part ? probability : 0), 0);

/** The last turn of a long swap, made with the new part. */
function fitNewPart(situation: Situation, repairClass: RepairClass): Advice | null {
  const { repairs, plan } = situation;
  if (!repairOf(repairClass.repair).replaces) return null;
  const ranked = repairs.find((one) => one.repairClass.id === repairClass.id);
  const trialId = repairTrialId(repairClass);
  if (!ranked || ranked.probability < newPartAt || !canBeDone({ plan }, trialId)) return null;
  return (
    askBefore(situation, ranked) ?? {
      kind: 'repair',
      trialId,
      why: 'It came back with the old part. Fit the new one: if it works again, that is proof.',
    }
  );
}

const isPutBack = (step: EvidenceStep | undefined, part: string): boolean =>
  step?.trial.ref.kind === 'back' && step.trial.ref.part === part && step.outcome === 'works';

/** An overload is not made again for the sake of proof: what is away with overloaded leads stays away. */
const isLeftAway = ({ machine, configuration, steps }: DiagnosisInput, { part }: RepairClass): boolean =>
  part.kind === 'supply' &&
  machine.power?.own?.leads === 'overloaded' &&
  !isOriginalIn(configuration, part.id) &&
  reproducedComplaint(steps) === 'cuts-out';

/** Away, back, away: the next turn that can be made now; null if the proof is whole or has not begun. */
function nextTurn(situation: Situation, repairClass: RepairClass): Advice | null {
  const { input, space, plan } = situation;
  const turns = proofTurns(space.faults, repairClass, input.steps, input.machine);
  const { id } = repairClass.part;
  const isAway = partsAway(input).includes(id);
  if (isLeftAway(input, repairClass)) return null;
  if (turns === 2 && isAway && canBeDone({ plan }, formatTrialId({ kind: 'back', part: id })))
    return longWayBack(situation, repairClass) !== null
      ? null
      : {
          kind: 'prove',
          trialId: formatTrialId({ kind: 'back', part: id }),
          why: 'The fault went away with the change. Undo it: if the fault comes back, that is proof.',
        };
  // A start alone does not show whether what cuts out under load came back.
  if (turns === 2 && !isAway && reproducedComplaint(input.steps) === 'cuts-out' && canBeDone({ plan }, underLoad))
    return isPutBack(
      input.steps.findLast((step) => observedStart(step) !== null),
      id,
    )
      ? {
          kind: 'prove',
          trialId: underLoad,
          why: 'The old part is back. Put it under load: if it cuts out again, that is proof.',
        }
      : null;
  if (turns !== 3 || isAway) return null;
  const beside = input.machine.parts
    .filter((part) => part.loose)
    .map((part) => formatTrialId({ kind: 'back', part: part.id }));
  const awayAgain = [...waysAway(id), ...beside].filter((trial) => input.steps.some((step) => step.trial.id === trial));
  const trial = awayAgain.find((wanted) => canBeDone({ plan }, wanted));
  const minutes = plan.proposals.find((proposal) => proposal.trial.id === trial)?.minutes ?? 0;
  if (minutes >= longSwapMinutes) {
    const fitted = fitNewPart(situation, repairClass);
    if (fitted) return fitted;
    // That it is this part is known: what is wrong with it no swap tells.
    if (partShare(situation, id) >= newPartAt) return null;
  }
  return trial
    ? {
        kind: 'prove',
        trialId: trial,
        why: 'It came back. Make the change once more: if it works again, that is proof.',
      }
    : null;
}
