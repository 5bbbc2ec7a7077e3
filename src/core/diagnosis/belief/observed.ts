import {
  fitOfCutOut,
  fitOfProgress,
  likelihoodOfOwnersWord,
  likelihoodOfSigns,
  startOutcomeIndex,
  type StartOutcome,
} from '../../startup';
import type { EvidenceStep } from '../evidence-step';
import type { Variant } from '../model/hypothesis-space';
import { cleanProbability, decidedProbability, noisy, type OutcomeModel } from '../model/outcome-model';
import { isOwnersWord } from './complaint';

/** Likelihood of what was seen: a probability, or a density per volt where a reading was written down. */
export function observed(
  model: OutcomeModel,
  step: EvidenceStep,
  variants: readonly Variant[],
): (v: number | null, isUnknown: boolean) => number {
  const { trial, volts, misreadProbability } = step;
  const { density } = model;
  const typed = errorOfTyped(step);
  if (typed !== null && volts !== null && density) {
    const clean = (v: number | null): number => {
      const pass = v === null ? 1 : (model.pass[v] ?? 1);
      return (pass < 1 ? (1 - pass) * density(volts, v) : 0) + (pass > 0 ? pass * density(volts, null) : 0);
    };
    return (v, isUnknown) => {
      const loose = isUnknown ? Math.max(typed.misread, unknownReadsAnywhere) : typed.misread;
      return (1 - loose) * clean(v) + loose * typed.perVolt;
    };
  }
  const outcome = trial.outcomes.findIndex(({ id }) => id === step.outcome);
  if (outcome < 0) throw new Error(`${trial.id}: expected one of its outcomes, found "${step.outcome}"`);
  const likelihood = step.after === undefined ? likelihoodOfSeen(step) : null;
  if (likelihood) return byLikelihood(model, step, likelihood, variants);
  return (v, isUnknown) => noisy(cleanProbability(model, outcome, v), model.width, misreadProbability, isUnknown);
}

/** By the outcomes that a start may really have had; null where the one that was noted is all there is. */
function likelihoodOfSeen(step: EvidenceStep): Float64Array | null {
  const outcome = step.outcome as StartOutcome;
  if (step.signs) return likelihoodOfSigns(step.signs, outcome);
  return isOwnersWord(step) ? likelihoodOfOwnersWord(outcome) : null;
}

/**
 * Likelihood of what was seen of a start: that of each outcome which it may really have had, weighed. How it went off at
 * work fits some causes better than others, and what has none of them as on average; a code that moves fits a board that
 * is busy.
 */
function byLikelihood(
  model: OutcomeModel,
  { misreadProbability, signs = {} }: EvidenceStep,
  likelihood: Float64Array,
  variants: readonly Variant[],
): (v: number | null, isUnknown: boolean) => number {
  const fit = fitOfCutOut(signs);
  const onAverage = fit?.of(undefined) ?? 1;
  const weights = likelihood.map((weight, o) => (o === cutOut ? weight * onAverage : weight));
  const beyondAverage = (v: number | null): number => {
    if (!fit || v === null) return 0;
    const decided = decidedProbability(model, cutOut, v);
    const more = fit.of(variants[v]?.fault.mode.cutsOut) - onAverage;
    return (likelihood[cutOut] ?? 0) * more * decided * (1 - misreadProbability);
  };
  const progress = fitOfProgress(signs);
  const beyondStuck = (v: number | null): number =>
    !progress || v === null || !variants[v]?.fault.mode.isProgress
      ? 0
      : progress.reduce(
          (sum, fits, o) => sum + (likelihood[o] ?? 0) * (fits - 1) * decidedProbability(model, o, v),
          0,
        ) *
        (1 - misreadProbability);
  return (v, isUnknown) =>
    weights.reduce(
      (sum, weight, o) =>
        sum + weight * noisy(cleanProbability(model, o, v), model.width, misreadProbability, isUnknown),
      beyondAverage(v) + beyondStuck(v),
    );
}

const cutOut = startOutcomeIndex('cuts-out');

/** Who writes a number down has read it more carefully: so much less often it is wrong. Engineering judgement. */
const readWrongWhenTyped = 0.4;

/**
 * Of a reading that was written down as a number: the probability that it is wrong, and how such readings are spread, in
 * probability per volt. Null for everything else.
 */
export function errorOfTyped({ trial: { observe }, volts, misreadProbability }: EvidenceStep) {
  if (observe.kind !== 'measure' || volts === null) return null;
  return { misread: misreadProbability * readWrongWhenTyped, perVolt: 1 / (1.5 * observe.quantity.nominalVolts) };
}

/** Share of readings that an unknown fault spreads anywhere: engineering judgement. */
const unknownReadsAnywhere = 0.2;
