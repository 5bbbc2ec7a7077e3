import { createHash, randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { eventsOf } from '../../src/core/casework/testing-log';
import { seedTechnicians, type Technician } from './people';
import { headersOf, pathOf, photosOf, type BenchPhoto } from './photo';
import { freePort, launch, placeForCluster, residentMib, startCluster, timesOf, untilHealthy } from './program';

/**
 * npm run bench:photos [-- --photos N] [-- --at-once N] [-- --json]: photos of 12 megapixels sent to the server many at a
 * time, its memory watched meanwhile, and all of them read back and compared. See docs/benchmarks.md.
 */
const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    photos: { type: 'string', default: '1000' },
    'at-once': { type: 'string', default: '50' },
  },
});
const wanted = Number(values.photos);
const atOnce = Number(values['at-once']);
const [width, height] = [4000, 3000];
const photosOfCase = 100;
const mostMib = 300;

const { folder, remove } = await placeForCluster('photos');
const cluster = await startCluster(folder, { durable: true });
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const server = launch(cluster, port);
await untilHealthy(url);
// How many requests one person may have under way is limited.
const { people } = await seedTechnicians(cluster.ownerUrl, Math.ceil(atOnce / 10));
const [first] = people;
if (!first) throw new Error('expected technicians');
const cases: string[] = Array.from({ length: Math.ceil(wanted / photosOfCase) }, () => randomUUID());
for (const id of cases)
  await fetch(`${url}/api/cases`, {
    method: 'POST',
    headers: { cookie: first.cookie, 'content-type': 'application/json' },
    body: JSON.stringify({ id, events: eventsOf({}) }),
  });

const pid = server.pid ?? 0;
let most = residentMib(pid);
const atRest = most;
const watching = setInterval(() => (most = Math.max(most, residentMib(pid))), 20);

const next = photosOf(width, height);
const taken: number[] = [];
const refused: string[] = [];
const kept: { readonly caseId: string; readonly photo: Pick<BenchPhoto, 'file' | 'sha256'> }[] = [];
let sent = 0;
let bytes = 0;

async function sendOn(who: Technician): Promise<void> {
  while (sent < wanted) {
    const caseId = cases[Math.floor(sent++ / photosOfCase)] ?? '';
    const photo = next();
    const begin = performance.now();
    const answer = await fetch(`${url}/api${pathOf(caseId, photo)}`, {
      method: 'PUT',
      headers: { cookie: who.cookie, ...headersOf(photo) },
      body: Uint8Array.from(photo.bytes),
    });
    taken.push(performance.now() - begin);
    bytes += photo.bytes.length;
    if (answer.status === 201) kept.push({ caseId, photo: { file: photo.file, sha256: photo.sha256 } });
    else refused.push(`${answer.status} ${(await answer.text()).slice(0, 200)}`);
  }
}

const begin = performance.now();
await Promise.all(Array.from({ length: atOnce }, (_, n) => sendOn(people[n % people.length] ?? first)));
const seconds = (performance.now() - begin) / 1000;
const mostWhileSending = most;

let wrong = 0;
const read = async (who: Technician): Promise<void> => {
  for (let one = kept.pop(); one; one = kept.pop()) {
    const answer = await fetch(`${url}/api${pathOf(one.caseId, { ...one.photo, bytes: Buffer.of(), width, height })}`, {
      headers: { cookie: who.cookie },
    });
    const hash = createHash('sha256').update(Buffer.from(await answer.arrayBuffer()));
    if (hash.digest('hex') !== one.photo.sha256) wrong += 1;
  }
};
const stored = kept.length;
await Promise.all(Array.from({ length: 10 }, (_, n) => read(people[n % people.length] ?? first)));
clearInterval(watching);

const whole = (value: number) => Math.round(value);
const report = {
  photos: stored,
  atOnce,
  megabytesEach: Math.round(bytes / wanted / 1e4) / 100,
  seconds: whole(seconds),
  perSecond: Math.round((10 * stored) / seconds) / 10,
  upload: timesOf(taken),
  serverMib: { atRest: whole(atRest), mostWhileSending: whole(mostWhileSending), mostWhileReading: whole(most) },
  refused: refused.length,
  wrong,
};
server.kill('SIGTERM');
await cluster.stop();
remove();
process.stdout.write(
  values.json
    ? `${JSON.stringify(report, null, 2)}\n`
    : `${stored} photos of 12 megapixels (${report.megabytesEach} MB each), ${atOnce} at a time: ${report.seconds} s, ` +
        `${report.perSecond} a second, an upload ${report.upload.p50} ms (95 %: ${report.upload.p95} ms). The server held ` +
        `${report.serverMib.atRest} MiB at rest, ${report.serverMib.mostWhileSending} MiB at most while they came in, ` +
        `${report.serverMib.mostWhileReading} MiB over all. ${refused.length} refused, ${wrong} wrong when read back.\n` +
        refused
          .slice(0, 3)
          .map((line) => `  ${line}\n`)
          .join(''),
);
process.exit(refused.length + wrong === 0 && most < mostMib ? 0 : 1);
