import { JOINT_CAUSES, putsRightAsWell, type FaultInstance, type JointCause, type RepairClass } from '../../faults';
import { LINK_IDS, type LinkId } from '../../startup';
import type { Belief } from './belief';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';

/** A fault with its probability of being a cause, present or already removed. */
export interface Suspect {
  readonly fault: FaultInstance;
  readonly probability: number;
}

/** Probability, by fault index, that the fault is one of the machine's. With pairs they sum to a little over 1. */
export function probabilityByFault(
  { faults, variants }: HypothesisSpace,
  { byVariant }: Pick<Belief, 'byVariant'>,
): Float64Array {
  const sums = new Float64Array(faults.length);
  variants.forEach(({ faultIndex }, v) => (sums[faultIndex] = (sums[faultIndex] ?? 0) + (byVariant[v] ?? 0)));
  return sums;
}

/** Faults by falling probability. Equal ones keep the catalogue's order. */
export function rankSuspects({ faults }: HypothesisSpace, byFault: Float64Array): Suspect[] {
  return faults
    .map((fault, f) => ({ fault, probability: byFault[f] ?? 0 }))
    .sort((a, b) => b.probability - a.probability);
}

/** Faults by falling probability, and those among them that are repaired already. */
export interface RankedSuspects {
  readonly suspects: readonly Suspect[];
  readonly spent: ReadonlySet<FaultInstance>;
}

/**
 * Faults that were repaired while the complaint stayed, and that are most likely gone: they were a cause, and are not
 * the one to look for. `repaired` are ids of repair classes.
 */
export function spentFaults(
  { faults, variants, second, pairsFrom }: HypothesisSpace,
  { probabilities, stillThere, byVariant }: Belief,
  repaired: ReadonlySet<string>,
): Set<FaultInstance> {
  const spent = new Set<FaultInstance>();
  if (repaired.size === 0) return spent;
  const there = new Float64Array(faults.length);
  const whole = new Float64Array(faults.length);
  const own = variants.map(({ fault }) => repaired.has(fault.repairClass.id));
  const add = (v: number, probability: number) => {
    const f = variants[v]?.faultIndex ?? 0;
    there[f] = (there[f] ?? 0) + probability;
  };
  for (let a = 0; a < variants.length; a++) {
    const at = variants[a]?.faultIndex ?? 0;
    if (own[a]) {
      whole[at] = (whole[at] ?? 0) + (byVariant[a] ?? 0);
      add(a, (probabilities[a] ?? 0) * (stillThere[4 * a + 1] ?? 0));
    }
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const b = second[h] ?? 0;
      if (!own[a] && !own[b]) continue;
      const p = probabilities[h] ?? 0;
      const both = stillThere[4 * h + 3] ?? 0;
      if (own[a]) add(a, p * (both + (stillThere[4 * h + 1] ?? 0)));
      if (own[b]) add(b, p * (both + (stillThere[4 * h + 2] ?? 0)));
    }
  }
  faults.forEach((fault, f) => {
    if (repaired.has(fault.repairClass.id) && (there[f] ?? 0) < 0.5 * (whole[f] ?? 0)) spent.add(fault);
  });
  return spent;
}

/** Two faults that one event brought about, and the probability that just these two are there. */
export interface JointSuspect {
  readonly cause: JointCause;
  readonly faults: readonly [FaultInstance, FaultInstance];
  readonly probability: number;
}

/** Below this two faults together are not worth a line. */
const worthNaming = 0.05;

/** The pairs of faults that one event brings about and that are likely enough to name, likeliest first. */
export function jointSuspects({ variants, first, second, joint }: HypothesisSpace, belief: Belief): JointSuspect[] {
  const sums = new Map<string, { -readonly [K in keyof JointSuspect]: JointSuspect[K] }>();
  for (const { hypothesis: h, cause: at } of joint) {
    const probability = belief.probabilities[h] ?? 0;
    const [a, b] = [variants[first[h] ?? 0]?.fault, variants[second[h] ?? 0]?.fault];
    const cause = JOINT_CAUSES[at];
    if (probability < worthNaming / 100 || !a || !b || !cause) continue;
    const key = `${a.id} ${b.id}`;
    const known = sums.get(key);
    if (known) known.probability += probability;
    else sums.set(key, { cause, faults: [a, b], probability });
  }
  return [...sums.values()]
    .filter(({ probability }) => probability >= worthNaming)
    .sort((a, b) => b.probability - a.probability);
}

/**
 * By variant: probability that it is the one that counts now; they sum to 1. Of two that are there the first counts,
 * or the second where only that one fails now. `failing` is by fault index; see failingNow.
 */
export function probabilityForemost(
  { second, pairsFrom, variants }: HypothesisSpace,
  { probabilities, stillThere, touched }: Belief,
  failing: Uint8Array,
): Float64Array {
  const acts = Uint8Array.from(variants, ({ faultIndex }) => failing[faultIndex] ?? 0);
  const byVariant = new Float64Array(variants.length);
  for (let a = 0; a < variants.length; a++) {
    let own = probabilities[a] ?? 0;
    const isAway = acts[a] === 0;
    const isOwn = touched[a] === 0 && !isAway;
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const p = probabilities[h] ?? 0;
      own += p;
      if (isOwn) continue;
      const b = second[h] ?? 0;
      const both = isAway && acts[b] === 1 ? (stillThere[4 * h + 3] ?? 0) : 0;
      const ofB = p * ((stillThere[4 * h + 2] ?? 0) + both);
      byVariant[b] = (byVariant[b] ?? 0) + ofB;
      own -= ofB;
    }
    byVariant[a] = (byVariant[a] ?? 0) + own;
  }
  return byVariant;
}

function sumBy<K>(
  { variants }: HypothesisSpace,
  foremost: Float64Array,
  key: (fault: FaultInstance) => K,
): Map<K, number> {
  const sums = new Map<K, number>();
  variants.forEach(({ fault }, v) => sums.set(key(fault), (sums.get(key(fault)) ?? 0) + (foremost[v] ?? 0)));
  return sums;
}

/** Probability that the fault that counts now is at each link; they sum to 1. */
export function probabilityByLink(
  space: HypothesisSpace,
  foremost: Float64Array,
): { link: LinkId; probability: number }[] {
  const sums = sumBy(space, foremost, ({ link }) => link);
  return LINK_IDS.map((link) => ({ link, probability: sums.get(link) ?? 0 }));
}

/** Probability that the part has a fault, be it one or two, by part id; "something else" is not at a part. */
export function probabilityByPart(
  space: HypothesisSpace,
  { byVariant, probabilities }: Pick<Belief, 'byVariant' | 'probabilities'>,
): Record<string, number> {
  const { ids, of, twice } = partsOf(space);
  const sums = new Float64Array(ids.length);
  of.forEach((part, v) => (sums[part] = (sums[part] ?? 0) + (byVariant[v] ?? 0)));
  // Two faults at one part were counted for each.
  for (const { hypothesis, part } of twice) sums[part] = (sums[part] ?? 0) - (probabilities[hypothesis] ?? 0);
  const unknown = new Set(space.faults.flatMap(({ somethingElse, part }) => (somethingElse ? [part.id] : [])));
  return Object.fromEntries(ids.flatMap((id, i) => (unknown.has(id) ? [] : [[id, sums[i] ?? 0]])));
}

interface PartsOfSpace {
  readonly ids: readonly string[];
  /** By variant: index of its part. */
  readonly of: Int32Array;
  /** The pairs of two faults at one part. */
  readonly twice: readonly { readonly hypothesis: number; readonly part: number }[];
}

const partsKnown = new WeakMap<HypothesisSpace, PartsOfSpace>();

function partsOf(space: HypothesisSpace): PartsOfSpace {
  const known = partsKnown.get(space) ?? gatherParts(space);
  partsKnown.set(space, known);
  return known;
}

function gatherParts({ faults, variants, first, second }: HypothesisSpace): PartsOfSpace {
  const ids = [...new Set(faults.map(({ part }) => part.id))];
  const indexOf = new Map(ids.map((id, i) => [id, i]));
  const of = Int32Array.from(variants, ({ fault }) => indexOf.get(fault.part.id) ?? 0);
  const twice: { hypothesis: number; part: number }[] = [];
  for (let h = 0; h < first.length; h++) {
    const b = second[h] ?? NONE;
    const part = of[first[h] ?? 0] ?? 0;
    if (b !== NONE && of[b] === part) twice.push({ hypothesis: h, part });
  }
  return { ids, of, twice };
}

export interface RankedRepair {
  readonly repairClass: RepairClass;
  /** Probability that its fault is the one that counts now. */
  readonly probability: number;
  /** Probability that it puts right what counts now; see putsRightAsWell. */
  readonly cures: number;
}

/** Repair classes by falling probability; they sum to 1. */
export function rankRepairs(space: HypothesisSpace, foremost: Float64Array): RankedRepair[] {
  const classes = new Map(space.faults.map(({ repairClass }) => [repairClass.id, repairClass]));
  const sums = sumBy(space, foremost, ({ repairClass }) => repairClass.id);
  return [...classes.values()]
    .map((repairClass) => {
      const probability = sums.get(repairClass.id) ?? 0;
      const others = repairClass.buys === null ? [] : [...classes.values()];
      const also = others.filter((other) => putsRightAsWell(repairClass, other));
      return { repairClass, probability, cures: also.reduce((sum, { id }) => sum + (sums.get(id) ?? 0), probability) };
    })
    .sort((a, b) => b.probability - a.probability);
}
