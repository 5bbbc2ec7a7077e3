import { digestIn, ERASED_OWNER, sealed, type EventRecord } from '../../core/casework';
import type { CaseSummary, ListQuery, StoredEvent } from '../../contracts';
import { caseSummarySchema, storedEventSchema } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { findOwner } from './owners';

/** The part of a case's row that is computed from its log. */
export type Projection = Pick<
  CaseSummary,
  'machine' | 'owner' | 'complaint' | 'stage' | 'waitingFor' | 'waitingUntil' | 'trials' | 'openedAt' | 'updatedAt'
> & { readonly lastSequence: number };

const summaryColumns = `
  id,
  number,
  machine,
  owner,
  complaint,
  stage,
  waiting_for AS "waitingFor",
  waiting_until AS "waitingUntil",
  trials,
  opened_at AS "openedAt",
  updated_at AS "updatedAt"`;

const toSummary = (row: Record<string, unknown>): CaseSummary =>
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

/** One case, or null. With `lock`, other writers of it wait until the transaction ends. */
export async function findCase(
  db: Queryable,
  id: string,
  { lock = false }: { lock?: boolean } = {},
): Promise<CaseSummary | null> {
  const { rows } = await db.query<Record<string, unknown>>(
    `SELECT ${summaryColumns}
     FROM cases
     WHERE id = $1
     ${lock ? 'FOR UPDATE' : ''}`,
    [id],
  );
  const [row] = rows;
  return row ? toSummary(row) : null;
}

/** Where the log of a case ends. */
export interface CaseHead {
  readonly sequence: number;
  /** Of the last event. */
  readonly hash: string;
  readonly owner: string;
}

/** The head of a log, or null where there is no such case. Other writers of the case wait until the transaction ends. */
export async function lockCaseHead(db: Queryable, id: string): Promise<CaseHead | null> {
  const locked = await db.query<Pick<CaseHead, 'sequence' | 'owner'>>(
    `SELECT last_sequence AS sequence, owner
     FROM cases
     WHERE id = $1
     FOR UPDATE`,
    [id],
  );
  const [found] = locked.rows;
  if (!found) return null;
  // Only after the lock: in one statement with it, the entry of a writer who was waited for would not be seen.
  const { rows } = await db.query<Pick<CaseHead, 'hash'>>(
    `SELECT hash
     FROM case_events
     WHERE case_id = $1
       AND sequence = $2`,
    [id, found.sequence],
  );
  const [last] = rows;
  if (!last) throw new Error(`lockCaseHead: expected event ${found.sequence} of case ${id}, found none`);
  return { ...found, ...last };
}

/** Adds a case. Failure: a unique violation if the id is taken in any shop; row-level security hides whose it is. */
export async function insertCase(
  db: Queryable,
  shopId: string,
  id: string,
  number: number,
  projection: Projection,
): Promise<void> {
  await db.query(
    `INSERT INTO cases (id, shop_id, number, machine, owner, complaint, stage, waiting_for, waiting_until, trials, last_sequence, opened_at, updated_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13)`,
    [id, shopId, number, ...projectionValues(projection)],
  );
}

export async function updateCase(db: Queryable, id: string, projection: Projection): Promise<void> {
  await db.query(
    `UPDATE cases
     SET machine = $2, owner = $3, complaint = $4, stage = $5, waiting_for = $6,
         waiting_until = $7, trials = $8, last_sequence = $9, opened_at = $10, updated_at = $11
     WHERE id = $1`,
    [id, ...projectionValues(projection)],
  );
}

const projectionValues = (p: Projection) => [
  p.machine,
  p.owner,
  p.complaint,
  p.stage,
  p.waitingFor,
  p.waitingUntil,
  p.trials,
  p.lastSequence,
  p.openedAt,
  p.updatedAt,
];

/** The log of a case in order; `after` leaves out what the reader has seen, `ids` all but those. */
export async function readEvents(
  db: Queryable,
  caseId: string,
  { after = 0, ids = null }: { after?: number; ids?: readonly string[] | null } = {},
): Promise<StoredEvent[]> {
  const { rows } = await db.query<{ sequence: number; hash: string; recordedAt: Date; event: EventRecord }>(
    `SELECT
       sequence,
       hash,
       recorded_at AS "recordedAt",
       event
     FROM case_events
     WHERE case_id = $1
       AND sequence > $2
       AND ($3::uuid[] IS NULL OR event_id = ANY ($3))
     ORDER BY sequence`,
    [caseId, after, ids],
  );
  const owner = rows.some(({ event }) => digestIn(event)) ? await findOwner(db, caseId) : null;
  return rows.map((row) =>
    storedEventSchema.parse({
      ...row,
      recordedAt: row.recordedAt.toISOString(),
      ...withOwner(row.event, owner),
    }),
  );
}

/** The event with the owner's name in place of its digest, or with what stands for a name that was erased. */
function withOwner(
  event: EventRecord,
  known: { owner: string; salt: string } | null,
): Pick<StoredEvent, 'event' | 'seal'> {
  const digest = digestIn(event);
  return digest
    ? {
        event: { ...event, owner: known?.owner ?? ERASED_OWNER } as EventRecord,
        seal: { digest, salt: known?.salt ?? null },
      }
    : { event };
}

export async function insertEvents(
  db: Queryable,
  shopId: string,
  caseId: string,
  events: readonly StoredEvent[],
  recordedBy: string | null,
): Promise<void> {
  await db.query(
    `INSERT INTO case_events (case_id, shop_id, recorded_by, sequence, event_id, event, hash, recorded_at)
     SELECT $1, $2, $3, e.sequence, e.id, e.event, e.hash, e.recorded_at
     FROM unnest($4::integer[], $5::uuid[], $6::jsonb[], $7::text[], $8::timestamptz[])
       AS e (sequence, id, event, hash, recorded_at)`,
    [
      caseId,
      shopId,
      recordedBy,
      events.map(({ sequence }) => sequence),
      events.map(({ event }) => event.id),
      events.map(({ event, seal }) => JSON.stringify(sealed(event, seal))),
      events.map(({ hash }) => hash),
      events.map(({ recordedAt }) => recordedAt),
    ],
  );
}
