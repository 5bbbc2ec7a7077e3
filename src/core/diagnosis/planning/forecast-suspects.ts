import type { Belief } from '../belief/belief';
import type { FaultInstance } from '../../faults';
import { unknownKeepsToLook } from '../model/expect-outcomes';
import type { HypothesisSpace, Showing } from '../model/hypothesis-space';
import type { OutcomeModel } from '../model/outcome-model';
import type { WatchedTrial } from '../model/outcome-model-cache';
import { factsOf } from '../model/variant-facts';

/** Who stands first in the list of suspects after one outcome, with the figure that stands there then. */
export interface LeadingSuspect {
  /** Index of the fault. */
  readonly fault: number;
  readonly probability: number;
  /** The part at which all faults together lead then, with the figure that stands at it. */
  readonly part: { readonly id: string; readonly probability: number };
}

/**
 * The first of the list of suspects after each outcome of a trial; null where no known fault is left. All hypotheses
 * count, so that the figure is the very one that the list will show; "something else" and what was repaired in
 * vain never stand first. Linear in
 * hypotheses: for the few trials that are shown, not for the plan.
 */
export function forecastSuspects(
  space: HypothesisSpace,
  belief: Belief,
  watched: WatchedTrial,
  { misreadProbability, spent }: { misreadProbability: number; spent: ReadonlySet<FaultInstance> },
): (LeadingSuspect | null)[] {
  const { width } = watched.model;
  const { faults } = space;
  const parts = partIndexOf(faults);
  const rows = jointByFault(space, belief, watched, parts.of);
  const blur = blurOf(watched, rows, misreadProbability);
  const total = blur(faults.length, false);
  const leading: (Omit<LeadingSuspect, 'part'> | null)[] = Array.from({ length: width }, () => null);
  const byPart = parts.ids.map((_, part) => blur(faults.length + 1 + part, false).map((twice) => -twice));
  faults.forEach((one, fault) => {
    const { somethingElse } = one;
    const row = blur(fault, somethingElse);
    row.forEach((p, o) => {
      // "Something else" is alone in its hypotheses, and no other row counts it.
      if (somethingElse) total[o] = (total[o] ?? 0) + p;
      else {
        const at = byPart[parts.of[fault] ?? 0];
        if (at) at[o] = (at[o] ?? 0) + p;
        if (!spent.has(one) && p > (leading[o]?.probability ?? 0)) leading[o] = { fault, probability: p };
      }
    });
  });
  return leading.map((lead, o) => {
    if (!lead) return null;
    const most = byPart.reduce((best, row, part) => ((row[o] ?? 0) > (byPart[best]?.[o] ?? 0) ? part : best), 0);
    const whole = total[o] ?? 1;
    const part = { id: parts.ids[most] ?? '', probability: (byPart[most]?.[o] ?? 0) / whole };
    return { fault: lead.fault, probability: lead.probability / whole, part };
  });
}

/** The parts at which faults can be, and by fault the index of its part. */
function partIndexOf(faults: readonly FaultInstance[]) {
  const ids = [...new Set(faults.map(({ part }) => part.id))];
  const indexOf = new Map(ids.map((id, i) => [id, i]));
  return { ids, of: Int32Array.from(faults, ({ part }) => indexOf.get(part.id) ?? 0) };
}

/**
 * Joint weights by fault, in one more row all hypotheses of known faults, each once, and in one row a part those of two
 * faults at that part, which the rows of both count.
 */
interface Rows {
  /** Row-major, one entry an outcome: what faults decide. */
  readonly decided: Float64Array;
  /** By row: where nothing decides. */
  readonly quiet: Float64Array;
  /** By row: everything. */
  readonly mass: Float64Array;
}

function jointByFault(space: HypothesisSpace, belief: Belief, { model, pass }: WatchedTrial, partOf: Int32Array): Rows {
  const { variants, faults, second, pairsFrom } = space;
  const { probabilities, stillThere, touched } = belief;
  const { faultIndex } = factsOf(variants);
  const all = faults.length;
  const rows = createRows(all + 1 + Math.max(0, ...partOf) + 1, model);
  const { quiet, mass } = rows;
  // By variant: with what weight it decides beside others.
  const decidesSecond = new Float64Array(variants.length);
  for (let a = 0; a < variants.length; a++) {
    const own = faultIndex[a] ?? 0;
    const through = pass[a] ?? 1;
    const isTouched = touched[a] === 1;
    const alone = probabilities[a] ?? 0;
    let decides = (isTouched ? alone * (stillThere[4 * a + 1] ?? 0) : alone) * (1 - through);
    let still = alone - decides;
    let whole = alone;
    for (let h = pairsFrom[a] ?? 0; h < (pairsFrom[a + 1] ?? 0); h++) {
      const p = probabilities[h] ?? 0;
      if (p < beyondCounting) continue;
      const b = second[h] ?? 0;
      const onward = pass[b] ?? 1;
      const beside = faultIndex[b] ?? 0;
      whole += p;
      // What neither of them decides is most of all, and the same for both.
      if (through === 1 && onward === 1) {
        still += p;
        quiet[beside] = (quiet[beside] ?? 0) + p;
        mass[beside] = (mass[beside] ?? 0) + p;
        if (partOf[own] === partOf[beside]) rows.leave(all + 1 + (partOf[own] ?? 0), p, p);
        continue;
      }
      const isMoved = isTouched || touched[b] === 1;
      const both = isMoved ? p * (stillThere[4 * h + 3] ?? 0) : p;
      const byA = (isMoved ? both + p * (stillThere[4 * h + 1] ?? 0) : p) * (1 - through);
      const byB = (isMoved ? both * through + p * (stillThere[4 * h + 2] ?? 0) : p * through) * (1 - onward);
      const rest = p - byA - byB;
      if (byA > 0) rows.decide(beside, a, byA);
      if (byB > 0) {
        rows.decide(own, b, byB);
        rows.decide(beside, b, byB);
        decidesSecond[b] = (decidesSecond[b] ?? 0) + byB;
      }
      rows.leave(beside, rest, p);
      if (partOf[own] === partOf[beside]) {
        const twice = all + 1 + (partOf[own] ?? 0);
        rows.decide(twice, a, byA);
        rows.decide(twice, b, byB);
        rows.leave(twice, rest, p);
      }
      decides += byA;
      still += rest;
    }
    const isKnown = variants[a]?.fault.somethingElse === false;
    for (const row of isKnown ? [own, all] : [own]) {
      rows.decide(row, a, decides);
      rows.leave(row, still, whole);
    }
  }
  decidesSecond.forEach((weight, b) => rows.decide(all, b, weight));
  return rows;
}

function createRows(count: number, { width, shows, deciders }: OutcomeModel) {
  const decided = new Float64Array(count * width);
  const quiet = new Float64Array(count);
  const mass = new Float64Array(count);
  // By variant: its first way of showing; most have one, and the few others follow in `more`.
  const outcome = new Int32Array(shows.length);
  const share = new Float64Array(shows.length);
  const more = new Map<number, readonly Showing[]>();
  for (const v of deciders) {
    const [first, ...others] = shows[v] ?? [];
    outcome[v] = first?.outcome ?? 0;
    share[v] = first?.probability ?? 0;
    if (others.length > 0) more.set(v, others);
  }
  const add = (at: number, weight: number) => (decided[at] = (decided[at] ?? 0) + weight);
  return {
    decided,
    quiet,
    mass,
    decide(row: number, v: number, weight: number) {
      if (weight === 0) return;
      add(row * width + (outcome[v] ?? 0), weight * (share[v] ?? 0));
      if ((share[v] ?? 0) < 1)
        for (const also of more.get(v) ?? []) add(row * width + also.outcome, weight * also.probability);
    },
    leave(row: number, still: number, whole: number) {
      quiet[row] = (quiet[row] ?? 0) + still;
      mass[row] = (mass[row] ?? 0) + whole;
    },
  };
}

/** A pair this unlikely changes no figure that is shown. */
const beyondCounting = 1e-9;

/** One row with what a bad spare, misreading and the unknown blur; see jointProbabilities, which does so for the plan. */
function blurOf({ model }: WatchedTrial, { decided, quiet, mass }: Rows, misreadProbability: number) {
  const { width, none, badSpare, isTight } = model;
  return (row: number, isUnknown: boolean): Float64Array => {
    const spread = 1 - (isUnknown && !isTight ? unknownKeepsToLook : 1) * (1 - misreadProbability);
    const whole = mass[row] ?? 0;
    return Float64Array.from({ length: width }, (_, o) => {
      const told = (decided[row * width + o] ?? 0) + (quiet[row] ?? 0) * (none[o] ?? 0);
      const clean = badSpare
        ? (1 - badSpare.probability) * told + whole * badSpare.probability * (badSpare.shows[o] ?? 0)
        : told;
      return (1 - spread) * clean + (spread * whole) / width;
    });
  };
}
