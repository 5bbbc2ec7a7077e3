import type { RepairClass } from '../../faults';

/** What minutes and waiting cost at a shop, in its own currency. */
export interface Costs {
  readonly ratePerHour: number;
  /** What waiting for a part that is not on the shelf costs: downtime, a second visit to the bench. */
  readonly partDelay: number;
}

/** Starting judgement, until the shop writes down its own. */
export const usualCosts: Costs = { ratePerHour: 48, partDelay: 12 };

/** Shares below this change no cost in its sixth digit. */
const beyondCounting = 1e-7;

/** Minutes to start it once more and see that it is right. */
const verifyMinutes = 1;

export const costOfMinutes = ({ ratePerHour }: Costs, minutes: number): number => (minutes / 60) * ratePerHour;

/** Money for one attempt at a repair: labour with a look whether it worked, the part and the wait for it. */
export function costOfRepair({ minutes, price }: Pick<RepairClass, 'minutes' | 'price'>, costs: Costs): number {
  return costOfMinutes(costs, minutes + verifyMinutes) + price + (price > 0 ? costs.partDelay : 0);
}

/**
 * Expected money until the right repair is done if nothing more is tested: repairs in falling order of probability
 * over cost, each paid for while no earlier one was right (Heckerman, Breese, Rommelse, "Decision-theoretic
 * troubleshooting", CACM 1995). Weights need not sum to 1; those of cost 0 need no repair.
 *
 * @example expectedRepairCost([0.5, 0.5], [10, 10]) // => 15
 */
export function expectedRepairCost(weights: ArrayLike<number>, costs: ArrayLike<number>): number {
  let total = 0;
  for (let i = 0; i < weights.length; i++) total += weights[i] ?? 0;
  if (total <= 0) return 0;
  if (order.length < weights.length) {
    order = new Int32Array(weights.length);
    worth = new Float64Array(weights.length);
  }
  let count = 0;
  let left = 0;
  for (let i = 0; i < weights.length; i++) {
    const weight = weights[i] ?? 0;
    const cost = costs[i] ?? 0;
    if (weight <= beyondCounting * total || cost <= 0) continue;
    left += weight;
    // By insertion: most come in the order that they had before the last outcome.
    const own = weight / cost;
    let at = count++;
    for (; at > 0 && (worth[at - 1] ?? 0) < own; at--) {
      worth[at] = worth[at - 1] ?? 0;
      order[at] = order[at - 1] ?? 0;
    }
    worth[at] = own;
    order[at] = i;
  }
  let expected = 0;
  for (let k = 0; k < count; k++) {
    const i = order[k] ?? 0;
    expected += left * (costs[i] ?? 0);
    left -= weights[i] ?? 0;
  }
  return expected / total;
}

/** Room to put repairs in order, used again each time: the repair by its place, and its probability over cost. */
let order = new Int32Array(0);
let worth = new Float64Array(0);
