import { has, impliedFor, type DeclaredMachine, type DeclaredPart } from './declared-machine';
import { findMachineProblems, type MachineProblem } from './machine-problems';
import type { BoardFacts, DeclaredKind, Machine, Part, PartKind } from './part';

export type CompletedMachine =
  | { readonly ok: true; readonly machine: Machine }
  | { readonly ok: false; readonly problems: readonly MachineProblem[] };

const usualBoard: Omit<BoardFacts, 'form'> = {
  slots: [
    { name: 'A2', channel: 'A' },
    { name: 'B2', channel: 'B' },
    { name: 'A1', channel: 'A' },
    { name: 'B1', channel: 'B' },
  ],
  stageLights: false,
  checkpointDisplay: false,
  speaker: false,
  standbyLight: true,
  trainsMemory: true,
  switchOnBoard: false,
  sockets: { sata: ['SATA 1', 'SATA 2', 'SATA 3', 'SATA 4'], m2: ['M.2 1'] },
  sharing: null,
};

const usualNames: Readonly<Record<DeclaredKind, string>> = {
  outlet: 'wall outlet',
  cord: 'mains cord',
  supply: 'supply',
  adapter: 'DC adapter',
  'case-switch': 'case switch',
  board: 'board',
  'coin-cell': 'coin cell',
  processor: 'processor',
  cooler: 'cooler',
  module: 'module',
  card: 'graphics card',
  monitor: 'monitor',
  'display-cable': 'monitor cable',
  keyboard: 'keyboard',
  'usb-device': 'USB device',
  'front-usb': 'front USB lead',
  'front-audio': 'front audio lead',
  drive: 'drive',
  fan: 'case fan',
};

/** What a part of a kind is called. @example kindInWords('display-cable') // => 'monitor cable' */
export const kindInWords = (kind: PartKind): string =>
  kind === 'slot' || kind === 'channel' ? `memory ${kind}` : usualNames[kind];

export const slotId = (slotName: string): string => `slot-${slotName}`;
export const channelId = (channel: string): string => `channel-${channel}`;

/**
 * Turns what somebody wrote down into a complete machine: adds the parts that every machine has, a supply where no
 * power source is named, the slots and channels of the board, and a place for each module.
 * Failure: a list of problems, each with the path of the field that is wrong.
 *
 * @example completeMachine({ name: 'Kiosk', parts: [] }) // => { ok: true, machine: { parts: [14 parts and slots ...] } }
 */
export function completeMachine(declared: DeclaredMachine): CompletedMachine {
  const board = boardOf(declared);
  const problems = findMachineProblems(declared, board);
  if (problems.length > 0) return { ok: false, problems };
  const whole = { ...declared, parts: [...declared.parts, ...missingParts(declared)] };
  const parts = [...withNames(whole, board), ...boardPlaces(board)];
  return {
    ok: true,
    machine: {
      name: declared.name,
      parts,
      board,
      builtInGraphics: declared.builtInGraphics ?? !has(declared, 'card'),
      ...(declared.onBench ? { onBench: true } : {}),
    },
  };
}

/** What the board is where nobody said otherwise: a machine on an adapter is palm-size. */
function boardOf(declared: DeclaredMachine): BoardFacts {
  const form = has(declared, 'adapter') ? ('palm-size' as const) : ('ATX' as const);
  return { form, ...usualBoard, ...declared.board };
}

function withNames(declared: DeclaredMachine, board: BoardFacts): Part[] {
  const taken = new Set(declared.parts.flatMap((p) => (p.kind === 'module' && p.slot ? [p.slot] : [])));
  const free = board.slots.map((s) => s.name).filter((name) => !taken.has(name));
  const freeSockets = { sata: freeSocketsOf(declared, board, 'sata'), m2: freeSocketsOf(declared, board, 'm2') };
  const counts = new Map<DeclaredKind, number>();
  return declared.parts.map((part) => {
    const nth = (counts.get(part.kind) ?? 0) + 1;
    counts.set(part.kind, nth);
    const many = declared.parts.filter((p) => p.kind === part.kind).length > 1;
    const name = part.name ?? (many ? `${usualNames[part.kind]} ${nth}` : usualNames[part.kind]);
    const slotName = part.kind === 'module' && !part.loose ? (part.slot ?? free.shift()) : undefined;
    const bus = part.bus ?? 'sata';
    const socket = part.kind === 'drive' && !part.loose ? (part.socket ?? freeSockets[bus].shift()) : undefined;
    return {
      id: part.id,
      kind: part.kind,
      name,
      ...(slotName === undefined ? {} : { slot: slotId(slotName) }),
      ...(part.kind === 'drive' ? { bus } : {}),
      ...(socket === undefined ? {} : { socket }),
      ...(part.loose ? { loose: true } : {}),
    };
  });
}

function freeSocketsOf(declared: DeclaredMachine, board: BoardFacts, bus: 'sata' | 'm2'): string[] {
  const taken = new Set(declared.parts.map(({ socket }) => socket));
  const off = (board.sharing ?? [])
    .filter(({ filled }) => declared.parts.some((part) => part.socket === filled))
    .flatMap(({ switchesOff }) => switchesOff);
  return board.sockets[bus].filter((name) => !taken.has(name) && !off.includes(name));
}

function missingParts(declared: DeclaredMachine): DeclaredPart[] {
  const missing: DeclaredPart[] = impliedFor(declared)
    .filter(({ kind }) => !has(declared, kind))
    .map(({ kind, name }) => ({ id: kind, kind, name }));
  const noPower = !declared.parts.some(({ kind, loose }) => (kind === 'supply' || kind === 'adapter') && !loose);
  return noPower ? [...missing, { id: 'supply', kind: 'supply', name: 'supply' }] : missing;
}

function boardPlaces(board: BoardFacts): Part[] {
  const channels = [...new Set(board.slots.map((s) => s.channel))];
  return [
    ...board.slots.map((s): Part => ({
      id: slotId(s.name),
      kind: 'slot',
      name: `slot ${s.name}`,
      channel: channelId(s.channel),
    })),
    ...channels.map((c): Part => ({ id: channelId(c), kind: 'channel', name: `memory channel ${c}` })),
  ];
}
