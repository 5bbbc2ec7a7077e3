import { fork } from 'node:child_process';
import { parseArgs } from 'node:util';
import { STRATEGIES, type Strategy } from '../../src/core/diagnosis';
import {
  calibrationError,
  meanOf,
  scoreStrategy,
  SILLINESS,
  type PlayedBenchTest,
  type PlayedCase,
  type Silliness,
  type StrategyScore,
} from '../../src/core/practice';
import { bundlePart } from './bundle-part';
import { againstOptimum } from './optimum';
import type { Part } from './part';
import type { Report, Speed } from './report';
import { printReport } from './print-report';
import { exactMaxError } from './random-models';

/** npm run bench:engine [-- --json] [-- --cases N] [-- --seed S]: see docs/benchmarks.md. */

const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    cases: { type: 'string', default: '2000' },
    seed: { type: 'string', default: '1' },
  },
});
const cases = Number(values.cases);
const seed = Number(values.seed);
if (!Number.isInteger(cases) || cases < 8 || !Number.isInteger(seed)) {
  process.stderr.write('bench:engine: expected --cases of at least 8 and a whole --seed\n');
  process.exit(2);
}

const processes = 2;
const bundle = await bundlePart();

function inProcess<T>(part: Part): Promise<T> {
  return new Promise((resolve, reject) => {
    const child = fork(bundle, { execArgv: [], serialization: 'advanced' });
    child.once('message', (answer) => resolve(answer as T));
    child.once('error', reject);
    child.once('exit', (code) => code !== 0 && reject(new Error(`${part.kind} ended with ${code}`)));
    child.send(part);
  });
}

type Played = Map<Strategy, PlayedCase[]>;

async function play(
  draw: Extract<Part, { kind: 'simulate' }>['draw'],
  count: number,
  strategies: readonly Strategy[],
  more: { readonly skipsBelow?: number } = {},
): Promise<Played> {
  const shares = await Promise.all(
    Array.from({ length: processes }, (_, from) =>
      inProcess<[Strategy, PlayedCase[]][]>({
        kind: 'simulate',
        draw,
        cases: count,
        seed,
        strategies,
        ...more,
        every: processes,
        from,
      }),
    ),
  );
  return new Map(
    strategies.map((strategy) => [
      strategy,
      shares.flatMap((share) => share.find(([name]) => name === strategy)?.[1] ?? []),
    ]),
  );
}

const score = (played: Played): StrategyScore[] => [...played].map(([name, games]) => scoreStrategy(name, games));
const calibration = (played: Played): number =>
  calibrationError([...(played.get('best-value') ?? [])].flatMap(({ forecasts }) => forecasts));

/** How often advice by best value was silly, by kind. */
function silliness(played: Played): Record<Silliness, number> {
  const all = (played.get('best-value') ?? []).flatMap(({ silly }) => silly);
  const counts = SILLINESS.map((kind) => [kind, all.filter((one) => one === kind).length] as const);
  return Object.fromEntries(counts) as Record<Silliness, number>;
}

/** The two orders that come next to best value. */
const plainOrders: readonly Strategy[] = ['outside-in', 'signal-led'];

const say = (what: string) => process.stderr.write(`${what}\n`);

say('posterior against enumeration');
const exact = exactMaxError(200, seed);
say('choices against the exact optimum');
const optimum = againstOptimum(200, seed);
say('latency, on one core');
const speed = await inProcess<Speed>({ kind: 'latency' });
say(`${cases} machines by every strategy`);
const usual = await play('usual', cases, STRATEGIES);
say(`${cases} machines under stress`);
const stress = await play('stress', cases, STRATEGIES);
say(`${cases} machines by orders that skip only tests with no new information`);
const plain = {
  usual: await play('usual', cases, plainOrders, { skipsBelow: 0 }),
  stress: await play('stress', cases, plainOrders, { skipsBelow: 0 }),
};
say(`${cases} machines with tests that cannot be done, and with misleading weights`);
const unsure = await play('unsure', cases, ['best-value']);
const misled = await play('misled', cases, ['best-value']);
say('double faults and doubtful entries');
const [doubles, doubtful] = await Promise.all([
  play('doubles', Math.max(8, Math.ceil(cases / 2)), ['best-value']),
  inProcess<Report['doubtful']>({
    kind: 'doubtful',
    cases: Math.max(400, Math.ceil(cases / 5)),
    seed,
  }),
]);
const [best] = score(doubles);
say('parts on the bench');
const benchTests = await inProcess<PlayedBenchTest[]>({
  kind: 'bench-tests',
  cases: Math.max(8, Math.ceil(cases / 2)),
  seed,
});

const report: Report = {
  seed,
  cases,
  exactMaxError: exact,
  ...optimum,
  strategies: score(usual),
  calibrationError: calibration(usual),
  stress: { strategies: score(stress), calibrationError: calibration(stress) },
  plainOrders: { usual: score(plain.usual), stress: score(plain.stress) },
  unsure: { strategies: score(unsure), silly: silliness(unsure) },
  misled: { strategies: score(misled) },
  silly: silliness(usual),
  doubles: { cases: best?.cases ?? 0, unrepairedShare: best?.unrepairedShare ?? 1 },
  benchTests: {
    cases: benchTests.length,
    meanMinutes: meanOf(benchTests.map(({ minutes }) => minutes)),
    meanTrials: meanOf(benchTests.map(({ trials }) => trials)),
    closedShare: meanOf(benchTests.map(({ isClosed }) => Number(isClosed))),
    wrongVerdicts: benchTests.reduce((sum, { wrongVerdicts }) => sum + wrongVerdicts, 0),
  },
  doubtfulFirstTwoShare: doubtful.share,
  doubtful,
  latencyMs: speed.latencyMs,
  wholeMs: speed.wholeMs,
  latencyOf: { instances: speed.instances, hypotheses: speed.hypotheses, memoryMb: speed.memoryMb },
  scaling: speed.scaling,
};

process.stdout.write(values.json ? `${JSON.stringify(report, null, 2)}\n` : printReport(report));
