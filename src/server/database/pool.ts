import pg from 'pg';

/** The server ends a statement after this long ... */
const statementTimeoutMs = 8000;
/** ... and the client gives up a little later: a database that is frozen ends nothing by itself. */
export const longestQueryMs = 10_000;
/** A transaction whose program is gone lets go of its locks. */
const idleInTransactionMs = 30_000;

/**
 * A pool of connections. One that breaks is replaced, whether it is idle or lent out: the work that uses it gets
 * the error, and the program goes on.
 */
export function createPool(
  connectionString: string,
  {
    onError,
    queryTimeoutMs = longestQueryMs,
    max = 16,
  }: { readonly onError: (error: Error) => void; readonly queryTimeoutMs?: number; readonly max?: number },
): pg.Pool {
  const pool = new pg.Pool({
    connectionString,
    max,
    connectionTimeoutMillis: 4000,
    statement_timeout: statementTimeoutMs,
    query_timeout: queryTimeoutMs,
    idle_in_transaction_session_timeout: idleInTransactionMs,
    keepAlive: true,
  });
  // Node ends a process at an error that nobody hears; while a connection is lent out, the pool does not hear it.
  pool.on('connect', (client) => client.on('error', onError));
  pool.on('error', () => undefined);
  return pool;
}

/** The client gave up waiting: what the connection is doing now is not known. */
export const isQueryTimeout = (error: unknown): boolean =>
  error instanceof Error && error.message === 'Query read timeout';
