export { diagnose } from './diagnose';
export type { Diagnosis, OutcomeView, SuspectView, TrialView } from './diagnosis';
export type { AdviceKind } from './advise';
export { confirmationOf, isComplaintGone, reproducedComplaint, seenStart, toldTrialId } from './confirmation';
export type { Confirmation } from './confirmation';
export type { DiagnosisInput, EvidenceStep } from './evidence-step';
export type { LinkStanding, LinkState } from './link-states';
export type { EvidenceWeight } from './weigh-evidence';
export { technicianMisreads } from './propose';
