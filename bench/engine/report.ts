import type { StrategyScore } from '../../src/core/practice';
import type { againstOptimum } from './optimum';

export interface Speed {
  readonly instances: number;
  readonly hypotheses: number;
  readonly latencyMs: { readonly beforeEvidence: number; readonly afterOutcome: number; readonly replay60: number };
  readonly memoryMb: number;
  readonly scaling: readonly {
    readonly instances: number;
    readonly hypotheses: number;
    readonly msPerEvent: number;
  }[];
}

/** What `bench:engine --json` prints: see docs/benchmarks.md. */
export interface Report extends ReturnType<typeof againstOptimum> {
  readonly seed: number;
  readonly cases: number;
  readonly exactMaxError: number;
  readonly strategies: readonly StrategyScore[];
  readonly calibrationError: number;
  readonly stress: { readonly strategies: readonly StrategyScore[]; readonly calibrationError: number };
  readonly doubles: { readonly cases: number; readonly unrepairedShare: number };
  readonly doubtfulFirstTwoShare: number;
  readonly doubtful: { readonly flips: number; readonly share: number; readonly falseAlarmShare: number };
  readonly latencyMs: Speed['latencyMs'];
  readonly latencyOf: Pick<Speed, 'instances' | 'hypotheses' | 'memoryMb'>;
  readonly scaling: Speed['scaling'];
}
