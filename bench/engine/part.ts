import { misledDraw, playBenchTest, simulate, stressedDraw, unsureDraw, usualDraw } from '../../src/core/practice';
import type { Strategy } from '../../src/core/diagnosis';
import { doubtfulFirstTwo } from './doubtful';
import { latency, scaling } from './latency';

/** One part of the benchmark, in a process of its own: reads what to do from its parent, answers, and ends. */
export type Part =
  | {
      readonly kind: 'simulate';
      readonly draw: 'usual' | 'unsure' | 'stress' | 'misled' | 'doubles';
      readonly cases: number;
      readonly seed: number;
      readonly strategies: readonly Strategy[];
      readonly skipsBelow?: number;
      readonly every: number;
      readonly from: number;
    }
  | { readonly kind: 'doubtful'; readonly cases: number; readonly seed: number }
  | { readonly kind: 'bench-tests'; readonly cases: number; readonly seed: number }
  | { readonly kind: 'latency' };

const draws = {
  usual: usualDraw,
  unsure: unsureDraw,
  stress: stressedDraw,
  misled: misledDraw,
  doubles: { twoFaults: 1 },
};

function run(part: Part): unknown {
  switch (part.kind) {
    case 'simulate':
      return [...simulate({ ...part, ...draws[part.draw] })];
    case 'doubtful':
      return doubtfulFirstTwo(part.cases, part.seed);
    case 'bench-tests':
      return Array.from({ length: part.cases }, (_, n) => playBenchTest(part.seed * 1_000_003 + n));
    case 'latency':
      return { ...latency(), scaling: scaling() };
  }
}

process.once('message', (part: Part) => {
  process.send?.(run(part), () => process.exit(0));
});
