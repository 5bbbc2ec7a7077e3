import {
  createDiagnoser,
  type Diagnosis,
  type DiagnosisInput,
  type DiagnosisRest,
  type Lacking,
  type StrategyPrice,
} from '../diagnosis';
import type { PartKind } from '../machine';
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

/** What the engine is asked about a case in its present state; `shelfLacks` is what the shop has no spare of. */
export const inputOf = (state: CaseState, shelfLacks: readonly PartKind[] = []): DiagnosisInput => ({
  machine: state.machine,
  circumstances: circumstancesOf(state),
  steps: state.steps,
  configuration: state.configuration,
  caseOpen: state.caseOpen,
  strategy: state.strategy,
  lacking: lackingOf(state, shelfLacks),
  partsCameAfter: state.partsCameAfter,
  asks: (repair) => {
    const kind = consentFor(state, repair);
    return kind && CONSENT_REASONS[kind];
  },
});

/** A spare that is out for this case is at hand, whatever the shelf lacks. */
function lackingOf({ lacking, sparesOut, machine }: CaseState, shelfLacks: readonly PartKind[]): Lacking {
  if (shelfLacks.length === 0) return lacking;
  const here = sparesOut.flatMap(({ part }) => machine.parts.find(({ id }) => id === part)?.kind ?? []);
  const missing = shelfLacks.filter((kind) => !here.includes(kind));
  return { ...lacking, spares: [...new Set([...lacking.spares, ...missing])] };
}

export interface CaseDiagnoser {
  (state: CaseState, shelfLacks?: readonly PartKind[]): Diagnosis;
  /** The same with what is read first; see Diagnoser. */
  first(state: CaseState, shelfLacks: readonly PartKind[], whole: readonly string[]): Diagnosis;
  /** What the last call left in brief; null before there was one. */
  rest(): DiagnosisRest | null;
  /** What each strategy would take from where the last call stood. */
  strategyPrices(): StrategyPrice[];
}

/** Diagnoses states of one case as its log grows; what earlier calls computed is kept. */
export function createCaseDiagnoser(): CaseDiagnoser {
  const diagnose = createDiagnoser();
  return Object.assign((state: CaseState, lacks?: readonly PartKind[]) => diagnose(inputOf(state, lacks)), {
    first: (state: CaseState, lacks: readonly PartKind[], whole: readonly string[]) =>
      diagnose.first(inputOf(state, lacks), whole),
    rest: () => diagnose.rest(),
    strategyPrices: () => diagnose.strategyPrices(),
  });
}

/** The diagnosis of a case in its present state. */
export function diagnoseCase(state: CaseState, shelfLacks?: readonly PartKind[]): Diagnosis {
  return createCaseDiagnoser()(state, shelfLacks);
}
