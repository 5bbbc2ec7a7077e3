import { createDiagnoser, type Diagnosis, type DiagnosisInput } from '../diagnosis';
import type { CaseState } from './case-state';

const inputOf = ({ machine, opened, steps, configuration, caseOpen }: CaseState): DiagnosisInput => ({
  machine,
  circumstances: opened.circumstances,
  steps,
  configuration,
  caseOpen,
});

/** Diagnoses states of one case as its log grows; what earlier calls reckoned is kept. */
export function createCaseDiagnoser(): (state: CaseState) => Diagnosis {
  const diagnose = createDiagnoser();
  return (state) => diagnose(inputOf(state));
}

/** The diagnosis of a case in its present state. */
export function diagnoseCase(state: CaseState): Diagnosis {
  return createCaseDiagnoser()(state);
}
