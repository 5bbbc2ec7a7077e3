import { shelfItemSchema, type ShelfItem, type ShelfPart, type SpareStanding } from '../../contracts';
import type { Queryable } from '../database/in-shop';

interface ShelfRow {
  readonly id: string;
  readonly number: number;
  readonly edition: number;
  readonly part: ShelfPart;
  readonly standing: SpareStanding;
  readonly standingSince: Date;
  readonly standingCase: string | null;
  readonly standingCaseNumber: number | null;
  readonly lentCase: string | null;
  readonly lentCaseNumber: number | null;
  readonly lentAt: Date | null;
  readonly seenAt: Date;
}

const columns = `
  s.id,
  s.number,
  s.edition,
  s.part,
  s.standing,
  s.standing_since AS "standingSince",
  s.standing_case AS "standingCase",
  proved.number AS "standingCaseNumber",
  s.lent_case AS "lentCase",
  lent.number AS "lentCaseNumber",
  s.lent_at AS "lentAt",
  s.seen_at AS "seenAt"`;

const joined = `shelf_items s
  LEFT JOIN cases proved ON proved.id = s.standing_case
  LEFT JOIN cases lent ON lent.id = s.lent_case`;

function toItem(row: ShelfRow): ShelfItem {
  const { standingCase, standingCaseNumber, lentCase, lentCaseNumber, lentAt } = row;
  return shelfItemSchema.parse({
    id: row.id,
    number: row.number,
    edition: row.edition,
    part: row.part,
    standing: row.standing,
    standingSince: row.standingSince.toISOString(),
    standingCase: standingCase && { id: standingCase, number: standingCaseNumber },
    lent: lentCase && lentAt ? { caseId: lentCase, caseNumber: lentCaseNumber, at: lentAt.toISOString() } : null,
    seenAt: row.seenAt.toISOString(),
  });
}

/** Spares of the shop in force, by number. */
export async function listShelf(db: Queryable): Promise<ShelfItem[]> {
  const { rows } = await db.query<ShelfRow>(
    `SELECT ${columns}
     FROM ${joined}
     ORDER BY s.number
     LIMIT 5000`,
  );
  return rows.map(toItem);
}

/** One spare, or null. With `lock`, other writers of it wait until the transaction ends. */
export async function findShelfItem(
  db: Queryable,
  id: string,
  { lock = false }: { lock?: boolean } = {},
): Promise<ShelfItem | null> {
  const { rows } = await db.query<ShelfRow>(
    `SELECT ${columns}
     FROM ${joined}
     WHERE s.id = $1
     ${lock ? 'FOR UPDATE OF s' : ''}`,
    [id],
  );
  const [row] = rows;
  return row ? toItem(row) : null;
}

/** What somebody writes of a spare, and when. */
interface WrittenSpare {
  readonly id: string;
  readonly part: ShelfPart;
  readonly standing: SpareStanding;
  readonly at: Date;
}

/** Adds a spare under the next number of the shop. Failure: a unique violation if the id is taken in any shop. */
export async function insertShelfItem(db: Queryable, { id, part, standing, at }: WrittenSpare): Promise<void> {
  await db.query(
    `WITH taken AS (
       UPDATE shops
       SET next_shelf_number = next_shelf_number + 1
       WHERE id = current_shop()
       RETURNING id, next_shelf_number - 1 AS number
     )
     INSERT INTO shelf_items (id, shop_id, number, edition, part, standing, standing_since, seen_at)
     SELECT $1, taken.id, taken.number, 1, $2, $3, $4, $4
     FROM taken`,
    [id, JSON.stringify(part), standing, at],
  );
}

/** What somebody wrote of a spare, which is seen by that. Another standing is from now on, and of no case. */
export async function updateShelfItem(db: Queryable, { id, part, standing, at }: WrittenSpare): Promise<void> {
  await db.query(
    `UPDATE shelf_items
     SET
       edition = edition + 1,
       part = $2,
       standing = $3,
       standing_since = CASE WHEN standing = $3 THEN standing_since ELSE $4 END,
       standing_case = CASE WHEN standing = $3 THEN standing_case END,
       seen_at = $4
     WHERE id = $1`,
    [id, JSON.stringify(part), standing, at],
  );
}

/** Takes a spare off the list; its name stays in the logs that speak of it. */
export async function deleteShelfItem(db: Queryable, id: string): Promise<void> {
  await db.query(
    `DELETE FROM shelf_items
     WHERE id = $1`,
    [id],
  );
}

/** What the log of a case says of spares. */
export interface SparesOfCase {
  readonly caseId: string;
  readonly out: readonly { readonly item: string; readonly since: string }[];
  /** The last word on each that came back. */
  readonly home: readonly { readonly item: string; readonly standing: SpareStanding | null; readonly home: string }[];
}

/** Brings the shelf of the shop in force up to what the log of a case says; spares that are on no list are left out. */
export async function followSpares(db: Queryable, { caseId, out, home }: SparesOfCase): Promise<void> {
  await db.query(
    `UPDATE shelf_items
     SET lent_case = NULL, lent_at = NULL, edition = edition + 1
     WHERE lent_case = $1
       AND NOT (id = ANY ($2))`,
    [caseId, out.map(({ item }) => item)],
  );
  await db.query(
    `UPDATE shelf_items s
     SET lent_case = $1, lent_at = o.since, seen_at = GREATEST(s.seen_at, o.since), edition = s.edition + 1
     FROM unnest($2::uuid[], $3::timestamptz[]) AS o (item, since)
     WHERE s.id = o.item
       AND s.lent_case IS DISTINCT FROM $1
       -- Two cases may have said that they took it: it is where it was taken last.
       AND (s.lent_at IS NULL OR s.lent_at < o.since)`,
    [caseId, out.map(({ item }) => item), out.map(({ since }) => since)],
  );
  await db.query(
    `UPDATE shelf_items s
     SET
       standing = COALESCE(h.standing, s.standing),
       standing_since = CASE WHEN h.standing IS NULL THEN s.standing_since ELSE h.home END,
       standing_case = CASE WHEN h.standing IS NULL THEN s.standing_case ELSE $1 END,
       seen_at = GREATEST(s.seen_at, h.home),
       edition = s.edition + 1
     FROM unnest($2::uuid[], $3::text[], $4::timestamptz[]) AS h (item, standing, home)
     WHERE s.id = h.item
       AND h.home >= s.standing_since
       AND (
         s.seen_at < h.home
         OR (h.standing IS NOT NULL AND (s.standing <> h.standing OR s.standing_case IS DISTINCT FROM $1))
       )`,
    [caseId, home.map(({ item }) => item), home.map(({ standing }) => standing), home.map((one) => one.home)],
  );
  // What a case showed and no longer says, because it was crossed out, nobody knows.
  await db.query(
    `UPDATE shelf_items
     SET standing = 'untested', standing_case = NULL, edition = edition + 1
     WHERE standing_case = $1
       AND NOT (id = ANY ($2))`,
    [caseId, home.flatMap(({ item, standing }) => (standing ? [item] : []))],
  );
}
