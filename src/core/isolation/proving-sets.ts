import {
  insteadOf,
  pieceIn,
  placementOf,
  slotId,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
  type Placement,
} from '../machine';
import type { LinkId } from '../startup';

/** The link that a start must pass before it says anything good of a part. */
export const provenPast: Readonly<Partial<Record<PartKind, LinkId>>> = {
  cord: 'start',
  'case-switch': 'start',
  supply: 'peripherals',
  adapter: 'peripherals',
  board: 'peripherals',
  processor: 'peripherals',
  cooler: 'peripherals',
  module: 'peripherals',
  card: 'picture',
  monitor: 'picture',
  'display-cable': 'picture',
  keyboard: 'peripherals',
  drive: 'boot',
};

/** A part that a start can prove. */
export const isProvable = ({ kind }: Part): boolean => provenPast[kind] !== undefined;

/**
 * The sets in which parts on the bench are proven: what is attached first, then of what lies beside it one of each kind
 * at a time, modules as many as the board takes. One good start proves all of a set.
 */
export function provingSets(machine: Machine): Part[][] {
  const provable = machine.parts.filter(isProvable);
  const loose = provable.filter((part) => part.loose);
  const sets: Part[][] = [provable.filter((part) => !part.loose)];
  const room = (kind: Part['kind']) => (kind === 'module' ? Math.max(1, machine.board.slots.length) : 1);
  const placed = new Map<Part['kind'], number>();
  for (const part of loose) {
    const nth = placed.get(part.kind) ?? 0;
    placed.set(part.kind, nth + 1);
    const at = 1 + Math.floor(nth / room(part.kind));
    (sets[at] ??= []).push(part);
  }
  return sets;
}

/**
 * Puts a set in: each part in the place of its kind, modules into the slots in the board's order, other modules out. What
 * a known-good part stands in for stays away: it was found bad.
 */
export function changesForSet(machine: Machine, configuration: Configuration, whole: readonly Part[]): Change[] {
  const set = whole.filter(({ id }) => pieceIn(configuration, id) !== 'spare');
  const modules = set.filter(({ kind }) => kind === 'module');
  const slots = machine.board.slots.map(({ name }) => slotId(name));
  const out = (part: Part): Change => ({ kind: 'place', part: part.id, to: { state: 'out' } });
  const otherModules =
    modules.length > 0 ? machine.parts.filter((part) => part.kind === 'module' && !set.includes(part)).map(out) : [];
  const placeOf = (part: Part): Placement => {
    if (part.kind !== 'module' || !part.loose) return { state: 'as-found' };
    return { state: 'moved', to: slots[modules.indexOf(part)] ?? '' };
  };
  return [
    ...otherModules,
    ...set.flatMap((part) => insteadOf(machine, configuration, part)),
    ...set.map((part): Change => ({ kind: 'place', part: part.id, to: placeOf(part) })),
  ].filter((change) => change.kind !== 'place' || !stands(configuration, change));
}

const stands = (configuration: Configuration, { part, to }: Extract<Change, { kind: 'place' }>): boolean => {
  const now = placementOf(configuration, part);
  return now.state === to.state && (now.state !== 'moved' || to.state !== 'moved' || now.to === to.to);
};
