import type { Machine } from '../../machine';
import { applySteps, compileStep, priorBelief, type Belief, type CompiledStep } from './belief';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import { createSpace, type HypothesisSpace } from '../model/hypothesis-space';
import { createOutcomeModelCache, type OutcomeModelCache } from '../model/outcome-model-cache';
import { decidedOutcomes } from './predict';
import { withoutRepeats } from './same-evidence';
import { probabilityByFault } from './suspects';
import { entrySurprise, type EntrySurprise } from './surprise';

/** A log computed step by step. */
export interface Replay {
  readonly machine: Machine;
  readonly machineKey: string;
  readonly space: HypothesisSpace;
  readonly book: OutcomeModelCache;
  readonly steps: readonly EvidenceStep[];
  readonly stepKeys: readonly string[];
  /** By step; null where it could not be done. */
  readonly compiled: readonly (CompiledStep | null)[];
  /** By step; null for silent entries. */
  readonly surprises: readonly (EntrySurprise | null)[];
  /** After all steps. */
  readonly belief: Belief;
  /** Probability of each fault before any step and after each. */
  readonly byFault: readonly Float64Array[];
}

/** Replays a log as readLog reads it; steps that begin a known replay of the same machine are not computed again. */
export function replay(input: DiagnosisInput, known: Replay | null): Replay {
  const steps = withoutRepeats(input.steps);
  const stepKeys = steps.map(({ id, trial, outcome, volts, configuration, after, shownBefore, signs }) =>
    JSON.stringify([id, trial.id, outcome, volts, configuration, after, shownBefore, signs]),
  );
  const machineKey = JSON.stringify([input.machine, input.circumstances]);
  const same = known?.machineKey === machineKey ? known : null;
  const goesOn = same !== null && same.stepKeys.every((key, k) => key === stepKeys[k]);
  const head = goesOn ? same : start(input, machineKey, same);
  return goOn(head, steps.slice(head.steps.length), stepKeys);
}

function start(input: DiagnosisInput, machineKey: string, known: Replay | null): Replay {
  const space = known?.space ?? createSpace(input.machine, input.circumstances);
  const belief = priorBelief(space);
  return {
    machine: input.machine,
    machineKey,
    space,
    book: known?.book ?? createOutcomeModelCache(input.machine, space),
    steps: [],
    stepKeys: [],
    compiled: [],
    surprises: [],
    belief,
    byFault: [probabilityByFault(space, belief)],
  };
}

/** A replay with more steps at its end. */
function goOn(before: Replay, steps: readonly EvidenceStep[], stepKeys: readonly string[]): Replay {
  if (steps.length === 0) return before;
  const { space, book } = before;
  const compiled = steps.map((step) => (step.outcome === 'could-not' ? null : compileStep(space, step, book)));
  const done = compiled.filter((one) => one !== null);
  const { belief, tallies } = applySteps(before.belief, space, done);
  const tallyOf = new Map(done.map((one, k) => [one, tallies[k]]));
  const byFault = [...before.byFault];
  const surprises = steps.map((step, k) => {
    const one = compiled[k];
    const tally = one && tallyOf.get(one);
    byFault.push(tally ? probabilityByFault(space, tally) : (byFault.at(-1) ?? new Float64Array(0)));
    return one && tally ? surpriseAt(space, step, one, tally.decides) : null;
  });
  return {
    ...before,
    steps: [...before.steps, ...steps],
    stepKeys,
    compiled: [...before.compiled, ...compiled],
    surprises: [...before.surprises, ...surprises],
    belief,
    byFault,
  };
}

function surpriseAt(
  space: HypothesisSpace,
  step: EvidenceStep,
  { forecast }: CompiledStep,
  decides: Float64Array,
): EntrySurprise | null {
  if (!forecast) return null;
  const probabilities = decidedOutcomes(space, forecast, decides, step.misreadProbability);
  return entrySurprise(
    probabilities,
    step.trial.outcomes.findIndex(({ id }) => id === step.outcome),
  );
}
