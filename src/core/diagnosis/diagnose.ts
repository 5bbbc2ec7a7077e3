import { describeChanges, type Machine } from '../machine';
import { recommendedWait, type Trial } from '../trials';
import { advise, rightProbability } from './advise';
import { priorBelief, probabilitiesOf, updateBelief, type Belief } from './belief';
import { confirmationOf, reproducedComplaint, isComplaintGone, seenStart } from './confirmation';
import type { Diagnosis, SuspectView, TrialView } from './diagnosis';
import type { DiagnosisInput, EvidenceStep } from './evidence-step';
import { enumerateHypotheses, type Hypothesis } from './hypotheses';
import { lastLinkPassed, standLinks } from './link-states';
import { leaderAfter, proposeTrials, type Proposal } from './propose';
import { withoutRepeats } from './same-evidence';
import { probabilityByLink, probabilityByPart, rankRepairs, rankSuspects, type Suspect } from './suspects';
import { weighEvidence } from './weigh-evidence';

/**
 * The whole diagnosis of a case from its machine and its log: ranked suspects with their evidence, the state of each
 * link, the next thing to do and the alternatives. Deterministic; probabilities of suspects sum to 1 within 1e-9.
 */
export function diagnose(input: DiagnosisInput): Diagnosis {
  const hypotheses = enumerateHypotheses(input.machine, input.circumstances);
  const steps = withoutRepeats(input.steps);
  const beliefs = replay(hypotheses, steps, input.machine);
  const belief = beliefs.at(-1) ?? priorBelief(hypotheses);
  const probabilities = probabilitiesOf(belief);
  const proposals = proposeTrials(input, hypotheses, belief);
  const repairs = rankRepairs(hypotheses, probabilities);
  const advice = advise({ input, hypotheses, belief, proposals, repairs });
  const suspects = rankSuspects(hypotheses, probabilities);
  const view = viewOf(input.machine, suspects);
  const chosen = proposals.find(({ trial }) => trial.id === advice.trialId);
  return {
    suspects: viewSuspects(
      suspects,
      weighEvidence(
        hypotheses,
        beliefs,
        steps.map(({ id }) => id),
      ),
      steps,
      input.machine,
    ),
    links: standLinks(probabilityByLink(hypotheses, probabilities), {
      hasEvidence: steps.length > 0,
      rightUpTo: rightUpTo(input, hypotheses, belief),
    }),
    parts: probabilityByPart(hypotheses, probabilities),
    rightProbability: rightProbability(hypotheses, belief, input),
    advice: { kind: advice.kind, why: advice.why, trial: chosen ? view(chosen) : null },
    alternatives: proposals.filter(({ trial }) => trial.id !== advice.trialId && !trial.commits).map(view),
  };
}

/** The belief before any step and after each. */
function replay(hypotheses: readonly Hypothesis[], steps: readonly EvidenceStep[], machine: Machine): Belief[] {
  const beliefs = [priorBelief(hypotheses)];
  for (const step of steps) {
    const last = beliefs.at(-1);
    if (last) beliefs.push(updateBelief(last, hypotheses, step, machine));
  }
  return beliefs;
}

function rightUpTo(input: DiagnosisInput, hypotheses: readonly Hypothesis[], belief: Belief) {
  const complaint = reproducedComplaint(input.steps);
  const last = input.steps.filter((step) => seenStart(step) !== null).at(-1);
  const outcome = last ? seenStart(last) : null;
  if (!last || !outcome || !complaint || !isComplaintGone(complaint, outcome)) return null;
  if (rightProbability(hypotheses, belief, input) < 0.95) return null;
  return lastLinkPassed(outcome, last.trial.observe.kind === 'start' && last.trial.observe.depth === 'load');
}

function viewSuspects(
  ranked: readonly Suspect[],
  weights: ReturnType<typeof weighEvidence>,
  steps: readonly EvidenceStep[],
  machine: Machine,
): SuspectView[] {
  const faults = ranked.map(({ fault }) => fault);
  return ranked.map(({ fault, probability }) => ({
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
    priorDecibans: weights.get(fault.id)?.priorDecibans ?? 0,
    priorSource: fault.mode.prior.source,
    evidence: weights.get(fault.id)?.weights ?? [],
  }));
}

function viewOf(machine: Machine, ranked: readonly Suspect[]): (proposal: Proposal) => TrialView {
  const titles = new Map([...ranked].reverse().map(({ fault }) => [fault.repairClass.id, fault.title]));
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
