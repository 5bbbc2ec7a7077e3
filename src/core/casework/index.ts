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
  SchoolChosen,
  TrialDone,
} from './event';
export { CASE_STAGES } from './case-state';
export type { CaseProblem, CaseStage, CaseState, Entry, Folded } from './case-state';
export { foldCase } from './fold-case';
export { createCaseDiagnoser, diagnoseCase, inputOf } from './diagnose-case';
export { proofOfCause } from './proof-of-cause';
export { toldStep } from './told-step';
export { memoryMatrixOf } from './memory-matrix-of';
