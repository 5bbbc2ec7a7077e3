import { ERASED_OWNER } from '../../core/casework';
import type { Queryable } from '../database/in-shop';

export interface CaseOwner {
  readonly owner: string;
  readonly salt: string;
  /** How the owner is reached; null where nobody noted it. */
  readonly contact: string | null;
}

/** The owner of a case and the salt of the seal that stands for the name in the log; null once erased. */
export async function findOwner(db: Queryable, caseId: string): Promise<CaseOwner | null> {
  const { rows } = await db.query<CaseOwner>(
    `SELECT owner, salt, contact
     FROM case_owners
     WHERE case_id = $1`,
    [caseId],
  );
  return rows[0] ?? null;
}

export async function insertOwner(
  db: Queryable,
  shopId: string,
  caseId: string,
  { owner, salt, contact }: CaseOwner,
): Promise<void> {
  await db.query(
    `INSERT INTO case_owners (case_id, shop_id, owner, salt, contact)
     VALUES ($1, $2, $3, $4, $5)`,
    [caseId, shopId, owner, salt, contact],
  );
}

export interface OwnedCase {
  readonly id: string;
  readonly number: number;
  readonly machine: string;
  readonly openedAt: string;
}

/** The cases of one owner of the shop in force, in whatever Unicode form and capitals the name is written. */
export async function casesOfOwner(db: Queryable, owner: string): Promise<OwnedCase[]> {
  const { rows } = await db.query<Omit<OwnedCase, 'openedAt'> & { openedAt: Date }>(
    `SELECT
       c.id,
       c.number,
       c.machine,
       c.opened_at AS "openedAt"
     FROM case_owners o
     JOIN cases c ON c.id = o.case_id
     WHERE o.shop_id = current_shop()
       AND o.key = owner_key($1)
     ORDER BY c.number
     LIMIT 5000`,
    [owner],
  );
  return rows.map((row) => ({ ...row, openedAt: row.openedAt.toISOString() }));
}

/** The cases whose owner was erased since then, as the audit has them: devices that were away hear of it late. */
export async function erasedSince(db: Queryable, since: Date): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    `SELECT DISTINCT subject AS id
     FROM audit_entries
     WHERE shop_id = current_shop()
       AND action = 'owner-erased'
       AND at >= $1
     LIMIT 5000`,
    [since],
  );
  return rows.map(({ id }) => id);
}

/** Takes the name out of every case of the owner: the records stay, the person goes. */
export async function eraseOwner(db: Queryable, owner: string): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    `DELETE FROM case_owners
     WHERE shop_id = current_shop()
       AND key = owner_key($1)
     RETURNING case_id AS id`,
    [owner],
  );
  const ids = rows.map(({ id }) => id);
  await db.query(
    `UPDATE cases
     SET owner = $2
     WHERE id = ANY ($1::uuid[])`,
    [ids, ERASED_OWNER],
  );
  return ids;
}
