import { applyChanges, type Configuration } from '../machine';
import { setUpMinutes, trialsFor, type Trial } from '../trials';
import { cureChance, type Belief } from './belief';
import type { DiagnosisInput } from './evidence-step';
import type { HypothesisSpace } from './hypothesis-space';
import { JointScratch, jointChances, passAfter, tell, type JointChances, type Told } from './joint-chances';
import { liveWays, type LiveWays } from './live-ways';
import { actingFaults, compileTrial, type OutcomeModel } from './outcome-model';
import { configurationKey, knownAlready } from './same-evidence';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  /** What it would tell about repair classes; 0 where it would only repeat what is known. */
  readonly bits: number;
  /** What it would tell if nothing like it had been seen yet. */
  readonly bitsIfNew: number;
  readonly told: Told;
  /** Tools and spares that it needs and that are not at hand. */
  readonly lacks: readonly string[];
}

/** Everything that can be proposed, and the means to look closer at one trial. */
export interface Plan {
  readonly live: LiveWays;
  /** By information per minute, best first; a trial that tells nothing new comes last with 0 bits. */
  readonly proposals: readonly Proposal[];
  /** Joint chances of class and outcome of one trial; good until the next call. */
  readonly jointOf: (trial: Trial) => JointChances;
}

/** A technician's eyes: chance of misreading an outcome. Starting judgement. */
export const technicianMisreads = 0.015;

/** Weighs every trial that is possible now. */
export function planTrials(
  input: DiagnosisInput,
  space: HypothesisSpace,
  belief: Belief,
  probabilities?: Float64Array,
): Plan {
  const live = liveWays(space, belief, probabilities);
  const scratch = new JointScratch();
  const modelOf = createModels(input, space);
  const cures = createCures(space);
  const jointOf = (trial: Trial): JointChances => {
    const model = modelOf(trial);
    const isHandled = trial.repair !== null || trial.handling.length > 0;
    const pass = isHandled ? passAfter(model.pass, cures(trial)) : model.pass;
    return jointChances(live, model, pass, technicianMisreads, scratch);
  };
  const isKnown = knownAlready(input.steps, input.configuration);
  const weighed = trialsFor(input.machine, input.configuration).map((trial): Proposal => {
    const told = tell(jointOf(trial));
    const minutes = trial.minutes + setUpMinutes(input.machine, trial, { caseOpen: input.caseOpen });
    const bits = isKnown(trial) ? 0 : told.bits;
    return { trial, minutes, bits, bitsIfNew: told.bits, told, lacks: lacksOf(trial, input) };
  });
  const proposals = withoutDisguisedStarts(weighed).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
  return { live, proposals, jointOf };
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

/** Compiles trials once for each thing observed in each configuration; many trials share them. */
function createModels(input: DiagnosisInput, space: HypothesisSpace): (trial: Trial) => OutcomeModel {
  const { machine } = input;
  const { variants } = space;
  const acting = new Map<string, Uint8Array>();
  const models = new Map<string, OutcomeModel>();
  const nowKey = configurationKey(input.configuration);
  const actingIn = (key: string, configuration: Configuration): Uint8Array => {
    const known = acting.get(key) ?? actingFaults(space.faults, machine, configuration);
    acting.set(key, known);
    return known;
  };
  return (trial) => {
    const changes = trial.changes.length > 0;
    const configuration = changes ? applyChanges(input.configuration, trial.changes) : input.configuration;
    const where = changes ? configurationKey(configuration) : nowKey;
    const key = `${observedKey(trial)} ${where}`;
    const model =
      models.get(key) ??
      compileTrial(trial, { machine, configuration, variants, acting: actingIn(where, configuration) });
    models.set(key, model);
    return model;
  };
}

function observedKey({ observe, part }: Trial): string {
  if (observe.kind === 'start') return observe.depth;
  return `${observe.kind === 'look' ? observe.look.id : observe.quantity.id} ${part?.id ?? ''}`;
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
