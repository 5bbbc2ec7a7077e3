import { createHash, randomUUID } from 'node:crypto';
import pg from 'pg';
import { demoCases } from '../../demo/cases';
import { eventsOfDemoCase } from '../../demo/demo-case';
import {
  firstHash,
  foldCase,
  hashEvent,
  sealed,
  sealOwner,
  type CaseEvent,
  type CaseStage,
} from '../../src/core/casework';
import { pick, type Draw } from '../../src/contracts/testing-mutate';

const firstNames =
  'Alva Birk Dagny Eskil Frida Gorm Hedda Ivar Jorun Kettil Liv Mattis Nanna Oddvar Pil Rune Sigrid Tage Ulla Vidar'.split(
    ' ',
  );
const lastNames =
  'Ask Bergholt Dunlin Eider Fogde Grynna Havsule Indrelid Kobbe Lomvig Moloen Nordstrand Oterviken Ringnot Skarv Tangen'.split(
    ' ',
  );
const places = 'Kiln Net Sail Rope Tide Chart Buoy Ferry Harbour Lamp Kelp Oar Slip Dock Quay Beacon'.split(' ');
const uses = 'clerk loft maker store table gauge office desk workshop archive counter room'.split(' ');
const complaints = [
  'Dead since the weekend, no fan and no light',
  'Fans turn but there is no picture',
  'Beeps and then restarts over and over',
  'Switches itself off after some seconds',
  'The picture freezes while the system loads',
  'Would not start after the memory was changed',
  'Smelled warm, then nothing at all',
  'Shows a picture only at the second try',
  'Dark since somebody updated the firmware',
  'Restarts whenever the printer is used',
];

export const eventsOfEach = 30;
/** How many of the newest cases are still open. */
export const openCases = 240;

/** What the cases of the big shop are called, by their number, for the searches. */
export const wordsOf = (n: number) => {
  const mixed = createHash('sha256').update(`case ${n}`).digest();
  const at = <T>(list: readonly T[], byte: number): T => list[(mixed[byte] ?? 0) % list.length] as T;
  return {
    machine: `${at(places, 0)} ${at(uses, 1)} ${1 + ((mixed[2] ?? 0) % 99)}`,
    owner: `${at(firstNames, 3)} ${at(lastNames, 4)}${at(['', 'sen', 'dotter', 'vik', 'stad', 'nes'], 5)}`,
    complaint: `${at(complaints, 6)}. Ticket ${n}.`,
  };
};

/** A log to be copied, and where it leaves a case. */
interface Template {
  readonly log: readonly CaseEvent[];
  readonly stage: CaseStage;
  readonly waitingFor: string | null;
}

/** Those of the demo, filled up to the same length, so that they still end as they did. */
function templates(isClosed: boolean): Template[] {
  const now = new Date('2026-11-01T12:00:00Z');
  const logs = demoCases.map((demo) => eventsOfDemoCase(demo, now));
  return logs
    .filter((log) => log.length <= eventsOfEach && (log.at(-1)?.kind === 'case-closed') === isClosed)
    .map(([first, ...rest]) => {
      if (!first) throw new Error('expected a demo case with events');
      const fill = Array.from({ length: eventsOfEach - 1 - rest.length }, (_, n): CaseEvent => ({
        kind: 'note-added',
        id: randomUUID(),
        at: first.at,
        by: first.by,
        text: `Looked at it again, entry ${n}`,
      }));
      const log = [first, ...fill, ...rest];
      const folded = foldCase(log);
      if (!folded.ok) throw new Error(`expected a log that holds, found ${folded.problem.message}`);
      return { log, stage: folded.state.stage, waitingFor: folded.state.waitingFor };
    });
}

/** Fills a migrated database with a shop of very many cases, chains and all. */
export async function fillBigShop(ownerUrl: string, shopId: string, count: number, draw: Draw): Promise<string[]> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  const [closed, open] = [templates(true), templates(false)];
  const ids: string[] = [];
  const batch = 400;
  for (let from = 0; from < count; from += batch) {
    const cases = Array.from({ length: Math.min(batch, count - from) }, (_, i) => {
      const n = from + i + 1;
      return makeCase(n, n - count, pick(draw, n > count - openCases ? open : closed));
    });
    ids.push(...cases.map(({ id }) => id));
    await insert(client, shopId, cases);
  }
  await client.query('UPDATE shops SET next_case_number = $2 WHERE id = $1', [shopId, count + 1]);
  await client.query('VACUUM ANALYZE');
  await client.end();
  return ids;
}

function makeCase(number: number, place: number, { log, stage, waitingFor }: Template) {
  const { machine, owner, complaint } = wordsOf(number);
  // A case every twenty minutes.
  const shift = place * 20 * 60_000;
  const events = log.map((event): CaseEvent => ({
    ...event,
    at: new Date(Date.parse(event.at) + shift).toISOString(),
    ...(event.kind === 'case-opened' ? { machine: { ...event.machine, name: machine }, owner, complaint } : {}),
  }));
  const salt = createHash('md5').update(String(number)).digest('hex');
  const seal = sealOwner(owner, salt);
  let hash: string = firstHash;
  const rows = events.map((event, i) => {
    const own = i === 0 ? seal : undefined;
    hash = hashEvent(hash, i + 1, event, own);
    return { sequence: i + 1, id: event.id, json: JSON.stringify(sealed(event, own)), hash, at: event.at };
  });
  return { id: randomUUID(), number, machine, owner, complaint, salt, stage, waitingFor, rows };
}

async function insert(client: pg.Client, shopId: string, cases: readonly ReturnType<typeof makeCase>[]): Promise<void> {
  await client.query('BEGIN');
  await client.query(
    `INSERT INTO cases (id, shop_id, number, machine, owner, complaint, stage, waiting_for, trials, last_sequence, opened_at, updated_at)
     SELECT id, $1, number, machine, owner, complaint, stage, waiting_for, 8, $2, opened_at, updated_at
     FROM unnest($3::uuid[], $4::int[], $5::text[], $6::text[], $7::text[], $8::text[], $9::text[], $10::timestamptz[], $11::timestamptz[])
       AS c (id, number, machine, owner, complaint, stage, waiting_for, opened_at, updated_at)`,
    [
      shopId,
      eventsOfEach,
      cases.map(({ id }) => id),
      cases.map(({ number }) => number),
      cases.map(({ machine }) => machine),
      cases.map(({ owner }) => owner),
      cases.map(({ complaint }) => complaint),
      cases.map(({ stage }) => stage),
      cases.map(({ waitingFor }) => waitingFor),
      cases.map(({ rows }) => rows[0]?.at),
      cases.map(({ rows }) => rows.at(-1)?.at),
    ],
  );
  await client.query(
    `INSERT INTO case_owners (case_id, shop_id, owner, salt)
     SELECT id, $1, owner, salt FROM unnest($2::uuid[], $3::text[], $4::text[]) AS c (id, owner, salt)`,
    [shopId, cases.map(({ id }) => id), cases.map(({ owner }) => owner), cases.map(({ salt }) => salt)],
  );
  const rows = cases.flatMap(({ id, rows }) => rows.map((row) => ({ caseId: id, ...row })));
  await client.query(
    `INSERT INTO case_events (case_id, shop_id, sequence, event_id, event, hash, recorded_at)
     SELECT case_id, $1, sequence, id, event, hash, at
     FROM unnest($2::uuid[], $3::int[], $4::uuid[], $5::jsonb[], $6::text[], $7::timestamptz[])
       AS e (case_id, sequence, id, event, hash, at)`,
    [
      shopId,
      rows.map(({ caseId }) => caseId),
      rows.map(({ sequence }) => sequence),
      rows.map(({ id }) => id),
      rows.map(({ json }) => json),
      rows.map(({ hash }) => hash),
      rows.map(({ at }) => at),
    ],
  );
  await client.query(
    `INSERT INTO audit_entries (shop_id, at, action, subject)
     SELECT $1, at, action, id::text
     FROM unnest($2::uuid[], $3::timestamptz[]) AS c (id, at),
       unnest(ARRAY['case-opened', 'case-read', 'case-written', 'case-written', 'case-exported']) AS action`,
    [shopId, cases.map(({ id }) => id), cases.map(({ rows }) => rows[0]?.at)],
  );
  await client.query('COMMIT');
}
