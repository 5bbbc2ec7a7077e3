import { foundConfiguration, isOriginalIn, type Configuration, type Machine, type Part } from '../../machine';
import { canAct, type FaultInstance } from '../../faults';
import { expectStart, linkIndex, LINKS, missingBreaks, attemptDoubt, type StartDepth } from '../../startup';
import {
  countedStops,
  deadShare,
  gradeProbabilities,
  unfedComponentOf,
  densityOfReading,
  expectReading,
  falseAlarmsOf,
  inView,
  sightingsOf,
  signsOfStop,
  soundShows,
  type NormalComponent,
  type Look,
  type PassedLink,
  type Quantity,
  type Trial,
} from '../../trials';
import { unknownKeepsToLook } from './expect-outcomes';
import type { Showing, Variant } from './hypothesis-space';
import { factsOf } from './variant-facts';

/**
 * What a trial would show in one configuration, compiled so that any set of up to two faults costs a few operations.
 * Every kind of trial has the same form: a fault v decides the outcome with probability 1 - pass[v] and then shows in its
 * own few ways; otherwise the next fault decides, and if none does, the outcome is that of a machine without faults.
 * It gives the same probabilities as the plain model in expect-outcomes.ts, for a and b in chain order:
 *
 *     probability(o | a, b) = decided(o, a) + pass[a] * (decided(o, b) + pass[b] * none[o])
 */
export interface OutcomeModel {
  readonly width: number;
  /** By variant: probability, 0 to 1, that it lets the outcome be decided by the rest. */
  readonly pass: Float64Array;
  /** The variants with pass below 1, in chain order. */
  readonly deciders: Int32Array;
  /** By variant: how it shows when it decides; read only where pass is below 1. */
  readonly shows: readonly (readonly Showing[])[];
  /** Probabilities of the outcomes when nothing is there to decide. */
  readonly none: Float64Array;
  /** A spare that is bad itself: the probability, and what it shows whatever else there is. */
  readonly badSpare: { readonly probability: number; readonly shows: Float64Array } | null;
  /**
   * An unknown fault is no looser in it than any other: a start made again, which it shows as it did before, and a look
   * that sees certain faults of one part, of which it is none.
   */
  readonly isTight?: boolean;
  /** Of a measurement: the same of a machine that is seen to run, so that nothing keeps it from being fed. */
  readonly whileItRuns?: OutcomeModel;
  /** For measurements: density per volt of a reading when variant v decides, or when nothing does (null). */
  readonly density: ((volts: number, v: number | null) => number) | null;
}

export interface Compiling {
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly variants: readonly Variant[];
  /** See actingFaults. */
  readonly acting: Uint8Array;
}

/** By fault index: 1 where the fault, being present, can act in the configuration. */
export function actingFaults(
  faults: readonly FaultInstance[],
  machine: Machine,
  configuration: Configuration,
): Uint8Array {
  return Uint8Array.from(faults, (fault) => (canAct(fault, machine, configuration) ? 1 : 0));
}

/**
 * The same for one configuration after another, from what acts in the machine as found: faults without a condition of
 * their own depend on nothing but where their part stands, so that only those of parts that were touched, and those with
 * a condition, are asked again.
 */
export function actingFinder(
  faults: readonly FaultInstance[],
  machine: Machine,
): (configuration: Configuration) => Uint8Array {
  const whenFound = actingFaults(faults, machine, foundConfiguration(machine));
  const conditional: number[] = [];
  const ofPart = new Map<string, number[]>();
  faults.forEach(({ mode, part }, f) => {
    if (mode.actsIn) conditional.push(f);
    else ofPart.set(part.id, [...(ofPart.get(part.id) ?? []), f]);
  });
  return (configuration) => {
    const acting = whenFound.slice();
    const ask = (f: number): void => {
      const fault = faults[f];
      if (fault) acting[f] = canAct(fault, machine, configuration) ? 1 : 0;
    };
    conditional.forEach(ask);
    for (const part of Object.keys(configuration.placements)) ofPart.get(part)?.forEach(ask);
    return acting;
  };
}

export function compileTrial(trial: Trial, compiling: Compiling): OutcomeModel {
  const { observe, part } = trial;
  if (observe.kind === 'start') return compileStart(observe.depth, compiling);
  if (!part) throw new Error(`${trial.id}: expected a look or measurement to name its part`);
  if (observe.kind === 'measure') return compileMeasure(observe.quantity, part, compiling);
  return observe.look.passes
    ? compileSign(observe.look, observe.look.passes, compiling)
    : compileSighting(observe.look, part, compiling);
}

function decidersOf(pass: Float64Array): Int32Array {
  const deciders = new Int32Array(pass.length);
  let count = 0;
  for (let v = 0; v < pass.length; v++) if ((pass[v] ?? 1) < 1) deciders[count++] = v;
  return deciders.slice(0, count);
}

/** By variant: probability that it does not stop an attempt in this configuration, among those that count. */
function passes(
  { acting, variants }: Compiling,
  counts: (link: number) => boolean,
  depth: StartDepth = 'load',
): Float64Array {
  const { faultIndex, link, ...facts } = factsOf(variants);
  const stops = depth === 'load' ? facts.stops : facts.stopsStart;
  const counted = LINKS.map((_, at) => counts(at));
  const pass = new Float64Array(variants.length).fill(1);
  for (let v = 0; v < pass.length; v++)
    if (acting[faultIndex[v] ?? 0] === 1 && counted[link[v] ?? 0]) pass[v] = 1 - (stops[v] ?? 0);
  return pass;
}

function compileStart(depth: StartDepth, compiling: Compiling): OutcomeModel {
  const { machine, configuration, variants } = compiling;
  const none = expectStart(machine, configuration, [], { depth, trustSpares: true });
  const stopsAt = missingBreaks(machine, configuration).reduce((top, { link }) => Math.min(top, linkIndex(link)), 99);
  const pass = passes(compiling, (link) => link < stopsAt, depth);
  return {
    width: none.length,
    pass,
    deciders: decidersOf(pass),
    shows: factsOf(variants).showsAtStart,
    none,
    badSpare: attemptDoubt(machine, configuration),
    density: null,
  };
}

/** A look whose sign is whether the chain passes a link. */
function compileSign(look: Look, passed: PassedLink, compiling: Compiling): OutcomeModel {
  const { machine, configuration, variants } = compiling;
  const upTo = linkIndex(passed.link);
  const ignored = passed.ignoring.map(linkIndex);
  const [missing] = missingBreaks(machine, configuration)
    .filter((stop) => linkIndex(stop.link) <= upTo && !passed.ignoring.includes(stop.link))
    .sort((a, b) => linkIndex(a.link) - linkIndex(b.link));
  const stopsAt = missing ? linkIndex(missing.link) : upTo + 1;
  const width = look.options.length;
  const none = falseAlarmsOf(look.options);
  if (missing) {
    none.fill(0);
    const signs = look.times ? neverCame : signsOfStop(look, passed, missing.link);
    for (const { outcome, probability } of signs) none[outcome] = probability;
  }
  const once = passes(compiling, (at) => at <= upTo && at < stopsAt && !ignored.includes(at));
  if (passed.unlessDead) alsoWhereDead(once, upTo, compiling);
  const { times } = look;
  const pass = times ? once.map((through) => countedStops(1 - through, times).all) : once;
  return {
    width,
    pass,
    deciders: decidersOf(pass),
    shows: times
      ? [...once].map((through) => showsCounted(1 - through, times))
      : passed.names
        ? variants.map(({ present }) => signsOfStop(look, passed, present.stops.link))
        : factsOf(variants).showsAsSign,
    none,
    badSpare: null,
    density: null,
  };
}

/** Of a counted series: not once. */
const neverCame: readonly Showing[] = [{ outcome: 2, probability: 1 }];

/** What stands later in the chain lets no sign of life through as often as it leaves the machine dead. */
function alsoWhereDead(pass: Float64Array, upTo: number, { acting, variants }: Compiling): void {
  const { faultIndex, link, stops } = factsOf(variants);
  variants.forEach(({ present }, v) => {
    if (acting[faultIndex[v] ?? 0] === 1 && (link[v] ?? 0) > upTo)
      pass[v] = 1 - (stops[v] ?? 0) * deadShare(present.stops.shows);
  });
}

/** Some of a counted series, or none of it, came through. */
function showsCounted(stops: number, times: number): Showing[] {
  const { each } = countedStops(stops, times);
  return [
    { outcome: 1, probability: 1 - each },
    { outcome: 2, probability: each },
  ];
}

const unseen: readonly Showing[] = [];

/** A look that notices some faults of its part. */
function compileSighting(look: Look, part: Part, { machine, configuration, variants }: Compiling): OutcomeModel {
  const width = look.options.length;
  const pass = new Float64Array(variants.length).fill(1);
  const shows = new Array<readonly Showing[]>(variants.length).fill(unseen);
  const none = soundShows(look, machine);
  for (const v of look.everywhere ? variants.keys() : (factsOf(variants).atPart.get(part.id) ?? [])) {
    const variant = variants[v];
    const seen = variant ? sightingsOf(variant.fault.mode, look) : [];
    const view = variant && seen.length > 0 ? inView(look, part, variant.present, { machine, configuration }) : 0;
    if (view === 0) continue;
    const noticed = seen.reduce((sum, { probability }) => sum + probability, 0);
    pass[v] = 1 - view * noticed;
    shows[v] = seen.map(({ option, probability }) => ({ outcome: option, probability: probability / noticed }));
  }
  return { width, pass, deciders: decidersOf(pass), shows, none, badSpare: null, isTight: true, density: null };
}

/** A measurement: faults that break the feed read nothing, those that change the quantity read their own way. */
function compileMeasure(quantity: Quantity, part: Part, compiling: Compiling): OutcomeModel {
  const { machine, configuration, variants } = compiling;
  const setting = { machine, configuration };
  const dead: readonly NormalComponent[] = [unfedComponentOf(quantity)];
  const alone = { ...quantity, fedBy: null };
  const isFed = quantity.fedBy === null || !isOriginalIn(configuration, part.id);
  const upTo = quantity.fedBy === null || isFed ? -1 : linkIndex(quantity.fedBy);
  const missing = missingBreaks(machine, { ...configuration, start: 'button' }).some(
    ({ link }) => linkIndex(link) <= upTo,
  );
  const healthy = missing ? dead : expectReading(alone, part, [], setting);
  const pass = passes(compiling, (link) => link <= upTo);
  const deadShows = showing(gradeProbabilities(quantity, dead));
  const shows = new Array<readonly Showing[]>(variants.length).fill(deadShows);
  const mixture = new Map<number, readonly NormalComponent[]>();
  const running = new Float64Array(variants.length).fill(1);
  variants.forEach(({ present, fault }, v) => {
    const reads = fault.mode.readings?.some((reading) => reading.quantity === quantity.id) && !fault.somethingElse;
    if (!reads || missing || !isOriginalIn(configuration, fault.part.id)) return;
    const own = expectReading(alone, part, [present], setting);
    mixture.set(v, own);
    pass[v] = 0;
    running[v] = 0;
    shows[v] = showing(gradeProbabilities(quantity, own));
  });
  const model: OutcomeModel = {
    width: 4,
    pass,
    deciders: decidersOf(pass),
    shows,
    none: gradeProbabilities(quantity, healthy),
    badSpare: null,
    isTight: true,
    density: (volts, v) =>
      densityOfReading(v === null ? healthy : (mixture.get(v) ?? dead), volts, quantity.meterVolts),
  };
  return { ...model, whileItRuns: { ...model, pass: running, deciders: decidersOf(running) } };
}

const showing = (probabilities: Float64Array): Showing[] =>
  [...probabilities].map((probability, outcome) => ({ outcome, probability }));

/** Probability of an outcome with misreading, and with the looser look of an unknown fault. */
export function noisy(clean: number, width: number, misreadProbability: number, hasUnknown: boolean): number {
  const spread = 1 - (hasUnknown ? unknownKeepsToLook : 1) * (1 - misreadProbability);
  return clean * (1 - spread) + spread / width;
}

/** Clean probability of an outcome when variant v alone is there, or nothing (null). */
export function cleanProbability(model: OutcomeModel, outcome: number, v: number | null): number {
  const none = model.none[outcome] ?? 0;
  const pass = v === null ? 1 : (model.pass[v] ?? 1);
  const decided = v !== null && pass < 1 ? (1 - pass) * shareOf(model.shows[v] ?? [], outcome) : 0;
  const probability = decided + pass * none;
  return model.badSpare
    ? (1 - model.badSpare.probability) * probability + model.badSpare.probability * (model.badSpare.shows[outcome] ?? 0)
    : probability;
}

/** The share of it that variant v itself decides. */
export const decidedProbability = ({ pass, shows, badSpare }: OutcomeModel, outcome: number, v: number): number =>
  (1 - (badSpare?.probability ?? 0)) * (1 - (pass[v] ?? 1)) * shareOf(shows[v] ?? [], outcome);

/** The probability among a variant's ways of showing that it shows as this outcome. */
export function shareOf(showings: readonly Showing[], outcome: number): number {
  for (const shows of showings) if (shows.outcome === outcome) return shows.probability;
  return 0;
}
