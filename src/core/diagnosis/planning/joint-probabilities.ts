import type { ActiveHypotheses } from './active-hypotheses';
import type { OutcomeModel } from '../model/outcome-model';
import { unknownKeepsToLook } from '../model/expect-outcomes';

/** Joint probabilities of repair class and outcome: one row a class, `width` entries each; all sum to 1. */
export interface JointProbabilities {
  readonly width: number;
  readonly classes: number;
  /** Row-major; may be longer than classes × width. */
  readonly entries: Float64Array;
  /** By class: what misreading alone gives each outcome; many entries are just that. */
  readonly floors: Float64Array;
  /**
   * By class: 0 where no fault of it decides anything: all such rows are one row, each times its weight. Left out where
   * that is not known.
   */
  readonly told?: Uint8Array;
}

/** Room for the joint probabilities of one trial after another. */
export class JointScratch {
  entries = new Float64Array(0);
  base = new Float64Array(0);
  floors = new Float64Array(0);
  told = new Uint8Array(0);

  clear(classes: number, width: number): void {
    if (this.entries.length < classes * width) this.entries = new Float64Array(classes * width);
    else this.entries.fill(0, 0, classes * width);
    if (this.base.length < classes) {
      this.base = new Float64Array(classes);
      this.floors = new Float64Array(classes);
      this.told = new Uint8Array(classes);
    } else {
      this.base.fill(0, 0, classes);
      this.told.fill(0, 0, classes);
    }
  }
}

/**
 * Joint probabilities of class and outcome of a trial, before it is done. `pass` is the model's own, or that with what the
 * trial's handling may remove first (see passAfterCure). Misreading and unknown faults loosen each class as a whole.
 */
export function jointProbabilities(
  live: ActiveHypotheses,
  model: OutcomeModel,
  pass: Float64Array,
  misreadProbability: number,
  scratch: JointScratch,
): JointProbabilities {
  const classes = live.classIds.length;
  scratch.clear(classes, model.width);
  if (model.deciders.length * fewDeciders < pass.length) addFew(live, model, pass, scratch);
  else addWays(live, model, pass, scratch);
  scratch.base[live.rightRow] = (scratch.base[live.rightRow] ?? 0) + live.right;
  settle(live, model, misreadProbability, scratch);
  return { width: model.width, classes, entries: scratch.entries, floors: scratch.floors, told: scratch.told };
}

function addShows(scratch: JointScratch, model: OutcomeModel, row: number, v: number, weight: number): void {
  const shows = model.shows[v];
  if (!shows) return;
  scratch.told[row] = 1;
  const at = row * model.width;
  for (let s = 0; s < shows.length; s++) {
    const showing = shows[s];
    if (showing)
      scratch.entries[at + showing.outcome] =
        (scratch.entries[at + showing.outcome] ?? 0) + weight * showing.probability;
  }
}

/** Where at most one variant in this many decides, it is quicker to begin from those than from all hypotheses. */
const fewDeciders = 6;

/** The same as addWays, begun from the few variants that can decide: all the rest is decided by nothing. */
function addFew(
  { classWeights, of, group, behind, right, rightRow }: ActiveHypotheses,
  model: OutcomeModel,
  pass: Float64Array,
  scratch: JointScratch,
): void {
  const { base } = scratch;
  base.set(classWeights);
  base[rightRow] = (base[rightRow] ?? 0) - right;
  const decide = (row: number, v: number, weight: number) => {
    addShows(scratch, model, row, v, weight);
    base[row] = (base[row] ?? 0) - weight;
  };
  for (const v of model.deciders) {
    const decided = 1 - (pass[v] ?? 1);
    const alone = of.alone[v] ?? 0;
    if (alone > 0) decide(of.row[v] ?? 0, v, alone * decided);
    for (let g = of.groupsFrom[v] ?? 0; g < (of.groupsFrom[v + 1] ?? 0); g++)
      decide(group.row[g] ?? 0, v, (group.sum[g] ?? 0) * decided);
    for (let i = behind.from[v] ?? 0; i < (behind.from[v + 1] ?? 0); i++) {
      const before = behind.group[i] ?? 0;
      const through = pass[group.a[before] ?? 0] ?? 1;
      if (through > 0) decide(group.row[before] ?? 0, v, (behind.weight[i] ?? 0) * through * decided);
    }
  }
}

function addWays(
  { single, group, pair }: ActiveHypotheses,
  model: OutcomeModel,
  pass: Float64Array,
  scratch: JointScratch,
): void {
  const { base } = scratch;
  const lastDecider = model.deciders.at(-1) ?? -1;
  for (let i = 0; i < single.v.length; i++) {
    const v = single.v[i] ?? 0;
    const row = single.row[i] ?? 0;
    const weight = single.weight[i] ?? 0;
    const through = pass[v] ?? 1;
    if (through < 1) addShows(scratch, model, row, v, weight * (1 - through));
    base[row] = (base[row] ?? 0) + weight * through;
  }
  for (let g = 0; g < group.a.length; g++) {
    const a = group.a[g] ?? 0;
    const row = group.row[g] ?? 0;
    if (a > lastDecider) {
      base[row] = (base[row] ?? 0) + (group.sum[g] ?? 0);
      continue;
    }
    const through = pass[a] ?? 1;
    if (through < 1) addShows(scratch, model, row, a, (group.sum[g] ?? 0) * (1 - through));
    if (through === 0) continue;
    let untold = 0;
    for (let i = group.from[g] ?? 0; i < (group.from[g + 1] ?? 0); i++) {
      const b = pair.b[i] ?? 0;
      const weight = (pair.weight[i] ?? 0) * through;
      const onward = pass[b] ?? 1;
      if (onward < 1) addShows(scratch, model, row, b, weight * (1 - onward));
      untold += weight * onward;
    }
    base[row] = (base[row] ?? 0) + untold;
  }
}

/** Adds the share of the untroubled machine to each row, then what a bad spare, misreading and the unknown blur. */
function settle(
  live: ActiveHypotheses,
  model: OutcomeModel,
  misreadProbability: number,
  { entries, base, floors, told }: JointScratch,
): void {
  const { width, none, badSpare } = model;
  for (let row = 0; row < live.classIds.length; row++) {
    const at = row * width;
    const untold = base[row] ?? 0;
    let mass = 0;
    for (let o = 0; o < width; o++) {
      const value = (entries[at + o] ?? 0) + untold * (none[o] ?? 0);
      entries[at + o] = value;
      mass += value;
    }
    floors[row] = 0;
    // An unknown fault blurs its row in its own way.
    if (live.isUnknown[row]) told[row] = 1;
    if (mass === 0) continue;
    if (badSpare)
      for (let o = 0; o < width; o++)
        entries[at + o] =
          (1 - badSpare.probability) * (entries[at + o] ?? 0) + mass * badSpare.probability * (badSpare.shows[o] ?? 0);
    const spread = 1 - (live.isUnknown[row] && !model.isTight ? unknownKeepsToLook : 1) * (1 - misreadProbability);
    const floor = (mass * spread) / width;
    floors[row] = floor;
    for (let o = 0; o < width; o++) {
      const clean = entries[at + o] ?? 0;
      entries[at + o] = clean === 0 ? floor : (1 - spread) * clean + floor;
    }
  }
}

/** What a trial is expected to tell: probabilities of its outcomes, the class that leads after each, and information. */
export interface TrialForecast {
  readonly probabilities: Float64Array;
  /** By outcome: row of the class that leads then. */
  readonly leaders: Int32Array;
  /** By outcome: its probability then. */
  readonly leads: Float64Array;
  /** Information about the class, in bits: entropy of the outcome less its mean entropy within a class. */
  readonly bits: number;
}

/** Reads joint probabilities; one pass over them. */
export function forecastTrial(joint: JointProbabilities): TrialForecast {
  const { width, classes, entries, told } = joint;
  const sums = {
    probabilities: new Float64Array(width),
    leaders: new Int32Array(width),
    leads: new Float64Array(width),
    bits: 0,
  };
  const untold = { mass: 0, foremost: -1, foremostMass: 0 };
  for (let row = 0; row < classes; row++) {
    if (!told || told[row]) {
      readRow(joint, row, 1, sums);
      continue;
    }
    let mass = 0;
    for (let o = 0; o < width; o++) mass += entries[row * width + o] ?? 0;
    untold.mass += mass;
    if (mass > untold.foremostMass) {
      untold.foremostMass = mass;
      untold.foremost = row;
    }
  }
  if (untold.foremost >= 0) readRow(joint, untold.foremost, untold.mass / untold.foremostMass, sums);
  const { probabilities, leads } = sums;
  for (let o = 0; o < width; o++) {
    const p = probabilities[o] ?? 0;
    if (p > 0) {
      sums.bits -= p * Math.log2(p);
      leads[o] = (leads[o] ?? 0) / p;
    }
  }
  return { ...sums, bits: Math.max(0, sums.bits) };
}

interface ForecastSums {
  readonly probabilities: Float64Array;
  readonly leaders: Int32Array;
  readonly leads: Float64Array;
  bits: number;
}

/** Adds one row, or the foremost of several alike that weigh `times` as much together. */
function readRow({ width, entries, floors }: JointProbabilities, row: number, times: number, sums: ForecastSums): void {
  const { probabilities, leaders, leads } = sums;
  const at = row * width;
  const floor = floors[row] ?? 0;
  const floorTerm = floor > 0 ? floor * Math.log2(floor) : 0;
  let mass = 0;
  let bits = 0;
  for (let o = 0; o < width; o++) {
    const p = entries[at + o] ?? 0;
    if (p === 0) continue;
    mass += p;
    probabilities[o] = (probabilities[o] ?? 0) + times * p;
    if (p > (leads[o] ?? 0)) {
      leads[o] = p;
      leaders[o] = row;
    }
    bits += p === floor ? floorTerm : p * Math.log2(p);
  }
  if (mass > 0) bits -= mass * Math.log2(mass);
  sums.bits += times * bits;
}
