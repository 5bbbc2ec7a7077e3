import { median } from 'simple-statistics';
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from 'esbuild';
import fc from 'fast-check';
import { planUpdate, inspectFirmware, type BoardRevision } from '../../src/core/firmware';
import { plannedBy, questions, searchPlan } from '../../src/core/firmware/update/testing-search';
import { fuzz, type FuzzReport } from '../../src/core/firmware/testing-fuzz';

/** npm run bench:firmware [-- --json] [-- --rounds N] [-- --seed S]: see docs/benchmarks.md. */

const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    rounds: { type: 'string', default: '200000' },
    seed: { type: 'string', default: '1' },
  },
});
const rounds = Number(values.rounds);
const seed = Number(values.seed);
if (!Number.isInteger(rounds) || rounds < 3 || !Number.isInteger(seed)) {
  process.stderr.write('bench:firmware: expected --rounds of at least 3 and a whole --seed\n');
  process.exit(2);
}

function timed(times: number, work: () => unknown): { median: number; worst: number } {
  work();
  const taken = Array.from({ length: times }, () => {
    const begin = performance.now();
    work();
    return performance.now() - begin;
  });
  return { median: median(taken), worst: Math.max(...taken) };
}

/** 2,000 releases; every fortieth needs the one twenty before it, every hundredth adds a processor. */
function longList(): BoardRevision {
  const releases = Array.from({ length: 2000 }, (_, i) => ({
    version: `F${i + 1}`,
    date: new Date(Date.UTC(2010, 0, 1 + 3 * i)).toISOString().slice(0, 10),
    ...(i % 40 === 39 ? { minimumPredecessor: `F${i - 19}` } : {}),
    ...(i > 100 ? { minimumPredecessor: `F${i - 59}` } : {}),
    ...(i % 100 === 99 ? { processorsAdded: [`Kestrel ${i + 1}`] } : {}),
    ...(i % 7 === 6 ? { preRelease: true } : {}),
  }));
  return { revision: '1', processors: [], releases };
}

function planning() {
  // A fresh list each time: what is kept of an earlier question must not count.
  const lists = Array.from({ length: 100 }, longList);
  const board = () => lists.pop() ?? longList();
  const policy = { soakDays: 21, allowIrreversible: false, today: '2026-11-25' };
  const known = timed(30, () => planUpdate(board(), 'F1', { kind: 'newest' }, policy));
  const support = timed(30, () => planUpdate(board(), 'F1', { kind: 'support', processor: 'Kestrel 2000' }, policy));
  const unknown = timed(30, () => planUpdate(board(), null, { kind: 'newest' }, policy));
  const plan = planUpdate(board(), 'F1', { kind: 'newest' }, policy);
  return { known, support, unknown, steps: plan.kind === 'plan' ? plan.steps.length : 0 };
}

function inspecting() {
  const bytes = new Uint8Array(32 * 2 ** 20);
  for (let i = 0, state = seed; i < bytes.length; i++) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    bytes[i] = state >>> 24;
  }
  const real = '/usr/share/OVMF/OVMF_CODE_4M.fd';
  try {
    bytes.set(readFileSync(real));
  } catch {
    // Without the package the image is one without volumes.
  }
  return timed(5, () => inspectFirmware(bytes, { sha256: createHash('sha256').update(bytes).digest('hex') }));
}

/** Milliseconds and the most memory of making a stick on the command line. */
async function making(folder: string, size: string, out: string) {
  const cli = join(folder, 'probe.mjs');
  await build({ entryPoints: ['src/cli/probe.ts'], bundle: true, platform: 'node', format: 'esm', outfile: cli });
  const image = join(folder, 'image.bin');
  const content = Buffer.alloc(32 * 2 ** 20, 'firmware');
  content[0] = 0;
  writeFileSync(image, content);
  const run = await timedRun(cli, [
    'stick',
    'make',
    '--image',
    image,
    '--name',
    'BOARD.BIN',
    '--size',
    size,
    '--out',
    join(folder, out),
  ]);
  return { ...run, fileBytes: statSync(join(folder, out)).size };
}

/** Milliseconds and the most memory of judging a stick that was made before. */
const checking = (folder: string, out: string) =>
  timedRun(join(folder, 'probe.mjs'), ['stick', 'check', join(folder, out), '--name', 'BOARD.BIN']);

async function timedRun(cli: string, args: readonly string[]) {
  const begin = performance.now();
  const child = spawn(process.execPath, [cli, ...args], { stdio: ['ignore', 'ignore', 'inherit'] });
  let maxKib = 0;
  const watching = setInterval(() => {
    try {
      maxKib = Math.max(
        maxKib,
        Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))?.[1] ?? 0),
      );
    } catch {
      // It has ended.
    }
  }, 5);
  const code = await new Promise((resolve) => child.once('exit', resolve));
  clearInterval(watching);
  if (code !== 0) throw new Error(`probe ${args.slice(0, 2).join(' ')} ended with ${String(code)}`);
  return { milliseconds: performance.now() - begin, maxMib: maxKib / 1024 };
}

/** Random boards, planned and searched: how many of the answers differ. */
function planSearch(boards: number) {
  let differing = 0;
  for (const [question, installed] of fc.sample(questions, { seed, numRuns: boards }))
    if (JSON.stringify(plannedBy(question, installed)) !== JSON.stringify(searchPlan(question, installed)))
      differing += 1;
  return { boards, differing };
}

interface Report {
  readonly planMs: ReturnType<typeof planning>;
  readonly inspectMs: ReturnType<typeof inspecting>;
  readonly make8GiB: Awaited<ReturnType<typeof making>>;
  readonly make8GiBPacked: Awaited<ReturnType<typeof making>>;
  readonly make32GiB: Awaited<ReturnType<typeof making>>;
  readonly check8GiBPacked: Awaited<ReturnType<typeof checking>>;
  readonly check32GiB: Awaited<ReturnType<typeof checking>>;
  readonly planSearch: ReturnType<typeof planSearch>;
  readonly fuzz: FuzzReport;
}

const folder = mkdtempSync(join(tmpdir(), 'probe-bench-'));
try {
  const report: Report = {
    planMs: planning(),
    inspectMs: inspecting(),
    make8GiB: await making(folder, '8GiB', 'stick.img'),
    make8GiBPacked: await making(folder, '8GiB', 'stick.img.gz'),
    make32GiB: await making(folder, '32GiB', 'large.img'),
    check8GiBPacked: await checking(folder, 'stick.img.gz'),
    check32GiB: await checking(folder, 'large.img'),
    planSearch: planSearch(20_000),
    fuzz: await fuzz(rounds, seed, () => performance.now()),
  };
  if (values.json) process.stdout.write(`${JSON.stringify(report)}\n`);
  else print(report);
  process.exitCode = report.fuzz.findings.length > 0 || report.planSearch.differing > 0 ? 1 : 0;
} finally {
  rmSync(folder, { recursive: true, force: true });
}

function print(report: Report): void {
  const { planMs, inspectMs, make8GiB, make8GiBPacked, make32GiB, check8GiBPacked, check32GiB, fuzz: fuzzed } = report;
  const line = (what: string, figure: string) => process.stdout.write(`${what.padEnd(52)} ${figure}\n`);
  const ms = ({ median: middle, worst }: { median: number; worst: number }) =>
    `${middle.toFixed(1)} ms, worst ${worst.toFixed(1)} ms`;
  const made = ({ milliseconds, maxMib }: typeof check32GiB) =>
    `${(milliseconds / 1000).toFixed(2)} s, ${maxMib.toFixed(0)} MiB`;
  line(`path over 2,000 releases (${planMs.steps} steps)`, ms(planMs.known));
  line('the same, for a processor', ms(planMs.support));
  line('the same, installed version unknown', ms(planMs.unknown));
  line('32 MiB image inspected', ms(inspectMs));
  line('8 GiB stick made, raw', made(make8GiB));
  line('8 GiB stick made, packed', made(make8GiBPacked));
  line('32 GiB stick made, raw', made(make32GiB));
  line('8 GiB stick checked, packed', made(check8GiBPacked));
  line('32 GiB stick checked, raw', made(check32GiB));
  line(`plans of ${report.planSearch.boards} random boards`, `${report.planSearch.differing} differ from the search`);
  line(
    `${fuzzed.rounds} mutated inputs`,
    `${fuzzed.findings.length} findings, slowest ${fuzzed.slowestMs.toFixed(0)} ms`,
  );
  for (const [answer, count] of Object.entries(fuzzed.answers).sort()) line(`  ${answer}`, String(count));
  for (const { input, round, error } of fuzzed.findings.slice(0, 5)) line(`  ${input}, round ${round}`, error);
}
