import { applyChanges, foundConfiguration, completeMachine, type Configuration, type Machine } from '../machine';
import {
  breakOf,
  canAct,
  instantiateFaults,
  jointCauseBits,
  jointChances,
  likeliestJointCause,
  linkOf,
  type Presentation,
  type Circumstance,
  type FaultInstance,
} from '../faults';
import { linkIndex, START_OUTCOMES, startOutcomeIndex, steadyAfter, type StartOutcome } from '../startup';
import {
  expectLook,
  inView,
  misreadProbabilityOf,
  sightingsOf,
  soundShows,
  type PresentFault,
  type Trial,
} from '../trials';
import { cureProbability, expectOutcomes } from '../diagnosis';
import { pick, type Dice } from './random';
import type { PracticeMachine } from './practice-machines';

/** How wrong the eyes of the practice bench are, and whether all looks are made by the same ones. */
export interface Eyes {
  /** Factor on the probability of misreading an outcome. */
  readonly misreadFactor: number;
  /** Factor on the probability of missing what there is to see. */
  readonly missFactor: number;
  /** Factor on the probability of seeing what is not there. */
  readonly falseAlarmFactor: number;
  /** What was missed by one look is missed by every look: not independent. */
  readonly same: boolean;
}

/** The eyes that the engine computes with. */
export const usualEyes: Eyes = { misreadFactor: 1, missFactor: 1, falseAlarmFactor: 1, same: false };

/** A machine with a known fault or two, and a complaint that it has been seen to make. */
export interface FaultyMachine {
  readonly machine: Machine;
  readonly circumstances: readonly Circumstance[];
  /** In chain order. */
  readonly faults: readonly PresentFault[];
  /** What the owner says. */
  readonly reported: StartOutcome;
  /** What the technician sees at the first start, to the depth of `underLoad`. */
  readonly complaint: StartOutcome;
  readonly underLoad: boolean;
  readonly eyes: Eyes;
  readonly dice: Dice;
}

export interface DrawOptions {
  /** Probability, 0 to 1, of a second fault that has nothing to do with the first. */
  readonly twoFaults?: number;
  /** Priors are off by up to this factor's logarithm, either way, fault by fault. */
  readonly priorLogError?: number;
  readonly eyes?: Eyes;
}

const ownerMisreports = 0.08;
const maxTries = 200;

interface Way {
  readonly fault: FaultInstance;
  readonly presentation: Presentation;
  readonly weight: number;
}

/** Draws a fault from the catalogue by its weight in this machine, and lets it show; see FaultyMachine. */
export function drawFaultyMachine(
  { machine: declared, circumstances }: PracticeMachine,
  dice: Dice,
  { twoFaults = 0, priorLogError = 0, eyes = usualEyes }: DrawOptions = {},
): FaultyMachine {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error(`${declared.name}: ${completed.problems[0]?.message ?? 'expected a machine'}`);
  const { machine } = completed;
  const ways = waysOf(machine, circumstances, (id) =>
    priorLogError === 0 ? 1 : Math.exp(priorLogError * (2 * dice(`prior ${id}`) - 1)),
  );
  for (let attempt = 0; attempt < maxTries; attempt++) {
    const named = (name: string) => dice(`${name} ${attempt}`);
    const drawn = drawWays(ways, named, {
      isDouble: dice('how many') < twoFaults,
      chances: jointChances(completed.machine, circumstances),
    });
    const faulty = shownBy({ machine, circumstances, eyes, dice }, drawn, named);
    if (faulty) return faulty;
  }
  throw new Error(`${declared.name}: expected a fault that shows within ${maxTries} draws`);
}

/** A machine with these faults, by their ids; how they show is drawn. Failure: names what is no fault of the machine. */
export function machineWithFaults(
  { machine, circumstances }: Pick<FaultyMachine, 'machine' | 'circumstances'>,
  faultIds: readonly string[],
  dice: Dice,
): { readonly ok: true; readonly faulty: FaultyMachine } | { readonly ok: false; readonly problem: string } {
  const ways = waysOf(machine, circumstances, () => 1);
  const unknown = faultIds.find((id) => !ways.some(({ fault }) => fault.id === id));
  if (unknown !== undefined) return { ok: false, problem: `expected a fault of this machine, found "${unknown}"` };
  for (let attempt = 0; attempt < maxTries; attempt++) {
    const named = (name: string) => dice(`${name} ${attempt}`);
    const drawn = faultIds.flatMap((id) => drawOf(ways, (way) => way.fault.id === id, named(`as ${id}`)) ?? []);
    const faulty = shownBy({ machine, circumstances, eyes: usualEyes, dice }, inChainOrder(drawn, ways), named);
    if (faulty) return { ok: true, faulty };
  }
  return { ok: false, problem: `expected faults that show, and ${faultIds.join(' and ')} never did` };
}

/** The machine with faults that were drawn, if they show at a start and to the owner; null otherwise. */
function shownBy(
  given: Pick<FaultyMachine, 'machine' | 'circumstances' | 'eyes' | 'dice'>,
  drawn: readonly Way[],
  named: Dice,
): FaultyMachine | null {
  const { machine } = given;
  const faults = drawn.map(({ fault, presentation }) => ({ fault, stops: breakOf(fault, presentation, machine) }));
  if (!faults.some(({ fault }) => canAct(fault, machine, foundConfiguration(machine)))) return null;
  const shown = complain(machine, faults, named);
  const reported = reportOf(machine, faults, named);
  if (!shown || reported === 'works') return null;
  const again = faults.map((one) => showsAgain(one, shown.outcome));
  return { ...given, faults: again, reported, complaint: shown.outcome, underLoad: shown.underLoad };
}

/** What it shows from its first start on: signals that were wrong are wrong again. */
const showsAgain = ({ fault, stops }: PresentFault, shown: StartOutcome): PresentFault => ({
  fault,
  stops: { ...stops, shows: steadyAfter(stops.shows, startOutcomeIndex(shown)) },
});

function waysOf(machine: Machine, circumstances: readonly Circumstance[], factor: (id: string) => number): Way[] {
  return instantiateFaults(machine, circumstances)
    .filter(({ somethingElse }) => !somethingElse)
    .flatMap((fault) =>
      fault.mode.presentations.filter(shows).map((presentation) => ({
        fault,
        presentation,
        weight: fault.weight * presentation.weight * factor(fault.id),
      })),
    );
}

/** What no start ever shows is never complained of. */
const shows = ({ stops }: Presentation): boolean => stops !== 0;

/** One fault, two that know nothing of each other, or two that one event brought about. */
function drawWays(
  ways: readonly Way[],
  dice: Dice,
  { isDouble, chances }: { isDouble: boolean; chances: readonly number[] },
): Way[] {
  const first = drawOf(ways, () => true, dice('first'));
  if (!first) return [];
  const isOther = ({ fault }: Way) => fault.repairClass.id !== first.fault.repairClass.id;
  const beside = isDouble ? isOther : isBesideBy(first, chances, dice('one event'));
  const second = beside && drawOf(ways, (way) => isOther(way) && beside(way), dice('second'));
  return second ? inChainOrder([first, second], ways) : [first];
}

/** What may stand beside a fault if an event brought more of its kind; null if none did. */
function isBesideBy(first: Way, chances: readonly number[], at: number): ((way: Way) => boolean) | null {
  const cause = likeliestJointCause(jointCauseBits(first.fault.mode.id), chances);
  if (cause === null || at >= (chances[cause] ?? 0)) return null;
  return ({ fault }) => (jointCauseBits(fault.mode.id) & (1 << cause)) !== 0;
}

function drawOf(ways: readonly Way[], fits: (way: Way) => boolean, at: number): Way | null {
  const from = ways.filter(fits);
  const weights = from.map(({ weight }) => weight);
  return from[pick(weights, at)] ?? null;
}

/** In the order in which the machine comes upon them: by link, at one link as the catalogue has them, like the model. */
const inChainOrder = (drawn: readonly Way[], ways: readonly Way[]): Way[] =>
  [...drawn].sort((a, b) => linkIndexOf(a) - linkIndexOf(b) || ways.indexOf(a) - ways.indexOf(b));

const linkIndexOf = ({ fault, presentation }: Way): number => linkIndex(linkOf(fault, presentation));

const anyOutcome = (at: number): StartOutcome => START_OUTCOMES[Math.floor(at * START_OUTCOMES.length)] ?? 'dead';

/** What the owner says of a start of their own. */
const reportOf = (machine: Machine, faults: readonly PresentFault[], dice: Dice): StartOutcome =>
  dice('misreport') < ownerMisreports
    ? anyOutcome(dice('misreport as'))
    : (START_OUTCOMES[pick(startProbabilities(machine, faults, 'load'), dice('reported'))] ?? 'works');

/** The first start that fails: as it stands, or else under load. Null if neither does. */
function complain(machine: Machine, faults: readonly PresentFault[], dice: Dice) {
  for (const depth of ['start', 'load'] as const) {
    const probabilities = startProbabilities(machine, faults, depth);
    const outcome = START_OUTCOMES[pick(probabilities, dice(`complaint ${depth}`))] ?? 'works';
    if (outcome !== 'works') return { outcome, underLoad: depth === 'load' };
  }
  return null;
}

const startProbabilities = (machine: Machine, faults: readonly PresentFault[], depth: 'start' | 'load'): Float64Array =>
  expectOutcomes(
    { id: 'complaint', observe: { kind: 'start', depth }, part: null },
    { machine, configuration: foundConfiguration(machine) },
    faults,
    0,
  );

/** What somebody sees of the trial on the machine with these faults still there. `nth` tells repeats apart. */
export function seeOutcome(
  { machine, eyes, dice }: FaultyMachine,
  there: readonly PresentFault[],
  trial: Trial,
  { before, nth }: { before: Configuration; nth: number },
): string {
  const configuration = applyChanges(before, trial.changes);
  const ids = trial.outcomes.map(({ id }) => id);
  const roll = (what: string) => dice(`${what} ${trial.id} ${nth}`);
  if (roll('misread') < eyes.misreadFactor * misreadProbabilityOf(trial))
    return ids[Math.floor(roll('misread as') * ids.length)] ?? '';
  const { observe, part } = trial;
  const noticed = (one: PresentFault): string | null => {
    const { fault } = one;
    const view = observe.kind === 'look' && part ? inView(observe.look, part, one, { machine, configuration }) : 0;
    if (observe.kind !== 'look' || view === 0) return null;
    const sightings = sightingsOf(fault.mode, observe.look);
    const sum = sightings.reduce((total, { probability }) => total + probability, 0);
    const sees = view * (1 - Math.min(1, (1 - sum) * eyes.missFactor));
    const at = eyes.same ? dice(`eyes ${fault.id}`) : roll(`eyes ${fault.id}`);
    if (sum === 0 || at >= sees) return null;
    const seen =
      sightings[
        pick(
          sightings.map(({ probability }) => probability),
          at / sees,
        )
      ];
    return observe.look.options[seen?.option ?? 0]?.id ?? null;
  };
  if (observe.kind === 'look' && part && !observe.look.passes) {
    const sighting = there.map(noticed).find((seen) => seen !== null);
    if (sighting) return sighting;
    return ids[pick(soundShows(observe.look, machine, eyes.falseAlarmFactor), roll('alarm'))] ?? '';
  }
  const setting = { machine, configuration };
  const expected =
    observe.kind === 'look' && part
      ? expectLook(observe.look, part, there, setting, eyes.falseAlarmFactor)
      : expectOutcomes(trial, setting, there, 0);
  return ids[pick(expected, roll('outcome'))] ?? '';
}

/** The faults that are still there after the trial's handling. */
export function afterHandling(
  { dice }: FaultyMachine,
  there: readonly PresentFault[],
  trial: Pick<Trial, 'id' | 'repair' | 'handling'>,
  nth: number,
): PresentFault[] {
  return there.filter(({ fault }) => dice(`cure ${fault.id} ${trial.id} ${nth}`) >= cureProbability(fault, trial));
}
