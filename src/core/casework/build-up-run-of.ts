import { seenStart } from '../diagnosis';
import { buildUpRun, type BuildStep, type BuildUpRow } from '../isolation';
import type { StartOutcome } from '../startup';
import type { CaseState } from './case-state';

/** The build-up of a case as a run: each step's expected signal beside what was last seen at it. */
export function buildUpRunOf({ machine, configuration, steps }: CaseState): BuildUpRow[] {
  const seen: Partial<Record<BuildStep['id'], StartOutcome>> = {};
  for (const step of steps) {
    const outcome = seenStart(step);
    if (outcome !== null && step.trial.id.startsWith('build/'))
      seen[step.trial.id.slice('build/'.length) as BuildStep['id']] = outcome;
  }
  return buildUpRun(machine, configuration, seen);
}
