import { describeChanges, type Change, type Configuration, type Machine } from '../machine';
import type { EvidenceStep } from '../diagnosis';
import { findTrial, formatTrialId, handlingOf } from '../trials';

/** A step in which nothing is seen: only what was done to the machine counts. */
function unseenStep(
  id: string,
  machine: Machine,
  {
    configuration,
    changes,
    handling,
    title,
  }: Pick<EvidenceStep, 'configuration' | 'handling'> & {
    readonly changes: readonly Change[];
    readonly title: string;
  },
): EvidenceStep {
  const start = findTrial(machine, configuration, 'start');
  if (!start) throw new Error('expected every machine to have a start');
  const ref = { kind: 'set-up' } as const;
  return {
    id,
    trial: { ...start, ref, id: formatTrialId(ref), title, handling, changes },
    configuration,
    handling,
    outcome: 'not-sure',
    volts: null,
    misreadProbability: 0,
  };
}

/**
 * The step that stands for setting the machine up by hand: nothing is seen, but a part that is put back or moved is
 * seated again, and that may cure. `configuration` is the one that the changes lead to.
 */
export const setUpStep = (
  id: string,
  machine: Machine,
  { configuration, changes }: { readonly configuration: Configuration; readonly changes: readonly Change[] },
): EvidenceStep =>
  unseenStep(id, machine, {
    configuration,
    changes,
    handling: handlingOf({ handling: [] }, changes),
    title: `Set up: ${describeChanges(machine, changes)}`,
  });

/** The step that stands for switching it off with the cord out: what had shut itself off comes back. */
export const switchedOffStep = (
  id: string,
  { machine, configuration }: { readonly machine: Machine; readonly configuration: Configuration },
): EvidenceStep =>
  unseenStep(id, machine, {
    configuration,
    changes: [],
    handling: machine.parts
      .filter(({ kind }) => kind === 'supply' || kind === 'board')
      .map(({ id: part }) => ({ act: 'drain', part })),
    title: 'Switched off, cord out, drained',
  });
