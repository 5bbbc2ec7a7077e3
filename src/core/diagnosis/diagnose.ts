import type { Machine } from '../machine';
import type { FaultInstance } from '../faults';
import { confirmationFrom, proofTurns } from './advice/confirmation';
import { isProvenByCount, type CountedCure } from './advice/cure-by-count';
import { isComplaintGone, observedStart, repairedInVain, reproducedComplaint } from './belief/complaint';
import type { Diagnosis, SuspectView, TrialView } from './diagnosis';
import { doubtfulEntries } from './belief/doubt';
import type { DiagnosisInput, EvidenceStep } from './evidence-step';
import { orderByStrategy } from './planning/order-by-strategy';
import { lastLinkPassed, standLinks } from './belief/link-states';
import type { Proposal } from './planning/propose';
import { briefOf, viewOf } from './planning/view-trials';
import { analyseCase, type Analysis } from './analysis';
import { strategyViewOf } from './planning/strategies';
import { priceStrategies, type StrategyPrice } from './planning/strategy-prices';
import {
  jointSuspects,
  spentFaults,
  probabilityByFault,
  probabilityByLink,
  probabilityByPart,
  rankSuspects,
  type RankedSuspects,
  type Suspect,
} from './belief/suspects';
import type { Replay } from './belief/replay';
import { rarityOf, surpriseOf } from './belief/surprise';
import { weighEvidence, type WeighedEvidence } from './belief/weigh-evidence';

/** Diagnoses one case again and again as its log grows; what earlier calls computed is kept. */
export interface Diagnoser {
  (input: DiagnosisInput): Diagnosis;
  /**
   * The same, with what is read first: the other trials in brief but for those named `whole`, and the evidence of the
   * first suspects only.
   */
  first(input: DiagnosisInput, whole: readonly string[]): Diagnosis;
  /** What the last call left in brief; null before there was one. */
  rest(): DiagnosisRest | null;
  /** What each strategy would take from where the last call stood; see priceStrategies. */
  strategyPrices(): StrategyPrice[];
}

/** The nine tenths of a diagnosis that are read later, if at all. */
export type DiagnosisRest = Pick<Diagnosis, 'suspects' | 'alternatives'>;

/**
 * A diagnoser for one case at a time. Each call gives the whole diagnosis of a machine and its log: ranked suspects with
 * their evidence, the state of each link, the next thing to do and the alternatives. Deterministic. A machine may have
 * two faults, so probabilities of suspects sum to between 1 and 2, those of links to 1 within 1e-9. A log that goes on
 * from the last one costs only its new steps.
 */
export function createDiagnoser(): Diagnoser {
  let last: Analysis | null = null;
  const diagnoseTo = (input: DiagnosisInput, depth: Depth): Diagnosis => {
    last = analyseCase(input, last?.known ?? null);
    return view(last, depth);
  };
  const first = (input: DiagnosisInput, whole: readonly string[]) =>
    diagnoseTo(input, { withEvidence: firstWithEvidence, isWhole: (id) => whole.includes(id) });
  const rest = (): DiagnosisRest | null => {
    if (!last) return null;
    const ranked = rankedIn(last);
    return {
      suspects: viewSuspects(ranked, last, everything),
      alternatives: viewAlternatives(last, viewOf(last.input, last, ranked), everything),
    };
  };
  const strategyPrices = () => {
    if (!last) return [];
    const { input, plan, known } = last;
    return priceStrategies(plan, strategyViewOf(known.space.faults, input.steps));
  };
  return Object.assign((input: DiagnosisInput) => diagnoseTo(input, everything), { first, rest, strategyPrices });
}

/** How much of a diagnosis is computed. */
interface Depth {
  /** The number of suspects that come with their evidence. */
  readonly withEvidence: number;
  /** Whether a trial that is not advised comes with all that is shown of it. */
  readonly isWhole: (trialId: string) => boolean;
}

const everything: Depth = { withEvidence: Number.POSITIVE_INFINITY, isWhole: () => true };

/** As many as a list shows, and some more. */
const firstWithEvidence = 12;

function rankedIn({ input: { machine, steps }, known: { space, belief, byFault } }: Analysis): RankedSuspects {
  const suspects = rankSuspects(space, byFault.at(-1) ?? probabilityByFault(space, belief));
  return { suspects, spent: spentFaults(space, belief, repairedInVain(steps, machine)) };
}

/** The suspect that stands first in the list; null where nothing that has a name is left. */
export function leadingSuspect(analysis: Analysis): Suspect | null {
  const [first] = inListOrder(rankedIn(analysis));
  return first && !first.fault.somethingElse ? first : null;
}

/**
 * "Something else" is no cause that anybody could name: it never stands first. What was repaired while the complaint
 * stayed is not what to look for.
 */
function inListOrder({ suspects, spent }: RankedSuspects): Suspect[] {
  const last = ({ fault }: Suspect) => (fault.somethingElse ? 2 : spent.has(fault) ? 1 : 0);
  return [...suspects].sort((a, b) => last(a) - last(b));
}

function view(analysis: Analysis, depth: Depth): Diagnosis {
  const { input, known, foremost, right, plan, stopRule, advice } = analysis;
  const { space, steps, belief } = known;
  const ranked = rankedIn(analysis);
  const viewTrial = viewOf(input, analysis, ranked);
  const chosen = plan.proposals.find(({ trial }) => trial.id === advice.trialId);
  return {
    suspects: viewSuspects(ranked, analysis, depth),
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
    parts: probabilityByPart(space, belief),
    rightProbability: right,
    proving: analysis.proving,
    doubts: doubtfulEntries(known, analysis.fits()),
    surprise: surpriseOf(
      known.surprises.filter((entry) => entry !== null),
      rarityOf(known.byFault[0] ?? new Float64Array(), causesNamed(known)),
    ),
    stopRule,
    advice: { kind: advice.kind, why: advice.why, trial: chosen ? viewTrial(chosen, true) : null },
    alternatives: viewAlternatives(analysis, viewTrial, depth),
  };
}

/** Probability of each fault now; 0 where it is something that nobody could name. */
const causesNamed = ({ space, byFault }: Replay): Float64Array =>
  (byFault.at(-1) ?? new Float64Array()).map((probability, f) => (space.faults[f]?.somethingElse ? 0 : probability));

function viewAlternatives(analysis: Analysis, viewTrial: ReturnType<typeof viewOf>, { isWhole }: Depth): TrialView[] {
  return inOrder(analysis)
    .filter(({ trial }) => trial.id !== analysis.advice.trialId && !trial.commits)
    .map((proposal, rank) => (isWhole(proposal.trial.id) ? viewTrial(proposal, rank < glancedAt) : briefOf(proposal)));
}

/** Every proposal: those that tell something in the order of the case's strategy, then the rest. */
function inOrder({ input: { strategy = 'best-value', steps }, plan, known }: Analysis): Proposal[] {
  const first = orderByStrategy(strategy, plan, strategyViewOf(known.space.faults, steps));
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
  ranked: RankedSuspects,
  { input: { machine }, known: { space, byFault: series, steps }, cure }: Analysis,
  { withEvidence }: Pick<Depth, 'withEvidence'>,
): SuspectView[] {
  const eventIds = steps.map(({ id }) => id);
  const indexOf = new Map(space.faults.map((fault, f) => [fault.id, f]));
  const evidenceOn = (id: string, upTo: number) => {
    const f = indexOf.get(id) ?? 0;
    return weighEvidence(
      series.slice(0, upTo + 1).map((byFault) => byFault[f] ?? 0),
      eventIds.slice(0, upTo),
    );
  };
  const proofs = { faults: space.faults, steps, machine, cure, spent: ranked.spent };
  return inListOrder(ranked).map(({ fault, probability }, rank) =>
    viewSuspect(fault, probability, evidenceOn(fault.id, rank < withEvidence ? steps.length : 0), proofs),
  );
}

/** What the proof of a suspect is read from. */
interface Proofs {
  readonly faults: readonly FaultInstance[];
  readonly steps: readonly EvidenceStep[];
  readonly machine: Machine;
  readonly cure: CountedCure | null;
  readonly spent: ReadonlySet<FaultInstance>;
}

function viewSuspect(
  fault: FaultInstance,
  probability: number,
  { priorDecibans, weights }: WeighedEvidence,
  { faults, steps, machine, cure: counted, spent }: Proofs,
): SuspectView {
  const cure = counted?.repair === fault.repairClass.id ? counted : null;
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
    isRepaired: spent.has(fault),
    repair: {
      id: fault.repairClass.id,
      title: fault.repairClass.title,
      minutes: fault.repairClass.minutes,
      price: fault.repairClass.price,
      buys: fault.repairClass.buys,
    },
    confirmation: cure && isProvenByCount(cure) ? 'proven' : confirmationFrom(turns),
    cure,
    proofTurns: turns,
    priorDecibans,
    priorSource: fault.mode.prior.source,
    evidence: weights,
  };
}

/** The trials that are read at a glance: the advised one and the first of the others. */
const glancedAt = 2;
