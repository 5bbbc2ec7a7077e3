import { describeChanges, type Machine } from '../machine';
import type { FaultInstance } from '../faults';
import { recommendedWait, type Trial } from '../trials';
import { advise, rightProbability } from './advise';
import { priorBelief, probabilitiesOf, updateBelief, type Belief } from './belief';
import { confirmationOf, reproducedComplaint, isComplaintGone, seenStart } from './confirmation';
import type { Diagnosis, SuspectView, TrialView } from './diagnosis';
import { doubtfulEntries, fitEntries } from './doubt';
import type { DiagnosisInput, EvidenceStep } from './evidence-step';
import { createSpace, type HypothesisSpace } from './hypothesis-space';
import { lastLinkPassed, standLinks } from './link-states';
import { leaderAfter, proposeTrials, rightClass, type Proposal } from './propose';
import { withoutRepeats } from './same-evidence';
import {
  probabilityByFault,
  probabilityByLink,
  probabilityByPart,
  rankRepairs,
  rankSuspects,
  type Suspect,
} from './suspects';
import { weighEvidence, type WeighedEvidence } from './weigh-evidence';

/** Diagnoses one case again and again as its log grows; what earlier calls reckoned is kept. */
export type Diagnoser = (input: DiagnosisInput) => Diagnosis;

/**
 * A diagnoser for one case at a time. It gives what `diagnose` gives; a log that goes on from the last one costs only
 * its new steps.
 */
export function createDiagnoser(): Diagnoser {
  let known: Replay | null = null;
  return (input) => {
    known = replay(input, known);
    return view(input, known);
  };
}

/**
 * The whole diagnosis of a case from its machine and its log: ranked suspects with their evidence, the state of each
 * link, the next thing to do and the alternatives. Deterministic; a machine may have two faults, so
 * probabilities of suspects sum to between 1 and 2, those of links to 1 within 1e-9.
 */
export function diagnose(input: DiagnosisInput): Diagnosis {
  return createDiagnoser()(input);
}

/** A log reckoned step by step: the belief and the probability of each fault before any step and after each. */
interface Replay {
  readonly machineKey: string;
  readonly space: HypothesisSpace;
  readonly steps: readonly EvidenceStep[];
  readonly stepKeys: readonly string[];
  readonly beliefs: readonly Belief[];
  readonly byFault: readonly Float64Array[];
}

function replay(input: DiagnosisInput, known: Replay | null): Replay {
  const steps = withoutRepeats(input.steps);
  const stepKeys = steps.map(({ id, trial, outcome, volts, configuration }) =>
    JSON.stringify([id, trial.id, outcome, volts, configuration]),
  );
  const machineKey = JSON.stringify([input.machine, input.circumstances]);
  const same = known?.machineKey === machineKey ? known : null;
  const space = same?.space ?? createSpace(input.machine, input.circumstances);
  const differs = same ? stepKeys.findIndex((key, k) => key !== same.stepKeys[k]) : 0;
  const shared = differs < 0 ? stepKeys.length : differs;
  const beliefs = same ? same.beliefs.slice(0, shared + 1) : [priorBelief(space)];
  for (const step of steps.slice(beliefs.length - 1)) {
    const last = beliefs.at(-1);
    if (last) beliefs.push(updateBelief(last, space, step, input.machine));
  }
  const old = same?.byFault.slice(0, shared + 1) ?? [];
  const fresh = beliefs.slice(old.length).map((belief) => probabilityByFault(space, probabilitiesOf(belief)));
  return { machineKey, space, steps, stepKeys, beliefs, byFault: [...old, ...fresh] };
}

function view(input: DiagnosisInput, { space, steps, beliefs, byFault: series }: Replay): Diagnosis {
  const belief = beliefs.at(-1) ?? priorBelief(space);
  const probabilities = probabilitiesOf(belief);
  const byFault = series.at(-1) ?? probabilityByFault(space, probabilities);
  const proposals = proposeTrials(input, space, belief);
  const repairs = rankRepairs(space, probabilities, belief);
  const advice = advise({ input, space, belief, proposals, repairs });
  const suspects = rankSuspects(space, byFault);
  const viewTrial = viewOf(input.machine, suspects);
  const chosen = proposals.find(({ trial }) => trial.id === advice.trialId);
  return {
    suspects: viewSuspects(suspects, space, series, steps, input.machine),
    links: standLinks(probabilityByLink(space, probabilities, belief), {
      hasEvidence: steps.length > 0,
      rightUpTo: rightUpTo(input, space, belief),
    }),
    parts: probabilityByPart(space, probabilities),
    rightProbability: rightProbability(space, belief, input),
    doubts: doubtfulEntries(fitEntries(space, steps, beliefs, input.machine)),
    advice: { kind: advice.kind, why: advice.why, trial: chosen ? viewTrial(chosen) : null },
    alternatives: proposals.filter(({ trial }) => trial.id !== advice.trialId && !trial.commits).map(viewTrial),
  };
}

function rightUpTo(input: DiagnosisInput, space: HypothesisSpace, belief: Belief) {
  const complaint = reproducedComplaint(input.steps);
  const last = input.steps.filter((step) => seenStart(step) !== null).at(-1);
  const outcome = last ? seenStart(last) : null;
  if (!last || !outcome || !complaint || !isComplaintGone(complaint, outcome)) return null;
  if (rightProbability(space, belief, input) < 0.95) return null;
  return lastLinkPassed(outcome, last.trial.observe.kind === 'start' && last.trial.observe.depth === 'load');
}

function viewSuspects(
  ranked: readonly Suspect[],
  space: HypothesisSpace,
  series: readonly Float64Array[],
  steps: readonly EvidenceStep[],
  machine: Machine,
): SuspectView[] {
  const eventIds = steps.map(({ id }) => id);
  const indexOf = new Map(space.faults.map((fault, f) => [fault.id, f]));
  const evidenceOn = (id: string) => {
    const f = indexOf.get(id) ?? 0;
    return weighEvidence(
      series.map((byFault) => byFault[f] ?? 0),
      eventIds,
    );
  };
  return ranked.map(({ fault, probability }) =>
    viewSuspect(fault, probability, evidenceOn(fault.id), space, steps, machine),
  );
}

function viewSuspect(
  fault: FaultInstance,
  probability: number,
  { priorDecibans, weights }: WeighedEvidence,
  { faults }: HypothesisSpace,
  steps: readonly EvidenceStep[],
  machine: Machine,
): SuspectView {
  return {
    fault: fault.id,
    title: fault.title,
    reason: fault.mode.reason,
    part: fault.somethingElse ? null : fault.part.id,
    partName: fault.somethingElse ? null : fault.part.name,
    link: fault.link,
    probability,
    somethingElse: fault.somethingElse,
    repair: {
      id: fault.repairClass.id,
      title: fault.repairClass.title,
      minutes: fault.repairClass.minutes,
      price: fault.repairClass.price,
    },
    confirmation: probability > 0.01 ? confirmationOf(faults, fault.repairClass, steps, machine) : 'suggested',
    priorDecibans,
    priorSource: fault.mode.prior.source,
    evidence: weights,
  };
}

function viewOf(machine: Machine, ranked: readonly Suspect[]): (proposal: Proposal) => TrialView {
  const titles = new Map([...ranked].reverse().map(({ fault }) => [fault.repairClass.id, fault.title]));
  titles.set(rightClass, 'Nothing left to mend');
  return (proposal) => {
    const { trial } = proposal;
    return {
      id: trial.id,
      title: trial.title,
      purpose: trial.purpose,
      steps: trial.steps,
      cautions: trial.cautions,
      tools: trial.tools,
      spares: trial.spares,
      minutes: proposal.minutes,
      bits: proposal.bits,
      kind: trial.observe.kind,
      limits: limitsOf(trial),
      changes: describeChanges(machine, trial.changes),
      wait: recommendedWait(machine, trial),
      outcomes: trial.outcomes.map((outcome, o) => {
        const leader = leaderAfter(proposal, o);
        const title = leader && titles.get(leader.classId);
        return {
          ...outcome,
          probability: proposal.chances[o] ?? 0,
          then: leader && title ? { title, probability: leader.probability } : null,
        };
      }),
    };
  };
}

function limitsOf(trial: Trial): TrialView['limits'] {
  if (trial.observe.kind !== 'measure') return null;
  const { lowVolts, highVolts, nominalVolts } = trial.observe.quantity;
  return { lowVolts, highVolts, nominalVolts };
}
