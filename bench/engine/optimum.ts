import { cheapestTest, costsInOrder, type PricedTest } from '../../src/core/diagnosis/planning/stop-rule';
import { costOfMinutes, expectedRepairCost, usualCosts } from '../../src/core/diagnosis/planning/costs';
import { forecastTrial, type JointProbabilities } from '../../src/core/diagnosis/planning/joint-probabilities';
import { diceOf, meanOf, quantileOf } from '../../src/core/practice';

/**
 * The engine's rules for choosing against the exact optimum: small problems in which each test splits the faults without
 * error, so that what is known is a set of faults and dynamic programming over all sets finds the best plan there is.
 */
interface Problem {
  readonly weights: readonly number[];
  /** Money for one attempt at each fault's repair. */
  readonly repairs: readonly number[];
  readonly tests: readonly { readonly minutes: number; readonly outcomes: readonly number[] }[];
}

type FaultSet = number;

const has = (set: FaultSet, fault: number): boolean => ((set >> fault) & 1) === 1;
const isSingle = (set: FaultSet): boolean => (set & (set - 1)) === 0;
const maxOutcomes = 3;

/** Eight or nine faults, nine tests, every pair reported apart by some test. */
function randomProblem(seed: number): Problem {
  for (let attempt = 0; ; attempt++) {
    const dice = (name: string) => diceOf(seed)(`${name} ${attempt}`);
    const count = dice('faults') < 0.5 ? 8 : 9;
    const faults = [...Array(count).keys()];
    const raw = faults.map((f) => Math.exp(2.5 * dice(`weight ${f}`)));
    const total = raw.reduce((a, b) => a + b, 0);
    const tests = [...Array(9).keys()].map((t) => {
      const width = dice(`width ${t}`) < 0.7 ? 2 : maxOutcomes;
      return {
        minutes: 0.5 + Math.floor(60 * dice(`minutes a ${t}`) * dice(`minutes b ${t}`)) / 2,
        outcomes: faults.map((f) => Math.floor(width * dice(`outcome ${t} ${f}`))),
      };
    });
    const signatures = new Set(faults.map((f) => tests.map(({ outcomes }) => outcomes[f]).join('')));
    if (signatures.size < count) continue;
    return {
      weights: raw.map((w) => w / total),
      repairs: faults.map((f) => repairPrice(dice(`price ${f}`), dice(`class ${f}`))),
      tests,
    };
  }
}

/** Half cost a few minutes, a third half an hour, the rest a part. */
const repairPrice = (at: number, priceClass: number): number =>
  priceClass < 0.5 ? 1 + 4 * at : priceClass < 0.8 ? 8 + 20 * at : 40 + 150 * at;

const massOf = ({ weights }: Problem, set: FaultSet): number =>
  weights.reduce((sum, weight, f) => (has(set, f) ? sum + weight : sum), 0);

/** The sets that a test leaves, one an outcome that can be seen. */
function split(set: FaultSet, outcomes: readonly number[]): FaultSet[] {
  const parts = new Array<FaultSet>(maxOutcomes).fill(0);
  outcomes.forEach((outcome, f) => {
    if (has(set, f)) parts[outcome] = (parts[outcome] ?? 0) | (1 << f);
  });
  return parts.filter((part) => part !== 0);
}

/** Expected value of what follows a split, by the value of each part. */
const after = (
  problem: Problem,
  set: FaultSet,
  parts: readonly FaultSet[],
  value: (part: FaultSet) => number,
): number => parts.reduce((sum, part) => sum + (massOf(problem, part) / massOf(problem, set)) * value(part), 0);

function remembered(value: (set: FaultSet, again: (set: FaultSet) => number) => number): (set: FaultSet) => number {
  const known = new Map<FaultSet, number>();
  const ask = (set: FaultSet): number => {
    const found = known.get(set) ?? value(set, ask);
    known.set(set, found);
    return found;
  };
  return ask;
}

/** Least expected minutes until one fault is left. */
const minMinutes = (problem: Problem) =>
  remembered((set, again) => {
    if (isSingle(set)) return 0;
    let best = Infinity;
    for (const { minutes, outcomes } of problem.tests) {
      const parts = split(set, outcomes);
      if (parts.length > 1) best = Math.min(best, minutes + after(problem, set, parts, again));
    }
    return best;
  });

/** Least expected money until the right repair is done: test or try any repair, in any order. */
const minMoney = (problem: Problem) =>
  remembered((set, again) => {
    if (set === 0) return 0;
    let best = Infinity;
    problem.repairs.forEach((price, f) => {
      if (has(set, f)) best = Math.min(best, price + leftAfterRepair(problem, set, f, again));
    });
    for (const { minutes, outcomes } of problem.tests) {
      const parts = split(set, outcomes);
      if (parts.length > 1)
        best = Math.min(best, costOfMinutes(usualCosts, minutes) + after(problem, set, parts, again));
    }
    return best;
  });

function leftAfterRepair(problem: Problem, set: FaultSet, f: number, value: (set: FaultSet) => number): number {
  const rest = set & ~(1 << f);
  return rest === 0 ? 0 : (massOf(problem, rest) / massOf(problem, set)) * value(rest);
}

/** The engine's own view of a test in this state: joint probabilities of class and outcome. */
function jointOf(problem: Problem, set: FaultSet, outcomes: readonly number[]): JointProbabilities {
  const classes = problem.weights.length;
  const entries = new Float64Array(classes * maxOutcomes);
  const mass = massOf(problem, set);
  outcomes.forEach((outcome, f) => {
    if (has(set, f)) entries[f * maxOutcomes + outcome] = (problem.weights[f] ?? 0) / mass;
  });
  return { width: maxOutcomes, classes, entries, floors: new Float64Array(classes) };
}

/** Tests that forecastTrial something, by information per minute, as a plan orders them. */
function inOrder(problem: Problem, set: FaultSet) {
  return problem.tests
    .map((test) => ({ test, parts: split(set, test.outcomes), joint: jointOf(problem, set, test.outcomes) }))
    .filter(({ parts }) => parts.length > 1)
    .map((one) => ({ ...one, rate: forecastTrial(one.joint).bits / one.test.minutes }))
    .sort((a, b) => b.rate - a.rate);
}

/** Expected minutes to isolation when the most informative test a minute is always done next. */
function engineMinutes(problem: Problem, set: FaultSet): number {
  const [best] = isSingle(set) ? [] : inOrder(problem, set);
  return best ? best.test.minutes + after(problem, set, best.parts, (part) => engineMinutes(problem, part)) : 0;
}

/** Expected money by the stop rule: the most informative test while one pays, else the repair of best odds over price. */
function engineMoney(problem: Problem, set: FaultSet): number {
  if (set === 0) return 0;
  const mass = massOf(problem, set);
  const weights = problem.weights.map((weight, f) => (has(set, f) ? weight / mass : 0));
  const costs = Float64Array.from(problem.repairs);
  const tests = inOrder(problem, set);
  const priced: PricedTest[] = tests.map(({ test, joint }) => ({ minutes: test.minutes, joint: () => joint }));
  const costNow = expectedRepairCost(weights, costs);
  const cheapest = cheapestTest(priced, {
    inOrder: costsInOrder(weights, costs),
    costNow,
    money: usualCosts,
  });
  const [first] = tests;
  if (first && cheapest && cheapest.cost < costNow - 1e-9)
    return (
      costOfMinutes(usualCosts, first.test.minutes) +
      after(problem, set, first.parts, (part) => engineMoney(problem, part))
    );
  const odds = weights.map((weight, f) => weight / (costs[f] ?? 1));
  const next = odds.indexOf(Math.max(...odds));
  return (costs[next] ?? 0) + leftAfterRepair(problem, set, next, (rest) => engineMoney(problem, rest));
}

/** Ratios of the engine's expected minutes and money to the least possible, over random problems. */
export function againstOptimum(problems: number, seed: number) {
  const minutes: number[] = [];
  const money: number[] = [];
  for (let p = 0; p < problems; p++) {
    const problem = randomProblem(seed + p);
    const all = (1 << problem.weights.length) - 1;
    minutes.push(engineMinutes(problem, all) / minMinutes(problem)(all));
    money.push(engineMoney(problem, all) / minMoney(problem)(all));
  }
  const of = (ratios: readonly number[]) => ({ mean: meanOf(ratios), p90: quantileOf(ratios, 0.9) });
  return { optimumRatio: of(minutes), costRatio: of(money) };
}
