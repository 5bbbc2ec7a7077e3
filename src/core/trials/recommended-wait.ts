import type { Machine } from '../machine';
import type { Trial } from './trial';

/** How long to wait before calling a start a failure, and why. */
export interface RecommendedWait {
  readonly seconds: number;
  readonly reason: string;
}

/**
 * The wait for one trial, in seconds; null where nothing has to be waited for. Usual waits of the bench: a normal
 * start shows within 60 s on boards that train memory; the first start after memory or processor work takes up to
 * three minutes; after a firmware update 90 s and more.
 */
export function recommendedWait(machine: Machine, trial: Trial): RecommendedWait | null {
  if (trial.observe.kind !== 'start') return null;
  const touched = trial.changes.flatMap((change) => (change.kind === 'place' ? [change.part] : []));
  const kinds = machine.parts.filter((part) => touched.includes(part.id)).map((part) => part.kind);
  const repair = trial.repair?.repair;
  if (repair === 'update-firmware' || repair === 'recover-firmware' || repair === 'roll-back-firmware')
    return { seconds: 90, reason: 'The first start after a firmware update is slow. A moving code is progress.' };
  if (trial.observe.depth === 'load') return { seconds: 300, reason: 'Heat and load take minutes to show.' };
  if (
    trial.id === 'start-and-wait' ||
    kinds.includes('module') ||
    kinds.includes('processor') ||
    repair === 'reset-settings'
  )
    return {
      seconds: 180,
      reason: 'After memory, processor or settings work the first start may restart several times.',
    };
  if (trial.id === 'bridge-pins') return { seconds: 10, reason: 'Fans show it at once.' };
  return machine.board.trainsMemory
    ? { seconds: 60, reason: 'This board trains memory: up to a minute to the first picture.' }
    : { seconds: 15, reason: 'A normal start shows a picture within 15 seconds.' };
}
