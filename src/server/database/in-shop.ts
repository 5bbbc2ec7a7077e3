import type pg from 'pg';
import { isQueryTimeout } from './pool';

/** What repositories need of a connection. */
export type Queryable = Pick<pg.ClientBase, 'query'>;

/** What a request without a shop shows: row-level security lets it see the one row that has it. */
export type Presented = 'login' | 'token' | 'code' | 'link';

/**
 * Runs work in one transaction as the role that row-level security binds, with the shop set. Commits when the work
 * returns; rolls back and throws on when it throws.
 */
export function inShop<T>(pool: pg.Pool, shopId: string, work: (db: Queryable) => Promise<T>): Promise<T> {
  // It stands in the text of the statements, which begin the transaction and enter the shop in one message.
  if (!/^[0-9a-f-]{36}$/i.test(shopId)) throw new Error('inShop: expected the id of a shop, found something else');
  return attempted(pool, `${begin}; SELECT set_config('probe.shop_id', '${shopId}', true)`, work);
}

const begin = 'BEGIN; SET LOCAL ROLE probe_app';

const maxAttempts = 4;

/**
 * The same without a shop: nothing is seen but what belongs to nobody. Where two transactions stand in each other's way,
 * PostgreSQL undoes one: its work is done again.
 */
export const inTransaction = <T>(pool: pg.Pool, work: (db: Queryable) => Promise<T>): Promise<T> =>
  attempted(pool, begin, work);

async function attempted<T>(pool: pg.Pool, opening: string, work: (db: Queryable) => Promise<T>): Promise<T> {
  for (let attempts = 1; ; attempts++)
    try {
      return await tryInTransaction(pool, opening, work);
    } catch (error) {
      if (attempts === maxAttempts || !isRetryable(error)) throw error;
    }
}

/** SQLSTATE of a deadlock and of a failed serialization. */
const isRetryable = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && ['40P01', '40001'].includes(String(error.code));

async function tryInTransaction<T>(pool: pg.Pool, opening: string, work: (db: Queryable) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | undefined;
  try {
    await client.query(opening);
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    if (isQueryTimeout(error)) broken = error as Error;
    else
      await client.query('ROLLBACK').catch((rollback: unknown) => {
        broken = rollback instanceof Error ? rollback : new Error(String(rollback));
      });
    throw error;
  } finally {
    client.release(broken);
  }
}

/** Sets the shop for the rest of the transaction. */
export async function enterShop(db: Queryable, shopId: string): Promise<void> {
  await db.query("SELECT set_config('probe.shop_id', $1, true)", [shopId]);
}

/** Shows a secret or a login for the rest of the transaction. */
export async function present(db: Queryable, what: Presented, value: string): Promise<void> {
  await db.query("SELECT set_config('probe.' || $1, $2, true)", [what, value]);
}
