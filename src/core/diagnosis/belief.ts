import type { Machine } from '../machine';
import type { FaultInstance } from '../faults';
import { isSilent, type Trial } from '../trials';
import type { EvidenceStep } from './evidence-step';
import { NONE, type HypothesisSpace } from './hypothesis-space';
import { actingFaults, compileTrial, noisy, type OutcomeModel } from './outcome-model';

/**
 * What is believed after some steps. For each hypothesis its log weight, and the chances of which of its faults
 * handling has left there: masks 0 (none), 1 (the first), 2 (the second), 3 (both), at 4h to 4h + 3.
 */
export interface Belief {
  /** Unnormalised; log of prior times likelihood of all steps. */
  readonly logWeights: Float64Array;
  /** Four chances a hypothesis; they sum to 1. */
  readonly stillThere: Float64Array;
}

/** Chance that a repair, carried out, removes the faults of its class: starting judgement. */
const repairSucceeds = 0.97;

export function priorBelief({ logPrior, second }: HypothesisSpace): Belief {
  const stillThere = new Float64Array(4 * logPrior.length);
  second.forEach((b, h) => (stillThere[4 * h + (b === NONE ? 1 : 3)] = 1));
  return { logWeights: Float64Array.from(logPrior), stillThere };
}

/** Chance, 0 to 1, that doing the trial removes the fault. */
export function cureChance(fault: FaultInstance, { repair, handling }: Pick<Trial, 'repair' | 'handling'>): number {
  const byRepair = repair?.id === fault.repairClass.id ? repairSucceeds : 0;
  const stays = handling
    .filter(({ part }) => part === fault.part.id)
    .reduce((chance, { act }) => chance * (1 - (fault.mode.cures?.[act] ?? 0)), 1 - byRepair);
  return 1 - stays;
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
  if (step.outcome === 'could-not') return belief;
  const { cure, likelihood } = compileStep(space, step, machine);
  const logWeights = Float64Array.from(belief.logWeights);
  const stillThere = Float64Array.from(belief.stillThere);
  const { first, second } = space;
  for (let h = 0; h < first.length; h++) {
    const a = first[h] ?? 0;
    const b = second[h] ?? NONE;
    const total = filter(stillThere, 4 * h, cure[a] ?? 0, b === NONE ? 0 : (cure[b] ?? 0), likelihood, a, b);
    logWeights[h] = (logWeights[h] ?? 0) + Math.log(total);
  }
  return { logWeights, stillThere };
}

/** A step ready to be reckoned with: what its handling may have removed, and how likely what it showed is. */
export interface CompiledStep {
  /** By variant. */
  readonly cure: Float64Array;
  readonly likelihood: Likelihoods;
}

export function compileStep(space: HypothesisSpace, step: EvidenceStep, machine: Machine): CompiledStep {
  return {
    cure: cureChances(space, { repair: step.trial.repair, handling: step.handling }),
    likelihood: likelihoods(space, step, machine),
  };
}

interface Likelihoods {
  readonly none: number;
  /** By variant. */
  readonly one: Float64Array;
  readonly both: (a: number, b: number) => number;
}

/** Moves and weighs the four chances at `i` in place; returns their sum before they are made to sum to 1. */
function filter(
  chances: Float64Array,
  i: number,
  cureA: number,
  cureB: number,
  like: Likelihoods,
  a: number,
  b: number,
): number {
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
  if (m0 > 0) m0 *= like.none;
  if (m1 > 0) m1 *= like.one[a] ?? 0;
  if (m2 > 0) m2 *= like.one[b] ?? 0;
  if (m3 > 0) m3 *= like.both(a, b);
  const total = m0 + m1 + m2 + m3;
  chances[i] = m0 / total;
  chances[i + 1] = m1 / total;
  chances[i + 2] = m2 / total;
  chances[i + 3] = m3 / total;
  return total;
}

function likelihoods(space: HypothesisSpace, step: EvidenceStep, machine: Machine): Likelihoods {
  const { variants } = space;
  if (isSilent(step.outcome)) return { none: 1, one: new Float64Array(variants.length).fill(1), both: () => 1 };
  const { configuration } = step;
  const acting = actingFaults(space.faults, machine, configuration);
  const model = compileTrial(step.trial, { machine, configuration, variants, acting });
  const seen = observed(model, step);
  return {
    none: seen(NONE, NONE, false),
    one: Float64Array.from(variants, ({ fault }, v) => seen(v, NONE, fault.somethingElse)),
    both: (a, b) => seen(a, b, false),
  };
}

/** Likelihood of what was seen: a chance, or a density per volt where a reading was written down. */
function observed(model: OutcomeModel, step: EvidenceStep): (a: number, b: number, hasUnknown: boolean) => number {
  const { trial, volts, misreadChance } = step;
  const width = trial.outcomes.length;
  if (trial.observe.kind === 'measure' && volts !== null) {
    const anywhere = 1 / (1.5 * trial.observe.quantity.nominalVolts);
    return (a, b, hasUnknown) => {
      const loose = hasUnknown ? Math.max(misreadChance, unknownReadsAnywhere) : misreadChance;
      return (1 - loose) * model.density(volts, a, b) + loose * anywhere;
    };
  }
  const outcome = trial.outcomes.findIndex(({ id }) => id === step.outcome);
  if (outcome < 0) throw new Error(`${trial.id}: expected one of its outcomes, found "${step.outcome}"`);
  return (a, b, hasUnknown) => noisy(model.clean(outcome, a, b), width, misreadChance, hasUnknown);
}

/** Share of readings that an unknown fault spreads anywhere: starting judgement. */
const unknownReadsAnywhere = 0.2;

/** Log of the sum of what the logs stand for. */
export function logSum(logs: ArrayLike<number> & Iterable<number>): number {
  let top = -Infinity;
  for (const log of logs) if (log > top) top = log;
  let sum = 0;
  for (const log of logs) sum += Math.exp(log - top);
  return top + Math.log(sum);
}

/** Probabilities of the hypotheses; they sum to 1 within 1e-9. */
export function probabilitiesOf({ logWeights }: Belief): Float64Array {
  const total = logSum(logWeights);
  return logWeights.map((log) => Math.exp(log - total));
}
