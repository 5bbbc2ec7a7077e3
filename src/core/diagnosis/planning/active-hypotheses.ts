import type { Belief } from '../belief/belief';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';

/** The class of a machine in which nothing is left to fix. */
export const rightClass = 'right';

/** Ways below this probability change no plan in the third digit; the posterior never drops any. */
const negligible = 8e-6;

/**
 * The ways in which the machine may be now that matter for a plan, by what is still there: one fault, or two with
 * those of the same first fault together. Each has the row of the repair class that counts: that of the first fault, or
 * of the second where only that one fails now.
 */
export interface ActiveHypotheses {
  readonly classIds: readonly string[];
  /** By class: 1 for "something else", whose looks are looser. */
  readonly isUnknown: Uint8Array;
  /** Probability of each class. */
  readonly classWeights: Float64Array;
  readonly single: { readonly weight: Float64Array; readonly v: Int32Array; readonly row: Int32Array };
  /** Pairs of group g stand from from[g] up to from[g + 1] in `b` and `weight`. */
  readonly group: {
    readonly a: Int32Array;
    readonly row: Int32Array;
    readonly sum: Float64Array;
    readonly from: Int32Array;
  };
  readonly pair: { readonly b: Int32Array; readonly weight: Float64Array };
  /**
   * By variant, to begin from the fault that decides: its weight alone, its row, and its groups, which stand from
   * groupsFrom[v] up to groupsFrom[v + 1].
   */
  readonly of: { readonly alone: Float64Array; readonly row: Int32Array; readonly groupsFrom: Int32Array };
  /** Pairs whose second fault is v stand from from[v] up to from[v + 1], each with its group. */
  readonly behind: { readonly from: Int32Array; readonly group: Int32Array; readonly weight: Float64Array };
  readonly rightRow: number;
  readonly right: number;
}

/** Pairs with the same first fault of which the same repair counts. */
interface Group {
  readonly a: number;
  /** A variant of the repair that counts. */
  readonly counts: number;
  readonly sum: number;
  /** Where its pairs begin. */
  readonly from: number;
}

/** By no test is the unknown found: for a plan it has at most this share, and the rest is looked into first. */
const unknownAtMost = 0.5;

/** Ways from a belief; weights sum to 1. `failing` is by fault index; see failingNow. */
export function activeHypotheses(
  space: HypothesisSpace,
  { probabilities, stillThere, touched }: Belief,
  failing: Uint8Array,
): ActiveHypotheses {
  const { variants, second, pairsFrom } = space;
  const alone = new Float64Array(variants.length);
  const groups: Group[] = [];
  const pairB: number[] = [];
  const pairWeight: number[] = [];
  let right = 0;
  for (let a = 0; a < variants.length; a++) {
    const p = probabilities[a] ?? 0;
    const there = touched[a] ? (stillThere[4 * a + 1] ?? 0) : 1;
    alone[a] = (alone[a] ?? 0) + p * there;
    right += p * (1 - there);
    const from = pairB.length;
    let sum = 0;
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const q = probabilities[h] ?? 0;
      if (q < negligible) continue;
      const b = second[h] ?? NONE;
      let both = q;
      if (touched[a] || touched[b]) {
        both = q * (stillThere[4 * h + 3] ?? 0);
        alone[a] = (alone[a] ?? 0) + q * (stillThere[4 * h + 1] ?? 0);
        alone[b] = (alone[b] ?? 0) + q * (stillThere[4 * h + 2] ?? 0);
        right += q * (stillThere[4 * h] ?? 0);
      }
      if (both < negligible) continue;
      pairB.push(b);
      pairWeight.push(both);
      sum += both;
    }
    if (pairB.length === from) continue;
    if (failing[variants[a]?.faultIndex ?? 0] === 1) groups.push({ a, counts: a, sum, from });
    else {
      const own = { b: pairB.splice(from), weight: pairWeight.splice(from) };
      groups.push(...groupsBehind(space, failing, a, own, { b: pairB, weight: pairWeight }));
    }
  }
  return arrange(space, alone, groups, pairB, pairWeight, right);
}

/** The pairs of a first fault that is not the one to fail now, by the repair that counts: they are put behind the others in that order. */
function groupsBehind(
  { variants }: HypothesisSpace,
  failing: Uint8Array,
  a: number,
  { b: ofA, weight }: { b: readonly number[]; weight: readonly number[] },
  { b, weight: weights }: { b: number[]; weight: number[] },
): Group[] {
  const byRepair = new Map<string, { counts: number; at: number[] }>();
  ofA.forEach((second, i) => {
    const counts = failing[variants[second]?.faultIndex ?? 0] === 1 ? second : a;
    const id = variants[counts]?.fault.repairClass.id ?? '';
    const known = byRepair.get(id);
    if (known) known.at.push(i);
    else byRepair.set(id, { counts, at: [i] });
  });
  return [...byRepair.values()].map(({ counts, at }) => {
    const from = b.length;
    let sum = 0;
    for (const i of at) {
      b.push(ofA[i] ?? NONE);
      weights.push(weight[i] ?? 0);
      sum += weight[i] ?? 0;
    }
    return { a, counts, sum, from };
  });
}

function arrange(
  { variants }: HypothesisSpace,
  alone: Float64Array,
  groups: readonly Group[],
  pairB: readonly number[],
  pairWeight: readonly number[],
  right: number,
): ActiveHypotheses {
  const rows = new Map<string, number>([[rightClass, 0]]);
  const unknown = [0];
  const rowOf = (v: number): number => {
    const fault = variants[v]?.fault;
    const id = fault?.repairClass.id ?? rightClass;
    const known = rows.get(id);
    if (known !== undefined) return known;
    rows.set(id, rows.size);
    unknown.push(fault?.somethingElse ? 1 : 0);
    return rows.size - 1;
  };
  const rowByVariant = new Int32Array(variants.length);
  const besides = groups.reduce((sum, { sum: own }) => sum + own, 0) + right;
  const all = boundUnknown(variants, alone, besides);
  const live = [...alone.keys()].filter((v) => (alone[v] ?? 0) >= negligible * all);
  const total = live.reduce((sum, v) => sum + (alone[v] ?? 0), besides);
  const single = {
    weight: Float64Array.from(live, (v) => (alone[v] ?? 0) / total),
    v: Int32Array.from(live),
    row: Int32Array.from(live, (v) => (rowByVariant[v] = rowOf(v))),
  };
  const group = {
    a: Int32Array.from(groups, ({ a }) => a),
    row: Int32Array.from(groups, ({ a, counts }) => {
      rowByVariant[a] = rowOf(a);
      return rowOf(counts);
    }),
    sum: Float64Array.from(groups, ({ sum }) => sum / total),
    from: Int32Array.from([...groups.map(({ from }) => from), pairB.length]),
  };
  const pair = { b: Int32Array.from(pairB), weight: Float64Array.from(pairWeight, (weight) => weight / total) };
  const aloneOf = new Float64Array(variants.length);
  single.v.forEach((v, i) => (aloneOf[v] = single.weight[i] ?? 0));
  const groupsFrom = new Int32Array(variants.length + 1);
  for (const a of group.a) groupsFrom[a + 1] = (groupsFrom[a + 1] ?? 0) + 1;
  for (let v = 0; v < variants.length; v++) groupsFrom[v + 1] = (groupsFrom[v + 1] ?? 0) + (groupsFrom[v] ?? 0);
  return {
    classIds: [...rows.keys()],
    isUnknown: Uint8Array.from(unknown),
    classWeights: weighClasses(rows.size, single, group, right / total),
    single,
    group,
    pair,
    of: { alone: aloneOf, row: rowByVariant, groupsFrom },
    behind: turnedAround(variants.length, group.from, pair),
    rightRow: 0,
    right: right / total,
  };
}

function weighClasses(
  classes: number,
  single: ActiveHypotheses['single'],
  group: Pick<ActiveHypotheses['group'], 'row' | 'sum'>,
  right: number,
): Float64Array {
  const weights = new Float64Array(classes);
  const add = (row: number, weight: number) => (weights[row] = (weights[row] ?? 0) + weight);
  single.row.forEach((row, i) => add(row, single.weight[i] ?? 0));
  group.row.forEach((row, g) => add(row, group.sum[g] ?? 0));
  add(0, right);
  return weights;
}

/** Bounds the unknown among faults alone, in place; returns the sum of all, with what stands besides these. */
function boundUnknown(variants: HypothesisSpace['variants'], alone: Float64Array, besides: number): number {
  const unknown = variants.flatMap(({ fault }, v) => (fault.somethingElse ? [v] : []));
  const sum = unknown.reduce((all, v) => all + (alone[v] ?? 0), 0);
  const known = alone.reduce((all, p) => all + p, 0) - sum + besides;
  const most = (unknownAtMost / (1 - unknownAtMost)) * known;
  if (sum <= most) return known + sum;
  for (const v of unknown) alone[v] = ((alone[v] ?? 0) * most) / sum;
  return known + most;
}

/** The same pairs, by their second fault. */
function turnedAround(
  variants: number,
  groupFrom: Int32Array,
  pair: ActiveHypotheses['pair'],
): ActiveHypotheses['behind'] {
  const from = new Int32Array(variants + 1);
  for (const b of pair.b) from[b + 1] = (from[b + 1] ?? 0) + 1;
  for (let v = 0; v < variants; v++) from[v + 1] = (from[v + 1] ?? 0) + (from[v] ?? 0);
  const next = from.slice();
  const group = new Int32Array(pair.b.length);
  const weight = new Float64Array(pair.b.length);
  for (let g = 0; g + 1 < groupFrom.length; g++)
    for (let i = groupFrom[g] ?? 0; i < (groupFrom[g + 1] ?? 0); i++) {
      const b = pair.b[i] ?? 0;
      const at = next[b] ?? 0;
      next[b] = at + 1;
      group[at] = g;
      weight[at] = pair.weight[i] ?? 0;
    }
  return { from, group, weight };
}
