import type { Queryable } from '../database/in-shop';

/** Servers that start beside each other have a code each; of more the oldest go. */
const codesKept = 5;

/** Whether a first lead exists. */
export async function isSetUp(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ done: boolean }>('SELECT set_up_at IS NOT NULL AS done FROM installation');
  return rows[0]?.done === true;
}

/** One more code by which the first lead may come in. Nothing changes once set up. */
export async function addSetUpCode(db: Queryable, codeHash: string): Promise<void> {
  await db.query(
    `INSERT INTO installation AS i (setup_code_hashes)
     VALUES (ARRAY[$1::text])
     ON CONFLICT (singleton) DO UPDATE SET setup_code_hashes = ($1::text || i.setup_code_hashes)[1:$2]
     WHERE i.set_up_at IS NULL`,
    [codeHash, codesKept],
  );
}

/** Takes the code, and with it all others; false if it is another one or was taken already. */
export async function takeSetUpCode(db: Queryable, codeHash: string, now: Date): Promise<boolean> {
  const { rowCount } = await db.query(
    `UPDATE installation
     SET setup_code_hashes = '{}', set_up_at = $2
     WHERE $1 = ANY (setup_code_hashes)
       AND set_up_at IS NULL`,
    [codeHash, now],
  );
  return rowCount === 1;
}

/** Marks the program as set up without a code: the demo brings its own people. */
export async function markSetUp(db: Queryable, now: Date, demoShopId: string | null = null): Promise<void> {
  await db.query(
    `INSERT INTO installation AS i (set_up_at, demo_shop_id)
     VALUES ($1, $2)
     ON CONFLICT (singleton) DO UPDATE SET
       setup_code_hashes = '{}',
       set_up_at = coalesce(i.set_up_at, $1),
       demo_shop_id = coalesce($2, i.demo_shop_id)`,
    [now, demoShopId],
  );
}

/** The shop of the demo, where it was ever loaded. */
export async function findDemoShop(db: Queryable): Promise<string | null> {
  const { rows } = await db.query<{ id: string | null }>('SELECT demo_shop_id AS id FROM installation');
  return rows[0]?.id ?? null;
}

/** Nobody can come in any more: the next start prints a code again. */
export async function markNotSetUp(db: Queryable): Promise<void> {
  await db.query('UPDATE installation SET set_up_at = NULL');
}
