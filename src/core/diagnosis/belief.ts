import type { Machine } from '../machine';
import { isSilent, type Trial } from '../trials';
import { cureChance } from './cure-chance';
import type { EvidenceStep } from './evidence-step';
import { NONE, type HypothesisSpace } from './hypothesis-space';
import { createModelBook, type ModelBook } from './model-book';
import { repeatedStart } from './repeated-start';
import { cleanChance, noisy, type OutcomeModel } from './outcome-model';

/**
 * What is believed after some steps. For each hypothesis its log weight, and the chances of which of its faults
 * handling has left there: masks 0 (none), 1 (the first), 2 (the second), 3 (both), at 4h to 4h + 3.
 */
export interface Belief {
  /** Unnormalised; log of prior times likelihood of all steps. */
  readonly logWeights: Float64Array;
  /** Four chances a hypothesis; they sum to 1. */
  readonly stillThere: Float64Array;
  /** By variant: 1 where handling may have removed it at some step; the masks of all others are still full. */
  readonly touched: Uint8Array;
}

export function priorBelief({ logPrior, second, variants }: HypothesisSpace): Belief {
  const stillThere = new Float64Array(4 * logPrior.length);
  second.forEach((b, h) => (stillThere[4 * h + (b === NONE ? 1 : 3)] = 1));
  return { logWeights: Float64Array.from(logPrior), stillThere, touched: new Uint8Array(variants.length) };
}

/** Chances, by variant, that doing the trial removes its fault. */
export function cureChances(
  { variants, faults }: HypothesisSpace,
  trial: Pick<Trial, 'repair' | 'handling'>,
): Float64Array {
  const byFault = Float64Array.from(faults, (fault) => cureChance(fault, trial));
  return Float64Array.from(variants, ({ faultIndex }) => byFault[faultIndex] ?? 0);
}

/**
 * Exact Bayes by forward filtering: first the handling may remove faults, then what was seen is weighed.
 * "Not sure" still moves the machine on; "could not" leaves everything as it was. Linear in hypotheses.
 */
export function updateBelief(belief: Belief, space: HypothesisSpace, step: EvidenceStep, machine: Machine): Belief {
  return step.outcome === 'could-not'
    ? belief
    : applyStep(belief, space, compileStep(space, step, createModelBook(machine, space)));
}

/**
 * A step ready to be reckoned with. The likelihood of what was seen with a and b present, in chain order, is
 * one[a] + pass[a] * (one[b] - none); see OutcomeModel.
 */
export interface CompiledStep {
  /** By variant: chance that the handling of the step removes it. */
  readonly cure: Float64Array;
  readonly none: number;
  /** By variant. */
  readonly one: Float64Array;
  /** By variant. */
  readonly pass: Float64Array;
}

export function compileStep(space: HypothesisSpace, step: EvidenceStep, book: ModelBook): CompiledStep {
  const cure = cureChances(space, { repair: step.trial.repair, handling: step.handling });
  const { variants } = space;
  const one = new Float64Array(variants.length).fill(1);
  if (isSilent(step.outcome)) return { cure, none: 1, one, pass: one };
  const model = modelOfStep(step, book);
  const seen = observed(model, step);
  variants.forEach(({ fault }, v) => (one[v] = seen(v, fault.somethingElse && !model.keepsToLast)));
  return { cure, none: seen(null, false), one, pass: model.pass };
}

/** The model by which a step's observation is weighed. */
export function modelOfStep({ trial, configuration, after }: EvidenceStep, book: ModelBook): OutcomeModel {
  const model = book.modelOf(trial, configuration);
  const last = after === undefined ? -1 : trial.outcomes.findIndex(({ id }) => id === after);
  return last < 0 ? model : repeatedStart(model, last);
}

/** The belief after a step. Hypotheses that handling has never touched need one addition each. */
export function applyStep(belief: Belief, space: HypothesisSpace, step: CompiledStep): Belief {
  const { cure, none, one, pass } = step;
  const { second, pairsFrom, variants } = space;
  const touched = belief.touched.map((was, v) => (was || (cure[v] ?? 0) > 0 ? 1 : 0));
  const anyTouched = touched.includes(1);
  const logWeights = new Float64Array(belief.logWeights);
  const stillThere = anyTouched ? new Float64Array(belief.stillThere) : belief.stillThere;
  const logOne = one.map(Math.log);
  const refilter = (h: number, a: number, b: number) =>
    (logWeights[h] = (logWeights[h] ?? 0) + Math.log(filter(stillThere, 4 * h, step, a, b)));
  for (let a = 0; a < variants.length; a++) {
    if (touched[a]) refilter(a, a, NONE);
    else logWeights[a] = (logWeights[a] ?? 0) + (logOne[a] ?? 0);
    const [from, to] = [pairsFrom[a] ?? 0, pairsFrom[a + 1] ?? 0];
    const through = pass[a] ?? 1;
    const oneA = one[a] ?? 1;
    const logA = logOne[a] ?? 0;
    for (let h = from; h < to; h++) {
      const b = second[h] ?? 0;
      if (touched[a] || touched[b]) refilter(h, a, b);
      else if (through === 0) logWeights[h] = (logWeights[h] ?? 0) + logA;
      else if (through === 1) logWeights[h] = (logWeights[h] ?? 0) + (logOne[b] ?? 0);
      else logWeights[h] = (logWeights[h] ?? 0) + Math.log(oneA + through * ((one[b] ?? 1) - none));
    }
  }
  return { logWeights, stillThere, touched };
}

/** Moves and weighs the four chances at `i` in place; returns their sum before they are made to sum to 1. */
export function filter(
  chances: Float64Array,
  i: number,
  { cure, none, one, pass }: CompiledStep,
  a: number,
  b: number,
): number {
  const cureA = cure[a] ?? 0;
  const cureB = b === NONE ? 0 : (cure[b] ?? 0);
  let m1 = chances[i + 1] ?? 0;
  let m2 = chances[i + 2] ?? 0;
  let m3 = chances[i + 3] ?? 0;
  let m0 = chances[i] ?? 0;
  if (cureA > 0) {
    m0 += m1 * cureA;
    m2 += m3 * cureA;
    m1 *= 1 - cureA;
    m3 *= 1 - cureA;
  }
  if (cureB > 0) {
    m0 += m2 * cureB;
    m1 += m3 * cureB;
    m2 *= 1 - cureB;
    m3 *= 1 - cureB;
  }
  const oneA = one[a] ?? 1;
  m0 *= none;
  m1 *= oneA;
  if (b !== NONE) {
    const oneB = one[b] ?? 1;
    m2 *= oneB;
    m3 *= oneA + (pass[a] ?? 1) * (oneB - none);
  }
  const total = m0 + m1 + m2 + m3;
  chances[i] = m0 / total;
  chances[i + 1] = m1 / total;
  chances[i + 2] = m2 / total;
  chances[i + 3] = m3 / total;
  return total;
}

/** Likelihood of what was seen: a chance, or a density per volt where a reading was written down. */
function observed(model: OutcomeModel, step: EvidenceStep): (v: number | null, isUnknown: boolean) => number {
  const { trial, volts, misreadChance } = step;
  const { density } = model;
  if (trial.observe.kind === 'measure' && volts !== null && density) {
    const anywhere = 1 / (1.5 * trial.observe.quantity.nominalVolts);
    const clean = (v: number | null): number => {
      const pass = v === null ? 1 : (model.pass[v] ?? 1);
      return (pass < 1 ? (1 - pass) * density(volts, v) : 0) + (pass > 0 ? pass * density(volts, null) : 0);
    };
    return (v, isUnknown) => {
      const loose = isUnknown ? Math.max(misreadChance, unknownReadsAnywhere) : misreadChance;
      return (1 - loose) * clean(v) + loose * anywhere;
    };
  }
  const outcome = trial.outcomes.findIndex(({ id }) => id === step.outcome);
  if (outcome < 0) throw new Error(`${trial.id}: expected one of its outcomes, found "${step.outcome}"`);
  return (v, isUnknown) => noisy(cleanChance(model, outcome, v), model.width, misreadChance, isUnknown);
}

/** Share of readings that an unknown fault spreads anywhere: starting judgement. */
const unknownReadsAnywhere = 0.2;

/** Log of the sum of what the logs stand for. */
export function logSum(logs: Float64Array): number {
  let top = -Infinity;
  for (let h = 0; h < logs.length; h++) top = Math.max(top, logs[h] ?? -Infinity);
  let sum = 0;
  for (let h = 0; h < logs.length; h++) {
    const below = (logs[h] ?? -Infinity) - top;
    if (below > beyondNotice) sum += Math.exp(below);
  }
  return top + Math.log(sum);
}

/** Logs so far below the best add nothing that a double can hold, however many they are. */
const beyondNotice = -45;

/** Probabilities of the hypotheses; they sum to 1 within 1e-9. */
export function probabilitiesOf({ logWeights }: Belief): Float64Array {
  let top = -Infinity;
  for (let h = 0; h < logWeights.length; h++) top = Math.max(top, logWeights[h] ?? -Infinity);
  const chances = new Float64Array(logWeights.length);
  let sum = 0;
  for (let h = 0; h < chances.length; h++) {
    const below = (logWeights[h] ?? -Infinity) - top;
    if (below < beyondNotice) continue;
    const chance = Math.exp(below);
    chances[h] = chance;
    sum += chance;
  }
  for (let h = 0; h < chances.length; h++) chances[h] = (chances[h] ?? 0) / sum;
  return chances;
}
