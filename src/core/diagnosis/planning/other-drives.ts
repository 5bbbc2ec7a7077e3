import { isFilled, type Part } from '../../machine';
import { formatTrialId, isSilent } from '../../trials';
import type { DiagnosisInput } from '../evidence-step';

/** Ids of the looks at what is on the other drives that are fitted, where nobody has seen that yet. */
export function drivesNotLookedAt(
  { machine, configuration, steps }: Pick<DiagnosisInput, 'machine' | 'configuration' | 'steps'>,
  drive: Part,
): string[] {
  const seen = new Set(steps.flatMap(({ trial, outcome }) => (isSilent(outcome) ? [] : [trial.id])));
  return machine.parts
    .filter(({ kind, id }) => kind === 'drive' && id !== drive.id && isFilled(configuration, id))
    .map(({ id }) => formatTrialId({ kind: 'look', look: 'drive-contents', part: id }))
    .filter((look) => !seen.has(look));
}
