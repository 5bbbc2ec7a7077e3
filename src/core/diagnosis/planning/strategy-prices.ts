import { entropyBits } from './information';
import { rightClass } from './active-hypotheses';
import { orderByStrategy } from './order-by-strategy';
import type { Plan, Proposal } from './propose';
import { STRATEGIES, type Strategy, type StrategyView } from './strategies';

/** What going on by one strategy would take from here. */
export interface StrategyPrice {
  readonly strategy: Strategy;
  /** Its next trial; null if none has information. */
  readonly next: { readonly trial: string; readonly title: string } | null;
  /** Expected minutes of testing until one repair is nearly certain, or no trial has information left. */
  readonly minutes: number;
  /** The same over best value; never negative. */
  readonly extraMinutes: number;
}

/** A test as a rollout sees it: probabilities of its outcomes, given each class. */
interface Test {
  readonly proposal: Proposal;
  readonly width: number;
  /** Row-major by class. */
  readonly given: Float64Array;
}

/** A repair class with this probability counts as isolated. */
export const isolatedAt = 0.95;
/** The likeliest classes are played through in turn; what is rarer changes the mean little. */
const playedClasses = 10;
/** Tests that a rollout may choose from, and how many it makes at most. */
const considered = 36;
const longest = 14;

/**
 * The six strategies and what each would take from here: an estimate. Each of the likeliest
 * classes is taken to be true in turn; each test then shows what it is likeliest to show, and the rest is weighed again.
 * Set-up is counted from the machine as it stands, and outcomes are taken as independent given the class.
 */
export function priceStrategies(plan: Plan, view: StrategyView): StrategyPrice[] {
  const weights = plan.live.classWeights.map((weight, row) => (plan.live.classIds[row] === rightClass ? 0 : weight));
  const makeTest = testMaker(plan);
  const likeliest = [...weights.keys()]
    .sort((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0))
    .slice(0, playedClasses)
    .filter((row) => (weights[row] ?? 0) > 0);
  const priced = STRATEGIES.map((strategy) => {
    const order = orderByStrategy(strategy, plan, view);
    const tests = order.slice(0, considered).map(makeTest);
    const [first] = order;
    const total = likeliest.reduce((sum, row) => sum + (weights[row] ?? 0), 0);
    const minutes = likeliest.reduce(
      (sum, row) => sum + ((weights[row] ?? 0) / total) * rollOut(tests, weights, row, strategy === 'best-value'),
      0,
    );
    return {
      strategy,
      next: first ? { trial: first.trial.id, title: first.trial.title } : null,
      minutes: minutes || 0,
    };
  });
  const best = priced[0]?.minutes ?? 0;
  return priced.map((price) => ({ ...price, extraMinutes: Math.max(0, price.minutes - best) }));
}

function testMaker({ jointOf }: Plan): (proposal: Proposal) => Test {
  const made = new Map<Proposal, Test>();
  return (proposal) => {
    const known = made.get(proposal);
    if (known) return known;
    const { width, classes, entries } = jointOf(proposal.trial);
    const given = new Float64Array(classes * width);
    for (let row = 0; row < classes; row++) {
      let mass = 0;
      for (let o = 0; o < width; o++) mass += entries[row * width + o] ?? 0;
      for (let o = 0; o < width; o++)
        given[row * width + o] = mass > 0 ? (entries[row * width + o] ?? 0) / mass : 1 / width;
    }
    const test = { proposal, width, given };
    made.set(proposal, test);
    return test;
  };
}

/** Minutes of testing when one class is true: in the order given, or the most telling a minute first. */
function rollOut(tests: readonly Test[], prior: Float64Array, truth: number, choosesBest: boolean): number {
  const left = new Set(tests);
  let weights = scaled(prior);
  let minutes = 0;
  for (let done = 0; done < longest && Math.max(...weights) < isolatedAt; done++) {
    const next = choosesBest ? maxInformative(left, weights) : firstTelling(left, weights);
    if (!next) break;
    left.delete(next);
    minutes += next.proposal.minutes;
    weights = afterOutcome(next, weights, likeliestOutcome(next, truth));
  }
  return minutes;
}

const tellsEnough = 0.02;

function firstTelling(tests: Iterable<Test>, weights: Float64Array): Test | null {
  for (const test of tests) if (bitsOf(test, weights) > tellsEnough) return test;
  return null;
}

function maxInformative(tests: Iterable<Test>, weights: Float64Array): Test | null {
  let best: Test | null = null;
  let bestRate = 0;
  for (const test of tests) {
    const bits = bitsOf(test, weights);
    const rate = bits / test.proposal.minutes;
    if (bits > tellsEnough && rate > bestRate) [best, bestRate] = [test, rate];
  }
  return best;
}

function bitsOf({ width, given }: Test, weights: Float64Array): number {
  const outcomes = new Float64Array(width);
  let within = 0;
  for (let row = 0; row < weights.length; row++) {
    const weight = weights[row] ?? 0;
    if (weight < 1e-4) continue;
    for (let o = 0; o < width; o++) {
      const p = given[row * width + o] ?? 0;
      if (p <= 0) continue;
      outcomes[o] = (outcomes[o] ?? 0) + weight * p;
      within -= weight * p * Math.log2(p);
    }
  }
  return Math.max(0, entropyBits(outcomes) - within);
}

function likeliestOutcome({ width, given }: Test, row: number): number {
  let best = 0;
  for (let o = 1; o < width; o++) if ((given[row * width + o] ?? 0) > (given[row * width + best] ?? 0)) best = o;
  return best;
}

const afterOutcome = ({ width, given }: Test, weights: Float64Array, outcome: number): Float64Array =>
  scaled(weights.map((weight, row) => weight * (given[row * width + outcome] ?? 0)));

function scaled(weights: Float64Array): Float64Array {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return total > 0 ? weights.map((weight) => weight / total) : weights;
}
