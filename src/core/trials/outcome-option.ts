import type { PartKind } from '../machine';
import type { StartOutcome } from '../startup';

/** One result that a person can tell from the others. */
export interface OutcomeOption {
  readonly id: string;
  readonly label: string;
  /** Nobody sees it where it is not: a sighting that outweighs doubts. */
  readonly isPlain?: boolean;
  /** It takes one of these parts to see it: in a machine without any it is not offered. */
  readonly withPart?: readonly PartKind[];
  /** To see this is to see the complaint, as the start outcome that it comes nearest to: no start need show it. */
  readonly complains?: StartOutcome;
}
