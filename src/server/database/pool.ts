import pg from 'pg';

/** A pool of connections; idle ones that the server drops are replaced, not fatal. */
export function createPool(connectionString: string, { onError }: { onError: (error: Error) => void }): pg.Pool {
  const pool = new pg.Pool({ connectionString, max: 10, connectionTimeoutMillis: 4000, statement_timeout: 15_000 });
  pool.on('error', onError);
  return pool;
}
