import Big from 'big.js';
import type { Amount } from '../casework';

/** Halves are rounded away from zero, as bills do it. */
export const halfAwayFromZero = Big.roundHalfUp;

/** An amount as it is stored and shown: two decimals. @example toAmount(new Big('12.345')) // => '12.35' */
export const toAmount = (value: Big): Amount => value.round(2, halfAwayFromZero).toFixed(2);

export const sumOf = (amounts: readonly Amount[]): Big => amounts.reduce((sum, one) => sum.plus(one), new Big(0));

/**
 * What each of several parts bought for one price costs, so that all together cost just that price.
 *
 * @example [1, 2, 3].map((n) => shareOfLot('10.00', 3, n)) // => ['3.33', '3.34', '3.33']
 */
export function shareOfLot(paid: Amount, of: number, nth: number): Amount {
  const upTo = (n: number) => new Big(paid).times(n).div(of).round(2, halfAwayFromZero);
  return toAmount(upTo(nth).minus(upTo(nth - 1)));
}

/** An amount in a sentence: without cents where there are none. @example plainAmount('120.00') // => '120' */
export const plainAmount = (amount: Amount): string => amount.replace(/\.00$/, '').replace('-', '−');
