import type { Change, Machine, PartKind } from '../machine';

const trainedFor: readonly PartKind[] = ['module', 'processor', 'board'];

/** The first start with other memory, another processor or another board may restart a few times and take minutes. */
export function trainsAfter(machine: Machine, changes: readonly Change[]): boolean {
  const touched = changes.flatMap((change) => (change.kind === 'place' ? [change.part] : []));
  return machine.parts.some(({ id, kind }) => trainedFor.includes(kind) && touched.includes(id));
}

/** The last step of a trial that starts the machine, and how many minutes to count for it. */
export const startAndWatch = (
  machine: Machine,
  changes: readonly Change[],
  start = 'Start it',
): { readonly step: string; readonly minutes: number } =>
  trainsAfter(machine, changes)
    ? { step: `${start} and wait up to three minutes: it may restart a few times.`, minutes: 2 }
    : { step: `${start} and watch for a minute.`, minutes: 1 };
