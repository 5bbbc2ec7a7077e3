import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import pg from 'pg';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { checkChain } from '../../src/core/casework';
import { caseDetailSchema, type CaseDetail } from '../../src/contracts';
import { seedTechnicians, type Technician } from './people';
import { attachedBody, headersOf, pathOf, photoFindings, photosOf, type BenchPhoto, type SentPhoto } from './photo';
import { freePort, launch, placeForCluster, startCluster, untilHealthy } from './program';

/**
 * npm run bench:crash [-- --events N] [-- --seed S] [-- --database] [-- --json]: technicians write and send photos through HTTP while the
 * server and PostgreSQL are killed at random moments; afterwards every acknowledged event must be there once, in order,
 * on whole chains, and every acknowledged photo byte by byte. With --database only the database goes, by turns killed, shut down and its connections cut, and the
 * server has to live through all of it. See docs/benchmarks.md.
 */
const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    events: { type: 'string', default: '10000' },
    seed: { type: 'string', default: '1' },
    database: { type: 'boolean', default: false },
  },
});
const wanted = Number(values.events);
const technicians = 50;
const serverKills = values.database ? 0 : 20;
const databaseKills = values.database ? 50 : 5;
/** Cases of each technician alone; one more is shared with a neighbour. */
const ownCases = 3;

const generator = xoroshiro128plus(Number(values.seed));
const random = (): number => uniformFloat64(generator);

const { folder, remove } = await placeForCluster('crash');
let cluster = await startCluster(folder, { durable: true });
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
let server: ChildProcess | undefined;
let isOver = false;
let starts = 0;

function launchServer(): void {
  starts += 1;
  const child = launch(cluster, port);
  // It may not come up while the database is away: then it is started again, as a service manager would.
  server = child;
  child.once('exit', () => {
    if (!isOver) setTimeout(launchServer, 200);
  });
}

/** Milliseconds from each return of the database to the next entry that was acknowledged. */
const recoveries: number[] = [];
let returnedAt: number | null = null;

let ways = 0;
/** By turns: killed, shut down, and all of its connections cut. */
async function endDatabase(): Promise<void> {
  const way = values.database ? ways++ % 3 : 0;
  if (way === 2) await cutConnections();
  else await restartDatabase(way === 0 ? 'SIGKILL' : 'SIGINT');
  returnedAt = performance.now();
}

async function cutConnections(): Promise<void> {
  const owner = new pg.Client({ connectionString: cluster.ownerUrl });
  await owner.connect();
  await owner.query('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid()');
  await owner.end();
}

async function restartDatabase(signal: 'SIGKILL' | 'SIGINT'): Promise<void> {
  process.kill(cluster.pid, signal);
  for (;;) {
    await wait(200);
    try {
      cluster = await startCluster(folder, { durable: true, port: cluster.port });
      return;
    } catch {
      // Its children still let go of the memory that they shared.
    }
  }
}

interface Known {
  readonly id: string;
  readonly log: Map<number, string>;
  sequence: number;
}
const acknowledged = new Map<string, string[]>();
/** Photos whose bytes the server said it has. */
const photos: SentPhoto[] = [];
const nextPhoto = photosOf(900, 600);
const photoShare = 0.1;
let done = 0;
let repeats = 0;
let crossings = 0;

async function ask(
  who: Technician,
  method: string,
  path: string,
  body?: object | BenchPhoto,
): Promise<{ status: number; json: unknown }> {
  const isPhoto = body !== undefined && 'bytes' in body;
  for (;;) {
    try {
      const answer = await fetch(`${url}/api${path}`, {
        method,
        signal: AbortSignal.timeout(10_000),
        headers: {
          cookie: who.cookie,
          ...(isPhoto ? headersOf(body) : body ? { 'content-type': 'application/json' } : {}),
        },
        ...(body ? { body: isPhoto ? Uint8Array.from(body.bytes) : JSON.stringify(body) } : {}),
      });
      if (answer.status < 500) return { status: answer.status, json: await answer.json() };
    } catch {
      // Nobody answers, or the answer broke off: the same again, as the outbox does.
    }
    repeats += 1;
    await wait(100);
  }
}

const base = (by: string) => ({ id: randomUUID(), at: new Date().toISOString(), by });

async function openCase(who: Technician, id: string): Promise<void> {
  const opened = {
    ...base(who.name),
    kind: 'case-opened',
    machine: { name: 'Machine', parts: [{ id: 'drive', kind: 'drive' }] },
    owner: 'Owner',
    complaint: 'Dead',
    circumstances: [],
    reported: 'dead',
  };
  const { status } = await ask(who, 'POST', '/cases', { id, events: [opened] });
  if (status !== 201) throw new Error(`opening a case: expected 201, found ${status}`);
}

/** One event into a case: behind what is known, and behind what others wrote first. */
async function write(who: Technician, known: Known, event: object & { id: string }): Promise<void> {
  for (;;) {
    const body = { expectedSequence: known.sequence, events: [event] };
    const { status, json } = await ask(who, 'POST', `/cases/${known.id}/events`, body);
    if (status === 201) {
      known.sequence = Math.max(
        known.sequence,
        ...(json as { events: { sequence: number }[] }).events.map((e) => e.sequence),
      );
      if (returnedAt !== null) recoveries.push(performance.now() - returnedAt);
      returnedAt = null;
      acknowledged.set(known.id, [...(acknowledged.get(known.id) ?? []), `${who.name} ${event.id}`]);
      done += 1;
      return;
    }
    if (status !== 409) throw new Error(`writing: expected 201 or 409, found ${status} ${JSON.stringify(json)}`);
    crossings += 1;
    known.sequence += (json as { newerEvents: unknown[] }).newerEvents.length;
  }
}

/** Sends a photo until the server has it, and then the entry that speaks of it. */
async function writePhoto(who: Technician, known: Known): Promise<void> {
  const photo = nextPhoto();
  const { status, json } = await ask(who, 'PUT', pathOf(known.id, photo), photo);
  if (status !== 201) throw new Error(`a photo: expected 201, found ${status} ${JSON.stringify(json)}`);
  photos.push({ caseId: known.id, photo });
  await write(who, known, { ...base(who.name), ...attachedBody(photo) });
}

async function work(who: Technician, cases: readonly string[], events: number): Promise<void> {
  const known = cases.map((id): Known => ({ id, log: new Map(), sequence: 1 }));
  for (let n = 0; n < events; n++) {
    const one = known[Math.floor(random() * known.length)];
    if (!one) return;
    if (random() < photoShare) {
      await writePhoto(who, one);
      continue;
    }
    const event =
      random() < 0.5
        ? { ...base(who.name), kind: 'note-added', text: `Entry ${n}` }
        : { ...base(who.name), kind: 'trial-done', trial: 'look/rocker/supply', outcome: 'at-i' };
    await write(who, one, event);
  }
}

/** What went wrong, in words; empty if nothing did. */
async function findings(who: Technician, ids: readonly string[]): Promise<string[]> {
  const found: string[] = [];
  let stored = 0;
  for (const id of ids) {
    const { json } = await ask(who, 'GET', `/cases/${id}`);
    const { events } = caseDetailSchema.parse(json) satisfies CaseDetail;
    const check = checkChain(events);
    if (!check.ok) found.push(`${id}: chain ${check.why} at ${check.sequence}`);
    const log = events.slice(1).map(({ event }) => `${event.by} ${event.id}`);
    stored += log.length;
    if (new Set(log).size !== log.length) found.push(`${id}: an event is doubled`);
    const told = acknowledged.get(id) ?? [];
    const place = new Map(log.map((line, at) => [line, at]));
    for (const line of told) if (!place.has(line)) found.push(`${id}: an acknowledged event is missing`);
    for (const name of new Set(told.map((line) => line.slice(0, -37)))) {
      const places = told.filter((line) => line.startsWith(`${name} `)).map((line) => place.get(line) ?? -1);
      if (places.some((at, i) => i > 0 && at <= (places[i - 1] ?? -1))) found.push(`${id}: ${name} out of order`);
    }
  }
  if (stored !== done) found.push(`expected ${done} events stored, found ${stored}`);
  return found;
}

const begin = performance.now();
launchServer();
await untilHealthy(url);
const { people } = await seedTechnicians(cluster.ownerUrl, technicians);
const [first] = people;
if (!first) throw new Error('expected technicians');
const shared = Array.from({ length: Math.ceil(technicians / 2) }, (): string => randomUUID());
const casesOf = people.map((_, n): string[] => [
  ...Array.from({ length: ownCases }, (): string => randomUUID()),
  ...shared.slice(n >> 1, (n >> 1) + 1),
]);
const all = [...new Set(casesOf.flat())];
for (const [n, list] of casesOf.entries())
  for (const id of list) if (!shared.includes(id) || n % 2 === 0) await openCase(people[n] ?? first, id);

const kills = [
  ...Array.from({ length: serverKills }, () => ({ at: Math.floor(wanted * (0.02 + 0.95 * random())), what: 'server' })),
  ...Array.from({ length: databaseKills }, () => ({
    at: Math.floor(wanted * (0.02 + 0.95 * random())),
    what: 'database',
  })),
].sort((a, b) => a.at - b.at);
const killing = (async () => {
  for (const { at, what } of kills) {
    while (done < at) await wait(20);
    if (what === 'server') server?.kill('SIGKILL');
    else await endDatabase();
    await wait(300);
  }
})();
await Promise.all([killing, ...people.map((who, n) => work(who, casesOf[n] ?? [], Math.ceil(wanted / technicians)))]);
const wrong = [...(await findings(first, all)), ...(await photoFindings(`${url}/api`, first.cookie, photos))];
if (values.database && starts > 1) wrong.push(`the server ended ${starts - 1} times and was started again`);
const slowest = Math.round(Math.max(0, ...recoveries));
if (values.database && slowest > 2000) wrong.push(`it took ${slowest} ms to write again once the database was back`);
const report = {
  events: done,
  photos: photos.length,
  technicians,
  cases: all.length,
  serverKills,
  databaseKills,
  serverStarts: starts,
  slowestRecoveryMs: slowest,
  repeats,
  crossings,
  seconds: Math.round((performance.now() - begin) / 1000),
  findings: wrong,
};
isOver = true;
server?.kill('SIGTERM');
await cluster.stop();
remove();
process.stdout.write(
  values.json
    ? `${JSON.stringify(report, null, 2)}\n`
    : `${report.events} events, ${report.photos} of them with a photo, by ${technicians} technicians in ${report.cases} cases, ${serverKills} kills of the server and ` +
        `${databaseKills} of PostgreSQL, ${report.seconds} s: ${starts} starts of the server, writing again ${slowest} ms at most after ` +
        `the database was back, ${repeats} requests repeated, ${crossings} crossings, ` +
        `${wrong.length} findings\n${wrong.map((line) => `  ${line}\n`).join('')}`,
);
process.exit(wrong.length === 0 ? 0 : 1);
