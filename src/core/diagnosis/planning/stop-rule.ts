import { isReplaced } from '../../machine';
import { costOfMinutes, costOfRepair, expectedRepairCost, usualCosts, type Costs } from './costs';
import type { DiagnosisInput } from '../evidence-step';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { JointProbabilities } from './joint-probabilities';
import { rightClass } from './active-hypotheses';
import { openProposals } from './order-by-strategy';
import type { Plan, Proposal } from './propose';

/** Whether one more test pays, in the shop's money. */
export interface StopRule {
  /** Expected money to the right repair if nothing more is tested. */
  readonly costNow: number;
  /** The same if the best test is done first, its minutes counted; null if no test tells anything. */
  readonly costAfterTest: number | null;
  /** The trial that this was computed for. */
  readonly test: string | null;
  /** Money that the test saves on average; not above 0: repair now. */
  readonly saves: number;
  /** The same in minutes at the shop's rate. */
  readonly savesMinutes: number;
  /** A free repair that can be undone and is worth trying before any test; null if none is. */
  readonly tryNow: string | null;
}

/** How many of the best trials by information per minute are priced in money. */
const lookedAt = 8;

/** By class of the plan: money for one attempt at its repair; 0 where nothing is left to fix. */
export function classCosts(plan: Plan, space: HypothesisSpace, input: DiagnosisInput): Float64Array {
  const costs = input.costs ?? usualCosts;
  const byId = new Map(space.faults.map(({ repairClass }) => [repairClass.id, repairClass]));
  return Float64Array.from(plan.live.classIds, (id) => {
    const repairClass = byId.get(id);
    if (id === rightClass || !repairClass) return 0;
    // What stands in for good already costs nothing more.
    if (isReplaced(input.configuration, repairClass.part.id)) return 0;
    return costOfRepair(repairClass, costs);
  });
}

/**
 * The classes in the order in which they would be repaired now, with their costs. After an outcome the order is nearly
 * the same, and what is nearly in order is sorted quickest.
 */
export interface CostsInOrder {
  readonly rows: Int32Array;
  readonly costs: Float64Array;
}

export function costsInOrder(weights: ArrayLike<number>, costs: ArrayLike<number>): CostsInOrder {
  const ratio = (row: number) => (costs[row] ? (weights[row] ?? 0) / (costs[row] ?? 1) : 0);
  const rows = Int32Array.from(weights, (_, row) => row).sort((i, j) => ratio(j) - ratio(i) || i - j);
  return { rows, costs: Float64Array.from(rows, (row) => costs[row] ?? 0) };
}

/** Expected money after each outcome of a trial, weighed by its probabilities. `costNow` is that before it. */
export function expectedCostAfter(
  { width, classes, entries, floors }: JointProbabilities,
  inOrder: CostsInOrder,
  costNow: number,
): number {
  const column = new Float64Array(classes);
  const { rows, costs } = inOrder;
  let misread = 0;
  for (let row = 0; row < classes; row++) misread += floors[row] ?? 0;
  let expected = 0;
  for (let o = 0; o < width; o++) {
    let probability = 0;
    for (let i = 0; i < classes; i++) {
      const p = entries[(rows[i] ?? 0) * width + o] ?? 0;
      column[i] = p;
      probability += p;
    }
    // An outcome that is hardly ever more than a misreading leaves all as it was.
    if (probability <= hardlyMore * misread) expected += probability * costNow;
    else if (probability > 0) expected += probability * expectedRepairCost(column, costs);
  }
  return expected;
}

const hardlyMore = 1.05;

/** A test as far as money goes: what it takes, and what it would tell of each class. */
export interface PricedTest {
  readonly minutes: number;
  /** Good until the next one is asked for. */
  readonly joint: () => JointProbabilities;
}

/**
 * The test after which the expected cost of repair, its own minutes paid, is least; null if there are none. Of many
 * only the first few are looked at: they are taken to stand in order of information per minute.
 */
export function cheapestTest(
  tests: readonly PricedTest[],
  { inOrder, costNow, money }: { inOrder: CostsInOrder; costNow: number; money: Costs },
): { readonly index: number; readonly cost: number } | null {
  let best: { index: number; cost: number } | null = null;
  for (const [index, { minutes, joint }] of tests.slice(0, lookedAt).entries()) {
    const cost = costOfMinutes(money, minutes) + expectedCostAfter(joint(), inOrder, costNow);
    if (!best || cost < best.cost) best = { index, cost };
  }
  return best;
}

/** Weighs the next tests against repairing now. */
export function weighStopping(plan: Plan, space: HypothesisSpace, input: DiagnosisInput): StopRule {
  const money = input.costs ?? usualCosts;
  const costs = classCosts(plan, space, input);
  const costNow = expectedRepairCost(plan.live.classWeights, costs);
  const inOrder = costsInOrder(plan.live.classWeights, costs);
  const open = openProposals(plan);
  const tests = open.filter(({ trial }) => !trial.repair);
  const repairs = open.filter(({ trial }) => trial.repair);
  const priced = ({ trial, minutes }: Proposal): PricedTest => ({ minutes, joint: () => plan.jointOf(trial) });
  const best = cheapestTest(tests.map(priced), { inOrder, costNow, money });
  const cheapRepair = cheapestTest(repairs.map(priced), { inOrder, costNow, money });
  const saves = best ? costNow - best.cost : 0;
  const idOf = (from: readonly Proposal[], at: number) => from[at]?.trial.id ?? null;
  return {
    costNow,
    costAfterTest: best?.cost ?? null,
    test: best ? idOf(tests, best.index) : null,
    saves,
    savesMinutes: (saves / money.ratePerHour) * 60,
    tryNow: cheapRepair && (!best || cheapRepair.cost < best.cost) ? idOf(repairs, cheapRepair.index) : null,
  };
}
