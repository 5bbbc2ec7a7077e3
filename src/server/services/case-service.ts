import { randomBytes } from 'node:crypto';
import type pg from 'pg';
import {
  firstHash,
  foldCase,
  foldOn,
  hashEvent,
  sealOwner,
  type CaseEvent,
  type CaseState,
  type Folded,
  type Seal,
} from '../../core/casework';
import { rightsForEvents } from '../../contracts';
import type { AppendEvents, CaseDetail, CaseList, ListQuery, OpenCase, StoredEvent } from '../../contracts';
import { refuseUnlessMay, type Actor } from './actor';
import { refuseTooLong, refuseUnseen, struckIn } from './append-rules';
import { createCaseLogs, type CaseLogs } from './case-logs';
import { followAttachments } from './follow-attachments';
import { followShelf } from './follow-shelf';
import type { Outlooks } from './outlooks';
import { readDetail } from './read-detail';
import { stampEvent } from './stamp-event';
import type { CaseChange } from '../database/changes';
import { inShop, type Queryable } from '../database/in-shop';
import { Refusal } from './refusal';
import { insertAuditOnce } from '../repositories/audit';
import { findCase, insertCase, readEvents, lockCaseHead, growCase, type Projection } from '../repositories/cases';
import { listCases } from '../repositories/case-list';
import { insertOwner } from '../repositories/owners';
import { takeCaseNumber } from '../repositories/shops';

/** What can be done with the cases of one shop. The API and the demo loader both go through it. */
export interface CaseService {
  list(query: ListQuery): Promise<CaseList>;
  read(caseId: string): Promise<CaseDetail>;
  open(request: OpenCase): Promise<CaseDetail>;
  append(caseId: string, request: AppendEvents): Promise<StoredEvent[]>;
}

export interface CaseServiceDependencies {
  readonly pool: pg.Pool;
  /** For the queue; the same as `pool` unless given. */
  readonly reads?: pg.Pool;
  readonly shopId: string;
  /** Who does it; null for the program itself, as when it loads the demo. */
  readonly actor: Actor | null;
  readonly now: () => Date;
  /** Shared by all who write in this process. */
  readonly logs?: CaseLogs;
  /** Tells the windows of the shop, once what was written is there for good. */
  readonly announce?: (change: CaseChange) => void;
  /** Finds out where the cases of the queue stand. */
  readonly outlooks?: Pick<Outlooks, 'want'>;
}

interface Doing {
  readonly logs: CaseLogs;
  readonly db: Queryable;
  readonly shopId: string;
  readonly actor: Actor | null;
  readonly now: Date;
}

const uniqueViolation = '23505';
const readOnceInMinutes = 10;

export function createCaseService({
  pool,
  reads = pool,
  shopId,
  actor,
  now,
  logs = createCaseLogs(),
  announce = () => undefined,
  outlooks,
}: CaseServiceDependencies): CaseService {
  const announced =
    <T>(caseId: string, eventsOf: (result: T) => readonly StoredEvent[]) =>
    (result: T): T => {
      announce({ shopId, caseId, sequence: eventsOf(result).at(-1)?.sequence ?? 0 });
      return result;
    };
  const run = <T>(work: (doing: Doing) => Promise<T>) =>
    inShop(pool, shopId, (db) => work({ db, shopId, actor, now: now(), logs }));
  return {
    list: async (query) => {
      const found = await inShop(reads, shopId, (db) => listCases(db, query));
      for (const { id, outlook, stage } of found.cases)
        if (outlook === null && stage !== 'closed') outlooks?.want(shopId, id);
      return found;
    },
    read: (caseId) =>
      run(async (doing) => {
        const detail = await readCase(doing.db, caseId);
        if (actor) await insertAuditOnce(doing.db, entry(doing, 'case-read', caseId), doing.now, readOnceInMinutes);
        return detail;
      }),
    open: (request) => {
      refuseUnlessMayOpen(actor, request);
      return run((doing) => openCase(doing, request))
        .then(announced(request.id, ({ events }) => events))
        .catch(refuseTakenId(request.id));
    },
    append: (caseId, request) => {
      if (actor) refuseUnlessMay(actor, 'write-cases');
      return run((doing) => appendEvents(doing, caseId, request)).then(announced(caseId, (stored) => stored));
    },
  };
}

const entry = ({ actor }: Doing, action: 'case-read' | 'case-opened' | 'case-written', subject: string) =>
  actor?.byLink
    ? ({ action: 'link-answered', subject, personId: null } as const)
    : { action, subject, personId: actor?.personId ?? null };

/** Some entries weigh more than others. */
function refuseUnlessMayOpen(actor: Actor | null, { events, imported }: OpenCase): void {
  if (!actor) return;
  refuseUnlessMay(actor, 'write-cases');
  if (imported) refuseUnlessMay(actor, 'import-cases');
  for (const right of rightsForEvents([], events)) refuseUnlessMay(actor, right);
}

export async function readCase(db: Queryable, caseId: string): Promise<CaseDetail> {
  const found = await findCase(db, caseId);
  if (!found) throw noSuchCase(caseId);
  return readDetail(db, found);
}

/** Opening the same case again with the same events is harmless and gives the case that is there. */
async function openCase(doing: Doing, { id, events, contact, imported }: OpenCase): Promise<CaseDetail> {
  const { db, shopId, now, actor } = doing;
  if (await findCase(db, id)) {
    const there = await readEvents(db, id);
    if (events.every((event, i) => there[i]?.event.id === event.id)) return readCase(db, id);
    throw takenId(id);
  }
  const stamped = events.map((event) => stampEvent(event, { actor, now, isImport: imported === true }));
  const state = orRefuse(imported ? foldCase(stamped) : foldNew(stamped));
  const salt = randomBytes(16).toString('hex');
  const { owner } = state.opened;
  const stored = chain(stamped, { sequence: 0, hash: firstHash }, now, sealOwner(owner, salt));
  const number = await takeCaseNumber(db);
  const projection = projectionOf(state, events.length);
  await insertCase(db, shopId, id, number, projection);
  await insertOwner(db, shopId, id, { owner, salt, contact: contact ?? null });
  const detail = { entries: stored.length, ...(imported ? { imported } : {}) };
  const audit = { ...entry(doing, 'case-opened', id), detail };
  await growCase(db, { shopId, caseId: id, events: stored, projection, audit, at: now });
  if (!imported) {
    await followShelf(db, id, { state, fresh: stamped });
    await followAttachments(db, id, { state, fresh: stamped });
  }
  return { id, number, events: stored, ...(contact ? { contact } : {}) };
}

/** Appends whole or not at all. Events that are already there are left out, so a repeat is harmless. */
async function appendEvents(
  doing: Doing,
  caseId: string,
  { expectedSequence, seen = [], events }: AppendEvents,
): Promise<StoredEvent[]> {
  const { db, shopId, now, actor, logs } = doing;
  const head = await lockCaseHead(db, caseId);
  if (!head) throw noSuchCase(caseId);
  const before = orRefuse(await logs.read(db, caseId, head));
  const known = new Set(before.entries.map(({ event }) => event.id));
  const fresh = events.filter(({ id }) => !known.has(id));
  if (fresh.length === 0) return readEvents(db, caseId, { ids: events.map(({ id }) => id) });
  await refuseUnseen(db, caseId, { head, expectedSequence, seen });
  const log = before.entries.map(({ event }) => event);
  for (const right of actor ? rightsForEvents(log, fresh) : []) refuseUnlessMay(actor as Actor, right);
  refuseTooLong(head.sequence + fresh.length, fresh);
  const stamped = fresh.map((event) => stampEvent(event, { actor, now, isImport: false }));
  const state = orRefuse(foldOn(before, stamped));
  const stored = chain(stamped, head, now);
  const last = stored.at(-1) ?? head;
  const detail = { entries: stored.length, ...struckIn(log, fresh) };
  await growCase(db, {
    shopId,
    caseId,
    events: stored,
    projection: projectionOf(state, last.sequence),
    audit: { ...entry(doing, 'case-written', caseId), detail },
    at: now,
  });
  await followShelf(db, caseId, { state, fresh: stamped });
  await followAttachments(db, caseId, { state, fresh: stamped });
  logs.keep(caseId, { hash: last.hash, state });
  return stored;
}

/** A log that is written here obeys every rule of writing, from its first entry on. */
function foldNew(events: readonly CaseEvent[]): Folded {
  const opened = foldCase(events.slice(0, 1));
  return opened.ok && events.length > 1 ? onFromFirst(foldOn(opened.state, events.slice(1))) : foldCase(events);
}

/** Problems count from the first entry of the log. */
const onFromFirst = (folded: Folded): Folded =>
  folded.ok ? folded : { ok: false, problem: { ...folded.problem, event: folded.problem.event + 1 } };

/** The index in a problem counts from the first new event; it is negative where an earlier one no longer fits. */
function orRefuse(folded: Folded): CaseState {
  if (folded.ok) return folded.state;
  const { event, path, code, message } = folded.problem;
  const strikesEarlier = event < 0;
  throw new Refusal(422, strikesEarlier ? 'entry-needed' : code, 'This entry does not fit the case', {
    detail: strikesEarlier ? 'A later entry depends on this one. Cross out the later one first.' : message,
    fields: [
      {
        path: ['events', strikesEarlier ? 0 : event, ...(strikesEarlier ? ['entry'] : path)],
        code,
        message,
      },
    ],
  });
}

function chain(
  events: readonly CaseEvent[],
  from: { readonly sequence: number; readonly hash: string },
  now: Date,
  seal?: Seal,
): StoredEvent[] {
  let { sequence, hash } = from;
  return events.map((event) => {
    sequence += 1;
    const own = event.kind === 'case-opened' ? seal : undefined;
    hash = hashEvent(hash, sequence, event, own);
    return { sequence, hash, recordedAt: now.toISOString(), event, ...(own ? { seal: own } : {}) };
  });
}

function projectionOf(state: CaseState, lastSequence: number): Projection {
  const counted = state.entries.filter(({ event, struckBy }) => event.kind === 'trial-done' && struckBy === null);
  const last = state.entries.at(-1)?.event ?? state.opened;
  return {
    machine: state.opened.machine.name,
    owner: state.opened.owner,
    complaint: state.opened.complaint,
    stage: state.stage,
    waitingFor: state.waitingFor,
    waitingUntil: state.waitingUntil === null ? null : new Date(state.waitingUntil).toISOString(),
    trials: counted.length,
    lastSequence,
    openedAt: new Date(state.opened.at).toISOString(),
    updatedAt: new Date(last.at).toISOString(),
  };
}

export const noSuchCase = (id: string) =>
  new Refusal(404, 'no-such-case', 'No such case', { detail: `expected the id of a case, found ${id}` });
const takenId = (id: string) =>
  new Refusal(409, 'case-id-taken', 'The id belongs to another case', { detail: `expected a new id, found ${id}` });

/** Another shop may hold the id: row-level security hides it, the key still refuses it. */
const refuseTakenId =
  (id: string) =>
  (error: unknown): never => {
    throw error instanceof Error && 'code' in error && error.code === uniqueViolation ? takenId(id) : error;
  };
