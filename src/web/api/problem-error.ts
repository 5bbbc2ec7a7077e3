import type { FieldProblem, Problem } from '../../contracts';

/** A request that the server refused, with what it said. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    // What an address names and is not there is said in words; the detail is for who made the request.
    super(problem.status === 404 ? `${problem.title}.` : (problem.detail ?? problem.title));
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
