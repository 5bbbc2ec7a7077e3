import type { Replay, Strategy } from '../diagnosis';
import { drawFaultyMachine, type DrawOptions } from './faulty-machine';
import { playCase, type PlayedCase, type PlayOptions } from './play-case';
import { PRACTICE_MACHINES } from './practice-machines';
import { diceOf } from './random';

export interface SimulateOptions
  extends DrawOptions, Pick<PlayOptions, 'couldNot' | 'notSure' | 'toldLate' | 'skipsBelow'> {
  readonly cases: number;
  readonly seed: number;
  /** Every strategy plays the same machines. */
  readonly strategies: readonly Strategy[];
  /** Plays only every n-th machine, from this one on: for several workers at once. */
  readonly every?: number;
  readonly from?: number;
}

/** What the eyes and priors of the stress tests are: see docs/benchmarks.md. */
export const stressedDraw: DrawOptions = {
  twoFaults: 0.08,
  priorLogError: 0.8,
  eyes: { misreadFactor: 3.3, missFactor: 2, falseAlarmFactor: 2, same: true },
};

/** Only the starting weights are wrong: off by up to e^±1.5, fault by fault. */
export const misledDraw: DrawOptions = { twoFaults: 0.05, priorLogError: 1.5 };

/** A bench on which not everything can be done or made out, and owners tell some of it late. */
export const unsureDraw = { twoFaults: 0.05, couldNot: 0.1, notSure: 0.05, toldLate: 0.3 } as const;

/** The share of double faults that the engine computes with. */
export const usualDraw: DrawOptions = { twoFaults: 0.05 };

/**
 * Plays faulty machines drawn from the catalogue by each strategy, kinds of machine in turn. Deterministic in the seed,
 * and machine number n is the same whatever the number of cases or workers.
 */
export function simulate({
  cases,
  seed,
  strategies,
  every = 1,
  from = 0,
  couldNot,
  notSure,
  toldLate,
  skipsBelow,
  ...draw
}: SimulateOptions) {
  const played = new Map<Strategy, PlayedCase[]>(strategies.map((strategy) => [strategy, []]));
  for (const [kind, practice] of PRACTICE_MACHINES.entries()) {
    let known: Replay | null = null;
    for (let n = kind; n < cases; n += PRACTICE_MACHINES.length) {
      if (Math.floor(n / PRACTICE_MACHINES.length) % every !== from) continue;
      const faulty = drawFaultyMachine(practice, diceOf(seed * 1_000_003 + n), draw);
      for (const strategy of strategies) {
        const result: ReturnType<typeof playCase> = playCase(faulty, {
          strategy,
          known,
          ...(couldNot === undefined ? {} : { couldNot }),
          ...(notSure === undefined ? {} : { notSure }),
          ...(toldLate === undefined ? {} : { toldLate }),
          ...(skipsBelow === undefined ? {} : { skipsBelow }),
        });
        known = result.known;
        played.get(strategy)?.push(result.played);
      }
    }
  }
  return played;
}
