import type { PartKind } from '../machine';
import type { CaseState } from './case-state';
import { diagnoseCase } from './diagnose-case';

/** What the queue shows of where a case stands. */
export interface CaseOutlook {
  /** What is to be done next; null where nothing is left to test. */
  readonly nextTest: string | null;
  /** About how long that takes. */
  readonly minutes: number | null;
  /** The likeliest cause known by name, and how likely it is; null where there is none. */
  readonly suspect: string | null;
  readonly probability: number | null;
}

/** The next test and the leading suspect of a case in its present state. */
export function outlookOf(state: CaseState, shelfLacks?: readonly PartKind[]): CaseOutlook {
  const { advice, suspects, proving } = diagnoseCase(state, shelfLacks);
  const suspect = proving && !proving.isFailing ? undefined : suspects.find((one) => !one.somethingElse);
  return {
    nextTest: advice.trial?.title ?? null,
    minutes: advice.trial?.minutes ?? null,
    suspect: suspect?.title ?? null,
    probability: suspect?.probability ?? null,
  };
}
