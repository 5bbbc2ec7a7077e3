import { isSilent } from '../trials';
import {
  applyStep,
  compileStep,
  modelOfStep,
  priorBelief,
  probabilitiesOf,
  type Belief,
  type CompiledStep,
} from './belief';
import type { DiagnosisInput, EvidenceStep } from './evidence-step';
import { createSpace, type HypothesisSpace } from './hypothesis-space';
import { JointScratch, jointChances, passAfter, tell } from './joint-chances';
import { liveWays, type LiveWays } from './live-ways';
import { createModelBook, type ModelBook } from './model-book';
import { withoutRepeats } from './same-evidence';
import { probabilityByFault } from './suspects';
import { entrySurprise, type EntrySurprise } from './surprise';

/** A log reckoned step by step. */
export interface Replay {
  readonly machineKey: string;
  readonly space: HypothesisSpace;
  readonly book: ModelBook;
  readonly steps: readonly EvidenceStep[];
  readonly stepKeys: readonly string[];
  /** By step; null where it could not be done. */
  readonly compiled: readonly (CompiledStep | null)[];
  /** By step; null for silent entries. */
  readonly surprises: readonly (EntrySurprise | null)[];
  /** After all steps. */
  readonly belief: Belief;
  readonly probabilities: Float64Array;
  /** The ways that matter for a plan, after all steps; made when first asked for. */
  readonly live: () => LiveWays;
  /** Probability of each fault before any step and after each. */
  readonly byFault: readonly Float64Array[];
}

/** Reckons a log; steps that stand at the head of a known replay of the same machine are not reckoned again. */
export function replay(input: DiagnosisInput, known: Replay | null): Replay {
  const steps = withoutRepeats(input.steps);
  const stepKeys = steps.map(({ id, trial, outcome, volts, configuration, after }) =>
    JSON.stringify([id, trial.id, outcome, volts, configuration, after]),
  );
  const machineKey = JSON.stringify([input.machine, input.circumstances]);
  const same = known?.machineKey === machineKey ? known : null;
  const goesOn = same !== null && same.stepKeys.every((key, k) => key === stepKeys[k]);
  let current = goesOn ? same : start(input, machineKey, same);
  for (let k = current.steps.length; k < steps.length; k++) {
    const [step, key] = [steps[k], stepKeys[k]];
    if (step && key !== undefined) current = advance(current, step, key);
  }
  return current;
}

function start(input: DiagnosisInput, machineKey: string, known: Replay | null): Replay {
  const space = known?.space ?? createSpace(input.machine, input.circumstances);
  const belief = priorBelief(space);
  const probabilities = probabilitiesOf(belief);
  return {
    machineKey,
    space,
    book: known?.book ?? createModelBook(input.machine, space),
    steps: [],
    stepKeys: [],
    compiled: [],
    surprises: [],
    belief,
    probabilities,
    live: lazy(() => liveWays(space, belief, probabilities)),
    byFault: [probabilityByFault(space, probabilities)],
  };
}

function advance(before: Replay, step: EvidenceStep, key: string): Replay {
  const { space, book } = before;
  const compiled = step.outcome === 'could-not' ? null : compileStep(space, step, book);
  const belief = compiled ? applyStep(before.belief, space, compiled) : before.belief;
  const probabilities = compiled ? probabilitiesOf(belief) : before.probabilities;
  return {
    ...before,
    steps: [...before.steps, step],
    stepKeys: [...before.stepKeys, key],
    compiled: [...before.compiled, compiled],
    surprises: [...before.surprises, surpriseAt(before, step, compiled)],
    belief,
    probabilities,
    live: compiled ? lazy(() => liveWays(space, belief, probabilities)) : before.live,
    byFault: [...before.byFault, probabilityByFault(space, probabilities)],
  };
}

function lazy<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

const scratch = new JointScratch();

function surpriseAt({ book, live }: Replay, step: EvidenceStep, compiled: CompiledStep | null): EntrySurprise | null {
  if (!compiled || isSilent(step.outcome)) return null;
  const { trial } = step;
  const model = modelOfStep(step, book);
  const cured = [...compiled.cure.entries()].filter(([, chance]) => chance > 0);
  const pass = cured.length > 0 ? passAfter(model.pass, cured) : model.pass;
  const { chances } = tell(jointChances(live(), model, pass, step.misreadChance, scratch));
  return entrySurprise(
    chances,
    trial.outcomes.findIndex(({ id }) => id === step.outcome),
  );
}
