import type { Configuration, Machine } from '../../machine';
import { canAct } from '../../faults';
import { expectStart } from '../../startup';
import { gradeProbabilities, expectLook, expectReading, type PresentFault, type Trial } from '../../trials';

/** The machine and the configuration in which a trial is watched. */
export interface Setting {
  readonly machine: Machine;
  readonly configuration: Configuration;
}

/** How far an unknown fault keeps to its usual look; the rest is spread over all outcomes: engineering judgement. */
export const unknownKeepsToLook = 0.8;

/**
 * Probabilities of the trial's outcomes, in their order, when exactly these faults are present. They sum to 1.
 * The one source of every likelihood: both the posterior and the plan read it.
 */
export function expectOutcomes(
  trial: Observed,
  setting: Setting,
  present: readonly PresentFault[],
  misreadProbability: number,
): Float64Array {
  const clean = cleanOutcomes(trial, setting, present);
  const isLoose = !isOfKnownFaults(trial) && present.some(({ fault }) => fault.somethingElse);
  const unknown = isLoose ? 1 - unknownKeepsToLook : 0;
  const spread = 1 - (1 - unknown) * (1 - misreadProbability);
  return clean.map((probability) => probability * (1 - spread) + spread / clean.length);
}

/** A look or a reading that certain faults change: what is not among them leaves it as it is. */
const isOfKnownFaults = ({ observe }: Observed): boolean =>
  observe.kind === 'measure' || (observe.kind === 'look' && !observe.look.passes);

/** What a trial watches, and at which part. */
type Observed = Pick<Trial, 'id' | 'observe' | 'part'>;

function cleanOutcomes(trial: Observed, setting: Setting, present: readonly PresentFault[]): Float64Array {
  const { machine, configuration } = setting;
  switch (trial.observe.kind) {
    case 'start': {
      const acting = present.filter(({ fault }) => canAct(fault, machine, configuration));
      return expectStart(
        machine,
        configuration,
        acting.map(({ stops }) => stops),
        { depth: trial.observe.depth },
      );
    }
    case 'look':
      return expectLook(trial.observe.look, partOf(trial), present, setting);
    case 'measure': {
      const { quantity } = trial.observe;
      return gradeProbabilities(quantity, expectReading(quantity, partOf(trial), present, setting));
    }
  }
}

function partOf(trial: Observed) {
  if (!trial.part) throw new Error(`${trial.id}: expected a look or measurement to name its part`);
  return trial.part;
}
