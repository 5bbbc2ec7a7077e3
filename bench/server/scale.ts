import { randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import pg from 'pg';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { checkChain } from '../../src/core/casework';
import { caseDetailSchema, caseListSchema } from '../../src/contracts';
import { fillBigShop, openCases, wordsOf } from './big-shop';
import { pick } from '../../src/contracts/testing-mutate';
import { seedTechnicians } from './people';
import { freePort, launch, placeForCluster, startCluster, timesOf, untilHealthy, type Times } from './program';

/**
 * npm run bench:scale [-- --requests N] [-- --seed S] [-- --json]: a shop with 100,000 cases and 3 million events; how
 * long its queue, its search and opening a case take at the server, and how soon one server shows what another wrote.
 * See docs/benchmarks.md.
 */
const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    cases: { type: 'string', default: '100000' },
    requests: { type: 'string', default: '400' },
    seed: { type: 'string', default: '1' },
  },
});
const requests = Number(values.requests);
const cases = Number(values.cases);
const generator = xoroshiro128plus(Number(values.seed));
const draw = () => uniformFloat64(generator);

const { folder, remove } = await placeForCluster('scale');
const cluster = await startCluster(folder, { durable: true });
const ports = [await freePort(), await freePort()];
const [one = '', two = ''] = ports.map((port) => `http://127.0.0.1:${port}`);
const servers = [launch(cluster, ports[0] ?? 0)];
await untilHealthy(one);
const { shopId, people } = await seedTechnicians(cluster.ownerUrl, 2);
const cookie = people[0]?.cookie ?? '';
const filling = performance.now();
const ids = await fillBigShop(cluster.ownerUrl, shopId, cases, draw);
const fillSeconds = Math.round((performance.now() - filling) / 1000);
servers.push(launch(cluster, ports[1] ?? 0));
await untilHealthy(two);

const counts = new pg.Client({ connectionString: cluster.ownerUrl });
await counts.connect();
const count = async (table: string) =>
  Number((await counts.query<{ count: string }>(`SELECT count(*) FROM ${table}`)).rows[0]?.count);
const size = { cases: await count('cases'), events: await count('case_events'), words: await count('case_words') };
await counts.end();

async function ask(url: string, path: string, body?: object): Promise<unknown> {
  const answer = await fetch(`${url}/api${path}`, {
    headers: { cookie, ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { method: 'POST', body: JSON.stringify(body) } : {}),
  });
  const json: unknown = await answer.json();
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${JSON.stringify(json).slice(0, 300)}`);
  return json;
}

/** Two people who ask one after the other, each for something else every time. */
async function timed(path: (n: number) => string, check: (answer: unknown, n: number) => boolean): Promise<Times> {
  const taken: number[] = [];
  const person = async (from: number) => {
    for (let n = from; n < requests; n += 2) {
      const asked = path(n);
      const begin = performance.now();
      const answer = await ask(one, asked);
      taken.push(performance.now() - begin);
      if (!check(answer, n)) throw new Error(`${asked}: found ${JSON.stringify(answer).slice(0, 300)}`);
    }
  };
  await Promise.all([person(0), person(1)]);
  return timesOf(taken);
}

const someone = () => wordsOf(1 + Math.floor(draw() * cases));
const listed = (answer: unknown) => caseListSchema.parse(answer).cases.length;
const search = (words: string) => `/cases?${new URLSearchParams({ search: words }).toString()}`;
const typed = (words: string) => words.slice(0, 1 + Math.floor(draw() * words.length));
const numbers = Array.from({ length: requests }, () => 1 + Math.floor(draw() * cases));

const queue = await timed(
  (n) => `/cases${['', '?stage=waiting', '?stage=on-bench', '?stage=parked', '?stage=closed'][n % 5] ?? ''}`,
  (answer) => listed(answer) >= 0,
);
const searches = {
  number: await timed(
    (n) => search(String(numbers[n])),
    (answer, n) => caseListSchema.parse(answer).cases[0]?.number === numbers[n],
  ),
  owner: await timed(
    () => search(someone().owner),
    (answer) => listed(answer) > 0,
  ),
  asTyped: await timed(
    () => search(typed(someone().owner)),
    (answer) => listed(answer) > 0,
  ),
  ownerAndMachine: await timed(
    () => {
      const { owner, machine } = someone();
      return search(`${owner} ${machine}`);
    },
    (answer) => listed(answer) > 0,
  ),
  commonWords: await timed(
    () =>
      search(
        pick(draw, [
          'fans picture',
          'dead weekend',
          'restarts printer',
          'no light',
          'dark firmware',
          'the',
          'shows try',
        ]),
      ),
    (answer) => listed(answer) > 0,
  ),
  commonWordsApart: await timed(
    () => search(pick(draw, ['fans printer', 'beeps weekend', 'warm firmware'])),
    (answer) => listed(answer) === 0,
  ),
  nothing: await timed(
    (n) => search(`nowhere${n}`),
    (answer) => listed(answer) === 0,
  ),
};
const opening = await timed(
  () => `/cases/${pick(draw, ids)}`,
  (answer) => checkChain(caseDetailSchema.parse(answer).events).ok,
);

/** From the moment at which one server is asked to write until the other has said so and gives the entry. */
async function crossing(): Promise<Times> {
  const stream = await fetch(`${two}/api/changes`, { headers: { cookie } });
  const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
  if (!reader) throw new Error('expected a stream of changes');
  let heard = '';
  const hear = async (words: string) => {
    while (!heard.includes(words)) heard += (await reader.read()).value ?? '';
    heard = '';
  };
  await hear('event: ready');
  const taken: number[] = [];
  for (let n = 0; n < 50; n++) {
    const id = pick(draw, ids.slice(-openCases));
    const { events } = caseDetailSchema.parse(await ask(two, `/cases/${id}`));
    const event = {
      kind: 'note-added',
      id: randomUUID(),
      at: new Date().toISOString(),
      by: 'Bench',
      text: `Note ${n}`,
    };
    const begin = performance.now();
    const [, seen] = await Promise.all([
      ask(one, `/cases/${id}/events`, { expectedSequence: events.length, events: [event] }),
      hear(id).then(async () => caseDetailSchema.parse(await ask(two, `/cases/${id}`))),
    ]);
    taken.push(performance.now() - begin);
    if (seen.events.at(-1)?.event.id !== event.id) throw new Error(`${id}: the other server does not show the entry`);
  }
  await reader.cancel();
  return timesOf(taken);
}
const otherServer = await crossing();

const report = { ...size, fillSeconds, requestsOfEach: requests, ms: { queue, ...searches, opening, otherServer } };
for (const server of servers) server.kill('SIGTERM');
await Promise.all(servers.map((server) => new Promise((resolve) => server.once('exit', resolve))));
await cluster.stop();
remove();
process.stdout.write(
  values.json
    ? `${JSON.stringify(report, null, 2)}\n`
    : `${size.cases} cases, ${size.events} events, ${size.words} words, filled in ${fillSeconds} s\n` +
        Object.entries(report.ms)
          .map(
            ([name, { p50, p95, most }]) =>
              `${name.padEnd(18)} p50 ${String(p50).padStart(6)}  p95 ${String(p95).padStart(6)}  most ${String(most).padStart(6)} ms\n`,
          )
          .join(''),
);
