import { misreadProbabilityOf } from '../trials';
import { priorBelief, updateBelief } from './belief/belief';
import type { DiagnosisInput } from './evidence-step';
import { createSpace, NONE } from './model/hypothesis-space';
import { createOutcomeModelCache } from './model/outcome-model-cache';
import { readyWithSignals } from './model/steady-signals';
import { cleanProbability, noisy } from './model/outcome-model';
import { readLog } from './belief/read-log';
import { signalsShown, withoutRepeats } from './belief/same-evidence';

export interface ExportedHypothesis {
  /** Fault ids with the number of the way of showing, joined by " + " for two. */
  readonly id: string;
  readonly faults: readonly string[];
  readonly repairs: readonly string[];
  readonly prior: number;
  /** Given the log. */
  readonly posterior: number;
}

export interface ExportedTrial {
  readonly id: string;
  readonly title: string;
  /** From the machine as it stands, set-up counted. */
  readonly minutes: number;
  readonly outcomes: readonly string[];
  /** By hypothesis, in their order: the probability of each outcome with all its faults present. Each row sums to 1. */
  readonly probabilities: readonly (readonly number[])[];
}

export interface ExportedModel {
  readonly hypotheses: readonly ExportedHypothesis[];
  readonly trials: readonly ExportedTrial[];
}

/**
 * Everything that the arithmetic of a case rests on, as plain numbers, so that it can be checked elsewhere: hypotheses
 * with priors, and what each trial would show of each in the present configuration.
 */
export function exportModel(input: DiagnosisInput, { maxFaults = 1 }: { maxFaults?: 1 | 2 } = {}): ExportedModel {
  const { machine, configuration, caseOpen } = input;
  const space = createSpace(machine, input.circumstances, { maxFaults });
  const book = createOutcomeModelCache(machine, space);
  const steps = readLog(machine, input.steps);
  const belief = withoutRepeats(steps).reduce(
    (before, step) => updateBelief(before, space, step, machine),
    priorBelief(space),
  );
  const waysOf = new Map<number, number>();
  const names = space.variants.map(({ fault, faultIndex }) => {
    const nth = (waysOf.get(faultIndex) ?? 0) + 1;
    waysOf.set(faultIndex, nth);
    return `${fault.id}#${nth}`;
  });
  const members = [...space.first].map((a, h) => [a, space.second[h] ?? NONE].filter((v) => v !== NONE));
  const hypotheses = members.map((variants, h): ExportedHypothesis => ({
    id: variants.map((v) => names[v] ?? '').join(' + '),
    faults: variants.map((v) => space.variants[v]?.fault.id ?? ''),
    repairs: variants.map((v) => space.variants[v]?.fault.repairClass.id ?? ''),
    prior: space.prior[h] ?? 0,
    posterior: belief.probabilities[h] ?? 0,
  }));
  const ready = readyWithSignals(book.trialsIn(configuration), signalsShown(steps));
  const trials = ready.map(({ trial, watched, minutesOpen, minutesClosed }): ExportedTrial => {
    const { model } = watched();
    const row = ([a = 0, b = NONE]: readonly number[]) =>
      trial.outcomes.map((_, o) => {
        const first = cleanProbability(model, o, a);
        const both =
          b === NONE
            ? first
            : first + (model.pass[a] ?? 1) * (cleanProbability(model, o, b) - cleanProbability(model, o, null));
        const isUnknown = !model.isTight && (space.variants[a]?.fault.somethingElse ?? false);
        return noisy(both, trial.outcomes.length, misreadProbabilityOf(trial), isUnknown);
      });
    return {
      id: trial.id,
      title: trial.title,
      minutes: caseOpen ? minutesOpen : minutesClosed,
      outcomes: trial.outcomes.map(({ id }) => id),
      probabilities: members.map(row),
    };
  });
  return { hypotheses, trials };
}
