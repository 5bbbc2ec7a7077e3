/** What a command answers: what is printed, and whether the exit code is 0. */
export interface Answer {
  readonly ok: boolean;
  readonly value: unknown;
  readonly text: string;
}

/** A refusal of what was asked: printed on standard error, exit code 1. */
export class CannotDo extends Error {}
