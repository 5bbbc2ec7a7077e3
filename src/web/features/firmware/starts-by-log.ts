import type { CaseState } from '../../../core/casework';
import { reachesMenu, START_OUTCOMES } from '../../../core/startup';

/** What the last start in the log says: it reaches its menu, or not; null where none was seen. */
export function startsByLog({ steps }: CaseState): boolean | null {
  const seen = steps.flatMap(({ trial, outcome }) =>
    trial.observe.kind === 'start' ? START_OUTCOMES.filter((one) => one === outcome) : [],
  );
  const last = seen.at(-1);
  return last === undefined ? null : reachesMenu(last);
}
