import { readdirSync, readFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { caseListSchema, readEvent, type CaseDetail } from '../contracts';
import { checkChain, foldOn, foldStored } from '../core/casework';
import { inTransaction } from './database/in-shop';
import { migrate } from './database/migrate';
import { createPool } from './database/pool';
import { createCaseService } from './services/case-service';
import { createTestDatabase } from './testing-database';

/** Databases as earlier editions left them: brought up to date, read, written on. See corpus/README.md. */

const editions = readdirSync('corpus', { withFileTypes: true }).filter((entry) => entry.isDirectory());

/** Lines that begin with a backslash are commands of psql. */
const statementsOf = (edition: string): string =>
  readFileSync(`corpus/${edition}/database.sql`, 'utf8')
    .split('\n')
    .filter((line) => !line.startsWith('\\'))
    .join('\n');

async function run<T extends pg.QueryResultRow>(url: string, statement: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const result = await client.query<T>(statement).finally(() => client.end());
  return result.rows;
}

describe.each(editions.map(({ name }) => name))('a database of the %s', (edition) => {
  let database: Awaited<ReturnType<typeof createTestDatabase>>;
  let pool: pg.Pool;
  let shopId = '';

  beforeAll(async () => {
    // Roles belong to the cluster: the dump grants to the one that requests run as.
    await (await createTestDatabase()).drop();
    database = await createTestDatabase({ isEmpty: true });
    await run(database.url, statementsOf(edition));
    await migrate(database.url, 'src/server/migrations');
    [{ id: shopId = '' } = {}] = await run<{ id: string }>(database.url, 'SELECT id FROM shops');
    pool = createPool(database.url, { onError: () => undefined });
  });
  afterAll(async () => {
    await pool.end();
    await database.drop();
  });

  const service = () => createCaseService({ pool, shopId, actor: null, now: () => new Date() });
  const allCases = async (): Promise<CaseDetail[]> => {
    const { cases } = caseListSchema.parse(await service().list({}));
    return Promise.all(cases.map(({ id }) => service().read(id)));
  };

  test('every case is read whole: its chain verifies and every entry counts', async () => {
    const cases = await allCases();
    expect(cases.length).toBeGreaterThan(20);
    for (const { events } of cases) {
      expect(checkChain(events)).toMatchObject({ ok: true, length: events.length });
      const folded = foldStored(events.map(({ event }) => readEvent(event)));
      expect(folded.ok && folded.state.entries.filter(({ unread }) => unread !== null)).toEqual([]);
    }
  });

  test('every case can be written on, and its chain goes on', async () => {
    for (const { id, events } of await allCases()) {
      const note = {
        kind: 'note-added',
        id: randomUUID(),
        at: new Date().toISOString(),
        by: 'Test',
        text: 'x',
      } as const;
      await service().append(id, { expectedSequence: events.length, events: [note] });
      const { events: now } = await service().read(id);
      expect(checkChain(now)).toMatchObject({ ok: true, length: events.length + 1 });
      expect(now.at(-1)?.event.v).toBe(3);
      const folded = foldStored(events.map(({ event }) => readEvent(event)));
      expect(folded.ok && foldOn(folded.state, [note]).ok).toBe(true);
    }
  });

  test('an entry that this program cannot read keeps nobody from working on', async () => {
    const [first] = await allCases();
    if (!first) throw new Error('expected a case');
    const later = { kind: 'thermal-image', v: 99, id: randomUUID(), at: new Date().toISOString(), by: 'Later' };
    await inTransaction(pool, async (db) => {
      await db.query("SELECT set_config('probe.shop_id', $1, true)", [shopId]);
      await db.query(
        `INSERT INTO case_events (case_id, shop_id, sequence, event_id, event, hash, recorded_at)
         VALUES ($1, $2, $3, $4, $5, $6, now())`,
        [first.id, shopId, first.events.length + 1, later.id, JSON.stringify(later), 'a'.repeat(64)],
      );
      await db.query('UPDATE cases SET last_sequence = last_sequence + 1 WHERE id = $1', [first.id]);
    });
    const note = { kind: 'note-added', id: randomUUID(), at: new Date().toISOString(), by: 'Test', text: 'y' } as const;
    await service().append(first.id, { expectedSequence: first.events.length + 1, events: [note] });
    const { events } = await service().read(first.id);
    expect(events.at(-2)?.event).toEqual(later);
    expect(readEvent(events.at(-2)?.event ?? later)).toMatchObject({ kind: 'unread', writtenKind: 'thermal-image' });
  });
});
