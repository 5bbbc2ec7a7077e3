import { describeChanges, type Machine } from '../machine';
import type { FaultInstance } from '../faults';
import { misreadProbabilityOf, recommendedWait, type Trial } from '../trials';
import { confirmationFrom, proofTurns } from './advice/confirmation';
import { isComplaintGone, observedStart, reproducedComplaint, signalOf } from './belief/complaint';
import type { Diagnosis, OutcomeView, SuspectView, TrialView } from './diagnosis';
import { doubtfulEntries, fitEntries } from './belief/doubt';
import type { DiagnosisInput, EvidenceStep } from './evidence-step';
import type { HypothesisSpace } from './model/hypothesis-space';
import { orderByStrategy } from './planning/order-by-strategy';
import { lastLinkPassed, standLinks } from './belief/link-states';
import { forecastSuspects } from './planning/forecast-suspects';
import { forecastTrial } from './planning/joint-probabilities';
import { rightClass } from './planning/active-hypotheses';
import type { Plan, Proposal } from './planning/propose';
import { analyseCase, type Analysis } from './analysis';
import type { Replay } from './belief/replay';
import { priceStrategies, type StrategyPrice } from './planning/strategy-prices';
import {
  jointSuspects,
  probabilityByFault,
  probabilityByLink,
  probabilityByPart,
  rankSuspects,
  type Suspect,
} from './belief/suspects';
import { surpriseOf } from './belief/surprise';
import { weighEvidence, type WeighedEvidence } from './belief/weigh-evidence';

/** Diagnoses one case again and again as its log grows; what earlier calls computed is kept. */
export interface Diagnoser {
  (input: DiagnosisInput): Diagnosis;
  /** What each strategy would take from where the last call stood; see priceStrategies. */
  strategyPrices(): StrategyPrice[];
}

/**
 * A diagnoser for one case at a time. Each call gives the whole diagnosis of a machine and its log: ranked suspects with
 * their evidence, the state of each link, the next thing to do and the alternatives. Deterministic. A machine may have
 * two faults, so probabilities of suspects sum to between 1 and 2, those of links to 1 within 1e-9. A log that goes on
 * from the last one costs only its new steps.
 */
export function createDiagnoser(): Diagnoser {
  let last: { readonly analysis: Analysis; readonly input: DiagnosisInput } | null = null;
  const diagnoseNext = (input: DiagnosisInput): Diagnosis => {
    const analysis = analyseCase(input, last?.analysis.known ?? null);
    last = { analysis, input };
    return view(input, analysis);
  };
  const strategyPrices = () => {
    if (!last) return [];
    const { analysis, input } = last;
    return priceStrategies(analysis.plan, { faults: analysis.known.space.faults, signal: signalOf(input.steps) });
  };
  return Object.assign(diagnoseNext, { strategyPrices });
}

function view(input: DiagnosisInput, analysis: Analysis): Diagnosis {
  const { known, foremost, right, plan, stopRule, advice } = analysis;
  const { space, steps, belief } = known;
  const suspects = rankSuspects(space, known.byFault.at(-1) ?? probabilityByFault(space, belief));
  const viewTrial = viewOf(input, analysis, suspects);
  const chosen = plan.proposals.find(({ trial }) => trial.id === advice.trialId);
  return {
    suspects: viewSuspects(suspects, known, input.machine),
    together: jointSuspects(space, belief).map(({ cause: { title, reason }, faults, probability }) => ({
      title,
      reason,
      faults: faults.map(({ id }) => id),
      titles: faults.map((fault) => fault.title),
      probability,
    })),
    links: standLinks(probabilityByLink(space, foremost), {
      hasEvidence: steps.length > 0,
      rightUpTo: rightUpTo(input, right),
    }),
    repairs: analysis.repairs.map(({ repairClass: { id, title }, probability }) => ({
      repair: id,
      title,
      probability,
    })),
    parts: probabilityByPart(space, belief.probabilities),
    rightProbability: right,
    doubts: doubtfulEntries(known, fitEntries(space, steps, known.compiled, belief)),
    surprise: surpriseOf(known.surprises.filter((entry) => entry !== null)),
    stopRule,
    advice: { kind: advice.kind, why: advice.why, trial: chosen ? viewTrial(chosen, true) : null },
    alternatives: inOrder(input, analysis)
      .filter(({ trial }) => trial.id !== advice.trialId && !trial.commits)
      .map((proposal, rank) => viewTrial(proposal, rank < glancedAt)),
  };
}

/** Every proposal: those that tell something in the order of the case's strategy, then the rest. */
function inOrder({ strategy = 'best-value', steps }: DiagnosisInput, { plan, known }: Analysis): Proposal[] {
  const first = orderByStrategy(strategy, plan, { faults: known.space.faults, signal: signalOf(steps) });
  const ordered = new Set(first);
  return [...first, ...plan.proposals.filter((proposal) => !ordered.has(proposal))];
}

function rightUpTo(input: DiagnosisInput, right: number) {
  const complaint = reproducedComplaint(input.steps);
  const last = input.steps.filter((step) => observedStart(step) !== null).at(-1);
  const outcome = last ? observedStart(last) : null;
  if (!last || !outcome || !complaint || !isComplaintGone(complaint, last)) return null;
  if (right < 0.95) return null;
  return lastLinkPassed(outcome, last.trial.observe.kind === 'start' && last.trial.observe.depth === 'load');
}

function viewSuspects(
  ranked: readonly Suspect[],
  { space, byFault: series, steps }: Replay,
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
  // "Something else" is no cause that anybody could name: it never stands first.
  const inOrder = [...ranked].sort((a, b) => Number(a.fault.somethingElse) - Number(b.fault.somethingElse));
  return inOrder.map(({ fault, probability }) =>
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
  const turns = probability > 0.01 ? proofTurns(faults, fault.repairClass, steps, machine) : 0;
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
    confirmation: confirmationFrom(turns),
    proofTurns: turns,
    priorDecibans,
    priorSource: fault.mode.prior.source,
    evidence: weights,
  };
}

function viewOf(
  { machine, steps }: DiagnosisInput,
  { plan, known }: Pick<Analysis, 'plan' | 'known'>,
  ranked: readonly Suspect[],
): (proposal: Proposal, isShown: boolean) => TrialView {
  const isFirstAfterFlash = awaitsFirstStart(steps);
  const foresee = foreseen(plan, known, ranked);
  return (proposal, isShown) => {
    const { trial, minutes, bits, lacks, blocked } = proposal;
    const { probabilities, then } = foresee(proposal, isShown);
    return {
      id: trial.id,
      title: trial.title,
      purpose: trial.purpose,
      steps: trial.steps,
      cautions: trial.cautions,
      tools: trial.tools,
      spares: trial.spares,
      lacks,
      blocked,
      minutes,
      bits,
      kind: trial.observe.kind,
      limits: limitsOf(trial),
      changes: describeChanges(machine, trial.changes),
      touches: touchesOf(trial),
      wait: recommendedWait(machine, trial, { isFirstAfterFlash }),
      outcomes: trial.outcomes.map(({ id, label }, o) => ({
        id,
        label,
        probability: probabilities[o] ?? 0,
        then: then(o),
      })),
    };
  };
}

/** What each outcome would leave: "fixed", or the first of the list of suspects with the figure that it will have. */
function foreseen({ live, jointOf }: Plan, { space, belief }: Replay, ranked: readonly Suspect[]) {
  const titles = new Map([...ranked].reverse().map(({ fault }) => [fault.repairClass.id, fault.title]));
  return ({ trial, forecast, watched }: Proposal, isShown: boolean) => {
    const { probabilities, leaders, leads } = forecast ?? forecastTrial(jointOf(trial));
    const first = isShown ? forecastSuspects(space, belief, watched(), misreadProbabilityOf(trial)) : null;
    const then = (o: number): OutcomeView['then'] => {
      const id = live.classIds[leaders[o] ?? 0] ?? rightClass;
      const probability = leads[o] ?? 0;
      if (id === rightClass) return { title: 'fixed', probability };
      const suspect = first?.[o];
      if (suspect) return { title: space.faults[suspect.fault]?.title ?? '', probability: suspect.probability };
      const title = titles.get(id);
      return title ? { title, probability } : null;
    };
    return { probabilities, then };
  };
}

/** The trials that are read at a glance: the advised one and the first of the others. */
const glancedAt = 4;

/** Firmware was written and nobody has started it since. */
function awaitsFirstStart(steps: readonly EvidenceStep[]): boolean {
  const flashed = steps.findLastIndex(({ handling }) => handling.some(({ act }) => act === 'flash'));
  return flashed > steps.findLastIndex((step) => observedStart(step) !== null);
}

function touchesOf({ part, changes, repair }: Trial): string[] {
  const changed = changes.flatMap((change) => (change.kind === 'place' ? [change.part] : []));
  return [...new Set([...(part ? [part.id] : []), ...(repair ? [repair.part.id] : []), ...changed])];
}

function limitsOf(trial: Trial): TrialView['limits'] {
  if (trial.observe.kind !== 'measure') return null;
  const { lowVolts, highVolts, nominalVolts } = trial.observe.quantity;
  return { lowVolts, highVolts, nominalVolts };
}
