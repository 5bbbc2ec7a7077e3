import type { CaseStage } from '../../../core/casework';

/** The stages of a case in words. */
export const stageWords: Readonly<Record<CaseStage, string>> = {
  waiting: 'Not started',
  'on-bench': 'On the bench',
  parked: 'Parked',
  closed: 'Closed',
};
