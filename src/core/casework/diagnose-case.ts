import { createDiagnoser, type Diagnosis, type DiagnosisInput, type StrategyPrice } from '../diagnosis';
import type { Circumstance } from '../faults';
import type { CaseState } from './case-state';
import { CONSENT_REASONS, consentFor } from './consent';

/** What is known besides the parts: as reported or learned since, and what was done to the firmware. */
export function circumstancesOf({ circumstances, firmware }: CaseState): readonly Circumstance[] {
  const isBroken = firmware.flashes.at(-1)?.end === 'interrupted' && firmware.verified === null;
  return isBroken && !circumstances.includes('firmware-updated')
    ? [...circumstances, 'firmware-updated']
    : circumstances;
}

/** What the engine is asked about a case in its present state. */
export const inputOf = (state: CaseState): DiagnosisInput => ({
  machine: state.machine,
  circumstances: circumstancesOf(state),
  steps: state.steps,
  configuration: state.configuration,
  caseOpen: state.caseOpen,
  strategy: state.strategy,
  lacking: state.lacking,
  asks: (repair) => {
    const kind = consentFor(state, repair);
    return kind && CONSENT_REASONS[kind];
  },
});

export interface CaseDiagnoser {
  (state: CaseState): Diagnosis;
  /** What each strategy would take from where the last call stood. */
  strategyPrices(): StrategyPrice[];
}

/** Diagnoses states of one case as its log grows; what earlier calls computed is kept. */
export function createCaseDiagnoser(): CaseDiagnoser {
  const diagnose = createDiagnoser();
  return Object.assign((state: CaseState) => diagnose(inputOf(state)), {
    strategyPrices: () => diagnose.strategyPrices(),
  });
}

/** The diagnosis of a case in its present state. */
export function diagnoseCase(state: CaseState): Diagnosis {
  return createCaseDiagnoser()(state);
}
