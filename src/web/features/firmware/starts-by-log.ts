import type { CaseState } from '../../../core/casework';

/** Starts that never reach the firmware's menu. */
const neverReach: readonly string[] = [
  'dead',
  'twitch',
  'loop',
  'fans-full',
  'at-processor',
  'at-memory',
  'at-graphics',
  'blank',
  'dark',
];

/** What the last start in the log says: it reaches its menu, or not; null where none was seen. */
export function startsByLog({ steps }: CaseState): boolean | null {
  const last = steps.findLast(
    ({ trial, outcome }) => trial.observe.kind === 'start' && trial.outcomes.some(({ id }) => id === outcome),
  );
  return last ? !neverReach.includes(last.outcome) : null;
}
