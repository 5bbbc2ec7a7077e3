import type { CaseSummary, ListQuery } from '../../contracts';
import { caseSummarySchema } from '../../contracts';
import { MODEL_VERSION } from '../../core/diagnosis';
import type { Queryable } from '../database/in-shop';

export const summaryColumns = `
  id,
  number,
  machine,
  owner,
  complaint,
  stage,
  waiting_for AS "waitingFor",
  waiting_until AS "waitingUntil",
  trials,
  coalesce(
    (SELECT coalesce(e.event->'recorded'->>'by', e.event->>'by')
     FROM case_events e
     WHERE e.case_id = cases.id AND e.sequence = cases.last_sequence),
    ''
  ) AS by,
  (SELECT o.outlook - 'model'
   FROM case_outlooks o
   WHERE o.case_id = cases.id AND o.sequence = cases.last_sequence AND o.outlook->>'model' = '${MODEL_VERSION}'
  ) AS outlook,
  opened_at AS "openedAt",
  updated_at AS "updatedAt"`;

export const toSummary = (row: Record<string, unknown>): CaseSummary =>
  caseSummarySchema.parse(Object.fromEntries(Object.entries(row).map(([name, value]) => [name, toIso(value)])));

const toIso = (value: unknown): unknown => (value instanceof Date ? value.toISOString() : value);

export const caseListSize = 200;

/**
 * Cases of the shop in force, those still open first, then the last touched first, up to `caseListSize`. `search` finds
 * a case by its number, and cases in whose machine, owner and complaint every word of it begins a word.
 */
export async function listCases(
  db: Queryable,
  { stage, search = '' }: ListQuery,
): Promise<{ cases: CaseSummary[]; hasMore: boolean }> {
  const values: unknown[] = [];
  const bound = (value: unknown) => `$${values.push(value)}`;
  const conditions = ['shop_id = current_shop()'];
  if (stage) conditions.push(`stage = ${bound(stage)}`);
  const words = await sought(db, search);
  for (const { word } of words) conditions.push(`strpos(words, ' ' || ${bound(word)}) > 0`);
  const hits = await gather(db, words);
  if (hits) conditions.push(`id = ANY (${bound(hits)}::uuid[])`);
  const { rows } = await db.query<Record<string, unknown>>(
    `SELECT ${summaryColumns}
     FROM cases
     WHERE ${conditions.join(' AND ')}
     ORDER BY (stage = 'closed'), updated_at DESC
     LIMIT ${caseListSize + 1}`,
    values,
  );
  const numbered = await findNumbered(db, stage, search);
  const found = rows.map(toSummary).filter(({ id }) => id !== numbered?.id);
  const cases = numbered ? [numbered, ...found] : found;
  return { cases: cases.slice(0, caseListSize), hasMore: cases.length > caseListSize };
}

/** Ids of the cases of the shop in force, by number. */
export async function listCaseIds(db: Queryable, { stage }: Pick<ListQuery, 'stage'>): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    `SELECT id
     FROM cases
     WHERE shop_id = current_shop()
       AND ($1::text IS NULL OR stage = $1)
     ORDER BY number`,
    [stage ?? null],
  );
  return rows.map(({ id }) => id);
}

const fewHits = 2000;
const manyHits = 20_000;

/**
 * The cases that may have all the words, where they are few; null where they are many: those are read from the newest on,
 * for enough of them come soon. Each word alone may hit many cases and all of them together few.
 */
async function gather(db: Queryable, words: readonly Sought[]): Promise<string[] | null> {
  const [rarest] = words;
  if (!rarest) return null;
  const sets = rarest.hits <= fewHits ? [rarest] : words.filter(({ hits }) => hits <= manyHits);
  if (rarest.hits > fewHits && sets.length < 2) return null;
  const { rows } = await db.query<{ id: string }>(
    `SELECT case_id AS id
     FROM (${sets.map((_, i) => `SELECT case_id FROM case_words WHERE ${beginsWith(`$${i + 1}`)}`).join(' INTERSECT ')}) AS hits
     LIMIT ${fewHits + 1}`,
    sets.map(({ word }) => word),
  );
  return rows.length > fewHits ? null : rows.map(({ id }) => id);
}

interface Sought {
  readonly word: string;
  /** How many cases have a word that begins so, counted just beyond very many. */
  readonly hits: number;
}

/** In SQL: the word of the row begins with the given one. The last code point sorts behind every other. */
const beginsWith = (word: string) => `shop_id = current_shop() AND word >= ${word} AND word < ${word} || chr(1114111)`;

/** The words that are searched for, the rarest first. */
async function sought(db: Queryable, search: string): Promise<Sought[]> {
  if (!search.trim()) return [];
  const { rows } = await db.query<Sought>(
    `SELECT
       s.word,
       (SELECT count(*)::integer
        FROM (SELECT 1 FROM case_words WHERE ${beginsWith('s.word')} LIMIT ${manyHits + 1}) AS hit
       ) AS hits
     FROM unnest(string_to_array(nullif(trim(search_words($1)), ''), ' ')) AS s (word)
     ORDER BY hits`,
    [search],
  );
  return rows;
}

/** The case whose number is searched for, with or without the zeros and the sign before it. */
async function findNumbered(db: Queryable, stage: ListQuery['stage'], search: string): Promise<CaseSummary | null> {
  const [, number] = /^#?0*(\d{1,9})$/.exec(search.trim()) ?? [];
  if (number === undefined) return null;
  const { rows } = await db.query<Record<string, unknown>>(
    `SELECT ${summaryColumns}
     FROM cases
     WHERE shop_id = current_shop()
       AND number = $1
       AND ($2::text IS NULL OR stage = $2)`,
    [number, stage ?? null],
  );
  const [row] = rows;
  return row ? toSummary(row) : null;
}
