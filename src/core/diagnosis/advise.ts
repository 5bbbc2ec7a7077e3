import { placementOf } from '../machine';
import type { RepairClass } from '../faults';
import type { Belief } from './belief';
import { confirmationOf, isComplaintGone, reproducedComplaint, seenStart, signalOf, toldTrialId } from './confirmation';
import type { DiagnosisInput } from './evidence-step';
import type { HypothesisSpace } from './hypothesis-space';
import { actingFaults } from './outcome-model';
import type { Plan } from './propose';
import { nextBySchool } from './next-by-school';
import type { StopRule } from './stop-rule';
import type { RankedRepair } from './suspects';

/** What the technician should do now, and for what reason. */
export type AdviceKind = 'reproduce' | 'test' | 'prove' | 'repair' | 'verify' | 'put-back' | 'close' | 'nothing-seen';

export interface Advice {
  readonly kind: AdviceKind;
  /** Null when there is nothing left to do but close the case. */
  readonly trialId: string | null;
  readonly why: string;
}

/** A repair that cannot be undone or costs a part waits for this certainty; wrong repairs stay under 1 %. */
const sureEnoughToCommit = 0.97;
/** A free and reversible repair is worth trying earlier. */
const sureEnoughToTry = 0.75;
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
  if (isRight(situation)) return finish(situation);
  return repairIfSure(situation) ?? test(situation) ?? repairLikeliest(situation);
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

const stoodLoad = ({ steps }: DiagnosisInput): boolean =>
  steps.some((s) => s.trial.observe.kind === 'start' && s.trial.observe.depth === 'load' && seenStart(s) === 'works');

function isRight({ right, input }: Situation): boolean {
  const complaint = reproducedComplaint(input.steps);
  const last = input.steps
    .map(seenStart)
    .filter((outcome) => outcome !== null)
    .at(-1);
  const gone = last !== undefined && (complaint === null ? false : isComplaintGone(complaint, last));
  return gone && right >= sureItIsRight;
}

/** The machine is right as it stands: put back what is out, prove the cause, run it under load, close. */
function finish(situation: Situation): Advice {
  const { input, repairs } = situation;
  const top = repairs[0];
  const away = partsAway(input);
  const innocent = away.find((id) => id !== top?.repairClass.part.id);
  if (innocent)
    return {
      kind: 'put-back',
      trialId: `back/${innocent}`,
      why: 'It runs like this. Put back what is out or moved, one thing at a time.',
    };
  if (input.configuration.surface === 'bench')
    return { kind: 'put-back', trialId: 'back-in-case', why: 'It runs on the bench. Now the case.' };
  if (top && away.length > 0) return provenOrBack(situation, top);
  return stoodLoad(input)
    ? { kind: 'close', trialId: null, why: 'It starts and stays up under load.' }
    : { kind: 'verify', trialId: 'run-under-load', why: 'It starts. Prove that it stays up.' };
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

function provenOrBack(situation: Situation, top: RankedRepair): Advice {
  const { input, space } = situation;
  const { repairClass } = top;
  const confirmed = confirmationOf(space.faults, repairClass, input.steps, input.machine);
  const away = partsAway(input).includes(repairClass.part.id);
  return confirmed === 'proven' || !away || comesBack(situation, repairClass)
    ? { kind: 'repair', trialId: `fix/${repairClass.id}`, why: `The cause is ${confirmed}: mend it for good.` }
    : {
        kind: 'prove',
        trialId: `back/${repairClass.part.id}`,
        why: 'It went away with the change. Undo it: if the fault comes back, that is proof.',
      };
}

/** True if the suspect has already failed again after being put back. */
const comesBack = ({ input }: Situation, { part }: RepairClass): boolean =>
  input.steps.some((step) => step.trial.id === `back/${part.id}` && seenStart(step) !== null);

function repairIfSure(situation: Situation): Advice | null {
  const top = situation.repairs[0];
  const proposal = top && situation.plan.proposals.find(({ trial }) => trial.id === `fix/${top.repairClass.id}`);
  if (!top || !proposal || top.repairClass.repair === 'look-deeper') return null;
  if (repairsDone(situation.input).has(top.repairClass.id)) return null;
  const { commits } = proposal.trial;
  if (top.probability < (commits ? sureEnoughToCommit : sureEnoughToTry)) return null;
  return top.repairClass.price > 0
    ? provenOrBack(situation, top)
    : { kind: 'repair', trialId: proposal.trial.id, why: 'Likely enough, and it costs little to do.' };
}

/** The next test by the chosen school; by best value a cheap repair takes its turn where it costs less to try. */
function test({ plan, input, space, stopRule }: Situation): Advice | null {
  const school = input.school ?? 'best-value';
  const chosen = nextBySchool(school, plan.proposals, { faults: space.faults, signal: signalOf(input.steps) });
  if (!chosen) return null;
  const cheap = school === 'best-value' && stopRule ? plan.proposals.find((p) => p.trial.id === stopRule.tryNow) : null;
  if (cheap)
    return { kind: 'repair', trialId: cheap.trial.id, why: 'Costs less to try than to look into any further.' };
  return { kind: 'test', trialId: chosen.trial.id, why: chosen.trial.purpose };
}

/** Nothing at hand tells the rest apart: mend by probability. */
function repairLikeliest({ repairs, input, plan }: Situation): Advice {
  const done = repairsDone(input);
  const next = repairs.find(
    ({ repairClass }) =>
      !done.has(repairClass.id) && plan.proposals.some(({ trial }) => trial.id === `fix/${repairClass.id}`),
  );
  return {
    kind: 'repair',
    trialId: next ? `fix/${next.repairClass.id}` : 'start',
    why: 'What is at hand cannot tell the rest apart. Mend the likeliest.',
  };
}
