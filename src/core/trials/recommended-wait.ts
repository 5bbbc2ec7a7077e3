import type { Machine } from '../machine';
import type { Trial } from './trial';
import { trainsAfter } from './memory-training';
import { isFirmwareWork } from './trial-id';

/** How long to wait before calling a start a failure, and why. */
export interface RecommendedWait {
  readonly seconds: number;
  readonly reason: string;
}

/**
 * The wait for one trial, in seconds; null where nothing has to be waited for. Usual waits of the bench: a normal
 * start shows within 60 s on boards that train memory; the first start after memory or processor work takes up to
 * three minutes, with more memory longer; after a firmware update 90 s and more. Where opinions differ the longer one
 * is taken.
 */
export function recommendedWait(
  machine: Machine,
  trial: Trial,
  { isFirstAfterFlash = false }: { readonly isFirstAfterFlash?: boolean } = {},
): RecommendedWait | null {
  if (trial.observe.kind !== 'start') return null;
  if (isFirstAfterFlash)
    return {
      seconds: 180,
      reason: 'The first start after a flash takes long and may restart several times. A changing code means progress.',
    };
  if (isFirmwareWork(trial.ref) && trial.repair)
    return { seconds: 90, reason: 'The first start after a firmware update is slow. A changing code means progress.' };
  const repair = trial.repair?.repair;
  if (repair === 'drain-latch')
    return { seconds: 60, reason: 'Until all lights are out. Press the button once with the cord out.' };
  if (repair === 'reset-settings')
    return {
      seconds: 600,
      reason:
        'Bridged pins need ten seconds. With the cell out, wait ten minutes: ten seconds are enough on some boards only.',
    };
  if (trial.observe.depth === 'load')
    return { seconds: 300, reason: 'Faults from heat and load take minutes to show.' };
  if (startsSlowly(machine, trial))
    return {
      seconds: fittedCount(machine) > 2 ? 240 : 180,
      reason: 'The first start after a memory or processor change may restart several times.',
    };
  if (trial.ref.kind === 'bridge-pins') return { seconds: 10, reason: 'The fans show it at once.' };
  return machine.board.trainsMemory
    ? { seconds: 60, reason: 'Usually a picture within 15 seconds; up to a minute where the board trains its memory.' }
    : { seconds: 15, reason: 'Normally there is a picture within 15 seconds.' };
}

const fittedCount = (machine: Machine): number => machine.parts.filter(({ kind }) => kind === 'module').length;

/** Patience is what the trial is about, or the board trains its memory after what it changes. */
const startsSlowly = (machine: Machine, { ref, changes }: Trial): boolean =>
  ref.kind === 'start-and-wait' || trainsAfter(machine, changes);
