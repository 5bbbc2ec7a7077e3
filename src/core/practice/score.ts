import { mean, quantile } from 'simple-statistics';
import type { PlayedCase } from './play-case';

/** How one strategy did over many machines. Minutes are those that the engine computes. */
export interface StrategyScore {
  readonly name: string;
  readonly cases: number;
  readonly meanMinutesToIsolate: number;
  readonly p90MinutesToIsolate: number;
  readonly meanMinutesToFix: number;
  readonly meanTrials: number;
  /** Share of cases in which something was written, erased or bought in vain, or that were closed with the fault in. */
  readonly wrongRepairShare: number;
  readonly wrongPartsPerMachine: number;
  /** Share of cases that ended with a fault still in the machine, closed or not. */
  readonly unrepairedShare: number;
}

/** Mean of some numbers; 0 of none. */
export const meanOf = (values: readonly number[]): number => (values.length === 0 ? 0 : mean([...values]));

/**
 * The value below which a share of the numbers lies; 0 of none.
 *
 * @example quantileOf([1, 2, 3, 4], 0.5) // => 2.5
 */
export const quantileOf = (values: readonly number[], share: number): number =>
  values.length === 0 ? 0 : quantile([...values], share);

/** Sums played cases up. */
export function scoreStrategy(name: string, played: readonly PlayedCase[]): StrategyScore {
  const isolate = played.map(({ minutesToIsolate }) => minutesToIsolate);
  const shareOf = (holds: (one: PlayedCase) => boolean) => meanOf(played.map((one) => (holds(one) ? 1 : 0)));
  return {
    name,
    cases: played.length,
    meanMinutesToIsolate: meanOf(isolate),
    p90MinutesToIsolate: quantileOf(isolate, 0.9),
    meanMinutesToFix: meanOf(played.map(({ minutesToFix }) => minutesToFix)),
    meanTrials: meanOf(played.map(({ trials }) => trials.length)),
    wrongRepairShare: shareOf(({ repairedWrongly }) => repairedWrongly),
    wrongPartsPerMachine: meanOf(played.map(({ wrongParts }) => wrongParts)),
    unrepairedShare: shareOf(({ isRight }) => !isRight),
  };
}

const bins = 10;

/**
 * Expected calibration error: forecasts in ten equal bins, the distance between mean forecast and how often it came
 * true, weighed by the bin's size (Naeini, Cooper, Hauskrecht, AAAI 2015). 0 of no forecasts.
 */
export function calibrationError(forecasts: PlayedCase['forecasts']): number {
  const byBin = Array.from({ length: bins }, (_, bin) =>
    forecasts.filter(({ probability }) => Math.min(bins - 1, Math.floor(probability * bins)) === bin),
  );
  const distance = (bin: PlayedCase['forecasts']) =>
    Math.abs(meanOf(bin.map(({ probability, came }) => probability - (came ? 1 : 0))));
  return byBin.reduce((sum, bin) => sum + (bin.length * distance(bin)) / Math.max(1, forecasts.length), 0);
}
