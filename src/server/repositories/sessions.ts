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
 * The session of a token with its person and shop, if the account is open. Asked at every request, so it is one message to
 * the database and one transaction: the role, the token, the shop that it belongs to, and then what row-level security
 * shows of it.
 * @param tokenHash SHA-256, hexadecimal: it stands in the text of the statements, which take no parameters
 */
export async function findSession(pool: pg.Pool, tokenHash: string): Promise<FoundSession | null> {
  if (!/^[0-9a-f]{64}$/.test(tokenHash)) throw new Error('findSession: expected a SHA-256, found something else');
  const token = `'${tokenHash}'`;
  const results = (await pool.query(
    `SET LOCAL ROLE probe_app;
     SELECT set_config('probe.token', ${token}, true);
     SELECT set_config('probe.shop_id', shop_id::text, true) FROM sessions WHERE token_hash = ${token};
     SELECT
       s.created_at AS "createdAt",
       s.seen_at AS "seenAt",
       json_build_object('id', p.id, 'login', p.login, 'name', p.name, 'role', p.role) AS person,
       json_build_object('id', h.id, 'name', h.name) AS shop
     FROM sessions s
     JOIN people p ON p.id = s.person_id
     JOIN shops h ON h.id = s.shop_id
     WHERE s.token_hash = ${token}
       AND p.is_active`,
  )) as unknown as pg.QueryResult<FoundSession>[];
  return results.at(-1)?.rows[0] ?? null;
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
