import { observedStart } from '../diagnosis';
import { buildUpRun, type BuildStepId, type BuildUpRow } from '../isolation';
import type { StartOutcome } from '../startup';
import type { CaseState } from './case-state';

/** The build-up of a case as a run: each step's expected signal beside what was last seen at it. */
export function buildUpRunOf({ machine, configuration, steps }: CaseState): BuildUpRow[] {
  const seen: Partial<Record<BuildStepId, StartOutcome>> = {};
  for (const step of steps) {
    const outcome = observedStart(step);
    if (outcome !== null && step.trial.ref.kind === 'build') seen[step.trial.ref.step] = outcome;
  }
  return buildUpRun(machine, configuration, seen);
}
