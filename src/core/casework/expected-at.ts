import { expectedSignals, type ExpectedSignal } from '../isolation';
import { applyChanges } from '../machine';
import { findTrial } from '../trials';
import type { CaseState } from './case-state';

/** What a sound machine would show at a trial of this case, likeliest first; empty where it is no start. */
export function expectedAt(
  { machine, configuration }: Pick<CaseState, 'machine' | 'configuration'>,
  trialId: string,
): readonly ExpectedSignal[] {
  const trial = findTrial(machine, configuration, trialId);
  if (trial?.observe.kind !== 'start') return [];
  return expectedSignals(machine, applyChanges(configuration, trial.changes));
}
