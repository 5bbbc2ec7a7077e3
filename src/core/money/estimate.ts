import Big from 'big.js';
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

/** A usual price or time may be less or more in truth, by these factors. */
const mayBe = { low: '0.75', high: '1.4' } as const;
const shares = { low: 0.05, likely: 0.5, high: 0.95 } as const;

/** What is still to come, with tax, for the three shares of the odds. */
export interface CostAhead {
  readonly low: Big;
  readonly likely: Big;
  readonly high: Big;
}

/** An amount with the tax of the shop. */
export const withTax = (net: Big, { taxPercent }: Rates): Big => net.times(new Big(100).plus(taxPercent)).div(100);

/** What minutes of work cost, without tax. */
export const workOf = (minutes: number, { hour }: Rates): Big => new Big(hour).times(Math.round(minutes)).div(60);

/**
 * What is still to be paid until the machine is right, from the engine's odds: for each repair that may be the right one
 * its part, by the price list of the shop, and its minutes. Usual prices and minutes, so it is a guide for the words with
 * the owner and no promise.
 */
export function costAhead(diagnosis: Diagnosis, rates: Rates): CostAhead {
  const ways = waysToEnd(diagnosis, rates)
    .map(({ probability, price, minutes }) => ({
      probability,
      cost: price.times(new Big(100).plus(rates.onPartsPercent)).div(100).plus(workOf(minutes, rates)),
    }))
    .sort((a, b) => a.cost.cmp(b.cost));
  const at = (share: number): Big => {
    let sum = 0;
    const way = ways.find(({ probability }) => (sum += probability) >= share - 1e-9) ?? ways.at(-1);
    return withTax(way?.cost ?? new Big(0), rates);
  };
  return { low: at(shares.low).times(mayBe.low), likely: at(shares.likely), high: at(shares.high).times(mayBe.high) };
}

/** What the case will have cost: what it comes to already, and what is ahead. */
export function estimateOf(state: CaseState, diagnosis: Diagnosis, rates: Rates): Estimate {
  const soFar = new Big(billOf(state, rates).gross);
  const ahead = costAhead(diagnosis, rates);
  return {
    low: toAmount(soFar.plus(ahead.low).round(0, Big.roundDown)),
    likely: toAmount(soFar.plus(ahead.likely).round(0, halfAwayFromZero)),
    high: toAmount(soFar.plus(ahead.high).round(0, Big.roundUp)),
    soFar: toAmount(soFar),
  };
}

const isOver: readonly Diagnosis['advice']['kind'][] = ['verify', 'close', 'nothing-seen'];
/** Starting, looking and closing up take so long besides the repair, in minutes. */
const aroundMinutes = 15;

/** The repairs that may be the right one, with what each costs; what is right already costs only its last check. */
export function waysToEnd(
  { suspects, repairs, rightProbability, advice }: Diagnosis,
  { partPrices }: Pick<Rates, 'partPrices'>,
) {
  const costs = new Map(suspects.map(({ repair }) => [repair.id, repair]));
  // A spare that helps is no repair: only where nothing is left to be done may it be right as it stands.
  const right = isOver.includes(advice.kind) ? rightProbability : 0;
  const open = 1 - right;
  const sum = repairs.reduce((total, { probability }) => total + probability, 0);
  return [
    { probability: right, price: new Big(0), minutes: aroundMinutes },
    ...repairs.map(({ repair, probability }) => {
      const { buys = null, price = 0, minutes = 0 } = costs.get(repair) ?? {};
      return {
        probability: sum > 0 ? (open * probability) / sum : 0,
        price: new Big((buys && partPrices[buys]) ?? price),
        minutes: aroundMinutes + minutes,
      };
    }),
  ];
}
