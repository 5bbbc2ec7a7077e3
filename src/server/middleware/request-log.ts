import { randomUUID } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';

/**
 * One line a request: what was asked, how it ended, how long it took. No bodies, no cookies, no query: owners' names and
 * passwords stand there.
 */
export function logRequests(log: Logger): RequestHandler {
  return (request, response, next) => {
    const begin = process.hrtime.bigint();
    const id = randomUUID();
    response.set('x-request-id', id);
    response.locals['requestId'] = id;
    response.once('close', () => {
      const milliseconds = Number(process.hrtime.bigint() - begin) / 1e6;
      const [path] = request.originalUrl.split('?');
      log.info(
        { id, method: request.method, path, status: response.statusCode, ms: Math.round(milliseconds) },
        'request',
      );
    });
    next();
  };
}
