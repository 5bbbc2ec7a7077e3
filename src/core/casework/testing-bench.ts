import { applyChanges } from '../machine';
import { breakOf, canAct, repairOf, type FaultInstance } from '../faults';
import { cureProbability } from '../diagnosis/model/cure-probability';
import { expectOutcomes } from '../diagnosis/model/expect-outcomes';
import { findTrial, type PresentFault, type Trial } from '../trials';
import { createCaseDiagnoser, foldCase, type CaseEvent, type CaseState } from '.';
import { eventId, eventsOf, type BriefLog } from './testing-log';

/** How a played case went. */
export interface PlayedCase {
  readonly state: CaseState;
  /** Repair classes carried out, in order. */
  readonly repairs: readonly string[];
  readonly trials: readonly string[];
  /** The engine says that there is nothing left to do but to close. */
  readonly ended: boolean;
  /** The fault is gone or cannot act in the machine as it stands. */
  readonly isRight: boolean;
}

/** The likeliest outcome of a trial on a machine with these faults; the first of equals. */
function likeliest(trial: Trial, state: CaseState, present: readonly PresentFault[]): string {
  const configuration = applyChanges(state.configuration, trial.changes);
  const probabilities = expectOutcomes(trial, { machine: state.machine, configuration }, present, 0);
  return trial.outcomes[probabilities.indexOf(Math.max(...probabilities))]?.id ?? 'not-sure';
}

/** An owner who is asked shows that the machine is theirs. */
export const ownersProof = (n: number): CaseEvent => ({
  kind: 'consent-noted',
  id: eventId(n),
  at: '2026-01-05T10:00:00Z',
  by: 'Test',
  to: 'password-clearing',
  isAgreed: true,
  way: 'in-person',
  words: 'Clear it',
  shown: 'Invoice with the serial number',
});

/**
 * Plays a machine with one fault by the engine's own advice, each outcome being the likeliest, until the engine says
 * to close or `maxTrials` are done. A fault goes once handling is more likely than not to remove it.
 */
export function playByAdvice(fault: FaultInstance, log: BriefLog, { maxTrials = 30, look = 0 } = {}): PlayedCase {
  const events: CaseEvent[] = [...eventsOf(log)];
  const presentation = fault.mode.presentations[look];
  if (!presentation) throw new Error(`${fault.id}: expected a way of showing number ${look}`);
  const repairs: string[] = [];
  const diagnose = createCaseDiagnoser();
  let isThere = true;
  for (;;) {
    const folded = foldCase(events);
    if (!folded.ok) throw new Error(folded.problem.message);
    const { state } = folded;
    const trials = events.flatMap((event) => (event.kind === 'trial-done' ? [event.trial] : []));
    const { advice } = diagnose(state);
    if (advice.kind === 'consent' && state.consents.length === 0) {
      events.push(ownersProof(events.length));
      continue;
    }
    const id = advice.trial?.id ?? null;
    if (id === null || trials.length >= maxTrials) {
      const isRight = !isThere || !canAct(fault, state.machine, state.configuration);
      return { state, repairs, trials, ended: id === null, isRight };
    }
    const trial = findTrial(state.machine, state.configuration, id);
    if (!trial) throw new Error(`expected the advised trial ${id} to be possible`);
    if (trial.repair) repairs.push(trial.repair.id);
    if (
      cureProbability(fault, trial) > 0.5 ||
      (trial.repair && repairOf(trial.repair.repair).replaces && trial.part?.id === fault.part.id)
    )
      isThere = false;
    const present = isThere ? [{ fault, stops: breakOf(fault, presentation, state.machine) }] : [];
    events.push({
      kind: 'trial-done',
      id: eventId(events.length),
      at: '2026-01-05T10:00:00Z',
      by: 'Test',
      trial: id,
      outcome: likeliest(trial, state, present),
    });
  }
}
