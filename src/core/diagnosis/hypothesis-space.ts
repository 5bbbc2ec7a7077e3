import type { Machine } from '../machine';
import { breakOf, instantiateFaults, type Circumstance, type FaultInstance } from '../faults';
import { linkIndex } from '../startup';
import type { PresentFault } from '../trials';

/** One fault showing in one way. A machine keeps to one way, so each way is a hypothesis of its own. */
export interface Variant {
  readonly fault: FaultInstance;
  /** Index of the fault among the space's faults. */
  readonly faultIndex: number;
  readonly present: PresentFault;
  /** Log of the share of this way among the fault's ways. */
  readonly logShare: number;
  /** The start outcomes in which it can show, and their chances: most show in one or two. */
  readonly showsAs: readonly { readonly outcome: number; readonly chance: number }[];
}

/** No second fault. */
export const NONE = -1;

/**
 * All hypotheses about a machine: every single variant, and every compatible pair of variants. Hypothesis h has the
 * variants first[h] and second[h]; the first comes no later in the chain than the second, which is NONE for a single.
 */
export interface HypothesisSpace {
  readonly faults: readonly FaultInstance[];
  readonly variants: readonly Variant[];
  readonly first: Int32Array;
  readonly second: Int32Array;
  /** Natural logarithms; the priors sum to 1. */
  readonly logPrior: Float64Array;
}

export interface SpaceOptions {
  /** At most so many faults at once. */
  readonly maxFaults?: 1 | 2;
  /** Chance, 0 to 1, that a machine with a fault has two: starting judgement. */
  readonly pairShare?: number;
}

/** Every hypothesis about a machine that has a fault. */
export function createSpace(
  machine: Machine,
  circumstances: readonly Circumstance[],
  { maxFaults = 2, pairShare = 0.05 }: SpaceOptions = {},
): HypothesisSpace {
  const faults = instantiateFaults(machine, circumstances);
  const variants = faults.flatMap((fault, faultIndex) => variantsOf(fault, faultIndex, machine));
  variants.sort((a, b) => linkIndex(a.fault.link) - linkIndex(b.fault.link));
  const logOdds = logShares(faults.map(({ weight }) => weight));
  const pairs = maxFaults === 2 ? compatiblePairs(variants) : [];
  return weigh(faults, variants, logOdds, pairs, pairs.length > 0 ? pairShare : 0);
}

function variantsOf(fault: FaultInstance, faultIndex: number, machine: Machine): Variant[] {
  const shares = logShares(fault.mode.looks.map(({ weight }) => weight));
  return fault.mode.looks.map((look, i) => {
    const stops = breakOf(fault, look, machine);
    const showsAs = [...stops.shows.entries()].flatMap(([outcome, chance]) =>
      chance > 0 ? [{ outcome, chance }] : [],
    );
    return { fault, faultIndex, present: { fault, stops }, logShare: shares[i] ?? 0, showsAs };
  });
}

const logShares = (weights: readonly number[]): number[] => {
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => Math.log(weight / total));
};

/**
 * Two faults are worth holding apart if neither is "something else" and one repair does not mend both.
 */
function compatiblePairs(variants: readonly Variant[]): (readonly [number, number])[] {
  const pairs: (readonly [number, number])[] = [];
  for (let a = 0; a < variants.length; a++)
    for (let b = a + 1; b < variants.length; b++) {
      const [x, y] = [variants[a]?.fault, variants[b]?.fault];
      if (!x || !y || x.somethingElse || y.somethingElse || x.repairClass.id === y.repairClass.id) continue;
      pairs.push([a, b]);
    }
  return pairs;
}

function weigh(
  faults: readonly FaultInstance[],
  variants: readonly Variant[],
  logOdds: readonly number[],
  pairs: readonly (readonly [number, number])[],
  pairShare: number,
): HypothesisSpace {
  const count = variants.length + pairs.length;
  const first = new Int32Array(count);
  const second = new Int32Array(count).fill(NONE);
  const logPrior = new Float64Array(count);
  const logOf = (v: number) => (logOdds[variants[v]?.faultIndex ?? 0] ?? 0) + (variants[v]?.logShare ?? 0);
  const logWeights = Float64Array.from(variants, (_, v) => logOf(v));
  let pairMass = 0;
  pairs.forEach(([a, b]) => (pairMass += Math.exp((logWeights[a] ?? 0) + (logWeights[b] ?? 0))));
  const logPair = Math.log(pairShare) - Math.log(pairMass);
  for (let v = 0; v < variants.length; v++) {
    first[v] = v;
    logPrior[v] = Math.log(1 - pairShare) + (logWeights[v] ?? 0);
  }
  pairs.forEach(([a, b], p) => {
    const h = variants.length + p;
    first[h] = a;
    second[h] = b;
    logPrior[h] = logPair + (logWeights[a] ?? 0) + (logWeights[b] ?? 0);
  });
  return { faults, variants, first, second, logPrior };
}
