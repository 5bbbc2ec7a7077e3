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
  readonly passes?: PassedLink;
  /**
   * Set where it is repeated this number of times and counted: the first option if the chain passes the link each time, the
   * second if it does so sometimes, the third if it never does.
   */
  readonly times?: number;
}

export interface PassedLink {
  readonly link: LinkId;
  readonly ignoring: readonly LinkId[];
}

/**
 * Of a number of starts: the probability that a fault which stops one with this probability lets all of them through, and
 * where it does not, that it stops each.
 */
export function countedStops(stops: number, times: number): { readonly all: number; readonly each: number } {
  const all = (1 - stops) ** times;
  return { all, each: all === 1 ? 1 : stops ** times / (1 - all) };
}

/**
 * Probabilities of the options of a look, in their order, given the faults that are present. They sum to 1. The
 * factor is how much more often than usual these eyes see what is not there.
 */
export function expectLook(
  look: Look,
  part: Part,
  present: readonly PresentFault[],
  { machine, configuration }: { machine: Machine; configuration: Configuration },
  falseAlarmFactor = 1,
): Float64Array {
  const alarms = falseAlarmsOf(look.options, falseAlarmFactor);
  const probabilities = new Float64Array(look.options.length);
  let unnoticed = 1;
  if (look.passes && look.times)
    return expectCounted(look.passes, present, alarms, { machine, configuration, times: look.times });
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
  return alarms.map((alarm, o) => (o === 0 ? 0 : (probabilities[o] ?? 0)) + unnoticed * alarm);
}

/** A counted series: the first fault in the chain that stops any of it decides how it looks. */
function expectCounted(
  passed: PassedLink,
  present: readonly PresentFault[],
  alarms: Float64Array,
  { machine, configuration, times }: { machine: Machine; configuration: Configuration; times: number },
): Float64Array {
  const probabilities = new Float64Array(alarms.length);
  const none = alarms.slice();
  if (signProbability(passed, [], machine, configuration) === 0) none.fill(0).fill(1, 2, 3);
  let quiet = 1;
  for (const fault of present) {
    const { all, each } = countedStops(1 - signProbability(passed, [fault], machine, configuration), times);
    probabilities[1] = (probabilities[1] ?? 0) + quiet * (1 - all) * (1 - each);
    probabilities[2] = (probabilities[2] ?? 0) + quiet * (1 - all) * each;
    quiet *= all;
  }
  return probabilities.map((probability, o) => probability + quiet * (none[o] ?? 0));
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
  { link, ignoring }: PassedLink,
  present: readonly PresentFault[],
  machine: Machine,
  configuration: Configuration,
): number {
  const stops = present
    .filter(({ fault }) => !ignoring.includes(fault.link) && canAct(fault, machine, configuration))
    .map(({ stops: stop }) => stop);
  return probabilityToPass(machine, configuration, stops, link);
}
