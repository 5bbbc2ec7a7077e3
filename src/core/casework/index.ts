export { ENDINGS, FLASH_ENDS, FLASH_PURPOSES } from './event';
export type {
  BoardNoted,
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
  FirmwareFlashed,
  FirmwareVerified,
  FlashEnd,
  FlashPurpose,
  LackingSet,
  NoteAdded,
  PartNoted,
  SchoolChosen,
  TrialDone,
} from './event';
export { CASE_STAGES } from './case-state';
export type { CaseProblem, CaseStage, CaseState, Entry, FirmwareState, Folded, PartFacts } from './case-state';
export { checkChain, digestIn, ERASED_OWNER, firstHash, hashEvent, sealed, sealOwner } from './chain';
export type { ChainCheck, ChainedEvent, Seal } from './chain';
export { foldCase } from './fold-case';
export { mayFollow } from './may-follow';
export { createCaseDiagnoser, diagnoseCase, inputOf } from './diagnose-case';
export { proofOfCause } from './proof-of-cause';
export { toldStep } from './told-step';
export { memoryMatrixOf } from './memory-matrix-of';
export { buildUpRunOf } from './build-up-run-of';
export { toldAndSeen } from './told-and-seen';
export type { ToldAndSeen } from './told-and-seen';
export { partResults, totalPaid } from './part-results';
export type { PartResult } from './part-results';
