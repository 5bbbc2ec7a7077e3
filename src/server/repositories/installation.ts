import type { Queryable } from '../database/in-shop';

/** Whether a first lead exists. */
export async function isSetUp(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ done: boolean }>('SELECT set_up_at IS NOT NULL AS done FROM installation');
  return rows[0]?.done === true;
}

/** The code that the next first lead has to show; the one before is void. Nothing changes once set up. */
export async function writeSetUpCode(db: Queryable, codeHash: string): Promise<void> {
  await db.query(
    `INSERT INTO installation (setup_code_hash)
     VALUES ($1)
     ON CONFLICT (singleton) DO UPDATE SET setup_code_hash = $1
     WHERE installation.set_up_at IS NULL`,
    [codeHash],
  );
}

/** Takes the code; false if it is another one or was taken already. */
export async function takeSetUpCode(db: Queryable, codeHash: string, now: Date): Promise<boolean> {
  const { rowCount } = await db.query(
    `UPDATE installation
     SET setup_code_hash = NULL, set_up_at = $2
     WHERE setup_code_hash = $1
       AND set_up_at IS NULL`,
    [codeHash, now],
  );
  return rowCount === 1;
}

/** Marks the program as set up without a code: the demo brings its own people. */
export async function markSetUp(db: Queryable, now: Date): Promise<void> {
  await db.query(
    `INSERT INTO installation (set_up_at)
     VALUES ($1)
     ON CONFLICT (singleton) DO UPDATE SET setup_code_hash = NULL, set_up_at = coalesce(installation.set_up_at, $1)`,
    [now],
  );
}
