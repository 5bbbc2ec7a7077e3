import {
  boardOutput,
  applyChanges,
  asFound,
  fittedModules,
  isFilled,
  movedTo,
  placementOf,
  slotOf,
  type Change,
  type Configuration,
  type Placement,
} from './configuration';
import { nameInWords, type Machine, type Part, type PartKind } from './part';

/** One way to change how a part stands. */
export interface Move {
  /** Unique among the moves of one part. */
  readonly id: string;
  /** What it is called on a button, for instance "Take it out". */
  readonly words: string;
  readonly changes: readonly Change[];
}

/** How the machine came in: everything attached but what lies loose beside it, in its case or on the bench. */
export function foundConfiguration(machine: Machine): Configuration {
  const loose = machine.parts.filter((part) => part.loose);
  return applyChanges(
    machine.onBench ? { ...asFound, surface: 'bench' } : asFound,
    loose.map((part): Change => ({ kind: 'place', part: part.id, to: { state: 'out' } })),
  );
}

/** The socket that a drive stands in, or null when it is out or moved to one that nobody named. */
export function socketOf(configuration: Configuration, drive: Part): string | null {
  const placement = placementOf(configuration, drive.id);
  if (placement.state === 'out') return null;
  return placement.state === 'moved' ? placement.to : (drive.socket ?? null);
}

/** Sockets that are switched off as the machine stands, because another that shares their lanes is filled. */
export function socketsOff(machine: Machine, configuration: Configuration): string[] {
  const filled = machine.parts
    .filter(({ kind }) => kind === 'drive')
    .map((drive) => socketOf(configuration, drive))
    .filter((socket) => socket !== null);
  return (machine.board.sharing ?? [])
    .filter((shared) => filled.includes(shared.filled))
    .flatMap(({ switchesOff }) => switchesOff);
}

/** Parts of which a machine takes one at a time: putting one in means taking the other out. */
const oneAtATime: readonly (readonly PartKind[])[] = [
  ['supply', 'adapter'],
  ['cord'],
  ['board'],
  ['processor'],
  ['cooler'],
  ['card'],
  ['monitor'],
  ['display-cable'],
];

/** What has to come out when a part goes in. */
export function insteadOf(machine: Machine, configuration: Configuration, part: Part): Change[] {
  const kinds = oneAtATime.find((group) => group.includes(part.kind)) ?? [];
  const rivals = machine.parts.filter((other) => kinds.includes(other.kind) && other.id !== part.id);
  if (![part, ...rivals].some(({ loose }) => loose)) return [];
  return rivals
    .filter(({ id }) => isFilled(configuration, id))
    .map(({ id }): Change => ({ kind: 'place', part: id, to: { state: 'out' } }));
}

const swappable = new Set<PartKind>([
  'cord',
  'supply',
  'adapter',
  'case-switch',
  'module',
  'card',
  'drive',
  'monitor',
  'display-cable',
  'keyboard',
  'cooler',
  'processor',
  'board',
  'fan',
]);
const fixed = new Set<PartKind>(['outlet', 'slot', 'channel']);

/** Everything that can be done with a part as the machine stands. */
export function movesOf(machine: Machine, configuration: Configuration, part: Part): Move[] {
  const isSoldered = part.kind === 'case-switch' && machine.board.switchOnBoard;
  if (fixed.has(part.kind) || isSoldered) return [];
  const { state } = placementOf(configuration, part.id);
  const move = (id: string, words: string, to: Placement): Move => ({
    id,
    words,
    changes: [
      ...(to.state === 'out' ? [] : insteadOf(machine, configuration, part)),
      { kind: 'place', part: part.id, to },
    ],
  });
  const moves: Move[] = [];
  if (state !== 'as-found' && !(part.loose && part.kind === 'module'))
    moves.push(move('back', part.loose ? 'Put it in' : 'Put it back as found', { state: 'as-found' }));
  if (state !== 'out') moves.push(move('out', 'Take it out or off', { state: 'out' }));
  if (state !== 'spare' && !part.loose && swappable.has(part.kind))
    moves.push(move('spare', 'Put a spare in its place', { state: 'spare' }));
  for (const { id, words } of otherPlaces(machine, configuration, part))
    moves.push(move(`to/${id}`, words, movedTo(configuration, part.id, id)));
  return moves;
}

interface Place {
  readonly id: string;
  readonly words: string;
}

/** Where else a part can stand. */
function otherPlaces(machine: Machine, configuration: Configuration, part: Part): Place[] {
  const placement = placementOf(configuration, part.id);
  const standsIn = placement.state === 'moved' ? placement.to : null;
  const places = ((): Place[] => {
    switch (part.kind) {
      case 'module': {
        const taken = fittedModules(machine, configuration).map((module) => slotOf(configuration, module));
        return machine.parts
          .filter(({ kind, id }) => kind === 'slot' && !taken.includes(id) && id !== part.slot)
          .map((slot) => ({ id: slot.id, words: `Move it to ${slot.name}` }));
      }
      case 'drive': {
        const drives = machine.parts.filter(({ kind }) => kind === 'drive');
        const taken = drives.map((drive) => socketOf(configuration, drive));
        const off = socketsOff(machine, configuration);
        return machine.board.sockets[part.bus ?? 'sata']
          .filter((name) => !taken.includes(name) && name !== part.socket && !off.includes(name))
          .map((name) => ({ id: name, words: `Move it to ${name}` }));
      }
      case 'display-cable':
        return [
          ...(machine.parts.some(({ kind }) => kind === 'card')
            ? [
                { id: boardOutput, words: 'Move it to the board' },
                { id: 'the card output', words: 'Move it to the card' },
              ]
            : []),
          { id: 'another output', words: 'Move it to another output' },
        ];
      case 'monitor':
        return [{ id: 'another input', words: 'Choose another input' }];
      case 'keyboard':
      case 'usb-device':
        return [{ id: 'another port', words: 'Move it to another port' }];
      default:
        return [];
    }
  })();
  return places.filter(({ id }) => id !== standsIn);
}

/**
 * What makes a configuration hard to judge against the one before: more than one thing changed at once, or a part that
 * cannot be where it is. Sentences, empty where there is nothing to say.
 */
export function warningsOf(machine: Machine, configuration: Configuration, changes: readonly Change[]): string[] {
  const warnings: string[] = [];
  const things = changes.filter((change) => !(change.kind === 'place' && isRivalOut(machine, change, changes)));
  if (things.length > 1)
    warnings.push(
      `${things.length} things change at once: if it turns out differently, you will not know which did it.`,
    );
  const off = socketsOff(machine, configuration);
  for (const drive of machine.parts.filter(({ kind }) => kind === 'drive')) {
    const socket = socketOf(configuration, drive);
    if (socket && off.includes(socket)) {
      const words = nameInWords(drive);
      warnings.push(`${words.charAt(0).toUpperCase()}${words.slice(1)} is in ${socket}, which is switched off now.`);
    }
  }
  return warnings;
}

/** Taking one supply out for the other is one thing. */
function isRivalOut(
  machine: Machine,
  change: Change & { readonly kind: 'place' },
  changes: readonly Change[],
): boolean {
  if (change.to.state !== 'out') return false;
  return changes.some((other) => {
    const part = other.kind === 'place' ? machine.parts.find(({ id }) => id === other.part) : undefined;
    return (
      other.kind === 'place' &&
      other.to.state !== 'out' &&
      part !== undefined &&
      insteadOf(machine, { placements: {}, settings: 'as-found', start: 'button', surface: 'case' }, part).some(
        (out) => out.kind === 'place' && out.part === change.part,
      )
    );
  });
}
