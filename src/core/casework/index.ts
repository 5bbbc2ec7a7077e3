export { outlookOf } from './case-outlook';
export type { CaseOutlook } from './case-outlook';
export { agreedLimit, consentAsked, estimateAnswer } from './consent';
export { lastCheck } from './last-check';
export type { CheckPoint } from './last-check';
export {
  CONSENT_KINDS,
  CONSENT_WAYS,
  DATA_CONSENTS,
  ENDINGS,
  FLASH_ENDS,
  FLASH_PURPOSES,
  PART_CONDITIONS,
} from './event';
export type { DataConsent, PartCondition } from './event';
export { isPartEvent, PART_WAYS, SPARE_RESULTS } from './part-events';
export type { Amount, PartEvent, PartMoved, PartWay, SpareResult } from './part-events';
export { isAttachmentEvent, SIGNED_PAPERS, SIGNERS } from './attachment-events';
export type { AttachmentEvent, FileAttached, SignedPaper, Signer } from './attachment-events';
export { attachmentOf, signatureOf } from './fold-attachments';
export { CHARGE_KINDS, DECISIONS, isMoneyEvent } from './money-events';
export type { ChargeKind, Decision, Worth, ChargeNoted, EstimateGiven, MoneyEvent } from './money-events';
export { shelfLacks, SPARE_KINDS } from './shelf-lacks';
export type {
  BoardNoted,
  CaseClosed,
  CaseEvent,
  CaseEventKind,
  CaseOpened,
  CaseParked,
  CaseReopened,
  CaseResumed,
  ClosingDiagnosis,
  ConfigurationChanged,
  ConsentKind,
  ConsentNoted,
  ConsentWay,
  Ending,
  EntryStruck,
  EventBody,
  FirmwareFlashed,
  FirmwareVerified,
  FlashEnd,
  FlashPurpose,
  CircumstancesSet,
  LackingSet,
  MachineCorrected,
  NoteAdded,
  OwnerTried,
  PartNoted,
  PowerMeasured,
  PowerNoted,
  PowerReading,
  ReadingMeter,
  StrategyChosen,
  SwitchedOff,
  TrialDone,
  UnreadEntry,
  WallTrace,
  WritableEvent,
} from './event';
export type { Recorded } from './event-base';
export { EVENT_VERSION } from './event-record';
export type { EventRecord } from './event-record';
export { currentFaultId } from './renamed-ids';
export { upcastEvent } from './upcast-event';
export { CASE_STAGES } from './case-state';
export type {
  Attachment,
  CaseProblem,
  CaseStage,
  CaseState,
  Entry,
  FirmwareState,
  Folded,
  MoneyState,
  PartFacts,
  PowerState,
  SpareHome,
  SpareOut,
} from './case-state';
export { checkChain, digestIn, ERASED_OWNER, firstHash, hashEvent, sealed, sealOwner } from './chain';
export type { ChainCheck, ChainedEvent, Seal } from './chain';
export { closingDiagnosis, earlierModelOf } from './closing-diagnosis';
export type { EarlierModel } from './closing-diagnosis';
export { foldCase, foldOn, foldStored } from './fold-case';
export { mayAppendAfter } from './may-append-after';
export { circumstancesOf, createCaseDiagnoser, diagnoseCase, inputOf } from './diagnose-case';
export { powerReadings, sheetInForce } from './power-of-case';
export type { TakenReading } from './power-of-case';
export { proofOfCause } from './proof-of-cause';
export { reportedStep } from './reported-step';
export { flashRefusals, isOffByLog } from './flash-refusals';
export type { FlashRefusal } from './flash-refusals';
export { ownerTries } from './owner-tries';
export { memoryMatrixOf } from './memory-matrix-of';
export { buildUpRunOf } from './build-up-run-of';
export { expectedAt } from './expected-at';
export { reportedAndObserved } from './reported-and-observed';
export type { ReportedAndObserved } from './reported-and-observed';
export { partResults, totalPaid } from './part-results';
export type { Judged, PartResult } from './part-results';
