import { applyChanges } from '../machine';
import { setUpMinutes, trialsFor, type Trial } from '../trials';
import { cureChance, type Belief } from './belief';
import type { DiagnosisInput } from './evidence-step';
import type { HypothesisSpace } from './hypothesis-space';
import { entropyBits } from './information';
import { JointScratch, jointChances, passAfter, tell, type JointChances, type Told } from './joint-chances';
import { liveWays, type LiveWays } from './live-ways';
import { createModelBook, type ModelBook } from './model-book';
import { knownAlready } from './same-evidence';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  /** What it would tell about repair classes; 0 where it commits, or would only repeat what is known. */
  readonly bits: number;
  /** What it would tell if nothing like it had been seen yet. */
  readonly bitsIfNew: number;
  /** Null for what commits: its outcomes are reckoned only when they are asked for. */
  readonly told: Told | null;
  /** Tools and spares that it needs and that are not at hand. */
  readonly lacks: readonly string[];
}

/** Everything that can be proposed, and the means to look closer at one trial. */
export interface Plan {
  readonly live: LiveWays;
  /** Entropy of the repair classes: all that tests could tell, in bits. */
  readonly openBits: number;
  /** By information per minute, best first; a trial that tells nothing new comes last with 0 bits. */
  readonly proposals: readonly Proposal[];
  /** Joint chances of class and outcome of one trial; good until the next call. */
  readonly jointOf: (trial: Trial) => JointChances;
}

/** A technician's eyes: chance of misreading an outcome. Starting judgement. */
export const technicianMisreads = 0.015;

/** What was reckoned already and need not be again. */
export interface PlanMeans {
  readonly probabilities?: Float64Array;
  readonly book?: ModelBook;
}

/** Weighs every trial that is possible now. */
export function planTrials(
  input: DiagnosisInput,
  space: HypothesisSpace,
  belief: Belief,
  { probabilities, book = createModelBook(input.machine, space) }: PlanMeans = {},
): Plan {
  const live = liveWays(space, belief, probabilities);
  const scratch = new JointScratch();
  const cures = createCures(space);
  const jointOf = (trial: Trial): JointChances => {
    const { changes } = trial;
    const after = changes.length > 0 ? applyChanges(input.configuration, changes) : input.configuration;
    const model = book.modelOf(trial, after);
    const isHandled = trial.repair !== null || trial.handling.length > 0;
    const pass = isHandled ? passAfter(model.pass, cures(trial)) : model.pass;
    return jointChances(live, model, pass, technicianMisreads, scratch);
  };
  const isKnown = knownAlready(input.steps, input.configuration);
  const weighed = trialsFor(input.machine, input.configuration).map((trial): Proposal => {
    const minutes = trial.minutes + setUpMinutes(input.machine, trial, { caseOpen: input.caseOpen });
    const lacks = lacksOf(trial, input);
    if (trial.commits) return { trial, minutes, bits: 0, bitsIfNew: 0, told: null, lacks };
    const told = tell(jointOf(trial));
    return { trial, minutes, bits: isKnown(trial) ? 0 : told.bits, bitsIfNew: told.bits, told, lacks };
  });
  const proposals = withoutDisguisedStarts(weighed).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
  return { live, openBits: entropyBits(live.classWeights), proposals, jointOf };
}

/** Looks up what a trial may cure: only faults at the parts that it handles or of the class that it mends. */
function createCures({ variants }: HypothesisSpace): (trial: Trial) => (readonly [number, number])[] {
  const atPart = new Map<string, number[]>();
  const inClass = new Map<string, number[]>();
  const put = (map: Map<string, number[]>, key: string, v: number) => {
    const list = map.get(key);
    if (list) list.push(v);
    else map.set(key, [v]);
  };
  variants.forEach(({ fault }, v) => {
    put(atPart, fault.part.id, v);
    put(inClass, fault.repairClass.id, v);
  });
  return (trial) => {
    const touched = new Set([
      ...(trial.repair ? (inClass.get(trial.repair.id) ?? []) : []),
      ...trial.handling.flatMap(({ part }) => atPart.get(part) ?? []),
    ]);
    return [...touched].flatMap((v): [number, number][] => {
      const fault = variants[v]?.fault;
      return fault ? [[v, cureChance(fault, trial)]] : [];
    });
  };
}

/** What a trial needs that is not at hand. */
export function lacksOf({ tools, spares }: Trial, { lacking }: Pick<DiagnosisInput, 'lacking'>): string[] {
  if (!lacking) return [];
  return [
    ...tools.filter((tool) => lacking.tools.includes(tool)),
    ...spares.filter((kind) => lacking.spares.includes(kind)).map((kind) => `spare ${kind}`),
  ];
}

/** Bits by which a changed start must beat a plain one to be worth its change. */
const worthTheChange = 0.003;

/** A start with a change that tells no more than a plain start to the same depth tells nothing by its change. */
function withoutDisguisedStarts(proposals: readonly Proposal[]): Proposal[] {
  const depthOf = ({ trial }: Proposal) => (trial.observe.kind === 'start' ? trial.observe.depth : null);
  const plain = proposals.filter(({ trial }) => trial.id === 'start' || trial.id === 'run-under-load');
  return proposals.map((proposal) => {
    const depth = depthOf(proposal);
    const bare = plain.find((p) => depth !== null && depthOf(p) === depth);
    const isDisguised = bare && bare !== proposal && proposal.bitsIfNew - bare.bitsIfNew < worthTheChange;
    return isDisguised ? { ...proposal, bits: 0 } : proposal;
  });
}
