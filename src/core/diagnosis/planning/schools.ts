import type { PartKind } from '../../machine';
import { isAtPart, type FaultInstance } from '../../faults';
import type { LinkId, StartOutcome } from '../../startup';
import type { Trial } from '../../trials';

/** Ways of ordering the same trials. */
export const SCHOOLS = ['best-value', 'outside-in', 'signal-led', 'strip-down', 'build-up', 'swap-first'] as const;
export type School = (typeof SCHOOLS)[number];

export const SCHOOL_NAMES: Readonly<Record<School, string>> = {
  'best-value': 'Best value',
  'outside-in': 'Outside in',
  'signal-led': 'Signal-led',
  'strip-down': 'Strip to the minimum',
  'build-up': 'Build up on the bench',
  'swap-first': 'Swap with known-good',
};

/** What a school goes by besides the trial itself. */
export interface SchoolView {
  readonly faults: readonly FaultInstance[];
  /** The last failing start that was seen, or what was told. */
  readonly signal: StartOutcome | null;
}

/** From the wall inwards, the processor last. */
const fromOutside: Readonly<Record<PartKind, number>> = {
  outlet: 1,
  cord: 2,
  adapter: 3,
  supply: 4,
  monitor: 5,
  'display-cable': 6,
  keyboard: 7,
  'usb-device': 8,
  'case-switch': 9,
  board: 12,
  'front-usb': 13,
  'front-audio': 13.5,
  module: 14,
  slot: 14,
  card: 16,
  drive: 17,
  fan: 18,
  'coin-cell': 19,
  cooler: 22,
  channel: 29,
  processor: 30,
};

/** Trials that stand elsewhere than their part, by the beginning of their id. */
const placedApart: readonly (readonly [prefix: string, place: number])[] = [
  ['start', 0],
  ['run-under-load', 0.5],
  ['bridge-pins', 10],
  ['measure/', 11],
  ['look/board-signs/', 21],
  ['look/stand-offs/', 26],
  ['look/socket-pins/', 29],
  ['fix/reset-settings', 20],
  ['minimal-in-case', 24],
  ['build/', 28],
  ['minimal-on-bench', 27],
  ['spare/processor', 31],
  ['spare/supply', 23],
  ['fix/clear-short', 26.5],
];

function placeOutsideIn(trial: Trial): number {
  const apart = placedApart.find(([prefix]) => trial.id.startsWith(prefix));
  if (apart) return apart[1];
  const base = trial.part ? fromOutside[trial.part.kind] : 12;
  return base + (trial.repair ? 0.5 : trial.spares.length > 0 ? 5 : trial.observe.kind === 'look' ? 0 : 0.3);
}

/** Links that a start outcome points at. */
const pointsAt: Readonly<Record<StartOutcome, readonly LinkId[]>> = {
  dead: ['wall', 'standby', 'start'],
  twitch: ['rails'],
  loop: ['memory', 'processor', 'rails'],
  'fans-full': ['graphics'],
  'at-processor': ['processor'],
  'at-memory': ['memory'],
  'at-graphics': ['graphics'],
  blank: ['processor', 'memory', 'graphics'],
  dark: ['picture'],
  'message-fan': ['peripherals'],
  'message-usb': ['peripherals'],
  'message-keyboard': ['peripherals'],
  'message-settings': ['peripherals'],
  'no-boot': ['boot'],
  'system-stops': ['system'],
  'cuts-out': ['load'],
  works: [],
};

/** The links whose faults a trial is about: those it mends, notices, measures or takes away. */
function aimsOf(trial: Trial, faults: readonly FaultInstance[]): Set<LinkId> {
  const { observe } = trial;
  const concerns = (fault: FaultInstance): boolean => {
    if (trial.repair) return fault.repairClass.id === trial.repair.id;
    if (!trial.part || !isAtPart(fault, trial.part.id)) return false;
    if (observe.kind === 'look') return fault.mode.seen?.some(({ look }) => look === observe.look.id) ?? false;
    if (observe.kind === 'measure')
      return fault.mode.reads?.some(({ quantity }) => quantity === observe.quantity.id) ?? false;
    return true;
  };
  const links = new Set(faults.filter(concerns).map(({ link }) => link));
  if (observe.kind === 'look' && observe.look.passes) links.add(observe.look.passes.link);
  return links;
}

const after = 100;

const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/**
 * The place of each trial in a school's order, lowest first. "Best value" has no fixed order: every place is 0 and the
 * plan decides.
 */
export function placesBy(school: School, { faults, signal }: SchoolView): (trial: Trial) => number {
  const pointed = signal === null ? [] : pointsAt[signal];
  const isPointedAt = (trial: Trial): boolean => {
    const aims = aimsOf(trial, faults);
    return pointed.some((link) => aims.has(link));
  };
  const first = (prefixes: readonly string[]) => (trial: Trial) => {
    const place = prefixes.findIndex((prefix) => trial.id.startsWith(prefix));
    return place < 0 ? after + placeOutsideIn(trial) : place;
  };
  switch (school) {
    case 'best-value':
      return () => 0;
    case 'outside-in':
      return placeOutsideIn;
    case 'signal-led':
      return (trial) => (isPointedAt(trial) ? 0 : after) + placeOutsideIn(trial);
    case 'strip-down':
      return first(['minimal-in-case', 'back/', 'minimal-on-bench', 'only/', 'out/']);
    case 'build-up':
      return first(['minimal-on-bench', 'build/', 'back/', 'only/']);
    case 'swap-first':
      return (trial) =>
        (trial.spares.length === 0 || trial.part?.kind === 'processor' ? 2 * after : isPointedAt(trial) ? 0 : after) +
        (isUnderLoad(trial) && signal !== 'cuts-out' ? after / 2 : 0) +
        placeOutsideIn(trial);
  }
}
