import { seenStart, toldTrialId } from '../diagnosis';
import type { StartOutcome } from '../startup';
import type { CaseState } from './case-state';

export interface ToldAndSeen {
  readonly told: StartOutcome;
  readonly seen: StartOutcome;
  /** The entry of the first start that the technician saw. */
  readonly entry: string;
  readonly differs: boolean;
}

/** What the owner told beside what the technician first saw; null until both are there. */
export function toldAndSeen({ opened, steps }: CaseState): ToldAndSeen | null {
  const first = steps.find((step) => step.trial.id !== toldTrialId && seenStart(step) !== null);
  const seen = first ? seenStart(first) : null;
  if (!first || seen === null || opened.told === null) return null;
  return { told: opened.told, seen, entry: first.id, differs: opened.told !== seen };
}
