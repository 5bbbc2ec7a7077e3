import { listOf, percent } from '../../wording';
import { crowdsSlot, goesBackWithCard, isOriginalIn, nameInWords } from '../../machine';
import { repairOf, type RepairClass } from '../../faults';
import { formatTrialId } from '../../trials';
import { isComplaintGone, observedStart, reproducedComplaint } from '../belief/complaint';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import type { RankedRepair } from '../belief/suspects';
import { confirmationOf, proofTurns } from './confirmation';
import type { Proposal } from '../planning/propose';
import { forecastTrial } from '../planning/joint-probabilities';
import { sureEnough, sureEnoughFor } from './how-sure';
import { lastStart, partsAway } from './log-facts';
import { settleAtPart } from './settle-at-part';
import { quickFirst } from './while-it-runs';
import { askBefore, canBeDone, isGone, repairTrialId, underLoad, type Advice, type Situation } from './situation';

/** What was away and is not the cause goes home: all in one go where that will do no harm, else one thing at a time. */
export function putBackInnocent(situation: Situation): Advice | null {
  const { input, repairs, plan } = situation;
  const away = partsAway(input).filter((id) => id !== repairs[0]?.repairClass.part.id);
  const innocents = away.filter(
    (part) => !failsWith(situation, formatTrialId({ kind: 'back', part })) && !isSlotTaken(input, part),
  );
  if (goesBackAtOnce(situation, innocents))
    return quickFirst(situation, {
      kind: 'put-back',
      trialId: allBack,
      why: `${asItIsNow(input)}, and what is away is not the cause. Put it all back in one go.`,
    });
  const ids = innocents.map((part) => formatTrialId({ kind: 'back', part }));
  const next = ids.find((id) => canBeDone({ plan }, id));
  if (next !== undefined)
    return quickFirst(situation, {
      kind: 'put-back',
      trialId: next,
      why: `${asItIsNow(input)}. Put back what was taken out or moved, one thing at a time.`,
    });
  return innocents.length === 0 ? null : runsWithout(situation, innocents);
}

const allBack = formatTrialId({ kind: 'all-back' });
/** So likely, 0 to 1, must it run with all of it back: if it did not, one would not know with which. */
const surelyRuns = 0.9;

function goesBackAtOnce(situation: Situation, innocents: readonly string[]): boolean {
  const { machine, configuration } = situation.input;
  const homecoming = situation.plan.proposals.find(({ trial }) => trial.id === allBack);
  if (!homecoming || !canBeDone(situation, allBack)) return false;
  const parts = machine.parts.filter(({ id }) =>
    homecoming.trial.changes.some((change) => change.kind === 'place' && change.part === id),
  );
  return (
    parts.every((part) => innocents.includes(part.id) || goesBackWithCard(machine, configuration, part)) &&
    chanceToFail(situation, homecoming) <= 1 - surelyRuns
  );
}

/** Where it was found another module stands, which has to go home first. */
const isSlotTaken = ({ machine, configuration }: DiagnosisInput, part: string): boolean =>
  crowdsSlot(machine, configuration, [{ kind: 'place', part, to: { state: 'as-found' } }]);

const asItIsNow = (input: DiagnosisInput): string =>
  lastStart(input) === 'works' ? 'It runs like this' : 'The complaint is gone';

/** It ends with parts left out: they cannot go back, or it would stop again. */
export function runsWithout({ input }: Situation, partIds: readonly string[]): Advice {
  const names = input.machine.parts.filter(({ id }) => partIds.includes(id)).map(nameInWords);
  const why = `${asItIsNow(input)}, without ${listOf(names)}. Put it back as soon as that can be done, or note why it stays out.`;
  return { kind: 'undecided', trialId: null, why };
}

/** So likely, 0 to 1, must the complaint come back with a part that this part waits until the cause is repaired. */
const surelyFails = 0.8;

/** Two that are each innocent may not go together: the cause is known well enough, and with this one back in it would stop again. */
function failsWith(situation: Situation, trialId: string): boolean {
  const { plan, repairs } = situation;
  const [top] = repairs;
  const proposal = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!proposal || !top || top.probability < sureEnough(top.repairClass)) return false;
  return chanceToFail(situation, proposal) > surelyFails;
}

/** Probability that a start shows no more than the complaint did; 0 where there is none. */
function chanceToFail({ input, plan }: Situation, { trial, forecast }: Proposal): number {
  const complaint = reproducedComplaint(input.steps);
  if (complaint === null) return 0;
  const { probabilities } = forecast ?? forecastTrial(plan.jointOf(trial));
  const fails = probabilities.filter(
    (_, o) => isComplaintGone(complaint, { trial, outcome: trial.outcomes[o]?.id ?? '' }) === false,
  );
  return sumOf(fails) / sumOf(probabilities);
}

const sumOf = (probabilities: Float64Array): number => probabilities.reduce((sum, p) => sum + p, 0);

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
  const turn = turnOrTest(situation, repairClass);
  if (turn) return turn;
  const settling = cures < sureEnough(repairClass) ? settleAtPart(situation, repairClass) : null;
  if (settling) return settling;
  const asked = askBefore(situation, ranked);
  if (asked) return asked;
  const why = whyForGood(situation, ranked);
  const trialId = repairTrialId(repairClass);
  return canBeDone(situation, trialId)
    ? { kind: 'repair', trialId, why }
    : { kind: 'undecided', trialId: null, why: `${why} It could not be done here: refer it, or get what it needs.` };
}

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
  const swaps = (['out', 'spare', 'load-with-spare'] as const).map((kind) => formatTrialId({ kind, part: id }));
  const awayAgain = [...swaps, ...beside].filter((trial) => input.steps.some((step) => step.trial.id === trial));
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
