import { randomUUID } from 'node:crypto';
import { get, type IncomingMessage } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { eventsOf } from '../../src/core/casework/testing-log';
import { benchPassword, seedTechnicians, type Technician } from './people';
import { freePort, launch, placeForCluster, startCluster, timesOf, untilHealthy, type Times } from './program';

/**
 * npm run bench:load [-- --seconds N] [-- --json]: many who sign in at once from one address; streams and writers at once,
 * with the queue read beside them; an entry into a long log against one into a short one; pages of a long audit. See
 * docs/benchmarks.md.
 */
const { values } = parseArgs({
  options: { json: { type: 'boolean', default: false }, seconds: { type: 'string', default: '20' } },
});
const seconds = Number(values.seconds);
const technicians = 50;
const streams = 200;
const signIns = 200;
const longLog = 4900;

const { folder, remove } = await placeForCluster('load');
const cluster = await startCluster(folder, { durable: true });
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const server = launch(cluster, port);
await untilHealthy(url);
const { shopId, people } = await seedTechnicians(cluster.ownerUrl, technicians);

/** Asks once and gives milliseconds and status. */
async function ask(who: Technician | null, method: string, path: string, body?: object) {
  const begin = performance.now();
  const answer = await fetch(`${url}/api${path}`, {
    method,
    headers: { ...(who ? { cookie: who.cookie } : {}), ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  await answer.arrayBuffer();
  return { ms: performance.now() - begin, status: answer.status };
}

const at = () => new Date().toISOString();
const note = () => ({ id: randomUUID(), at: at(), by: 'Bench', kind: 'note-added', text: 'Seen' });

async function openCase(who: Technician, more = 0): Promise<string> {
  const id = randomUUID();
  const [opening] = eventsOf({ reported: 'dead' });
  const events = [{ ...opening, id, at: at() }, ...Array.from({ length: more }, note)];
  const { status } = await ask(who, 'POST', '/cases', { id, events: events.slice(0, 3000) });
  if (status !== 201) throw new Error(`opening a case: ${status}`);
  for (let from = 3000; from < events.length; from += 100) {
    const part = { expectedSequence: from, events: events.slice(from, from + 100) };
    await ask(who, 'POST', `/cases/${id}/events`, part);
  }
  return id;
}

/** Right passwords, all at once, from one address. */
async function manySignIns() {
  const begin = performance.now();
  const answers = await Promise.all(
    Array.from({ length: signIns }, (_, n) =>
      ask(null, 'POST', '/session', { login: people[n % technicians]?.login, password: benchPassword }),
    ),
  );
  const refused = answers.filter(({ status }) => status !== 201).length;
  return { count: signIns, refused, seconds: Math.round((performance.now() - begin) / 100) / 10 };
}

const openStream = (who: Technician) =>
  new Promise<IncomingMessage>((resolve, reject) =>
    get({ host: '127.0.0.1', port, path: '/api/changes', headers: { cookie: who.cookie }, agent: false }, (answer) => {
      answer.resume();
      resolve(answer);
    }).on('error', reject),
  );

async function streamsAndWriters() {
  const open = await Promise.all(
    Array.from({ length: streams }, (_, n) => openStream(people[n % technicians] as Technician)),
  );
  const statuses = open.filter(({ statusCode }) => statusCode !== 200).length;
  const writes: number[] = [];
  const queue: number[] = [];
  const end = performance.now() + 1000 * seconds;
  const writer = async (who: Technician) => {
    const id = await openCase(who);
    for (let sequence = 1; performance.now() < end; sequence++) {
      const { ms, status } = await ask(who, 'POST', `/cases/${id}/events`, {
        expectedSequence: sequence,
        events: [note()],
      });
      if (status !== 201) throw new Error(`writing: ${status}`);
      writes.push(ms);
    }
  };
  const reader = async (who: Technician) => {
    while (performance.now() < end) {
      queue.push((await ask(who, 'GET', '/cases')).ms);
      await wait(100);
    }
  };
  await Promise.all([...people.map(writer), ...people.slice(0, 4).map(reader)]);
  for (const stream of open) stream.destroy();
  return { refusedStreams: statuses, writes: timesOf(writes), queue: timesOf(queue) };
}

async function appends(more: number): Promise<Times> {
  const who = people[0] as Technician;
  const id = await openCase(who, more);
  const taken: number[] = [];
  for (let n = 0; n < 90; n++) {
    const body = { expectedSequence: more + 1 + n, events: [note()] };
    const { ms, status } = await ask(who, 'POST', `/cases/${id}/events`, body);
    if (status !== 201) throw new Error(`appending: ${status}`);
    // The first has to read the log.
    if (n > 0) taken.push(ms);
  }
  return timesOf(taken);
}

/** A lead leafs through the audit, with and without a question. */
async function audit(): Promise<Times> {
  const { default: pg } = await import('pg');
  const owner = new pg.Client({ connectionString: cluster.ownerUrl });
  await owner.connect();
  await owner.query(
    `INSERT INTO audit_entries (shop_id, at, person_id, action, subject)
     SELECT $1, now(), $2, CASE WHEN n % 50 = 0 THEN 'case-exported' ELSE 'case-read' END, gen_random_uuid()::text
     FROM generate_series(1, 300000) AS n`,
    [shopId, people[0]?.id],
  );
  await owner.query('ANALYZE audit_entries');
  const { rows } = await owner.query<{ last: string }>('SELECT max(id) AS last FROM audit_entries');
  const last = Number(rows[0]?.last);
  await owner.end();
  const taken: number[] = [];
  for (let n = 0; n < 120; n++) {
    const before = `before=${last - Math.floor((n / 120) * 250_000)}`;
    const more = ['', '&action=case-exported', `&person=${people[0]?.id}`][n % 3] ?? '';
    taken.push((await ask(people[0] as Technician, 'GET', `/audit?${before}${more}`)).ms);
  }
  return timesOf(taken);
}

const report = {
  signIns: await manySignIns(),
  appendToShortLog: await appends(9),
  appendToLongLog: await appends(longLog),
  ...(await streamsAndWriters()),
  auditPage: await audit(),
};
server.kill('SIGTERM');
await new Promise((resolve) => server.once('exit', resolve));
await cluster.stop();
remove();
process.stdout.write(`${JSON.stringify(report, null, values.json ? 2 : 1)}\n`);
