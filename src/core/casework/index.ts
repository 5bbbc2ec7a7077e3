export { ENDINGS } from './event';
export type {
  CaseClosed,
  CaseEvent,
  CaseEventKind,
  CaseOpened,
  CaseParked,
  CaseReopened,
  CaseResumed,
  ConfigurationChanged,
  Ending,
  EntryStruck,
  EventBody,
  LackingSet,
  NoteAdded,
  PartNoted,
  SchoolChosen,
  TrialDone,
} from './event';
export { CASE_STAGES } from './case-state';
export type { CaseProblem, CaseStage, CaseState, Entry, Folded, PartFacts } from './case-state';
export { foldCase } from './fold-case';
export { createCaseDiagnoser, diagnoseCase, inputOf } from './diagnose-case';
export { proofOfCause } from './proof-of-cause';
export { toldStep } from './told-step';
export { memoryMatrixOf } from './memory-matrix-of';
export { buildUpRunOf } from './build-up-run-of';
export { toldAndSeen } from './told-and-seen';
export type { ToldAndSeen } from './told-and-seen';
export { partResults, totalPaid } from './part-results';
export type { PartResult } from './part-results';
