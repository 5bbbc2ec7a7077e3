import { crowdedSlot, nameOf, type Change, type Configuration, type Machine } from '../machine';
import { gradeReading, isSilent, SILENT_OUTCOMES, type Trial } from '../trials';
import type { CaseProblem } from './case-state';
import type { TrialDone } from './event';

/** Why an event does not fit its case, and at which of its fields. */
export type Refusal = Omit<CaseProblem, 'event'>;

/** An outcome must be one that the trial has, and a reading must agree with it. */
export function checkOutcome(trial: Trial, { outcome, volts, seen }: TrialDone): Refusal | null {
  const options = [...trial.outcomes, ...SILENT_OUTCOMES].map(({ id }) => id);
  if (!options.includes(outcome))
    return {
      path: ['outcome'],
      code: 'unknown-outcome',
      message: `expected one of ${options.join(', ')}, found "${outcome}"`,
    };
  if (seen && (trial.observe.kind !== 'start' || isSilent(outcome)))
    return {
      path: ['seen'],
      code: 'not-a-start',
      message: `expected signs of a start that was seen, found ${trial.id} with "${outcome}"`,
    };
  if (volts === undefined) return null;
  if (trial.observe.kind !== 'measure')
    return {
      path: ['volts'],
      code: 'not-a-measurement',
      message: `expected no reading for ${trial.id}, found ${volts} V`,
    };
  const grade = gradeReading(trial.observe.quantity, volts);
  return isSilent(outcome) || grade === outcome
    ? null
    : {
        path: ['outcome'],
        code: 'reading-disagrees',
        message: `expected "${grade}" for ${volts} V, found "${outcome}"`,
      };
}

/** A change must be of a part that the machine has, a module's to a slot of its board. */
export function checkChange(machine: Machine, change: Change, index: number): Refusal | null {
  if (change.kind !== 'place') return null;
  const part = machine.parts.find(({ id }) => id === change.part);
  if (!part || part.kind === 'slot' || part.kind === 'channel')
    return {
      path: ['changes', index, 'part'],
      code: 'unknown-part',
      message: `expected a part of this machine, found "${change.part}"`,
    };
  const { to } = change;
  if (part.kind !== 'module' || to.state !== 'moved') return null;
  return machine.parts.some(({ kind, id }) => kind === 'slot' && id === to.to)
    ? null
    : {
        path: ['changes', index, 'to', 'to'],
        code: 'unknown-slot',
        message: `expected a slot of this board, found "${to.to}"`,
      };
}

/** After a change every slot has at most one module. */
export function checkSlots(machine: Machine, configuration: Configuration): Refusal | null {
  const crowded = crowdedSlot(machine, configuration);
  if (crowded === null) return null;
  const message = `expected one module a slot, found two in ${nameOf(machine, crowded)} (take one out first)`;
  return { path: ['changes'], code: 'slot-taken', message };
}
