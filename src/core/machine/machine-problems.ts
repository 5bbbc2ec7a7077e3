import { has, impliedFor, type DeclaredMachine } from './declared-machine';
import type { BoardFacts } from './part';

export interface MachineProblem {
  readonly path: readonly (string | number)[];
  readonly code:
    | 'duplicate-part'
    | 'unknown-slot'
    | 'unknown-socket'
    | 'socket-taken'
    | 'slot-taken'
    | 'two-power-sources'
    | 'reserved-id';
  readonly message: string;
}

/** Everything that is wrong with a machine as somebody wrote it down; empty where nothing is. */
export const findMachineProblems = (declared: DeclaredMachine, board: BoardFacts): MachineProblem[] => [
  ...findDuplicates(declared),
  ...findSlotProblems(declared, board),
  ...findSocketProblems(declared, board),
  ...findPowerProblems(declared),
];

function findDuplicates(declared: DeclaredMachine): MachineProblem[] {
  const seen = new Set<string>();
  return declared.parts.flatMap((part, index): MachineProblem[] => {
    const path = ['parts', index, 'id'];
    if (/^(slot|channel)-/.test(part.id))
      return [
        {
          path,
          code: 'reserved-id',
          message: `expected an id not starting with slot- or channel-, found "${part.id}"`,
        },
      ];
    const twice = seen.has(part.id);
    const clashes = impliedFor(declared).some(({ kind }) => kind === part.id && !has(declared, kind));
    seen.add(part.id);
    return twice || clashes
      ? [{ path, code: 'duplicate-part', message: `expected an id used once in the machine, found "${part.id}" again` }]
      : [];
  });
}

function findSlotProblems(declared: DeclaredMachine, board: BoardFacts): MachineProblem[] {
  const names = board.slots.map((s) => s.name);
  const taken = new Set<string>();
  const modules = declared.parts.filter((p) => p.kind === 'module' && !p.loose);
  const problems = declared.parts.flatMap((part, index): MachineProblem[] => {
    if (part.kind !== 'module' || part.slot === undefined) return [];
    const path = ['parts', index, 'slot'];
    if (!names.includes(part.slot))
      return [{ path, code: 'unknown-slot', message: `expected one of ${names.join(', ')}, found "${part.slot}"` }];
    if (taken.has(part.slot))
      return [
        { path, code: 'slot-taken', message: `expected a free slot, found "${part.slot}", which already has a module` },
      ];
    taken.add(part.slot);
    return [];
  });
  if (modules.length > names.length)
    problems.push({
      path: ['parts'],
      code: 'slot-taken',
      message: `expected at most ${names.length} modules for ${names.length} slots, found ${modules.length}`,
    });
  return problems;
}

function findPowerProblems(declared: DeclaredMachine): MachineProblem[] {
  const sources = declared.parts.filter((p) => (p.kind === 'supply' || p.kind === 'adapter') && !p.loose);
  return sources.length > 1
    ? [
        {
          path: ['parts'],
          code: 'two-power-sources',
          message: `expected one supply or DC adapter, found ${sources.length}`,
        },
      ]
    : [];
}

function findSocketProblems({ parts }: DeclaredMachine, board: BoardFacts): MachineProblem[] {
  const taken = new Set<string>();
  return parts.flatMap((part, index): MachineProblem[] => {
    if (part.kind !== 'drive' || part.socket === undefined) return [];
    const path = ['parts', index, 'socket'];
    const names = board.sockets[part.bus ?? 'sata'];
    if (!names.includes(part.socket))
      return [{ path, code: 'unknown-socket', message: `expected one of ${names.join(', ')}, found "${part.socket}"` }];
    const twice = taken.has(part.socket);
    taken.add(part.socket);
    return twice
      ? [{ path, code: 'socket-taken', message: `expected a free socket, found "${part.socket}", which has a drive` }]
      : [];
  });
}
