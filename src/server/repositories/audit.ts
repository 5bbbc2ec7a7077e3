import { auditEntrySchema, type AuditAction, type AuditEntry, type AuditQuery } from '../../contracts';
import type { Queryable } from '../database/in-shop';

export interface NewAuditEntry {
  readonly action: AuditAction;
  /** Null where nobody is signed in. */
  readonly personId: string | null;
  readonly subject?: string | null;
  /** Facts, never secrets and never an owner's name. */
  readonly detail?: Readonly<Record<string, string | number | boolean>>;
}

/** Adds to the audit of the shop in force. It is never changed and never taken away. */
export async function insertAudit(db: Queryable, entry: NewAuditEntry, at: Date): Promise<void> {
  await db.query(
    `INSERT INTO audit_entries (shop_id, at, person_id, action, subject, detail)
     VALUES (current_shop(), $1, $2, $3, $4, $5)`,
    [at, entry.personId, entry.action, entry.subject ?? null, JSON.stringify(entry.detail ?? {})],
  );
}

/** The same, unless this person did just this to just this within the last minutes: screens read again and again. */
export async function insertAuditOnce(db: Queryable, entry: NewAuditEntry, at: Date, minutes: number): Promise<void> {
  await db.query(
    `INSERT INTO audit_entries (shop_id, at, person_id, action, subject)
     SELECT current_shop(), $1::timestamptz, $2::uuid, $3::text, $4::text
     WHERE NOT EXISTS (
       SELECT 1
       FROM audit_entries
       WHERE shop_id = current_shop()
         AND subject = $4
         AND action = $3
         AND person_id = $2
         AND at > $1::timestamptz - make_interval(mins => $5)
     )`,
    [at, entry.personId, entry.action, entry.subject ?? null, minutes],
  );
}

export const auditPageSize = 100;

/** The newest first, one more than a page, so that it shows whether there are more. */
export async function listAudit(
  db: Queryable,
  { before, action, person }: AuditQuery,
): Promise<{ entries: AuditEntry[]; hasMore: boolean }> {
  const values: unknown[] = [];
  const bound = (value: unknown) => `$${values.push(value)}`;
  // Only what is asked for stands in the statement, so that an index fits each way of asking.
  const conditions = ['a.shop_id = current_shop()'];
  if (before !== undefined) conditions.push(`a.id < ${bound(before)}`);
  if (action !== undefined) conditions.push(`a.action = ${bound(action)}`);
  if (person !== undefined) conditions.push(`a.person_id = ${bound(person)}`);
  const { rows } = await db.query<Omit<AuditEntry, 'at' | 'id'> & { id: string; at: Date }>(
    `SELECT
       a.id,
       a.at,
       p.name AS person,
       a.action,
       coalesce('case ' || lpad(c.number::text, greatest(4, length(c.number::text)), '0'), b.model, i.part->>'name', s.name, a.subject) AS subject,
       a.detail
     FROM audit_entries a
     LEFT JOIN people p ON p.id = a.person_id
     -- Subjects are text, ids or not; only the other way round can the keys be looked up.
     LEFT JOIN LATERAL (SELECT CASE WHEN a.subject ~ '^[0-9a-f-]{36}$' THEN a.subject::uuid END AS id) AS of ON true
     LEFT JOIN cases c ON c.id = of.id
     LEFT JOIN boards b ON b.id = of.id
     LEFT JOIN people s ON s.id = of.id
     LEFT JOIN shelf_items i ON i.id = of.id
     WHERE ${conditions.join(' AND ')}
     ORDER BY a.id DESC
     LIMIT ${auditPageSize + 1}`,
    values,
  );
  const entries = rows
    .slice(0, auditPageSize)
    .map((row) => auditEntrySchema.parse({ ...row, id: Number(row.id), at: row.at.toISOString() }));
  return { entries, hasMore: rows.length > auditPageSize };
}
