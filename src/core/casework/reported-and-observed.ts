import { observedStart } from '../diagnosis';
import type { StartOutcome } from '../startup';
import type { CaseState } from './case-state';

export interface ReportedAndObserved {
  readonly reported: StartOutcome;
  readonly observed: StartOutcome;
  /** The entry of the first start that the technician saw. */
  readonly entry: string;
  readonly differs: boolean;
}

/** What the owner reported beside what the technician first saw; null until both are there. */
export function reportedAndObserved({ opened, steps }: CaseState): ReportedAndObserved | null {
  const first = steps.find((step) => observedStart(step) !== null);
  const observed = first ? observedStart(first) : null;
  if (!first || observed === null || opened.reported === null) return null;
  return { reported: opened.reported, observed, entry: first.id, differs: opened.reported !== observed };
}
