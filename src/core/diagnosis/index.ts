export { MODEL_VERSION } from './model-version';
export { createDiagnoser, diagnose } from './diagnose';
export type { Diagnoser } from './diagnose';
export type { Diagnosis, OutcomeView, SuspectView, TrialView } from './diagnosis';
export type { AdviceKind } from './advice/advise';
export {
  confirmationOf,
  isComplaintGone,
  reproducedComplaint,
  observedStart,
  reportedTrialId,
} from './advice/confirmation';
export type { Confirmation } from './advice/confirmation';
export type { DiagnosisInput, EvidenceStep } from './evidence-step';
export type { EntryFit } from './belief/doubt';
export type { LinkStanding, LinkState } from './belief/link-states';
export type { EvidenceWeight } from './belief/weigh-evidence';
export { technicianMisreads } from './planning/propose';
export { cureProbability } from './model/cure-probability';
export { expectOutcomes } from './model/expect-outcomes';
export { analyseCase } from './analysis';
export type { Analysis } from './analysis';
export type { Replay } from './belief/replay';
export { STRATEGIES, STRATEGY_NAMES } from './planning/strategies';
export type { Strategy } from './planning/strategies';
export type { StrategyPrice } from './planning/strategy-prices';
export type { Lacking } from './evidence-step';
export type { StopRule } from './planning/stop-rule';
export type { RankedRepair } from './belief/suspects';
export type { Surprise } from './belief/surprise';
export { exportModel } from './export-model';
export type { ExportedHypothesis, ExportedModel, ExportedTrial } from './export-model';
export { lastLinkPassed } from './belief/link-states';
