import { describeChanges, type Change, type Configuration, type Machine } from '../machine';
import type { EvidenceStep } from '../diagnosis';
import { findTrial, formatTrialId, handlingOf } from '../trials';

/**
 * The step that stands for setting the machine up by hand: nothing is seen, but a part that is put back or moved is
 * seated again, and that may cure. `configuration` is the one that the changes lead to.
 */
export function setUpStep(
  id: string,
  machine: Machine,
  { configuration, changes }: { readonly configuration: Configuration; readonly changes: readonly Change[] },
): EvidenceStep {
  const start = findTrial(machine, configuration, 'start');
  if (!start) throw new Error('expected every machine to have a start');
  const ref = { kind: 'set-up' } as const;
  const handling = handlingOf({ handling: [] }, changes);
  return {
    id,
    trial: {
      ...start,
      ref,
      id: formatTrialId(ref),
      title: `Set up: ${describeChanges(machine, changes)}`,
      handling,
      changes,
    },
    configuration,
    handling,
    outcome: 'not-sure',
    volts: null,
    misreadProbability: 0,
  };
}
