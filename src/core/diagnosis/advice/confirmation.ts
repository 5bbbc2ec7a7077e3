import { canAct, type FaultInstance, type RepairClass } from '../../faults';
import type { Machine } from '../../machine';
import type { EvidenceStep } from '../evidence-step';
import { isComplaintGone, observedStart, reproducedComplaint } from '../belief/complaint';

/**
 * How far a cause is confirmed by making the fault go and come back, apart from its probability.
 * suggested: only computed. supported: the fault went away with the change. proven: it came back on undoing the
 * change and went away again.
 */
export type Confirmation = 'suggested' | 'supported' | 'proven';

/**
 * How many turns of the proof the log has made for a repair class. The steps are read as "cause in place" or "cause
 * away": 1 in and fails, 2 away and works, 3 in and fails again, 4 away and works again.
 */
export function proofTurns(
  faults: readonly FaultInstance[],
  repairClass: RepairClass,
  steps: readonly EvidenceStep[],
  machine: Machine,
): number {
  const complaint = reproducedComplaint(steps);
  if (complaint === null) return 0;
  const own = faults.filter((fault) => fault.repairClass.id === repairClass.id);
  let repaired = false;
  let turns = 0;
  for (const step of steps) {
    const outcome = observedStart(step);
    repaired ||= step.trial.repair?.id === repairClass.id && step.outcome !== 'could-not';
    if (outcome === null) continue;
    const away = repaired || !own.some((fault) => canAct(fault, machine, step.configuration));
    const gone = isComplaintGone(complaint, step);
    if (gone === null || away !== gone) continue;
    if ((turns % 2 === 0 && !away) || (turns % 2 === 1 && away)) turns += 1;
  }
  return turns;
}

/** Confirmation of a repair class from the log alone: away·works once supports it, twice with a failure between proves it. */
export const confirmationOf = (...of: Parameters<typeof proofTurns>): Confirmation =>
  confirmationFrom(proofTurns(...of));

export function confirmationFrom(turns: number): Confirmation {
  return turns >= 4 ? 'proven' : turns >= 2 ? 'supported' : 'suggested';
}
