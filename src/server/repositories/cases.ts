import { digestIn, ERASED_OWNER, sealed, type CaseEvent } from '../../core/casework';
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

/** Cases of the shop in force, the last touched first. `search` matches number, machine, owner and complaint. */
export async function listCases(db: Queryable, { stage, search }: ListQuery): Promise<CaseSummary[]> {
  const { rows } = await db.query<Record<string, unknown>>(
    `SELECT ${summaryColumns}
     FROM cases
     WHERE ($1::text IS NULL OR stage = $1)
       AND ($2::text IS NULL
         OR number::text = ltrim($2, '#0')
         OR strpos(lower(machine || ' ' || owner || ' ' || complaint), lower($2)) > 0)
     ORDER BY (stage = 'closed'), updated_at DESC
     LIMIT 500`,
    [stage ?? null, search?.trim() ? search.trim() : null],
  );
  return rows.map(toSummary);
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

/** The log of a case in order; `after` leaves out what the reader has seen. */
export async function readEvents(
  db: Queryable,
  caseId: string,
  { after = 0 }: { after?: number } = {},
): Promise<StoredEvent[]> {
  const { rows } = await db.query<{ sequence: number; hash: string; recordedAt: Date; event: unknown }>(
    `SELECT
       sequence,
       hash,
       recorded_at AS "recordedAt",
       event
     FROM case_events
     WHERE case_id = $1
       AND sequence > $2
     ORDER BY sequence`,
    [caseId, after],
  );
  const owner = rows.some(({ event }) => digestIn(event as CaseEvent)) ? await findOwner(db, caseId) : null;
  return rows.map((row) =>
    storedEventSchema.parse({
      ...row,
      recordedAt: row.recordedAt.toISOString(),
      ...withOwner(row.event as CaseEvent, owner),
    }),
  );
}

/** The event with the owner's name in place of its digest, or with what stands for a name that was erased. */
function withOwner(
  event: CaseEvent,
  known: { owner: string; salt: string } | null,
): Pick<StoredEvent, 'event' | 'seal'> {
  const digest = digestIn(event);
  return digest
    ? {
        event: { ...event, owner: known?.owner ?? ERASED_OWNER } as CaseEvent,
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
