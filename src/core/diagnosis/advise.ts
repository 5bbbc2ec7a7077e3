import { placementOf } from '../machine';
import { repairOf, type RepairClass, type RepairStake } from '../faults';
import type { Belief } from './belief';
import { costOfRepair, usualCosts } from './costs';
import {
  confirmationOf,
  isComplaintGone,
  proofTurns,
  reproducedComplaint,
  seenStart,
  signalOf,
  toldTrialId,
} from './confirmation';
import type { DiagnosisInput } from './evidence-step';
import type { HypothesisSpace } from './hypothesis-space';
import { actingFaults } from './outcome-model';
import type { Plan } from './propose';
import { nextBySchool } from './next-by-school';
import type { StopRule } from './stop-rule';
import type { RankedRepair } from './suspects';

/** What the technician should do now, and for what reason. */
export type AdviceKind =
  'reproduce' | 'test' | 'prove' | 'repair' | 'verify' | 'put-back' | 'close' | 'nothing-seen' | 'undecided';

export interface Advice {
  readonly kind: AdviceKind;
  /** Null when there is nothing left to do but close the case. */
  readonly trialId: string | null;
  readonly why: string;
}

/**
 * So likely must a repair be before it is done without more tests, by what is at stake: starting judgement, tried on
 * simulated machines (docs/benchmarks.md).
 */
const sureEnough: Readonly<Record<RepairStake, number>> = { nothing: 0.75, work: 0.75, 'for-good': 0.9, part: 0.97 };
const sureItIsRight = 0.95;

interface Situation {
  readonly input: DiagnosisInput;
  readonly space: HypothesisSpace;
  readonly plan: Plan;
  readonly repairs: readonly RankedRepair[];
  readonly stopRule: StopRule | null;
  /** See rightProbability. */
  readonly right: number;
}

/** Probability that no fault can act any more in the configuration in force. */
export function rightProbability(
  { second, pairsFrom, variants, faults }: HypothesisSpace,
  probabilities: Float64Array,
  { stillThere, touched }: Belief,
  input: DiagnosisInput,
): number {
  const acting = actingFaults(faults, input.machine, input.configuration);
  const acts = variants.map(({ faultIndex }) => acting[faultIndex] === 1);
  let right = 0;
  for (let a = 0; a < variants.length; a++) {
    right += (probabilities[a] ?? 0) * (acts[a] ? (stillThere[4 * a] ?? 0) : 1);
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const b = second[h] ?? 0;
      if (acts[a] && !touched[a]) continue;
      let quiet = stillThere[4 * h] ?? 0;
      if (!acts[a]) quiet += stillThere[4 * h + 1] ?? 0;
      if (!acts[b]) quiet += stillThere[4 * h + 2] ?? 0;
      if (!acts[a] && !acts[b]) quiet += stillThere[4 * h + 3] ?? 0;
      right += (probabilities[h] ?? 0) * quiet;
    }
  }
  return right;
}

/** The one thing to do next. */
export function advise(situation: Situation): Advice {
  const { input } = situation;
  const seen = input.steps.filter((step) => seenStart(step) !== null);
  if (seen.length === 0) return reproduce(input);
  if (reproducedComplaint(input.steps) === null) return complaintNotSeen(input);
  if (isGone(situation) && situation.right >= sureItIsRight) return finish(situation);
  return (
    verifyRepair(situation) ??
    repairIfSure(situation) ??
    turnForProof(situation) ??
    test(situation) ??
    repairLikeliest(situation)
  );
}

function reproduce(input: DiagnosisInput): Advice {
  const told = input.steps.find((step) => step.trial.id === toldTrialId)?.outcome;
  return told === 'cuts-out'
    ? { kind: 'reproduce', trialId: 'run-under-load', why: 'First see the complaint yourself: it is said to cut out.' }
    : { kind: 'reproduce', trialId: 'start', why: 'First see the complaint yourself.' };
}

/** It has only ever worked before the technician's eyes: nothing is mended on hearsay. */
function complaintNotSeen(input: DiagnosisInput): Advice {
  return stoodLoad(input)
    ? { kind: 'nothing-seen', trialId: null, why: 'It starts and stays up under load: the complaint does not show.' }
    : { kind: 'reproduce', trialId: 'run-under-load', why: 'It starts. See whether it stays up.' };
}

/** It worked under full load, and nothing was done to it since. */
function stoodLoad({ steps }: DiagnosisInput): boolean {
  const touched = steps.findLastIndex(
    ({ trial, handling, outcome }) =>
      outcome !== 'could-not' && (handling.length > 0 || trial.repair || trial.changes.length > 0),
  );
  return steps
    .slice(Math.max(0, touched))
    .some((s) => s.trial.observe.kind === 'start' && s.trial.observe.depth === 'load' && seenStart(s) === 'works');
}

/** The last start got past the complaint. */
function isGone({ input }: Situation): boolean {
  const complaint = reproducedComplaint(input.steps);
  const last = input.steps
    .map(seenStart)
    .filter((outcome) => outcome !== null)
    .at(-1);
  return last !== undefined && complaint !== null && isComplaintGone(complaint, last);
}

/** The machine is right as it stands: put back what is out, prove the cause, run it under load, close. */
function finish(situation: Situation): Advice {
  const { input, repairs } = situation;
  const top = repairs[0];
  const away = partsAway(input);
  const innocent = putBackInnocent(situation);
  if (innocent) return innocent;
  if (input.configuration.surface === 'bench')
    return { kind: 'put-back', trialId: 'back-in-case', why: 'It runs on the bench. Now the case.' };
  if (top && away.length > 0) return provenOrTurn(situation, top);
  return stoodLoad(input)
    ? { kind: 'close', trialId: null, why: 'It starts and stays up under load.' }
    : { kind: 'verify', trialId: 'run-under-load', why: 'It starts. Prove that it stays up.' };
}

function putBackInnocent({ input, repairs }: Situation): Advice | null {
  const innocent = partsAway(input).find((id) => id !== repairs[0]?.repairClass.part.id);
  return innocent
    ? {
        kind: 'put-back',
        trialId: `back/${innocent}`,
        why: 'It runs like this. Put back what is out or moved, one thing at a time.',
      }
    : null;
}

/** A change has most likely taken the fault away: to undo and redo it tells more than another test, and is the proof. */
function turnForProof(situation: Situation): Advice | null {
  const { input, repairs, right } = situation;
  const [top] = repairs;
  if (!top) return null;
  if (partsAway(input).includes(top.repairClass.part.id)) {
    if (!isGone(situation) || right < sureEnough.nothing) return null;
    return putBackInnocent(situation) ?? nextTurn(situation, top.repairClass);
  }
  return top.probability < sureEnough.nothing ? null : nextTurn(situation, top.repairClass);
}

const repairsDone = (input: DiagnosisInput): Set<string> =>
  new Set(
    input.steps.flatMap((step) => (step.trial.repair && step.outcome !== 'could-not' ? [step.trial.repair.id] : [])),
  );

/** Parts that are out, moved or swapped, and not left so by a repair. */
function partsAway(input: DiagnosisInput): string[] {
  const done = repairsDone(input);
  return input.machine.parts
    .map((part) => part.id)
    .filter((id) => ['out', 'spare', 'moved'].includes(placementOf(input.configuration, id).state))
    .filter((id) => !done.has(`leave-unplugged@${id}`));
}

/** Mend the cause for good once it is proven; until then the next turn of away, back, away. */
function provenOrTurn(situation: Situation, { repairClass }: RankedRepair): Advice {
  const turn = nextTurn(situation, repairClass);
  if (turn) return turn;
  const { input, space } = situation;
  const confirmed = confirmationOf(space.faults, repairClass, input.steps, input.machine);
  return { kind: 'repair', trialId: `fix/${repairClass.id}`, why: `The cause is ${confirmed}: mend it for good.` };
}

/** Away, back, away: the next turn that can be made now; null if the proof is whole or has not begun. */
function nextTurn({ input, space, plan }: Situation, repairClass: RepairClass): Advice | null {
  const turns = proofTurns(space.faults, repairClass, input.steps, input.machine);
  const { id } = repairClass.part;
  const isAway = partsAway(input).includes(id);
  if (turns === 2 && isAway)
    return {
      kind: 'prove',
      trialId: `back/${id}`,
      why: 'It went away with the change. Undo it: if the fault comes back, that is proof.',
    };
  if (turns !== 3 || isAway) return null;
  const awayAgain = [`out/${id}`, `spare/${id}`, `load-with-spare/${id}`].filter((trial) =>
    input.steps.some((step) => step.trial.id === trial),
  );
  const trial = awayAgain.find((wanted) => plan.proposals.some((proposal) => proposal.trial.id === wanted));
  return trial
    ? { kind: 'prove', trialId: trial, why: 'It came back. Once more away: if it works again, that is proof.' }
    : null;
}

/** A repair seems to have helped: before anything else is mended, see whether it stays up. */
function verifyRepair(situation: Situation): Advice | null {
  const { input, repairs } = situation;
  const [top] = repairs;
  const isMended = top && repairsDone(input).has(top.repairClass.id) && partsAway(input).length === 0;
  return isMended && isGone(situation) && !stoodLoad(input)
    ? { kind: 'verify', trialId: 'run-under-load', why: 'It starts after the repair. Prove that it stays up.' }
    : null;
}

function repairIfSure(situation: Situation): Advice | null {
  const { repairs, plan } = situation;
  const top = repairs[0];
  const proposal = top && plan.proposals.find(({ trial }) => trial.id === `fix/${top.repairClass.id}`);
  if (!top || !proposal || top.repairClass.repair === 'look-deeper') return null;
  const { stake } = repairOf(top.repairClass.repair);
  if (top.probability < sureEnough[stake]) return null;
  // Carried out and not seen to fail since: once more would tell and mend nothing.
  if (repairsDone(situation.input).has(top.repairClass.id) && isGone(situation)) return null;
  return stake === 'part'
    ? provenOrTurn(situation, top)
    : { kind: 'repair', trialId: proposal.trial.id, why: 'Likely enough, and it costs little to do.' };
}

/** The next test by the chosen school; by best value a cheap repair takes its turn where it costs less to try. */
function test({ plan, input, space, stopRule }: Situation): Advice | null {
  const school = input.school ?? 'best-value';
  const chosen = nextBySchool(school, plan, { faults: space.faults, signal: signalOf(input.steps) });
  if (!chosen) return null;
  const cheap = school === 'best-value' && stopRule ? plan.proposals.find((p) => p.trial.id === stopRule.tryNow) : null;
  if (cheap)
    return { kind: 'repair', trialId: cheap.trial.id, why: 'Costs less to try than to look into any further.' };
  return { kind: 'test', trialId: chosen.trial.id, why: chosen.trial.purpose };
}

/** With nothing left that tells the rest apart, so likely must a repair be to be tried all the same. */
const worthTrying: Readonly<Record<RepairStake, number>> = { nothing: 0.02, work: 0.05, 'for-good': 0.2, part: 0.9 };

/** Nothing at hand tells the rest apart: mend in order of probability over cost, and end openly where too much is at stake. */
function repairLikeliest({ repairs, input, plan }: Situation): Advice {
  const done = repairsDone(input);
  const costs = input.costs ?? usualCosts;
  const [next] = repairs
    .filter(
      ({ repairClass, probability }) =>
        !done.has(repairClass.id) &&
        repairClass.repair !== 'look-deeper' &&
        probability >= worthTrying[repairOf(repairClass.repair).stake] &&
        plan.proposals.some(({ trial }) => trial.id === `fix/${repairClass.id}`),
    )
    .sort(
      (a, b) => b.probability / costOfRepair(b.repairClass, costs) - a.probability / costOfRepair(a.repairClass, costs),
    );
  if (next)
    return {
      kind: 'repair',
      trialId: `fix/${next.repairClass.id}`,
      why: 'What is at hand cannot tell the rest apart. Mend by likelihood and cost.',
    };
  return {
    kind: 'undecided',
    trialId: null,
    why: 'What is at hand cannot tell the rest apart, and none is likely enough to buy for. Decide with the owner or hand it on.',
  };
}
