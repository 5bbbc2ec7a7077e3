import { calibrationError, scoreStrategy, simulate, usualDraw } from '../core/practice';
import type { Strategy } from '../core/diagnosis';

export interface Simulation {
  readonly strategy: Strategy;
  readonly cases: number;
  readonly seed: number;
}

/** Plays machines drawn from the catalogue by one strategy; see docs/benchmarks.md for the keys. */
export function runSimulation({ strategy, cases, seed }: Simulation) {
  const played = simulate({ cases, seed, strategies: [strategy], ...usualDraw }).get(strategy) ?? [];
  return {
    seed,
    ...scoreStrategy(strategy, played),
    calibrationError: calibrationError(played.flatMap(({ forecasts }) => forecasts)),
  };
}

/** The same for a person. */
export function printSimulation(result: ReturnType<typeof runSimulation>): string {
  const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
  return [
    `${result.cases} machines by ${result.name}, seed ${result.seed}`,
    `  to isolation       ${result.meanMinutesToIsolate.toFixed(1)} min, nine in ten within ${result.p90MinutesToIsolate.toFixed(0)}`,
    `  to the right repair ${result.meanMinutesToFix.toFixed(1)} min, ${result.meanTrials.toFixed(1)} trials`,
    `  wrong repairs      ${percent(result.wrongRepairShare)}`,
    `  wrong parts        ${result.wrongPartsPerMachine.toFixed(3)} a machine`,
    `  left with a fault  ${percent(result.unrepairedShare)}`,
    `  calibration error  ${result.calibrationError.toFixed(3)}`,
    '',
  ].join('\n');
}
