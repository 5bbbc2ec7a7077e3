import type { OpenInvitation, Role } from '../../contracts';
import type { Queryable } from '../database/in-shop';

export interface InvitationRow {
  readonly codeHash: string;
  readonly shopId: string;
  readonly name: string;
  readonly role: Role;
  readonly invitedBy: string;
  readonly createdAt: Date;
  readonly expiresAt: Date;
}

/** The invitation whose code the request presents; with `lock`, so that it is taken once. */
export async function findInvitation(db: Queryable, codeHash: string): Promise<InvitationRow | null> {
  const { rows } = await db.query<InvitationRow>(
    `SELECT
       code_hash AS "codeHash",
       shop_id AS "shopId",
       name,
       role,
       invited_by AS "invitedBy",
       created_at AS "createdAt",
       expires_at AS "expiresAt"
     FROM invitations
     WHERE code_hash = $1`,
    [codeHash],
  );
  return rows[0] ?? null;
}

export async function insertInvitation(db: Queryable, row: InvitationRow): Promise<void> {
  await db.query(
    `INSERT INTO invitations (code_hash, shop_id, name, role, invited_by, created_at, expires_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7)`,
    [row.codeHash, row.shopId, row.name, row.role, row.invitedBy, row.createdAt, row.expiresAt],
  );
}

/** Takes an invitation away; false if somebody was quicker. Its public id is the beginning of the hash. */
export async function deleteInvitation(db: Queryable, hashOrId: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `DELETE FROM invitations
     WHERE code_hash = $1
        OR left(code_hash, 16) = $1`,
    [hashOrId],
  );
  return (rowCount ?? 0) > 0;
}

export async function listInvitations(db: Queryable, now: Date): Promise<OpenInvitation[]> {
  const { rows } = await db.query<{ id: string; name: string; role: Role; createdAt: Date; expiresAt: Date }>(
    `SELECT
       left(code_hash, 16) AS id,
       name,
       role,
       created_at AS "createdAt",
       expires_at AS "expiresAt"
     FROM invitations
     WHERE expires_at > $1
     ORDER BY created_at
     LIMIT 200`,
    [now],
  );
  return rows.map((row) => ({
    ...row,
    createdAt: row.createdAt.toISOString(),
    expiresAt: row.expiresAt.toISOString(),
  }));
}
