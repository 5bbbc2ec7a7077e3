import type { Silliness, StrategyScore } from '../../src/core/practice';
import type { againstOptimum } from './optimum';

export interface Speed {
  readonly instances: number;
  readonly hypotheses: number;
  readonly latencyMs: { readonly beforeEvidence: number; readonly afterOutcome: number; readonly replay60: number };
  /** With the rest that follows. */
  readonly wholeMs: { readonly beforeEvidence: number; readonly afterOutcome: number };
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
  /** Orders that leave out only tests with no new information. */
  readonly plainOrders: {
    readonly usual: readonly StrategyScore[];
    readonly stress: readonly StrategyScore[];
  };
  /** With tests that cannot be done or leave one unsure; how often advice was silly, by kind. */
  readonly unsure: {
    readonly strategies: readonly StrategyScore[];
    readonly silly: Readonly<Record<Silliness, number>>;
  };
  /** With starting weights that mislead. */
  readonly misled: { readonly strategies: readonly StrategyScore[] };
  /** Of the usual machines. */
  readonly silly: Readonly<Record<Silliness, number>>;
  readonly doubles: { readonly cases: number; readonly unrepairedShare: number };
  /** Parts on the bench, every second time with one that has to go. */
  readonly benchTests: {
    readonly cases: number;
    readonly meanMinutes: number;
    readonly meanTrials: number;
    readonly closedShare: number;
    readonly wrongVerdicts: number;
  };
  readonly doubtfulFirstTwoShare: number;
  readonly doubtful: { readonly flips: number; readonly share: number; readonly falseAlarmShare: number };
  readonly latencyMs: Speed['latencyMs'];
  readonly wholeMs: Speed['wholeMs'];
  readonly latencyOf: Pick<Speed, 'instances' | 'hypotheses' | 'memoryMb'>;
  readonly scaling: Speed['scaling'];
}
