import type { Trial } from '../trials';
import type { CaseState } from './case-state';

/** The entries with what the last one turned out to be: its trial, and what was changed for it in words. */
export function replaceLast(state: CaseState, trial: Trial | null, changes: string): CaseState['entries'] {
  const last = state.entries.at(-1);
  return last ? [...state.entries.slice(0, -1), { ...last, trial, changes }] : state.entries;
}
