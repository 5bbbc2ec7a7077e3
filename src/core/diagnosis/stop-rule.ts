import { placementOf } from '../machine';
import { costOfMinutes, costOfRepair, expectedRepairCost, usualCosts, type Costs } from './costs';
import type { DiagnosisInput } from './evidence-step';
import type { HypothesisSpace } from './hypothesis-space';
import type { JointChances } from './joint-chances';
import { rightClass } from './live-ways';
import { openProposals } from './next-by-school';
import type { Plan, Proposal } from './propose';

/** Whether one more test pays, in the shop's money. */
export interface StopRule {
  /** Expected money to the right repair if nothing more is tested. */
  readonly costNow: number;
  /** The same if the best test is done first, its minutes counted; null if no test tells anything. */
  readonly costAfterTest: number | null;
  /** The trial that this was reckoned for. */
  readonly test: string | null;
  /** Money that the test saves on average; not above 0: repair now. */
  readonly saves: number;
  /** The same in minutes at the shop's rate. */
  readonly savesMinutes: number;
  /** A free repair that can be undone and is worth trying before any test; null if none is. */
  readonly tryNow: string | null;
}

/** So many of the best trials by information per minute are looked at in money. */
const lookedAt = 8;

/** By class of the plan: money for one attempt at its repair; 0 where nothing is left to mend. */
export function classCosts(plan: Plan, space: HypothesisSpace, input: DiagnosisInput): Float64Array {
  const costs = input.costs ?? usualCosts;
  const byId = new Map(space.faults.map(({ repairClass }) => [repairClass.id, repairClass]));
  return Float64Array.from(plan.live.classIds, (id) => {
    const repairClass = byId.get(id);
    if (id === rightClass || !repairClass) return 0;
    // What stands in for good already costs nothing more.
    if (placementOf(input.configuration, repairClass.part.id).state === 'new') return 0;
    return costOfRepair(repairClass, costs);
  });
}

/** Expected money after each outcome of a trial, weighed by its chances. */
export function expectedCostAfter({ width, classes, entries }: JointChances, costs: Float64Array): number {
  const column = new Float64Array(classes);
  let expected = 0;
  for (let o = 0; o < width; o++) {
    let chance = 0;
    for (let row = 0; row < classes; row++) {
      const p = entries[row * width + o] ?? 0;
      column[row] = p;
      chance += p;
    }
    if (chance > 0) expected += chance * expectedRepairCost(column, costs);
  }
  return expected;
}

/** Weighs the next tests against repairing now. */
export function weighStopping(plan: Plan, space: HypothesisSpace, input: DiagnosisInput): StopRule {
  const money: Costs = input.costs ?? usualCosts;
  const costs = classCosts(plan, space, input);
  const costNow = expectedRepairCost(plan.live.classWeights, costs);
  const open = openProposals(plan);
  const costOf = ({ trial, minutes }: Proposal): number =>
    costOfMinutes(money, minutes) + expectedCostAfter(plan.jointOf(trial), costs);
  const tests = open.filter(({ trial }) => !trial.repair).slice(0, lookedAt);
  const repairs = open.filter(({ trial }) => trial.repair).slice(0, lookedAt);
  const best = cheapest(tests, costOf);
  const cheapRepair = cheapest(repairs, costOf);
  const costAfterTest = best?.cost ?? null;
  const saves = best ? costNow - best.cost : 0;
  return {
    costNow,
    costAfterTest,
    test: best?.proposal.trial.id ?? null,
    saves,
    savesMinutes: (saves / money.ratePerHour) * 60,
    tryNow: cheapRepair && (!best || cheapRepair.cost < best.cost) ? cheapRepair.proposal.trial.id : null,
  };
}

function cheapest(proposals: readonly Proposal[], costOf: (proposal: Proposal) => number) {
  let best: { proposal: Proposal; cost: number } | null = null;
  for (const proposal of proposals) {
    const cost = costOf(proposal);
    if (!best || cost < best.cost) best = { proposal, cost };
  }
  return best;
}
