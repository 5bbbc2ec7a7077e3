import type { OwnerLink } from '../../contracts';
import type { Queryable } from '../database/in-shop';

export interface OwnerLinkRow {
  readonly tokenHash: string;
  readonly shopId: string;
  readonly caseId: string;
  readonly madeBy: string;
  readonly madeAt: Date;
  readonly expiresAt: Date;
}

/** The link whose token the request presents. */
export async function findOwnerLink(db: Queryable, tokenHash: string): Promise<OwnerLinkRow | null> {
  const { rows } = await db.query<OwnerLinkRow>(
    `SELECT
       token_hash AS "tokenHash",
       shop_id AS "shopId",
       case_id AS "caseId",
       made_by AS "madeBy",
       made_at AS "madeAt",
       expires_at AS "expiresAt"
     FROM owner_links
     WHERE token_hash = $1`,
    [tokenHash],
  );
  return rows[0] ?? null;
}

export async function insertOwnerLink(db: Queryable, row: OwnerLinkRow): Promise<void> {
  await db.query(
    `INSERT INTO owner_links (token_hash, shop_id, case_id, made_by, made_at, expires_at)
     VALUES ($1, $2, $3, $4, $5, $6)`,
    [row.tokenHash, row.shopId, row.caseId, row.madeBy, row.madeAt, row.expiresAt],
  );
}

/** When the owner looked last. */
export async function touchOwnerLink(db: Queryable, tokenHash: string, at: Date): Promise<void> {
  await db.query(
    `UPDATE owner_links
     SET seen_at = $2
     WHERE token_hash = $1`,
    [tokenHash, at],
  );
}

/** Takes a link of a case back; false if there is none. Its public id is the beginning of the hash. */
export async function deleteOwnerLink(db: Queryable, caseId: string, id: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `DELETE FROM owner_links
     WHERE case_id = $1
       AND left(token_hash, 16) = $2`,
    [caseId, id],
  );
  return (rowCount ?? 0) > 0;
}

/** Takes back every link of these cases. */
export async function deleteOwnerLinksOf(db: Queryable, caseIds: readonly string[]): Promise<void> {
  await db.query(
    `DELETE FROM owner_links
     WHERE case_id = ANY ($1::uuid[])`,
    [caseIds],
  );
}

/** The links of a case that still open it, the newest first. */
export async function listOwnerLinks(db: Queryable, caseId: string, now: Date): Promise<OwnerLink[]> {
  const { rows } = await db.query<{ id: string; by: string; madeAt: Date; expiresAt: Date; seenAt: Date | null }>(
    `SELECT
       left(l.token_hash, 16) AS id,
       p.name AS by,
       l.made_at AS "madeAt",
       l.expires_at AS "expiresAt",
       l.seen_at AS "seenAt"
     FROM owner_links l
     JOIN people p ON p.id = l.made_by
     WHERE l.case_id = $1
       AND l.expires_at > $2
     ORDER BY l.made_at DESC
     LIMIT 50`,
    [caseId, now],
  );
  return rows.map((row) => ({
    ...row,
    madeAt: row.madeAt.toISOString(),
    expiresAt: row.expiresAt.toISOString(),
    seenAt: row.seenAt?.toISOString() ?? null,
  }));
}
