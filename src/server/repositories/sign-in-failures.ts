import type { Queryable } from '../database/in-shop';

/** After this long without an attempt the count is reset. */
const forgottenAfterMinutes = 60;
const longestWaitSeconds = 900;

/**
 * Counts a try before it is judged, so that attempts at the same moment do not slip through. Past `free` attempts each next one
 * has to wait twice as long, up to a quarter of an hour.
 * @returns seconds to wait if this try comes too early, else null
 */
export async function countTry(db: Queryable, keyHash: string, free: number, now: Date): Promise<number | null> {
  const { rowCount } = await db.query(
    `INSERT INTO sign_in_failures AS f (key_hash, failures, last_at, open_at)
     VALUES ($1, 1, $2, $2)
     ON CONFLICT (key_hash) DO UPDATE SET
       failures = CASE WHEN f.last_at < $2::timestamptz - make_interval(mins => $4) THEN 1 ELSE f.failures + 1 END,
       last_at = $2,
       open_at = $2::timestamptz + make_interval(secs =>
         CASE
           WHEN f.last_at < $2::timestamptz - make_interval(mins => $4) OR f.failures < $3 THEN 0
           ELSE least($5, power(2, least(f.failures - $3, 20)))
         END)
     WHERE f.open_at <= $2`,
    [keyHash, now, free, forgottenAfterMinutes, longestWaitSeconds],
  );
  if (rowCount === 1) return null;
  const { rows } = await db.query<{ openAt: Date }>(
    `SELECT open_at AS "openAt"
     FROM sign_in_failures
     WHERE key_hash = $1`,
    [keyHash],
  );
  return Math.max(1, Math.ceil(((rows[0]?.openAt.getTime() ?? 0) - now.getTime()) / 1000));
}

/** A try that was right: what was counted against it goes; of a shared key only this one try. */
export async function forgiveTry(db: Queryable, keyHash: string, { isShared }: { isShared: boolean }): Promise<void> {
  if (isShared)
    await db.query(
      `UPDATE sign_in_failures
       SET failures = greatest(0, failures - 1)
       WHERE key_hash = $1`,
      [keyHash],
    );
  else
    await db.query(
      `DELETE FROM sign_in_failures
       WHERE key_hash = $1`,
      [keyHash],
    );
}

/** Clears away what is forgotten by now. */
export async function deleteExpiredAttempts(db: Queryable, now: Date): Promise<void> {
  await db.query(
    `DELETE FROM sign_in_failures
     WHERE last_at < $1::timestamptz - make_interval(mins => $2)
       AND open_at < $1`,
    [now, forgottenAfterMinutes],
  );
}
