import type pg from 'pg';
import type { Role } from '../../contracts';
import type { Queryable } from '../database/in-shop';

export interface SessionRow {
  readonly tokenHash: string;
  readonly shopId: string;
  readonly personId: string;
  readonly createdAt: Date;
  readonly seenAt: Date;
}

/** Whose a session is. */
export interface FoundSession {
  readonly createdAt: Date;
  readonly seenAt: Date;
  readonly person: { readonly id: string; readonly login: string; readonly name: string; readonly role: Role };
  readonly shop: { readonly id: string; readonly name: string };
}

/**
 * The session of a token with its person and shop, if the account is open. Asked at every request: one statement, which is
 * a transaction by itself.
 */
export async function findSession(pool: pg.Pool, tokenHash: string): Promise<FoundSession | null> {
  const { rows } = await pool.query<FoundSession>({
    name: 'find-session',
    text: 'SELECT created_at AS "createdAt", seen_at AS "seenAt", person, shop FROM find_session($1)',
    values: [tokenHash],
  });
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
