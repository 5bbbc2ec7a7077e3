import { createDiagnoser, type Diagnosis, type DiagnosisInput, type SchoolPrice } from '../diagnosis';
import type { CaseState } from './case-state';

/** What the engine is asked about a case in its present state. */
export const inputOf = (state: CaseState): DiagnosisInput => ({
  machine: state.machine,
  circumstances: state.opened.circumstances,
  steps: state.steps,
  configuration: state.configuration,
  caseOpen: state.caseOpen,
  school: state.school,
  lacking: state.lacking,
});

export interface CaseDiagnoser {
  (state: CaseState): Diagnosis;
  /** What the ways of ordering would take from where the last call stood. */
  schoolPrices(): SchoolPrice[];
}

/** Diagnoses states of one case as its log grows; what earlier calls reckoned is kept. */
export function createCaseDiagnoser(): CaseDiagnoser {
  const diagnose = createDiagnoser();
  return Object.assign((state: CaseState) => diagnose(inputOf(state)), { schoolPrices: () => diagnose.schoolPrices() });
}

/** The diagnosis of a case in its present state. */
export function diagnoseCase(state: CaseState): Diagnosis {
  return createCaseDiagnoser()(state);
}
