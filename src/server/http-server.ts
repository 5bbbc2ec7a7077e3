import { createServer, type RequestListener, type Server } from 'node:http';

/** How long the server waits for a client, in milliseconds, and how many headers it takes. */
export interface ClientLimits {
  /** For all headers of a request. */
  readonly headersMs: number;
  /** For a whole request. */
  readonly requestMs: number;
  /** For the next request on a connection. */
  readonly idleMs: number;
  /** While nothing moves in either direction: a client that does not read its answer. */
  readonly stalledMs: number;
  readonly headers: number;
}

const usual: ClientLimits = { headersMs: 15_000, requestMs: 60_000, idleMs: 65_000, stalledMs: 120_000, headers: 100 };
const checksPerLimit = 3;

/** A server, not yet listening, that cuts off clients which are slow on purpose. */
export function createHttpServer(listener: RequestListener, limits: ClientLimits = usual): Server {
  const server = createServer(
    {
      headersTimeout: limits.headersMs,
      requestTimeout: limits.requestMs,
      keepAliveTimeout: limits.idleMs,
      connectionsCheckingInterval: Math.ceil(limits.headersMs / checksPerLimit),
    },
    listener,
  );
  server.setTimeout(limits.stalledMs);
  server.maxHeadersCount = limits.headers;
  return server;
}
