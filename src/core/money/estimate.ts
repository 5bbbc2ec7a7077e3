import Big, { type RoundingMode } from 'big.js';
import type { Amount, CaseState } from '../casework';
import type { Diagnosis } from '../diagnosis';
import { halfAwayFromZero, toAmount } from './amount';
import { billOf } from './bill';
import type { Rates } from './rates';

/** What a case will cost with tax, in whole units: nine times in ten between the two. */
export interface Estimate {
  readonly low: Amount;
  readonly likely: Amount;
  readonly high: Amount;
  /** What it comes to already. */
  readonly soFar: Amount;
}

/** A usual price or time may be so much less or more in truth. */
const mayBe = { low: '0.75', high: '1.4' } as const;
const shares = { low: 0.05, likely: 0.5, high: 0.95 } as const;

/**
 * What the case will have cost, from the engine's odds: for each repair that may be the right one its part and its
 * minutes, and the minutes of tests until it is known, on top of what it comes to already. Usual prices and minutes, so
 * it is a guide for the words with the owner and no promise.
 */
export function estimateOf(state: CaseState, diagnosis: Diagnosis, rates: Rates): Estimate {
  const soFar = new Big(billOf(state, rates).gross);
  const ways = waysToEnd(diagnosis)
    .map(({ probability, price, minutes }) => ({
      probability,
      cost: new Big(price)
        .times(new Big(100).plus(rates.onPartsPercent))
        .div(100)
        .plus(new Big(rates.hour).times(Math.round(minutes)).div(60)),
    }))
    .sort((a, b) => a.cost.cmp(b.cost));
  const at = (share: number, factor: string, rounding: RoundingMode): Amount => {
    let sum = 0;
    const way = ways.find(({ probability }) => (sum += probability) >= share - 1e-9) ?? ways.at(-1);
    const more = new Big(way?.cost ?? 0).times(factor).times(new Big(100).plus(rates.taxPercent)).div(100);
    return toAmount(soFar.plus(more).round(0, rounding));
  };
  return {
    low: at(shares.low, mayBe.low, Big.roundDown),
    likely: at(shares.likely, '1', halfAwayFromZero),
    high: at(shares.high, mayBe.high, Big.roundUp),
    soFar: toAmount(soFar),
  };
}

const isOver: readonly Diagnosis['advice']['kind'][] = ['verify', 'close', 'nothing-seen'];
/** Starting, looking and closing up take so long besides the repair, in minutes. */
const aroundMinutes = 15;

/** The repairs that may be the right one, with what each costs; what is right already costs only its last check. */
export function waysToEnd({ suspects, repairs, rightProbability, advice }: Diagnosis) {
  const costs = new Map(suspects.map(({ repair }) => [repair.id, repair]));
  // A spare that helps is no repair: only where nothing is left to be done may it be right as it stands.
  const right = isOver.includes(advice.kind) ? rightProbability : 0;
  const open = 1 - right;
  const sum = repairs.reduce((total, { probability }) => total + probability, 0);
  return [
    { probability: right, price: 0, minutes: aroundMinutes },
    ...repairs.map(({ repair, probability }) => ({
      probability: sum > 0 ? (open * probability) / sum : 0,
      price: costs.get(repair)?.price ?? 0,
      minutes: aroundMinutes + (costs.get(repair)?.minutes ?? 0),
    })),
  ];
}
