import { isFilled, type Machine } from '../../machine';
import type { EvidenceStep } from '../evidence-step';
import { withPressesAgain } from './pressed-again';

/** The log as the engine reads it: what was written, in what it can only mean. */
export const readLog = (machine: Machine, steps: readonly EvidenceStep[]): EvidenceStep[] =>
  withPressesAgain(steps.map((step) => asFarAsItCan(machine, step)));

/** With every drive out, "it works" can only mean that it comes up and finds no system. */
function asFarAsItCan({ parts }: Machine, step: EvidenceStep): EvidenceStep {
  const { trial, outcome, configuration } = step;
  if (outcome !== 'works' || trial.observe.kind !== 'start' || trial.observe.depth !== 'start') return step;
  const drives = parts.filter(({ kind }) => kind === 'drive');
  const isStripped = drives.length > 0 && drives.every(({ id }) => !isFilled(configuration, id));
  return isStripped ? { ...step, outcome: 'no-boot' } : step;
}
