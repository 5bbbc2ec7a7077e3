import {
  isExchanged,
  fittedModules,
  isFilled,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
} from '../machine';
import type { LinkId } from './link';
import { expectStageSignal } from './stage-signal';
import { distributionOf, type StartDistribution } from './start-outcome';

/** Something that stops a start at a link: a fault that acts, or a part that the configuration leaves out. */
export interface Break {
  readonly link: LinkId;
  /** Probability, 0 to 1, that it stops this attempt. */
  readonly probability: number;
  /** Of one under load: probability, 0 to 1, that the start is already too much. Default 0. */
  readonly whileStarting?: number;
  readonly shows: StartDistribution;
}

/** How far a start attempt is watched: to a started system, or on through minutes of full load. */
export type StartDepth = 'start' | 'load';

/** Probability, 0 to 1, that a break stops an attempt that is watched so far; what breaks at load lets most starts pass. */
export const stopsAt = ({ link, probability, whileStarting = 0 }: Omit<Break, 'shows'>, depth: StartDepth): number =>
  depth === 'start' && link === 'load' ? whileStarting : probability;

const nothing = distributionOf({ dead: 1 });
const noSystem = distributionOf({ 'no-boot': 1 });
const noKeyboard = distributionOf({ 'message-keyboard': 1 });
const tooHot = distributionOf({ 'cuts-out': 1 });
const darkWithStages = distributionOf({ dark: 0.9, blank: 0.1 });
const darkWithout = distributionOf({ blank: 0.85, dark: 0.15 });

/**
 * What the configuration itself makes impossible: no module means that the memory link cannot pass, and so on.
 * The same breaks say what to expect of a stripped machine ("without memory, expect the memory complaint").
 */
export function missingBreaks(machine: Machine, configuration: Configuration): Break[] {
  const filled = (kind: PartKind): boolean =>
    machine.parts.some((part) => part.kind === kind && isFilled(configuration, part.id));
  const breaks: Break[] = [];
  const stop = (link: LinkId, shows: StartDistribution) => breaks.push({ link, probability: 1, shows });
  if (!filled('outlet') || !filled('cord')) stop('wall', nothing);
  if (!filled('supply') && !filled('adapter')) stop('standby', nothing);
  if (configuration.start === 'button' && !machine.onBench && !filled('case-switch')) stop('start', nothing);
  if (!filled('processor')) stop('processor', expectStageSignal('processor', machine.board));
  if (fittedModules(machine, configuration).length === 0) stop('memory', expectStageSignal('memory', machine.board));
  if (!filled('card') && !machine.builtInGraphics) stop('graphics', expectStageSignal('graphics', machine.board));
  if (!filled('monitor') || !filled('display-cable')) stop('picture', expectNoPicture(machine));
  if (!filled('drive')) stop('boot', noSystem);
  return breaks;
}

/** The machine starts and nothing is on the screen: told from a hang only where the board shows its stages. */
export function expectNoPicture(machine: Machine): StartDistribution {
  return machine.board.stageLights || machine.board.checkpointDisplay ? darkWithStages : darkWithout;
}

/** Probability that a spare or new part taken for good is bad itself: engineering judgement. */
const badOnArrival = 0.008;

function badPartShows(part: Part, machine: Machine): StartDistribution | null {
  switch (part.kind) {
    case 'cord':
    case 'supply':
    case 'adapter':
    case 'case-switch':
      return nothing;
    case 'processor':
    case 'board':
      return expectStageSignal('processor', machine.board);
    case 'module':
      return expectStageSignal('memory', machine.board);
    case 'card':
      return expectStageSignal('graphics', machine.board);
    case 'monitor':
    case 'display-cable':
      return expectNoPicture(machine);
    case 'keyboard':
      return noKeyboard;
    case 'cooler':
      return tooHot;
    case 'drive':
      return noSystem;
    default:
      return null;
  }
}

/** Probability that the blade misses one of two pins, or touches them too short: engineering judgement. */
const missesThePins = 0.03;

/**
 * The probability that the attempt itself fails, and what that shows, whatever else is wrong: one of the spares in place
 * is bad, or the blade missed the pins. Null where neither can be. The least that keeps a spare, or a hand, from being
 * trusted without end.
 */
export function attemptDoubt(
  machine: Machine,
  configuration: Configuration,
): { readonly probability: number; readonly shows: StartDistribution } | null {
  const isBridged = configuration.start === 'bridge';
  if (!isBridged && !Object.keys(configuration.placements).some((id) => isExchanged(configuration, id))) return null;
  const ways = machine.parts
    .filter((part) => isExchanged(configuration, part.id))
    .flatMap((part) => badPartShows(part, machine) ?? [])
    .map((shows) => ({ probability: badOnArrival, shows }));
  if (isBridged) ways.push({ probability: missesThePins, shows: nothing });
  const total = ways.reduce((sum, { probability }) => sum + probability, 0);
  const [first] = ways;
  if (!first) return null;
  return {
    probability: 1 - ways.reduce((works, { probability }) => works * (1 - probability), 1),
    shows: first.shows.map((_, o) =>
      ways.reduce((sum, way) => sum + (way.probability / total) * (way.shows[o] ?? 0), 0),
    ),
  };
}
