import { randomUUID } from 'node:crypto';
import { Agent, request as ask } from 'node:http';
import { openSync, readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import pg from 'pg';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { demoBoards } from '../../demo/boards';
import { demoCases } from '../../demo/cases';
import { eventsOfDemoCase } from '../../demo/demo-case';
import { checkChain, type CaseEvent } from '../../src/core/casework';
import { caseDetailSchema, ROLES } from '../../src/contracts';
import { fuzzRequest, type FuzzRequest, type Known } from './fuzz-request';
import { pick } from '../../src/contracts/testing-mutate';
import { benchPassword, seedTechnicians, signInAgain } from './people';
import { freePort, launch, placeForCluster, quantile, residentMib, startCluster, untilHealthy } from './program';
import { doors } from './routes';
import { rawRequest, slowClients } from './slow-and-raw';

/**
 * npm run bench:fuzz [-- --minutes N] [-- --seed S] [-- --json]: mutated requests to every door of the API, with slow
 * clients and broken HTTP beside them. See docs/benchmarks.md.
 */
const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    minutes: { type: 'string', default: '30' },
    seed: { type: 'string', default: '1' },
  },
});
const milliseconds = Number(values.minutes) * 60_000;
const longestMs = 15_000;
const atOnce = 6;
const casesKept = 60;

const generator = xoroshiro128plus(Number(values.seed));
const draw = () => uniformFloat64(generator);

const { folder, remove } = await placeForCluster('fuzz');
const cluster = await startCluster(folder, { durable: false });
const port = await freePort();
process.env['TRUSTED_PROXIES'] = '1';
const logFile = join(folder, 'server.log');
const server = launch(cluster, port, openSync(logFile, 'w'));
let isOver = false;
const findings = new Map<string, string>();
const note = (what: string, example: string) => findings.set(what, findings.get(what) ?? example.slice(0, 600));
server.once('exit', (code) => isOver || note('the server ended', `exit code ${String(code)}`));
await untilHealthy(`http://127.0.0.1:${port}`);
const own = await seedTechnicians(cluster.ownerUrl, 8, (n) => ROLES[n < 5 ? 0 : (n - 4) % 4] ?? 'lead');
const other = await seedTechnicians(cluster.ownerUrl, 1);
const pool = new pg.Pool({ connectionString: cluster.ownerUrl, max: 2 });
// Nobody who asks is one of those whose role and sessions are tried on.
const [askers, spare] = [own.people.slice(0, 4).concat(own.people.slice(5)), own.people.slice(4, 5)];

const agent = new Agent({ keepAlive: true, maxSockets: atOnce });
/** Honest clients have connections of their own: the server closes one over which nonsense came. */
const honestAgent = new Agent({ keepAlive: true, maxSockets: atOnce });
const taken = new Map<string, { demo: readonly CaseEvent[]; written: number }>();
const answers: Record<string, number> = {};
const slowest = { ms: 0, what: '' };

function send({ method, path, headers, body }: FuzzRequest, by = agent): Promise<{ status: number; text: string }> {
  return new Promise((resolve, reject) => {
    const begin = performance.now();
    const outgoing = ask(
      { port, host: '127.0.0.1', method, path, headers, agent: by, timeout: longestMs },
      (incoming) => {
        let text = '';
        const isStream = String(incoming.headers['content-type']).startsWith('text/event-stream');
        incoming.setEncoding('utf8').on('data', (chunk: string) => {
          text += chunk;
          if (isStream) incoming.destroy();
        });
        const done = () => {
          const ms = performance.now() - begin;
          if (ms > slowest.ms) Object.assign(slowest, { ms: Math.round(ms), what: `${method} ${path.slice(0, 80)}` });
          resolve({ status: incoming.statusCode ?? 0, text });
        };
        incoming.on('error', reject).once('close', done);
      },
    );
    outgoing.once('timeout', () => outgoing.destroy(new Error('no answer')));
    outgoing.on('error', reject);
    outgoing.end(body);
  });
}

const fresh = (events: readonly CaseEvent[]) => {
  const ids = new Map(events.map(({ id }) => [id, randomUUID()]));
  return events.map((event) => {
    const renewed = { ...event, id: ids.get(event.id) ?? event.id };
    return 'entry' in renewed ? { ...renewed, entry: ids.get(renewed.entry) ?? renewed.entry } : renewed;
  });
};
/** Codes of invitations that nobody followed yet, as a lead would hand them on. */
const codes: string[] = [];
const known: Known = {
  ids: { case: [], board: [], spare: [], person: spare.map(({ id }) => id), invitation: ['0123456789abcdef'] },
  good: {
    'POST /api/cases': () => {
      const demo = fresh(eventsOfDemoCase(pick(draw, demoCases), new Date()));
      const id = randomUUID();
      const written = 1 + Math.floor(draw() * 4);
      taken.set(id, { demo, written });
      return { id, events: demo.slice(0, written) };
    },
    'POST /api/cases/:id/events': () => {
      const { demo, written } = pick(draw, [...taken.values()].concat({ demo: [], written: 0 }));
      return { expectedSequence: written, events: demo.slice(written, written + 1 + Math.floor(draw() * 3)) };
    },
    'POST /api/session/invitation': () => ({ code: codes.at(-1) ?? 'no code yet' }),
    'POST /api/session/invitation/accept': () => ({
      code: codes.shift() ?? 'no code yet',
      login: `joined-${randomUUID()}`,
      password: benchPassword,
    }),
    'POST /api/session': () => ({ login: spare[0]?.login, password: benchPassword }),
    'PUT /api/session/password': () => ({ current: benchPassword, next: benchPassword }),
    'PUT /api/boards/:id': () => ({ expectedEdition: 0, board: pick(draw, Object.values(demoBoards)) }),
  },
};
for (let n = 0; n < 20; n++) known.ids.board.push(randomUUID());

/** The same as it is for an honest client: the case grows by its next entries. */
async function honestStep(): Promise<void> {
  const isNew = known.ids.case.length === 0 || draw() < 0.2;
  const id = isNew ? '' : pick(draw, known.ids.case);
  const log = taken.get(id);
  const opening = isNew ? (known.good['POST /api/cases']?.() as { id: string }) : null;
  const events = log?.demo.slice(log.written, log.written + 2) ?? [];
  if (!opening && events.length === 0) return;
  const body = JSON.stringify(opening ?? { expectedSequence: log?.written, events });
  const path = opening ? '/api/cases' : `/api/cases/${id}/events`;
  const cookie = own.people[0]?.cookie ?? '';
  const headers = { cookie, 'content-type': 'application/json' };
  const { status } = await send({ method: 'POST', path, headers, body }, honestAgent).catch((error: unknown) => {
    note('an honest request got no answer', String(error));
    return { status: 0 };
  });
  if (opening && status === 201) {
    known.ids.case.push(opening.id);
    if (known.ids.case.length > casesKept) taken.delete(known.ids.case.shift() ?? '');
  } else if (log && status === 201) log.written += events.length;
  else if (opening) note(`an honest request was answered ${status}`, body);
  // Somebody else's mutated entry may stand in the log: what follows goes behind nothing it knows.
  else taken.delete(known.ids.case.splice(known.ids.case.indexOf(id), 1)[0] ?? '');
}

async function oneRequest(): Promise<void> {
  const door = pick(draw, doors);
  const who = draw();
  const asks =
    spare[0] && door.endsSession ? await signInAgain(pool, own.shopId, spare[0].id) : pick(draw, askers).cookie;
  const cookie = who < 0.08 ? null : who < 0.15 ? (other.people[0]?.cookie ?? null) : asks;
  const made = fuzzRequest(door, known, cookie, draw);
  const example = `${made.method} ${made.path.slice(0, 200)} ${JSON.stringify(made.headers)} ${String(made.body ?? '').slice(0, 300)}`;
  try {
    const { status, text } = await send(made);
    const name = `${door.method} ${door.path}`;
    answers[`${Math.floor(status / 100)}xx`] = (answers[`${Math.floor(status / 100)}xx`] ?? 0) + 1;
    reached.set(name, (reached.get(name) ?? new Set()).add(status));
    if (name === 'POST /api/people/invitations' && status === 201 && codes.length < 50)
      codes.push((JSON.parse(text) as { code: string }).code);
    if (status >= 500) note(`${status} of ${name}: ${text.slice(0, 120)}`, example);
    if (/node_modules|\bat .*\.js:\d/.test(text))
      note(`${name} tells of the program's insides`, `${example}\n${text.slice(0, 300)}`);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    // The server may close on a request that it cannot read; it may not fall silent.
    if (why.includes('no answer')) note(`no answer from ${door.method} ${door.path} in ${longestMs} ms`, example);
    answers['closed'] = (answers['closed'] ?? 0) + 1;
  }
}

const reached = new Map<string, Set<number>>();
const begin = performance.now();
const memory: { at: number; mib: number }[] = [];
const watching = setInterval(() => {
  if (server.exitCode === null && server.pid)
    memory.push({ at: performance.now() - begin, mib: residentMib(server.pid) });
}, 2000);
const isTime = () => performance.now() - begin < milliseconds && server.exitCode === null;
let requests = 0;
const worker = async () => {
  while (isTime()) {
    if (draw() < 0.1) await honestStep();
    else await oneRequest();
    requests += 1;
  }
};
const rawWorker = async () => {
  while (isTime()) {
    const why = await rawRequest(() => connect(port, '127.0.0.1'), draw);
    if (why) note(why.what, why.example);
    await wait(50);
  }
};
const slow = slowClients(() => connect(port, '127.0.0.1'), 200);
await Promise.all([...Array.from({ length: atOnce }, worker), rawWorker()]);
clearInterval(watching);
const slowReport = await slow;
if (slowReport.left > 0) note(`${slowReport.left} slow clients were never cut off`, '');

let chains = 0;
for (const id of known.ids.case) {
  const { text } = await send({
    method: 'GET',
    path: `/api/cases/${id}`,
    headers: { cookie: own.people[0]?.cookie ?? '' },
    body: undefined,
  });
  const check = checkChain(caseDetailSchema.parse(JSON.parse(text)).events);
  if (check.ok) chains += 1;
  else note(`${id}: its chain is broken`, check.why);
}
const share = (from: number, to: number) =>
  memory.filter(({ at }) => at >= milliseconds * from && at < milliseconds * to).map(({ mib }) => mib);
const middle = (from: number, to: number) => Math.round(quantile(share(from, to), 0.5));
const log = readFileSync(logFile, 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('{'))
  .slice(0, 10);
const report = {
  minutes: Number(values.minutes),
  requests,
  answers,
  doors: reached.size,
  doorsThatTook: [...reached].filter(([, statuses]) => [...statuses].some((status) => status < 300)).length,
  slowest,
  memoryMib: {
    secondFifth: middle(0.2, 0.4),
    lastFifth: middle(0.8, 1),
    most: Math.round(Math.max(...memory.map(({ mib }) => mib))),
  },
  slowClients: slowReport,
  chainsChecked: chains,
  findings: [...findings].map(([what, example]) => ({ what, example })),
  /** What the server said of its errors, the first of it. */
  log,
};
isOver = true;
agent.destroy();
honestAgent.destroy();
await pool.end();
server.kill('SIGTERM');
await new Promise((resolve) => server.once('exit', resolve));
await cluster.stop();
remove();
process.stdout.write(
  values.json
    ? `${JSON.stringify(report, null, 2)}\n`
    : `${report.requests} requests to ${report.doors} doors (${report.doorsThatTook} took one) in ${report.minutes} min: ` +
        `${JSON.stringify(answers)}, slowest ${slowest.ms} ms (${slowest.what}), memory ${report.memoryMib.secondFifth} MiB in ` +
        `the second fifth, ${report.memoryMib.lastFifth} in the last, ${report.memoryMib.most} at most; ${slowReport.cut} slow ` +
        `clients cut off within ${slowReport.longestSeconds} s; ${chains} chains whole; ${findings.size} findings\n` +
        [...findings].map(([what, example]) => `  ${what}\n    ${example}\n`).join('') +
        log.map((line) => `  ${line.slice(0, 1000)}\n`).join(''),
);
process.exit(findings.size === 0 ? 0 : 1);
