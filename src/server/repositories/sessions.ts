import type { Queryable } from '../database/in-shop';

export interface SessionRow {
  readonly tokenHash: string;
  readonly shopId: string;
  readonly personId: string;
  readonly createdAt: Date;
  readonly seenAt: Date;
}

/** The session of the token that the request presents. */
export async function findSession(db: Queryable, tokenHash: string): Promise<SessionRow | null> {
  const { rows } = await db.query<SessionRow>(
    `SELECT
       token_hash AS "tokenHash",
       shop_id AS "shopId",
       person_id AS "personId",
       created_at AS "createdAt",
       seen_at AS "seenAt"
     FROM sessions
     WHERE token_hash = $1`,
    [tokenHash],
  );
  return rows[0] ?? null;
}

export async function insertSession(db: Queryable, session: SessionRow): Promise<void> {
  await db.query(
    `INSERT INTO sessions (token_hash, shop_id, person_id, created_at, seen_at)
     VALUES ($1, $2, $3, $4, $5)`,
    [session.tokenHash, session.shopId, session.personId, session.createdAt, session.seenAt],
  );
}

export async function touchSession(db: Queryable, tokenHash: string, at: Date): Promise<void> {
  await db.query(
    `UPDATE sessions
     SET seen_at = $2
     WHERE token_hash = $1`,
    [tokenHash, at],
  );
}

export async function deleteSession(db: Queryable, tokenHash: string): Promise<void> {
  await db.query(
    `DELETE FROM sessions
     WHERE token_hash = $1`,
    [tokenHash],
  );
}

/** Ends all sessions of a person of the shop in force. */
export async function deleteSessionsOf(db: Queryable, personId: string): Promise<void> {
  await db.query(
    `DELETE FROM sessions
     WHERE person_id = $1`,
    [personId],
  );
}

/** Clears away sessions of the shop in force that are over. */
export async function deleteStaleSessions(db: Queryable, createdBefore: Date, seenBefore: Date): Promise<void> {
  await db.query(
    `DELETE FROM sessions
     WHERE created_at < $1
        OR seen_at < $2`,
    [createdBefore, seenBefore],
  );
}
