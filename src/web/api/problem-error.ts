import type { FieldProblem, Problem } from '../../contracts';

/** A request that the server refused, with what it said. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.title);
  }

  get fields(): readonly FieldProblem[] {
    return this.problem.fields ?? [];
  }
}

/** The server could not be reached: nothing was saved, and trying again is safe. */
export class AwayError extends Error {
  constructor() {
    super('The server does not answer. Nothing was lost: try again when it is back.');
  }
}
