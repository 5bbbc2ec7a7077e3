import type pg from 'pg';

/** What repositories need of a connection. */
export type Queryable = Pick<pg.ClientBase, 'query'>;

/**
 * Runs work in one transaction as the role that row-level security binds, with the shop set. Commits when the work
 * returns; rolls back and throws on when it throws.
 */
export async function inShop<T>(pool: pg.Pool, shopId: string, work: (db: Queryable) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | undefined;
  try {
    await client.query('BEGIN; SET LOCAL ROLE probe_app');
    await client.query("SELECT set_config('probe.shop_id', $1, true)", [shopId]);
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    await client.query('ROLLBACK').catch((rollback: Error) => (broken = rollback));
    throw error;
  } finally {
    client.release(broken);
  }
}
