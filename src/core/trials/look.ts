import { isOriginalIn, type Configuration, type Machine, type Part, type PartKind } from '../machine';
import { canAct, isAtPart, type FaultMode } from '../faults';
import { probabilityToPass, type LinkId } from '../startup';
import type { CautionId } from './caution';
import { falseAlarmsOf } from './false-alarm';
import type { OutcomeOption } from './outcome-option';
import type { PowerNeed } from './power-need';
import type { PresentFault } from './present-fault';

/** An inspection by eye or hand: what a sound machine shows first, then what else can be seen. */
export interface Look {
  readonly id: string;
  readonly at: PartKind;
  readonly title: string;
  readonly purpose: string;
  readonly steps: readonly string[];
  readonly options: readonly [OutcomeOption, OutcomeOption, ...OutcomeOption[]];
  readonly minutes: number;
  readonly inside: boolean;
  readonly cautions: readonly CautionId[];
  readonly tools?: readonly string[];
  /** Default: nothing, and then it is done with the cord out where the case is opened for it. */
  readonly needs?: PowerNeed;
  readonly existsIn?: (machine: Machine, part: Part) => boolean;
  /**
   * Set where the look shows whether the chain passes a link: the first option if it does, the second if not.
   * `ignoring` leaves out links that this sign does not need.
   */
  readonly passes?: { readonly link: LinkId; readonly ignoring: readonly LinkId[] };
}

/**
 * Probabilities of the options of a look, in their order, given the faults that are present. They sum to 1.
 */
export function expectLook(
  look: Look,
  part: Part,
  present: readonly PresentFault[],
  { machine, configuration }: { machine: Machine; configuration: Configuration },
): Float64Array {
  const probabilities = new Float64Array(look.options.length);
  let unnoticed = 1;
  if (look.passes) unnoticed = signProbability(look.passes, present, machine, configuration);
  if (look.passes) probabilities[1] = 1 - unnoticed;
  else
    for (const { fault } of present) {
      if (!isAtPart(fault, part.id) || !isSeen(part, configuration)) continue;
      let missed = 1;
      for (const { option, probability } of sightingsOf(fault.mode, look)) {
        probabilities[option] = (probabilities[option] ?? 0) + unnoticed * probability;
        missed -= probability;
      }
      unnoticed *= missed;
    }
  probabilities[0] = unnoticed;
  return falseAlarmsOf(look.options).map((alarm, o) => (o === 0 ? 0 : (probabilities[o] ?? 0)) + unnoticed * alarm);
}

/** What a look sees of a fault that is present: indices of its options, with probabilities that sum to 1 at most. */
export const sightingsOf = (
  { sightings = [] }: Pick<FaultMode, 'sightings'>,
  { id, options }: Pick<Look, 'id' | 'options'>,
): { readonly option: number; readonly probability: number }[] =>
  sightings.flatMap(({ look, as, probability }) => {
    const option = look === id ? options.findIndex((one) => one.id === as) : -1;
    return option < 0 ? [] : [{ option, probability }];
  });

const isSeen = (part: Part, configuration: Configuration): boolean => isOriginalIn(configuration, part.id);

function signProbability(
  { link, ignoring }: NonNullable<Look['passes']>,
  present: readonly PresentFault[],
  machine: Machine,
  configuration: Configuration,
): number {
  const stops = present
    .filter(({ fault }) => !ignoring.includes(fault.link) && canAct(fault, machine, configuration))
    .map(({ stops: stop }) => stop);
  return probabilityToPass(machine, configuration, stops, link);
}
