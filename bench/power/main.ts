import { performance } from 'node:perf_hooks';
import {
  powerBudget,
  readTraceCsv,
  suggestPhases,
  thinTrace,
  USUAL_DRAWS,
  USUAL_RAILS,
  type ConsumerKind,
} from '../../src/core/power';

/** npm run bench:power: a long trace of a wall meter read as the worker does, and a budget judged again after an edit. */

const rows = 100_000;
const repeats = 15;
const text = `time,watts\n${Array.from({ length: rows }, (_, i) => `${i / 10},${(80 + 40 * Math.sin(i / 50)).toFixed(1)}`).join('\n')}\n`;

function median(work: () => void): number {
  const times = Array.from({ length: repeats }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(repeats / 2)] ?? 0;
}

const kinds = Object.keys(USUAL_DRAWS) as ConsumerKind[];
const consumers = Array.from({ length: 40 }, (_, i) => {
  const kind = kinds[i % kinds.length] ?? 'other';
  return { id: `part-${i}`, kind, name: kind, count: 1, draw: USUAL_DRAWS[kind], rails: USUAL_RAILS[kind] };
});
const label = {
  name: 'supply',
  watts: 650,
  v12Amps: [54],
  v12Watts: null,
  v5Amps: 20,
  v3Amps: 20,
  vsbAmps: 3,
  smallRailsWatts: 120,
};

/** What the worker does with a file. */
function importTrace(): void {
  const read = readTraceCsv(text);
  if (!read.ok) throw new Error('expected a trace');
  thinTrace(read.trace, 2000);
  suggestPhases(read.trace);
}

const report = {
  traceRows: rows,
  traceMs: Math.round(median(importTrace)),
  budgetConsumers: consumers.length,
  budgetMs: Math.round(10 * median(() => void powerBudget({ consumers, label }))) / 10,
};
process.stdout.write(`${JSON.stringify(report, null, 2)}\n`);
