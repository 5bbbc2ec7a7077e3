import type { TrialView } from '../../../core/diagnosis';
import { CAUTIONS } from '../../../core/trials';

/** A trial as it is read aloud: what it is, what to mind, the steps one by one. */
export const spokenTrial = (trial: TrialView): string[] => [
  `${trial.title}.`,
  ...trial.cautions.map((id) => CAUTIONS[id]),
  ...trial.steps.map((step, i) => `${i + 1}. ${step}`),
];
