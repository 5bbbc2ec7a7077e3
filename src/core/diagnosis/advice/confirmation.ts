import { formatTrialId } from '../../trials';
import { START_OUTCOMES, type StartOutcome } from '../../startup';
import { canAct, type FaultInstance, type RepairClass } from '../../faults';
import type { Machine } from '../../machine';
import type { EvidenceStep } from '../evidence-step';

/**
 * How far a cause is confirmed by making the fault go and come back, apart from its probability.
 * suggested: only computed. supported: the fault went away with the change. proven: it came back on undoing the
 * change and went away again.
 */
export type Confirmation = 'suggested' | 'supported' | 'proven';

const rank = (outcome: string): number => (START_OUTCOMES as readonly string[]).indexOf(outcome);

/** The start outcome of a step, or null for looks, measurements, silent outcomes and what the owner reported. */
export function observedStart(step: EvidenceStep): StartOutcome | null {
  const reported = step.trial.id === reportedTrialId;
  if (step.trial.observe.kind !== 'start' || reported || rank(step.outcome) < 0) return null;
  return step.outcome as StartOutcome;
}

/** The id under which the owner's account stands in the log. */
export const reportedTrialId = formatTrialId({ kind: 'reported' });

/** The first start outcome that the technician saw fail: the complaint as reproduced; null if none failed. */
export function reproducedComplaint(steps: readonly EvidenceStep[]): StartOutcome | null {
  for (const step of steps) {
    const outcome = observedStart(step);
    if (outcome !== null && outcome !== 'works') return outcome;
  }
  return null;
}

/** The last failing start that was seen; failing that, what was reported. It is what the machine signals. */
export function signalOf(steps: readonly EvidenceStep[]): StartOutcome | null {
  const failing = steps.map(observedStart).filter((outcome) => outcome !== null && outcome !== 'works');
  const reported = steps.find((step) => step.trial.id === reportedTrialId)?.outcome;
  return failing.at(-1) ?? START_OUTCOMES.find((outcome) => outcome === reported) ?? null;
}

/** True if the machine got further than the complaint: a stripped machine cannot do more than pass the failing link. */
export function isComplaintGone(complaint: StartOutcome, outcome: StartOutcome): boolean {
  return rank(outcome) > rank(complaint);
}

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
    const gone = isComplaintGone(complaint, outcome);
    if (away !== gone) continue;
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
