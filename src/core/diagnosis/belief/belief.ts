import type { Machine } from '../../machine';
import { isSilent } from '../../trials';
import { messagesBeside, type MessageLikelihood } from './messages-beside';
import { observed } from './observed';
import type { EvidenceStep } from '../evidence-step';
import { passAfterCure } from '../model/pass-after-cure';
import { NONE, type HypothesisSpace } from '../model/hypothesis-space';
import { createOutcomeModelCache, type OutcomeModelCache } from '../model/outcome-model-cache';
import { repeatedStart } from '../model/repeated-start';
import { withSteadySignals } from '../model/steady-signals';
import type { OutcomeModel } from '../model/outcome-model';

/**
 * What is believed after some steps. For each hypothesis its probability, and the probabilities of which of its faults
 * handling has left there: masks 0 (none), 1 (the first), 2 (the second), 3 (both), at 4h to 4h + 3.
 */
export interface Belief {
  /** They sum to 1 within 1e-9. None is ever zero. */
  readonly probabilities: Float64Array;
  /** By variant: probability that it is one of the machine's, present or already removed. */
  readonly byVariant: Float64Array;
  /** Log of the probability of all that was seen. */
  readonly logEvidence: number;
  /** Four probabilities a hypothesis; they sum to 1. */
  readonly stillThere: Float64Array;
  /** By variant: 1 where handling may have removed it at some step; the masks of all others are still full. */
  readonly touched: Uint8Array;
}

export function priorBelief({ prior, second, variants, pairsFrom }: HypothesisSpace): Belief {
  const stillThere = new Float64Array(4 * prior.length);
  for (let h = 0; h < second.length; h++) stillThere[4 * h + (second[h] === NONE ? 1 : 3)] = 1;
  const byVariant = prior.slice(0, variants.length);
  for (let a = 0; a < variants.length; a++) {
    let own = byVariant[a] ?? 0;
    const to = pairsFrom[a + 1] ?? 0;
    for (let h = pairsFrom[a] ?? 0; h < to; h++) {
      const b = second[h] ?? 0;
      const p = prior[h] ?? 0;
      own += p;
      byVariant[b] = (byVariant[b] ?? 0) + p;
    }
    byVariant[a] = own;
  }
  return {
    probabilities: new Float64Array(prior),
    byVariant,
    logEvidence: 0,
    stillThere,
    touched: new Uint8Array(variants.length),
  };
}

/**
 * Exact Bayes by forward filtering: first the handling may remove faults, then what was seen is weighed.
 * "Not sure" still moves the machine on; "could not" leaves everything as it was. Linear in hypotheses.
 */
export function updateBelief(belief: Belief, space: HypothesisSpace, step: EvidenceStep, machine: Machine): Belief {
  return step.outcome === 'could-not'
    ? belief
    : applyStep(belief, space, compileStep(space, step, createOutcomeModelCache(machine, space)));
}

/**
 * A step ready to be computed with. The likelihood of what was seen with a and b present, in chain order, is
 * one[a] + pass[a] * (one[b] - none); see OutcomeModel.
 */
export interface CompiledStep {
  /** By variant: probability that the handling of the step removes it. */
  readonly cure: Float64Array;
  readonly none: number;
  /** By variant. */
  readonly one: Float64Array;
  /** By variant. */
  readonly pass: Float64Array;
  /** For a forecast of the step: its model, and the pass with what its handling may remove first. Null if it is silent. */
  readonly forecast: { readonly model: OutcomeModel; readonly pass: Float64Array } | null;
  /** Further observations that are weighed right after it; usually none. */
  readonly beside: readonly CompiledStep[];
}

/** Steps in the order in which they are weighed: each with what was seen beside it. */
export const inTurn = (steps: readonly CompiledStep[]): CompiledStep[] =>
  steps.flatMap((step) => [step, ...step.beside]);

export function compileStep(space: HypothesisSpace, step: EvidenceStep, book: OutcomeModelCache): CompiledStep {
  const { variants } = space;
  const cured = book.curesOf({ repair: step.trial.repair, handling: step.handling });
  const cure = new Float64Array(variants.length);
  for (const [v, probability] of cured) cure[v] = probability;
  const one = new Float64Array(variants.length).fill(1);
  if (isSilent(step.outcome)) return { cure, none: 1, one, pass: one, forecast: null, beside: [] };
  const model = modelOfStep(step, space, book);
  const seen = observed(model, step, variants);
  variants.forEach(({ fault }, v) => (one[v] = seen(v, fault.somethingElse && !model.isTight)));
  const pass = cured.length > 0 ? passAfterCure(model.pass, cured) : model.pass;
  const beside = messagesBeside(space, step, book).map(withoutHandling);
  return { cure, none: seen(null, false), one, pass: model.pass, forecast: { model, pass }, beside };
}

const withoutHandling = (message: MessageLikelihood): CompiledStep => ({
  ...message,
  cure: new Float64Array(message.one.length),
  forecast: null,
  beside: [],
});

/** The model by which a step's observation is weighed. */
function modelOfStep(
  { trial, configuration, after, shownBefore, misreadProbability }: EvidenceStep,
  { variants }: HypothesisSpace,
  book: OutcomeModelCache,
): OutcomeModel {
  const model = book.modelOf(trial, configuration);
  const indexOf = (outcome: string | undefined) => trial.outcomes.findIndex(({ id }) => id === outcome);
  const [last, before] = [indexOf(after), indexOf(shownBefore)];
  if (last >= 0) return repeatedStart(model, last, { misreadProbability, variants });
  return before < 0 ? model : withSteadySignals(model, before);
}

/** What one step brings besides the belief after it. */
export interface StepTally {
  /** By variant: how far it was to decide the outcome; see decidedOutcomes. */
  readonly decides: Float64Array;
  /** By variant, after the step: see Belief. */
  readonly byVariant: Float64Array;
}

/** The belief after steps in a row, and what each brought. One pass over the hypotheses a step. */
export function applySteps(
  belief: Belief,
  space: HypothesisSpace,
  steps: readonly CompiledStep[],
): { readonly belief: Belief; readonly tallies: readonly StepTally[] } {
  const handles = steps.some(({ cure }) => cure.some((probability) => probability > 0)) || belief.touched.includes(1);
  const sweep: Sweep = {
    space,
    weights: new Float64Array(belief.probabilities),
    stillThere: handles ? new Float64Array(belief.stillThere) : belief.stillThere,
    touched: new Uint8Array(belief.touched),
    factor: 1,
  };
  let { logEvidence, byVariant } = belief;
  const weigh = (step: CompiledStep): Float64Array => {
    const { sum, decides, byVariant: weights } = sweepStep(sweep, step);
    sweep.factor = 1 / sum;
    logEvidence += Math.log(sum);
    byVariant = weights.map((weight) => weight * sweep.factor);
    return decides;
  };
  const tallies = steps.map((step): StepTally => {
    const decides = weigh(step);
    step.beside.forEach(weigh);
    return { decides, byVariant };
  });
  const { weights: probabilities, stillThere, touched, factor } = sweep;
  for (let h = 0; h < probabilities.length; h++) {
    const probability = (probabilities[h] ?? 0) * factor;
    probabilities[h] = probability > least ? probability : least;
  }
  return { belief: { probabilities, byVariant, logEvidence, stillThere, touched }, tallies };
}

/** However long the log speaks against a hypothesis, it can come back. */
const least = 1e-300;

/** The belief after one step. */
export const applyStep = (belief: Belief, space: HypothesisSpace, step: CompiledStep): Belief =>
  applySteps(belief, space, [step]).belief;

/** Working arrays of applySteps: weights times factor sum to 1. */
interface Sweep {
  readonly space: HypothesisSpace;
  readonly weights: Float64Array;
  readonly stillThere: Float64Array;
  readonly touched: Uint8Array;
  factor: number;
}

/** Weighs one step in place. Hypotheses that handling has never touched need one multiplication each. */
function sweepStep({ space, weights, stillThere, touched, factor }: Sweep, step: CompiledStep) {
  const { cure, none, one, pass } = step;
  const passBefore = step.forecast?.pass ?? pass;
  const { second, pairsFrom, variants } = space;
  const decides = new Float64Array(variants.length);
  const byVariant = new Float64Array(variants.length);
  cure.forEach((probability, v) => probability > 0 && (touched[v] = 1));
  let sum = 0;
  for (let a = 0; a < variants.length; a++) {
    const oneA = one[a] ?? 1;
    const through = pass[a] ?? 1;
    const before = passBefore[a] ?? 1;
    const isTouched = touched[a] === 1;
    const from = pairsFrom[a] ?? 0;
    const to = pairsFrom[a + 1] ?? 0;
    const alone = (weights[a] ?? 0) * factor;
    let decidesA = alone * (isTouched ? (stillThere[4 * a + 1] ?? 0) : 1);
    let own = alone * (isTouched ? filter(stillThere, 4 * a, step, a, NONE) : oneA);
    weights[a] = own;
    for (let h = from; h < to; h++) {
      const b = second[h] ?? 0;
      const p = (weights[h] ?? 0) * factor;
      let after: number;
      if (isTouched || touched[b] === 1) {
        const both = p * (stillThere[4 * h + 3] ?? 0);
        decidesA += both + p * (stillThere[4 * h + 1] ?? 0);
        decides[b] = (decides[b] ?? 0) + p * (stillThere[4 * h + 2] ?? 0) + both * before;
        after = p * filter(stillThere, 4 * h, step, a, b);
      } else {
        decidesA += p;
        if (before > 0) decides[b] = (decides[b] ?? 0) + p * before;
        after = through === 0 ? p * oneA : p * (oneA + through * ((one[b] ?? 1) - none));
      }
      weights[h] = after;
      own += after;
      byVariant[b] = (byVariant[b] ?? 0) + after;
    }
    decides[a] = (decides[a] ?? 0) + decidesA;
    byVariant[a] = (byVariant[a] ?? 0) + own;
    sum += own;
  }
  return { sum, decides, byVariant };
}

/** Moves and weighs the four probabilities at `i` in place; returns their sum before they are made to sum to 1. */
export function filter(
  probabilities: Float64Array,
  i: number,
  { cure, none, one, pass }: CompiledStep,
  a: number,
  b: number,
): number {
  const cureA = cure[a] ?? 0;
  const cureB = b === NONE ? 0 : (cure[b] ?? 0);
  let m1 = probabilities[i + 1] ?? 0;
  let m2 = probabilities[i + 2] ?? 0;
  let m3 = probabilities[i + 3] ?? 0;
  let m0 = probabilities[i] ?? 0;
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
  const scale = 1 / total;
  probabilities[i] = m0 * scale;
  probabilities[i + 1] = m1 * scale;
  probabilities[i + 2] = m2 * scale;
  probabilities[i + 3] = m3 * scale;
  return total;
}
