import { digestIn, ERASED_OWNER, sealed, type EventRecord } from '../../core/casework';
import type { CaseSummary, StoredEvent } from '../../contracts';
import { storedEventSchema } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import type { NewAuditEntry } from './audit';
import { summaryColumns, toSummary } from './case-list';
import { findOwner } from './owners';

/** The part of a case's row that is computed from its log. */
export type Projection = Pick<
  CaseSummary,
  'machine' | 'owner' | 'complaint' | 'stage' | 'waitingFor' | 'waitingUntil' | 'trials' | 'openedAt' | 'updatedAt'
> & { readonly lastSequence: number };

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
  const locked = await db.query<Omit<CaseHead, 'hash'> & { readonly hash: string | null }>({
    name: 'lock-case-head',
    text: `SELECT
       c.last_sequence AS sequence,
       c.owner,
       (SELECT e.hash FROM case_events e WHERE e.case_id = c.id AND e.sequence = c.last_sequence) AS hash
     FROM cases c
     WHERE c.id = $1
     FOR UPDATE OF c`,
    values: [id],
  });
  const [found] = locked.rows;
  if (!found) return null;
  if (found.hash !== null) return { ...found, hash: found.hash };
  // The entry of a writer who was waited for is not seen in the statement that waited.
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

/** What is written when a log grows. */
export interface Growth {
  readonly shopId: string;
  readonly caseId: string;
  readonly events: readonly StoredEvent[];
  readonly projection: Projection;
  readonly audit: NewAuditEntry;
  readonly at: Date;
}

/** All that an entry writes, in one statement: the events, the row of the case, the audit. */
export async function growCase(db: Queryable, growth: Growth): Promise<void> {
  const { shopId, caseId, events, projection, audit, at } = growth;
  await db.query({
    name: 'grow-case',
    text: `WITH inserted AS (
       INSERT INTO case_events (case_id, shop_id, recorded_by, sequence, event_id, event, hash, recorded_at)
       SELECT $1, $2, $3, e.sequence, e.id, e.event, e.hash, e.recorded_at
       FROM unnest($4::integer[], $5::uuid[], $6::jsonb[], $7::text[], $8::timestamptz[])
         AS e (sequence, id, event, hash, recorded_at)
     ), updated AS (
       UPDATE cases
       SET machine = $9, owner = $10, complaint = $11, stage = $12, waiting_for = $13,
           waiting_until = $14, trials = $15, last_sequence = $16, opened_at = $17, updated_at = $18
       WHERE id = $1
     )
     INSERT INTO audit_entries (shop_id, at, person_id, action, subject, detail)
     VALUES (current_shop(), $19, $3, $20, $21, $22)`,
    values: [
      ...[caseId, shopId, audit.personId, ...eventColumns(events)],
      ...projectionValues(projection),
      ...[at, audit.action, audit.subject ?? null, JSON.stringify(audit.detail ?? {})],
    ],
  });
}

const eventColumns = (events: readonly StoredEvent[]) => [
  events.map(({ sequence }) => sequence),
  events.map(({ event }) => event.id),
  events.map(({ event, seal }) => JSON.stringify(sealed(event, seal))),
  events.map(({ hash }) => hash),
  events.map(({ recordedAt }) => recordedAt),
];
