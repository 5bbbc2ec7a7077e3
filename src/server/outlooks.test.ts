import { pino } from 'pino';
import { outlookOf, foldStored, type CaseEvent } from '../core/casework';
import { inShop } from './database/in-shop';
import { createOutlooks, type Outlooks } from './services/outlooks';
import type { Foresee } from './services/outlook-thread';
import { createTestServer, testShops, type TestServer } from './testing-server';

let server: TestServer;
let outlooks: Outlooks;
let judged: number;
let fails: boolean;
const announced: string[] = [];

beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());
beforeEach(() => {
  judged = 0;
  fails = false;
  const foresee: Foresee = (events) => {
    judged += 1;
    if (fails) return Promise.reject(new Error('the thread broke down'));
    const folded = foldStored(events);
    return Promise.resolve(folded.ok ? outlookOf(folded.state) : null);
  };
  outlooks = createOutlooks({
    pool: server.pool,
    foresee,
    announce: ({ caseId, sequence }) => announced.push(`${caseId} ${sequence}`),
    log: pino({ level: 'silent' }),
  });
});

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = '2026-01-05T10:00:00Z';
const opened = (n: number): CaseEvent => ({
  kind: 'case-opened',
  id: id(1000 + n),
  at,
  by: 'Runa',
  machine: { name: `Machine ${n}`, parts: [] },
  owner: 'Owner',
  complaint: 'Dead',
  circumstances: [],
  reported: 'dead',
});
const list = async (shop: 0 | 1 = 0) => {
  const { body } = await server.as('technician', shop, server.app({ outlooks })).get('/api/cases').expect(200);
  await outlooks.settled();
  return body as { cases: { id: string; by: string; outlook: { nextTest: string; minutes: number } | null }[] };
};
const outlookIn = async (caseId: string) => (await list()).cases.find((row) => row.id === caseId)?.outlook;

test('who looks at the queue sees soon what is next in each case, found out once', async () => {
  await server
    .as()
    .post('/api/cases')
    .send({ id: id(1), events: [opened(1)] })
    .expect(201);
  expect(await outlookIn(id(1))).toBeNull();
  expect(announced).toContain(`${id(1)} 1`);
  expect(await outlookIn(id(1))).toMatchObject({ nextTest: 'Start it as it is', minutes: 1 });
  expect((await list()).cases[0]?.by).toBe('The lead');
  expect(judged).toBe(1);
});

test('an entry makes the outlook an old one: it is found out again', async () => {
  await server
    .as()
    .post('/api/cases')
    .send({ id: id(2), events: [opened(2)] })
    .expect(201);
  await outlookIn(id(2));
  const event = { kind: 'trial-done', id: id(2002), at, by: 'Runa', trial: 'start', outcome: 'dead' };
  await server
    .as()
    .post(`/api/cases/${id(2)}/events`)
    .send({ expectedSequence: 1, events: [event] })
    .expect(201);
  expect(await outlookIn(id(2))).toBeNull();
  const after = await outlookIn(id(2));
  expect(after?.nextTest).toBeTruthy();
  expect(after?.nextTest).not.toBe('Start it as it is');
});

test('what an earlier model said is found out again', async () => {
  await server
    .as()
    .post('/api/cases')
    .send({ id: id(5), events: [opened(5)] })
    .expect(201);
  await outlookIn(id(5));
  await inShop(server.pool, testShops[0].id, (db) =>
    db.query(`UPDATE case_outlooks SET outlook = outlook || '{"model": "0"}' WHERE case_id = $1`, [id(5)]),
  );
  expect(await outlookIn(id(5))).toBeNull();
  expect(await outlookIn(id(5))).toMatchObject({ nextTest: 'Start it as it is' });
});

test('where judging fails the queue is there all the same, and the next look asks again', async () => {
  await server
    .as()
    .post('/api/cases')
    .send({ id: id(3), events: [opened(3)] })
    .expect(201);
  fails = true;
  expect(await outlookIn(id(3))).toBeNull();
  fails = false;
  await list();
  expect(await outlookIn(id(3))).toMatchObject({ nextTest: 'Start it as it is' });
});

test('nobody sees where the cases of another shop stand', async () => {
  await server
    .as('lead', 1)
    .post('/api/cases')
    .send({ id: id(4), events: [opened(4)] })
    .expect(201);
  await list(1);
  const seen = await inShop(server.pool, testShops[0].id, (db) =>
    db.query('SELECT case_id FROM case_outlooks WHERE case_id = $1', [id(4)]),
  );
  expect(seen.rows).toEqual([]);
  expect((await list(0)).cases.map((row) => row.id)).not.toContain(id(4));
});
