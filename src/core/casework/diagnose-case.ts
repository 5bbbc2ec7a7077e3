import { diagnose, type Diagnosis } from '../diagnosis';
import type { CaseState } from './case-state';

/** The diagnosis of a case in its present state. */
export function diagnoseCase(state: CaseState): Diagnosis {
  const { machine, opened, steps, configuration, caseOpen } = state;
  return diagnose({ machine, circumstances: opened.circumstances, steps, configuration, caseOpen });
}
