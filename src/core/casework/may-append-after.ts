import { leavesMachine } from '../trials';
import type { CaseEvent } from './event';

/** What is noted without touching the machine: it is as true behind other entries as before them. */
function leavesTheMachine(event: CaseEvent): boolean {
  switch (event.kind) {
    case 'note-added':
    case 'part-noted':
    case 'board-noted':
    case 'power-noted':
    case 'consent-noted':
    case 'part-lent':
    case 'part-home':
    case 'part-moved':
    case 'charge-noted':
    case 'time-corrected':
    case 'estimate-given':
    case 'decision-noted':
    case 'file-attached':
    case 'picture-marked':
    case 'power-measured':
    case 'lacking-set':
    case 'owner-tried':
    case 'switched-off':
    case 'circumstances-set':
    case 'strategy-chosen':
      return true;
    case 'trial-done':
      return leavesMachine(event.trial);
    default:
      return false;
  }
}

/**
 * Two people wrote to one case at once. Whether mine can simply come after theirs: only if one side left the machine as
 * it was. Where both changed it, or judged the case, mine was made on a machine that was not as it is written now: a
 * person has to decide.
 */
export const mayAppendAfter = (theirs: readonly CaseEvent[], mine: readonly CaseEvent[]): boolean =>
  theirs.every(leavesTheMachine) || mine.every(leavesTheMachine);
