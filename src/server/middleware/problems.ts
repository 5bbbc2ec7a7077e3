import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import type { Problem } from '../../contracts';
import { Refusal } from '../services/refusal';

const problem = (status: number, code: string, title: string, more: object = {}): Problem => ({
  type: `https://problems.invalid/${code}`,
  title,
  status,
  code,
  ...more,
});

/** Anything under /api that no route took. */
export const notFound: RequestHandler = (_request, response) => {
  response
    .status(404)
    .type('application/problem+json')
    .json(problem(404, 'no-such-address', 'There is nothing here'));
};

/** The one place where errors become answers. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const answer = toProblem(error);
    if (answer.status >= 500)
      log.error({ err: plainError(error), id: response.locals['requestId'], method: request.method }, answer.title);
    if (error instanceof Refusal && error.more.retryAfterSeconds)
      response.set('retry-after', String(error.more.retryAfterSeconds));
    response.status(answer.status).type('application/problem+json').json(answer);
  };
}

/** Without what a database error carries of the row: it may hold an owner's name. */
const plainError = (error: unknown) =>
  error instanceof Error
    ? { message: error.message, stack: error.stack, code: property(error, 'code') }
    : { message: String(error) };

function toProblem(error: unknown): Problem {
  if (error instanceof Refusal) return problem(error.status, error.code, error.message, error.more);
  if (error instanceof URIError) return problem(400, 'bad-address', 'The address cannot be read');
  const kind = property(error, 'type');
  if (kind === 'entity.too.large')
    return problem(413, 'body-too-large', 'The request is too large', {
      detail: `expected at most ${Math.floor(Number(property(error, 'limit')) / 1024)} KiB`,
    });
  if (kind === 'entity.parse.failed')
    return problem(400, 'not-json', 'The request is not JSON', { detail: 'expected a JSON body' });
  // What Express and its parts refuse by themselves: a path that cannot be, a body that cannot be unpacked.
  const status = property(error, 'status');
  if (typeof status === 'number' && status >= 400 && status < 500)
    return status === 404
      ? problem(404, 'no-such-address', 'There is nothing here')
      : problem(status, 'bad-request', 'The request cannot be read');
  if (isDatabaseAway(error))
    return problem(503, 'database-away', 'The database is away', {
      detail: 'Nothing was saved. Try again in a moment.',
    });
  return problem(500, 'internal', 'Something went wrong', { detail: 'Nothing was saved.' });
}

const property = (value: unknown, name: string): unknown =>
  value !== null && typeof value === 'object' && name in value ? (value as Record<string, unknown>)[name] : undefined;

/** What the network says of a database that is not there. */
const networkCodes = ['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'EHOSTUNREACH', 'ENOTFOUND'];
/**
 * SQLSTATE classes 08 (connection), 53 (resources used up), 57P (ended by an operator or a crash), and the codes of
 * statements and transactions that took too long (PostgreSQL 15, Appendix A).
 */
const awayStates = /^(08...|53...|57P..|57014|25P03)$/;
const awayMessages =
  /timeout exceeded when trying to connect|Connection terminated|Client has encountered a connection error|Query read timeout/;

/** The database cannot be reached, does not answer, or has no room: the same request may succeed later. */
function isDatabaseAway(error: unknown): boolean {
  const code = property(error, 'code');
  if (typeof code === 'string') return networkCodes.includes(code) || awayStates.test(code);
  return error instanceof Error && awayMessages.test(error.message);
}
