import type { FieldProblem, StoredEvent } from '../../contracts';

/** A request that is refused whole, in the shape of a problem document. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    title: string,
    readonly more: {
      readonly detail?: string;
      readonly fields?: readonly FieldProblem[];
      readonly newerEvents?: readonly StoredEvent[];
      readonly retryAfterSeconds?: number;
      /** What somebody may not do, in words. */
      readonly action?: string;
    } = {},
  ) {
    super(title);
  }
}
