import { isOriginalIn, type Configuration, type Machine, type Part } from '../machine';
import { canAct, type FaultInstance } from '../faults';
import { expectStart, linkIndex, missingBreaks, type LinkId, type StartDepth } from '../startup';
import {
  chancesOfGrades,
  deadBell,
  densityOfReading,
  expectReading,
  falseAlarm,
  type Bell,
  type Look,
  type Quantity,
  type Trial,
} from '../trials';
import { unknownKeepsToLook } from './expect-outcomes';
import { NONE, type Variant } from './hypothesis-space';

/**
 * What a trial would show, compiled for one configuration so that sets of up to two variants cost a few operations.
 * It gives the same chances as the plain model in expect-outcomes.ts; variants a and b are in chain order, NONE if
 * absent.
 */
export interface OutcomeModel {
  /** Chance that a clean eye sees the outcome: no misreading, no unknown. */
  clean(outcome: number, a: number, b: number): number;
  /** Density per volt of a reading, for measurements. */
  density(volts: number, a: number, b: number): number;
  /**
   * Adds weight times the clean chances of all outcomes to a row. The row may hold them in a form of the model's own
   * until `settle` is called on it.
   */
  add(row: Float64Array, weight: number, a: number, b: number): void;
  settle(row: Float64Array): void;
}

/** Rows are one longer than the outcomes: starts keep the share of the untroubled start there until they settle. */
export const rowLength = (outcomes: number): number => outcomes + 1;

/** A model of few outcomes adds each by itself. */
function plainRows(outcomes: number, clean: OutcomeModel['clean']): Pick<OutcomeModel, 'add' | 'settle'> {
  return {
    add: (row, weight, a, b) => {
      for (let o = 0; o < outcomes; o++) row[o] = (row[o] ?? 0) + weight * clean(o, a, b);
    },
    settle: () => undefined,
  };
}

export interface Compiling {
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly variants: readonly Variant[];
  /** See actingFaults. */
  readonly acting: Uint8Array;
}

/** Chance that a variant stops an attempt in this configuration: 0 where it cannot act. */
function strikes({ acting, variants }: Compiling, counts: (variant: Variant) => boolean): Float64Array {
  return Float64Array.from(variants, (variant) =>
    acting[variant.faultIndex] === 1 && counts(variant) ? variant.present.stops.chance : 0,
  );
}

/** By fault index: 1 where the fault, being present, can act in the configuration. */
export function actingFaults(
  faults: readonly FaultInstance[],
  machine: Machine,
  configuration: Configuration,
): Uint8Array {
  return Uint8Array.from(faults, (fault) => (canAct(fault, machine, configuration) ? 1 : 0));
}

export function compileTrial(trial: Trial, compiling: Compiling): OutcomeModel {
  const { observe, part } = trial;
  if (observe.kind === 'start') return compileStart(observe.depth, compiling);
  if (!part) throw new Error(`${trial.id}: expected a look or measurement to name its part`);
  if (observe.kind === 'measure') return compileMeasure(observe.quantity, part, compiling);
  return observe.look.passes
    ? compileSign(observe.look.passes, compiling)
    : compileSighting(observe.look, part, compiling);
}

const noDensity = (): number => {
  throw new Error('density: expected a measurement');
};

/** At v, or 0 for NONE. */
const at = (values: Float64Array, v: number): number => (v === NONE ? 0 : (values[v] ?? 0));

function compileStart(depth: StartDepth, compiling: Compiling): OutcomeModel {
  const { machine, configuration, variants } = compiling;
  const whole = expectStart(machine, configuration, [], { depth });
  const stopsAt = Math.min(...missingBreaks(machine, configuration).map(({ link }) => linkIndex(link)), Infinity);
  const reached = ({ fault }: Variant) =>
    linkIndex(fault.link) <= stopsAt && (depth === 'load' || fault.link !== 'load');
  const hit = strikes(compiling, reached);
  const clean = (outcome: number, a: number, b: number): number => {
    let chance = whole[outcome] ?? 0;
    for (const v of [b, a]) {
      const p = at(hit, v);
      if (p > 0) chance = p * (variants[v]?.present.stops.shows[outcome] ?? 0) + (1 - p) * chance;
    }
    return chance;
  };
  return { clean, density: noDensity, ...startRows(whole, hit, variants) };
}

/** Rows take the few ways in which variants show, and the share of the untroubled start at their end. */
function startRows(
  whole: Float64Array,
  hit: Float64Array,
  variants: readonly Variant[],
): Pick<OutcomeModel, 'add' | 'settle'> {
  const base = whole.length;
  const addOne = (row: Float64Array, weight: number, v: number): number => {
    const variant = v === NONE ? undefined : variants[v];
    const p = at(hit, v);
    if (p === 0 || !variant) return weight;
    for (const { outcome, chance } of variant.showsAs) row[outcome] = (row[outcome] ?? 0) + weight * p * chance;
    return weight * (1 - p);
  };
  return {
    add: (row, weight, a, b) => {
      row[base] = (row[base] ?? 0) + addOne(row, addOne(row, weight, a), b);
    },
    settle: (row) => {
      const share = row[base] ?? 0;
      if (share === 0) return;
      for (let o = 0; o < base; o++) row[o] = (row[o] ?? 0) + share * (whole[o] ?? 0);
      row[base] = 0;
    },
  };
}

/** A look whose sign is whether the chain passes a link. */
function compileSign(
  { link, ignoring }: { readonly link: LinkId; readonly ignoring: readonly LinkId[] },
  compiling: Compiling,
): OutcomeModel {
  const { machine, configuration } = compiling;
  const upTo = linkIndex(link);
  const missing = missingBreaks(machine, configuration).some((stop) => linkIndex(stop.link) <= upTo);
  const hit = strikes(compiling, ({ fault }) => linkIndex(fault.link) <= upTo && !ignoring.includes(fault.link));
  const clean = (outcome: number, a: number, b: number): number => {
    const passes = missing ? 0 : (1 - at(hit, a)) * (1 - at(hit, b));
    return outcome === 0 ? passes * (1 - falseAlarm) : 1 - passes + passes * falseAlarm;
  };
  return { clean, density: noDensity, ...plainRows(2, clean) };
}

/** A look that notices some faults of its part. */
function compileSighting(look: Look, part: Part, { configuration, variants }: Compiling): OutcomeModel {
  const isThere = isOriginalIn(configuration, part.id);
  const noticed = new Float64Array(variants.length);
  const as = new Int32Array(variants.length).fill(NONE);
  variants.forEach(({ fault }, v) => {
    const sighting =
      isThere && fault.part.id === part.id ? fault.mode.seen?.find((s) => s.look === look.id) : undefined;
    const option = look.options.findIndex(({ id }) => id === sighting?.as);
    if (!sighting || option < 0) return;
    noticed[v] = sighting.chance;
    as[v] = option;
  });
  const others = look.options.length - 1;
  const clean = (outcome: number, a: number, b: number): number => {
    const [seenA, seenB] = [at(noticed, a), at(noticed, b)];
    const unnoticed = (1 - seenA) * (1 - seenB);
    if (outcome === 0) return unnoticed * (1 - falseAlarm);
    let chance = (unnoticed * falseAlarm) / others;
    if (seenA > 0 && as[a] === outcome) chance += seenA;
    if (seenB > 0 && as[b] === outcome) chance += (1 - seenA) * seenB;
    return chance;
  };
  return { clean, density: noDensity, ...plainRows(look.options.length, clean) };
}

function compileMeasure(quantity: Quantity, part: Part, compiling: Compiling): OutcomeModel {
  const { machine, configuration, variants } = compiling;
  const setting = { machine, configuration };
  const isFed = quantity.fedBy === null || !isOriginalIn(configuration, part.id);
  const upTo = quantity.fedBy === null ? -1 : linkIndex(quantity.fedBy);
  const missing = missingBreaks(machine, { ...configuration, start: 'button' }).some(
    ({ link }) => linkIndex(link) <= upTo,
  );
  const hit = strikes(compiling, ({ fault }) => linkIndex(fault.link) <= upTo);
  const healthy = expectReading({ ...quantity, fedBy: null }, part, [], setting);
  const own = variants.map(({ present, fault }) => {
    const reads = fault.mode.reads?.some((reading) => reading.quantity === quantity.id);
    return reads && isOriginalIn(configuration, fault.part.id)
      ? expectReading({ ...quantity, fedBy: null }, part, [present], setting)
      : null;
  });
  const dead = [deadBell];
  const graded = (bells: readonly Bell[]) => chancesOfGrades(quantity, bells);
  const grades = {
    healthy: graded(healthy),
    dead: graded(dead),
    own: own.map((bells) => (bells ? graded(bells) : null)),
  };
  const mix = (a: number, b: number, pick: (bells: 'healthy' | 'dead' | number) => number): number => {
    const owner = a !== NONE && own[a] ? a : b !== NONE && own[b] ? b : NONE;
    const blocked = (v: number) => (v === owner ? 0 : at(hit, v));
    const fed = isFed ? 1 : missing ? 0 : (1 - blocked(a)) * (1 - blocked(b));
    return fed * pick(owner === NONE ? 'healthy' : owner) + (1 - fed) * pick('dead');
  };
  const clean = (outcome: number, a: number, b: number): number =>
    mix(a, b, (which) =>
      typeof which === 'number' ? (grades.own[which]?.[outcome] ?? 0) : (grades[which][outcome] ?? 0),
    );
  return {
    clean,
    ...plainRows(grades.dead.length, clean),
    density: (volts, a, b) =>
      mix(a, b, (which) =>
        densityOfReading(
          typeof which === 'number' ? (own[which] ?? healthy) : which === 'dead' ? dead : healthy,
          volts,
        ),
      ),
  };
}

/** Chance of an outcome with misreading, and with the looser look of an unknown fault. */
export function noisy(clean: number, width: number, misreadChance: number, hasUnknown: boolean): number {
  const spread = 1 - (hasUnknown ? unknownKeepsToLook : 1) * (1 - misreadChance);
  return clean * (1 - spread) + spread / width;
}
