import type { Queryable } from '../database/in-shop';

/** After this long without a failure the count is reset. */
const forgottenAfterMinutes = 60;
const longestWaitSeconds = 900;

/**
 * Seconds until the next attempt against any of these keys is judged; 0 where it is judged now. A failure of the future,
 * written while the clock was ahead, makes nobody wait.
 */
export async function readWait(db: Queryable, keyHashes: readonly string[], now: Date): Promise<number> {
  const { rows } = await db.query<{ openAt: Date }>(
    `SELECT open_at AS "openAt"
     FROM sign_in_failures
     WHERE key_hash = ANY ($1)
       AND open_at > $2
       AND last_at <= $2`,
    [keyHashes, now],
  );
  const seconds = rows.map(({ openAt }) => Math.ceil((openAt.getTime() - now.getTime()) / 1000));
  return Math.min(longestWaitSeconds, Math.max(0, ...seconds));
}

/**
 * Counts an attempt that failed. Past `free` of them the next one has to wait, each time twice as long, up to a quarter of
 * an hour. A failure of the future, as the clock was ahead, counts as one of now.
 */
export async function countFailure(db: Queryable, keyHash: string, free: number, now: Date): Promise<void> {
  await db.query(
    `INSERT INTO sign_in_failures AS f (key_hash, failures, last_at, open_at)
     VALUES ($1, 1, $2, $2)
     ON CONFLICT (key_hash) DO UPDATE SET
       failures = CASE WHEN f.last_at < $2::timestamptz - make_interval(mins => $4) THEN 1 ELSE f.failures + 1 END,
       last_at = $2,
       open_at = $2::timestamptz + make_interval(secs =>
         CASE
           WHEN f.last_at < $2::timestamptz - make_interval(mins => $4) OR f.failures < $3 THEN 0
           ELSE least($5, power(2, least(f.failures - $3, 20)))
         END)`,
    [keyHash, now, free, forgottenAfterMinutes, longestWaitSeconds],
  );
}

/** An attempt was right: what was counted against its key goes. */
export async function forgetFailures(db: Queryable, keyHash: string): Promise<void> {
  await db.query(
    `DELETE FROM sign_in_failures
     WHERE key_hash = $1`,
    [keyHash],
  );
}

/** Clears away what is forgotten by now. */
export async function deleteExpiredFailures(db: Queryable, now: Date): Promise<void> {
  await db.query(
    `DELETE FROM sign_in_failures
     WHERE last_at < $1::timestamptz - make_interval(mins => $2)`,
    [now, forgottenAfterMinutes],
  );
}
