import type { FirstStartTimes, ResetWay } from '../boards/release';
import { inWords } from './watch-flash';

/** Where the book has no times: what most boards take. */
export const usualFirstStart: FirstStartTimes = { usualSeconds: 90, worstSeconds: 300 };

/** What is tried when a first start stands still, in order; the last is to judge. */
export const FIRST_START_REMEDIES = ['drain', 'reset', 'one-module', 'judge'] as const;
export type FirstStartRemedy = (typeof FIRST_START_REMEDIES)[number];

export interface FirstStartWatch {
  /**
   * waiting: within the usual time. moving: past it, and the code or light changed lately. fixed: nothing has changed for
   * longer than this board takes. overdue: it still changes past its worst time.
   */
  readonly state: 'waiting' | 'moving' | 'fixed' | 'overdue';
  readonly elapsedSeconds: number;
  /** Since the last change of code or light, or since the start. */
  readonly sameForSeconds: number;
  readonly words: string;
  /** What to do now; null while waiting is right. */
  readonly remedy: FirstStartRemedy | null;
  readonly remedyWords: string;
}

/**
 * What a first start after a flash is doing. `changes` are the moments at which code or light changed, in seconds since
 * the button was pressed; `tried` counts the remedies that were tried before this start. A change is progress; what has
 * been the same for longer than the board's usual time is none.
 */
export function watchFirstStart(
  changes: readonly number[],
  elapsedSeconds: number,
  { times = usualFirstStart, tried, reset }: FirstStartFacts,
): FirstStartWatch {
  const sameForSeconds = elapsedSeconds - (changes.at(-1) ?? 0);
  const base = { elapsedSeconds, sameForSeconds, remedy: null, remedyWords: '' } as const;
  if (sameForSeconds > times.usualSeconds) {
    const remedy = FIRST_START_REMEDIES[Math.min(tried, FIRST_START_REMEDIES.length - 1)] ?? 'judge';
    return {
      ...base,
      state: 'fixed',
      words: `Nothing has changed for ${inWords(sameForSeconds)}: longer than this board takes. That is no progress.`,
      remedy,
      remedyWords: remedyWords(remedy, reset),
    };
  }
  if (elapsedSeconds > times.worstSeconds)
    return {
      ...base,
      state: 'overdue',
      words: `Past the ${inWords(times.worstSeconds)} that it takes at most, but it still changes: leave it on until it has been the same for ${inWords(times.usualSeconds)}.`,
    };
  return elapsedSeconds > times.usualSeconds
    ? {
        ...base,
        state: 'moving',
        words: `It changed ${inWords(sameForSeconds)} ago: that is progress. Up to ${inWords(times.worstSeconds)} is normal.`,
      }
    : {
        ...base,
        state: 'waiting',
        words: `Usually ${inWords(times.usualSeconds)}. Mark each change of code or light; it may restart several times.`,
      };
}

export interface FirstStartFacts {
  readonly times?: FirstStartTimes | undefined;
  readonly tried: number;
  /** The quickest way to reset the settings; undefined where the book has none. */
  readonly reset?: ResetWay | undefined;
}

function remedyWords(remedy: FirstStartRemedy, reset: ResetWay | undefined): string {
  const off = 'Hold the button until it is off, pull the cord, press the button to drain it.';
  switch (remedy) {
    case 'drain':
      return `${off} Wait a minute, then start it once more.`;
    case 'reset':
      return `${off} Reset the settings${reset ? ` (${reset.where}, ${inWords(reset.seconds)})` : ''}, then start it.`;
    case 'one-module':
      return `${off} Leave one module in the slot that the manual fills first, then start it.`;
    case 'judge':
      return 'Drained, reset and with one module it stands still as before: judge it now, as a start in the case.';
  }
}
