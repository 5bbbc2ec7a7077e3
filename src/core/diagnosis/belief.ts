import type { Machine } from '../machine';
import type { FaultInstance } from '../faults';
import type { Trial } from '../trials';
import { isSilent } from '../trials';
import type { EvidenceStep } from './evidence-step';
import { likelihoodOf } from './expect-outcomes';
import type { Hypothesis } from './hypotheses';

/** What is believed after some steps: for each hypothesis its log weight and how likely its fault is still there. */
export interface Belief {
  /** Unnormalised; log of prior times likelihood of all steps. */
  readonly logWeights: Float64Array;
  /** Chance, 0 to 1, given the hypothesis, that handling has not removed its fault. */
  readonly stillThere: Float64Array;
}

/** Chance that a repair, carried out, removes the faults of its class: starting judgement. */
const repairSucceeds = 0.97;

export function priorBelief(hypotheses: readonly Hypothesis[]): Belief {
  return {
    logWeights: Float64Array.from(hypotheses, ({ logPrior }) => logPrior),
    stillThere: new Float64Array(hypotheses.length).fill(1),
  };
}

/** Chance, 0 to 1, that doing the trial removes the fault. */
export function cureChance(fault: FaultInstance, { repair, handling }: Pick<Trial, 'repair' | 'handling'>): number {
  const byRepair = repair?.id === fault.repairClass.id ? repairSucceeds : 0;
  const stays = handling
    .filter(({ part }) => part === fault.part.id)
    .reduce((chance, { act }) => chance * (1 - (fault.mode.cures?.[act] ?? 0)), 1 - byRepair);
  return 1 - stays;
}

/**
 * Exact Bayes by forward filtering: first the handling may remove the fault, then what was seen is weighed.
 * A silent outcome ("not sure") still moves the machine on if the trial was done; "could not" does not.
 */
export function updateBelief(
  belief: Belief,
  hypotheses: readonly Hypothesis[],
  step: EvidenceStep,
  machine: Machine,
): Belief {
  if (step.outcome === 'could-not') return belief;
  const silent = isSilent(step.outcome);
  const whole = silent ? 1 : likelihoodOf(step, machine, []);
  const logWeights = Float64Array.from(belief.logWeights);
  const stillThere = Float64Array.from(belief.stillThere);
  hypotheses.forEach(({ fault, present }, h) => {
    const there = (belief.stillThere[h] ?? 0) * (1 - cureChance(fault, { ...step.trial, handling: step.handling }));
    const withFault = there * (silent ? 1 : likelihoodOf(step, machine, present));
    const total = withFault + (1 - there) * whole;
    logWeights[h] = (belief.logWeights[h] ?? 0) + Math.log(total);
    stillThere[h] = withFault / total;
  });
  return { logWeights, stillThere };
}

/** Probabilities of the hypotheses; they sum to 1 within 1e-9. */
export function probabilitiesOf({ logWeights }: Belief): Float64Array {
  const top = logWeights.reduce((a, b) => Math.max(a, b), -Infinity);
  const weights = logWeights.map((w) => Math.exp(w - top));
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / total);
}
