import { instantiateFaults } from '../faults';
import type { CaseState } from './case-state';
import type { CaseClosed } from './event';
import { sparesForgotten } from './fold-spares';
import { advance, notWaiting, refuse, type Stepped } from './stepped';

/** The end of a case: of a cause that the machine can have, and over no spare that nobody speaks of. */
export function closeCase(state: CaseState, event: CaseClosed): Stepped {
  const [spare] = sparesForgotten(state, event.stillLent);
  if (spare)
    return refuse(
      ['stillLent'],
      'spare-out',
      `expected every spare back on the shelf or written as still lent, found ${spare.name}`,
    );
  const known = event.fault === null || instantiateFaults(state.machine).some(({ id }) => id === event.fault);
  return known
    ? advance({ ...state, stage: 'closed', ...notWaiting, closed: event })
    : refuse(['fault'], 'unknown-fault', `expected a fault that this machine can have, found "${event.fault}"`);
}

export const reopenCase = (state: CaseState): Stepped =>
  state.closed
    ? advance({ ...state, stage: 'on-bench', closed: null })
    : refuse(['kind'], 'not-closed', 'expected a closed case, found an open one');
