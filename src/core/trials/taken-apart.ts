import type { RepairId } from '../faults';
import type { PartKind } from '../machine';
import type { Trial } from './trial';

/** What stands taken apart between two trials that both need it so: the cooler is off, the processor out of its socket, the board out of the case. */
export type TakenApart = 'cooler' | 'processor' | 'board';

/** Minutes to take it apart and put it together again, which the second of two such trials does not pay: engineering judgement. */
export const APART_MINUTES: Readonly<Record<TakenApart, number>> = { cooler: 7, processor: 4, board: 12 };

const byLook: Readonly<Record<string, readonly TakenApart[]>> = {
  'cooler-mount': ['cooler'],
  'processor-seat': ['cooler'],
  'socket-pins': ['cooler', 'processor'],
  'stand-offs': ['board'],
};
const byRepair: Readonly<Partial<Record<RepairId, readonly TakenApart[]>>> = {
  'mount-cooler': ['cooler'],
  'seat-processor': ['cooler', 'processor'],
  'clear-short': ['board'],
};
const bySwap: Readonly<Partial<Record<PartKind, readonly TakenApart[]>>> = {
  processor: ['cooler', 'processor'],
  cooler: ['cooler'],
  board: ['cooler', 'processor'],
};

/** A new board is built in; a spare one lies beside the case. */
const byReplacement: typeof bySwap = { ...bySwap, board: ['cooler', 'processor', 'board'] };

/** What has to be taken apart for a trial. */
export function takenApartFor({
  ref,
  part,
  repair,
  changes,
}: Pick<Trial, 'ref' | 'part' | 'repair' | 'changes'>): readonly TakenApart[] {
  if (ref.kind === 'look') return byLook[ref.look] ?? [];
  if (repair) return (repair.repair === 'replace' ? byReplacement[repair.part.kind] : byRepair[repair.repair]) ?? [];
  return part && changes.some((change) => change.kind === 'place' && change.part === part.id)
    ? (bySwap[part.kind] ?? [])
    : [];
}

/** What is apart after some steps: what the last of them needed so, until the machine was put together to be powered. */
export function apartAfter(steps: readonly { readonly trial: Trial; readonly outcome: string }[]): Set<TakenApart> {
  const apart = new Set<TakenApart>();
  for (const { trial, outcome } of [...steps].reverse()) {
    if (outcome === 'could-not') continue;
    if (trial.needs !== null) break;
    for (const one of takenApartFor(trial)) apart.add(one);
  }
  return apart;
}
