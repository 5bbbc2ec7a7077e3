import type { Machine } from '../../machine';
import {
  breakOf,
  instantiateFaults,
  jointCauseBits,
  jointChances,
  likeliestJointCause,
  type Circumstance,
  type FaultInstance,
} from '../../faults';
import { linkIndex, type StartDistribution } from '../../startup';
import type { PresentFault } from '../../trials';

/** One fault showing in one way. A machine keeps to one way, so each way is a hypothesis of its own. */
export interface Variant {
  readonly fault: FaultInstance;
  /** Index of the fault among the space's faults. */
  readonly faultIndex: number;
  readonly present: PresentFault;
  /** Share of this way among the fault's ways. */
  readonly share: number;
  /** The start outcomes in which it can show, and their probabilities: most show in one or two. */
  readonly showsAs: readonly Showing[];
}

/** One outcome in which something shows, and its probability. */
export interface Showing {
  readonly outcome: number;
  readonly probability: number;
}

/** No second fault. */
export const NONE = -1;

/**
 * All hypotheses about a machine: every single variant, and every compatible pair of variants. Hypothesis h has the
 * variants first[h] and second[h]; the first comes no later in the chain than the second, which is NONE for a single.
 * The singles come first, in the order of the variants; the pairs follow, those with the same first variant together.
 */
export interface HypothesisSpace {
  readonly faults: readonly FaultInstance[];
  readonly variants: readonly Variant[];
  readonly first: Int32Array;
  readonly second: Int32Array;
  /** The pairs whose first variant is v stand from pairsFrom[v] up to pairsFrom[v + 1]. */
  readonly pairsFrom: Int32Array;
  /** Prior probabilities; they sum to 1. */
  readonly prior: Float64Array;
  /** The pairs that one event brings about, each with the place of that event in JOINT_CAUSES. */
  readonly joint: readonly { readonly hypothesis: number; readonly cause: number }[];
}

export interface SpaceOptions {
  /** The maximum number of faults at once. */
  readonly maxFaults?: 1 | 2;
  /**
   * Probability, 0 to 1, that a machine with a fault has two that know nothing of each other: engineering judgement.
   * Pairs that one event brings about come on top of it.
   */
  readonly pairShare?: number;
  /** Leaves faults out, for small models. Default: none. */
  readonly keeps?: (fault: FaultInstance) => boolean;
}

/** Every hypothesis about a machine that has a fault. */
export function createSpace(
  machine: Machine,
  circumstances: readonly Circumstance[],
  { maxFaults = 2, pairShare = 0.05, keeps = () => true }: SpaceOptions = {},
): HypothesisSpace {
  const faults = instantiateFaults(machine, circumstances).filter(keeps);
  const variants = faults.flatMap((fault, faultIndex) => variantsOf(fault, faultIndex, machine));
  variants.sort((a, b) => linkIndex(a.present.stops.link) - linkIndex(b.present.stops.link));
  const shares = sharesOf(faults.map(({ weight }) => weight));
  const weights = Float64Array.from(variants, (v) => (shares[v.faultIndex] ?? 0) * v.share);
  const pairs = maxFaults === 2 ? compatiblePairs(variants) : noPairs(variants.length);
  const chances = jointChances(machine, circumstances);
  return weigh(faults, { variants, chances }, weights, pairs, pairs.second.length > 0 ? pairShare : 0);
}

function variantsOf(fault: FaultInstance, faultIndex: number, machine: Machine): Variant[] {
  const shares = sharesOf(fault.mode.presentations.map(({ weight }) => weight));
  return fault.mode.presentations.map((look, i) => {
    const stops = breakOf(fault, look, machine);
    return { fault, faultIndex, present: { fault, stops }, share: shares[i] ?? 0, showsAs: showingsOf(stops.shows) };
  });
}

/** Most faults show as one of a few distributions, which they share. */
const showings = new WeakMap<StartDistribution, readonly Showing[]>();

function showingsOf(shows: StartDistribution): readonly Showing[] {
  const known =
    showings.get(shows) ??
    [...shows.entries()].flatMap(([outcome, probability]) => (probability > 0 ? [{ outcome, probability }] : []));
  showings.set(shows, known);
  return known;
}

const sharesOf = (weights: readonly number[]): number[] => {
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => weight / total);
};

interface Pairs {
  readonly from: Int32Array;
  readonly second: Int32Array;
}

const noPairs = (variants: number): Pairs => ({ from: new Int32Array(variants + 1), second: new Int32Array(0) });

/**
 * Two faults are worth holding apart if neither is "something else" and one repair does not fix both.
 */
function compatiblePairs(variants: readonly Variant[]): Pairs {
  const classes = new Map<string, number>();
  const classOf = Int32Array.from(variants, ({ fault: { repairClass, somethingElse } }) => {
    if (somethingElse) return NONE;
    const known = classes.get(repairClass.id) ?? classes.size;
    classes.set(repairClass.id, known);
    return known;
  });
  const count = variants.length;
  const from = new Int32Array(count + 1);
  const second = new Int32Array((count * (count - 1)) / 2);
  let pairs = 0;
  for (let a = 0; a < count; a++) {
    from[a] = pairs;
    const own = classOf[a] ?? NONE;
    if (own === NONE) continue;
    for (let b = a + 1; b < count; b++) if (classOf[b] !== own && classOf[b] !== NONE) second[pairs++] = b;
  }
  from[count] = pairs;
  return { from, second: second.slice(0, pairs) };
}

function weigh(
  faults: readonly FaultInstance[],
  { variants, chances }: { variants: readonly Variant[]; chances: readonly number[] },
  weights: Float64Array,
  pairs: Pairs,
  pairShare: number,
): HypothesisSpace {
  const singles = variants.length;
  const count = singles + pairs.second.length;
  const first = new Int32Array(count);
  const second = new Int32Array(count).fill(NONE);
  const prior = new Float64Array(count);
  const pairsFrom = pairs.from.map((pair) => singles + pair);
  let pairMass = 0;
  for (let v = 0; v < singles; v++) {
    const weight = weights[v] ?? 0;
    first[v] = v;
    prior[v] = (1 - pairShare) * weight;
    for (let h = pairsFrom[v] ?? 0; h < (pairsFrom[v + 1] ?? 0); h++) {
      const b = pairs.second[h - singles] ?? 0;
      first[h] = v;
      second[h] = b;
      prior[h] = weight * (weights[b] ?? 0);
      pairMass += prior[h] ?? 0;
    }
  }
  for (let h = singles; h < count; h++) prior[h] = ((prior[h] ?? 0) * pairShare) / pairMass;
  const space = { faults, variants, first, second, pairsFrom, prior };
  return { ...space, joint: addJointPairs(space, weights, chances) };
}

/** For each variant: the weight of all others among some that another repair fixes. */
function weightBeside(
  variants: readonly Variant[],
  weights: Float64Array,
  isAmong: (variant: number) => boolean,
): Float64Array {
  const byRepair = new Map<string, number>();
  let all = 0;
  variants.forEach(({ fault }, v) => {
    if (!isAmong(v)) return;
    const { id } = fault.repairClass;
    byRepair.set(id, (byRepair.get(id) ?? 0) + (weights[v] ?? 0));
    all += weights[v] ?? 0;
  });
  return Float64Array.from(variants, ({ fault }) => Math.max(0, all - (byRepair.get(fault.repairClass.id) ?? 0)));
}

/**
 * Makes the pairs that one event brings about likelier, in place: with the chance of the event, one of its faults has
 * another of them beside it, drawn by its weight among those that another repair fixes. What then has another beside it
 * is not alone. All sum to 1 again.
 */
function addJointPairs(
  { variants, second, pairsFrom, prior }: Omit<HypothesisSpace, 'joint'>,
  weights: Float64Array,
  chances: readonly number[],
): HypothesisSpace['joint'] {
  if (second.length === variants.length) return [];
  const bits = variants.map(({ fault }) => jointCauseBits(fault.mode.id));
  const among = chances.map((_, at) => weightBeside(variants, weights, (v) => ((bits[v] ?? 0) & (1 << at)) !== 0));
  const joint: { hypothesis: number; cause: number }[] = [];
  let total = 1;
  for (let a = 0; a < variants.length; a++) {
    const own = bits[a] ?? 0;
    if (own === 0) continue;
    const likeliest = likeliestJointCause(own, chances);
    if (likeliest !== null && (among[likeliest]?.[a] ?? 0) > 0) {
      const fewer = (prior[a] ?? 0) * (chances[likeliest] ?? 0);
      prior[a] = (prior[a] ?? 0) - fewer;
      total -= fewer;
    }
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const b = second[h] ?? 0;
      const shared = own & (bits[b] ?? 0);
      const cause = shared === 0 ? null : likeliestJointCause(shared, chances);
      if (cause === null) continue;
      // Either of the two may have been the first.
      const beside = among[cause] ?? [];
      const drawn = 1 / (beside[a] ?? 1) + 1 / (beside[b] ?? 1);
      const more = (chances[cause] ?? 0) * (weights[a] ?? 0) * (weights[b] ?? 0) * drawn;
      prior[h] = (prior[h] ?? 0) + more;
      total += more;
      joint.push({ hypothesis: h, cause });
    }
  }
  for (let h = 0; h < prior.length; h++) prior[h] = (prior[h] ?? 0) / total;
  return joint;
}
