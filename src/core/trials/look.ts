import { isOriginalIn, placementOf, type Configuration, type Machine, type Part, type PartKind } from '../machine';
import { canAct, isAtPart, type FaultInstance, type FaultMode } from '../faults';
import {
  linkIndex,
  missingBreaks,
  probabilityToPass,
  startOutcomeIndex,
  type LinkId,
  type StartDistribution,
  type StartOutcome,
} from '../startup';
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
  /** How often, 0 to 1, a sound part shows an option other than the first: a second drive may well be empty. */
  readonly soundToo?: (machine: Machine) => Readonly<Partial<Record<string, number>>>;
  /** Set where it sees the part as well while that lies beside the machine. */
  readonly inHand?: true;
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
  /** Set where it sees the faults of all that is connected, of those only that leave a start so. */
  readonly everywhere?: readonly StartOutcome[];
  /** With `everywhere`: set where all of them look the same, with the probability that it is noticed. */
  readonly sees?: { readonly as: string; readonly probability: number };
}

export interface PassedLink {
  readonly link: LinkId;
  readonly ignoring: readonly LinkId[];
  /** Set where any sign of life will do: what stands later in the chain and leaves it dead stops it as well. */
  readonly unlessDead?: true;
  /** Set where the sign also says where the chain stopped: an option by link; of any other link it is the second one. */
  readonly names?: Readonly<Partial<Record<LinkId, string>>>;
}

/**
 * Of a number of starts: the probability that a fault which stops one with this probability lets all of them through, and
 * where it does not, that it stops each.
 */
export function countedStops(stops: number, times: number): { readonly all: number; readonly each: number } {
  const all = (1 - stops) ** times;
  return { all, each: all === 1 ? 1 : stops ** times / (1 - all) };
}

/** What a look at a sound part shows, in the order of its options: what it may show as well, and false alarms. They sum to 1. */
export function soundShows({ options, soundToo }: Look, machine: Machine, falseAlarmFactor = 1): Float64Array {
  const shows = falseAlarmsOf(options, falseAlarmFactor);
  const too = soundToo?.(machine) ?? {};
  options.forEach(({ id }, o) => {
    const more = o === 0 ? 0 : (too[id] ?? 0);
    shows[o] = (shows[o] ?? 0) + more;
    shows[0] = (shows[0] ?? 0) - more;
  });
  return shows;
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
  const alarms = soundShows(look, machine, falseAlarmFactor);
  const probabilities = new Float64Array(look.options.length);
  let unnoticed = 1;
  if (look.passes && look.times)
    return expectCounted(look.passes, present, alarms, { machine, configuration, times: look.times });
  if (look.passes?.names) return expectNamed(look, look.passes, present, alarms, { machine, configuration });
  if (look.passes) unnoticed = signProbability(look.passes, present, machine, configuration);
  if (look.passes) probabilities[1] = 1 - unnoticed;
  else
    for (const one of present) {
      const view = inView(look, part, one, { machine, configuration });
      let missed = 1;
      for (const { option, probability } of sightingsOf(one.fault.mode, look)) {
        probabilities[option] = (probabilities[option] ?? 0) + unnoticed * view * probability;
        missed -= view * probability;
      }
      unnoticed *= missed;
    }
  probabilities[0] = unnoticed;
  return alarms.map((alarm, o) => (o === 0 ? 0 : (probabilities[o] ?? 0)) + unnoticed * alarm);
}

/** How often a sign that says where the chain stopped is heard or seen as such: engineering judgement. */
const takenAsNamed = 0.8;

/** What is seen of a chain that stops at a link: indices of options, with probabilities that sum to 1. */
export function signsOfStop(
  { options }: Pick<Look, 'options'>,
  { names }: PassedLink,
  link: LinkId,
): { readonly outcome: number; readonly probability: number }[] {
  const named = options.findIndex(({ id }) => id === names?.[link]);
  if (named < 0) return [{ outcome: 1, probability: 1 }];
  return [
    { outcome: named, probability: takenAsNamed },
    { outcome: 1, probability: 1 - takenAsNamed },
  ];
}

/** A sign that says where the chain stopped: the first link that fails decides. */
function expectNamed(
  look: Look,
  passed: PassedLink,
  present: readonly PresentFault[],
  alarms: Float64Array,
  { machine, configuration }: { machine: Machine; configuration: Configuration },
): Float64Array {
  const probabilities = new Float64Array(alarms.length);
  const acting = present.filter(({ fault }) => canAct(fault, machine, configuration)).map(({ stops }) => stops);
  const counted = [...missingBreaks(machine, configuration), ...acting]
    .filter(({ link }) => linkIndex(link) <= linkIndex(passed.link) && !passed.ignoring.includes(link))
    .sort((a, b) => linkIndex(a.link) - linkIndex(b.link));
  let reached = 1;
  for (const stop of counted) {
    for (const { outcome, probability } of signsOfStop(look, passed, stop.link))
      probabilities[outcome] = (probabilities[outcome] ?? 0) + reached * stop.probability * probability;
    reached *= 1 - stop.probability;
  }
  return probabilities.map((probability, o) => probability + reached * (alarms[o] ?? 0));
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

interface Sighted {
  /** Index of the look's option. */
  readonly option: number;
  readonly probability: number;
}

/** Found once for each look and fault mode: a plan asks for them at every trial. */
const knownSightings = new WeakMap<object, WeakMap<object, readonly Sighted[]>>();
const noSightings: NonNullable<FaultMode['sightings']> = [];

/** What a look sees of a fault that is present: indices of its options, with probabilities that sum to 1 at most. */
export function sightingsOf(
  { sightings = noSightings }: Pick<FaultMode, 'sightings'>,
  look: Pick<Look, 'id' | 'options' | 'sees'>,
): readonly Sighted[] {
  const ofLook = knownSightings.get(look) ?? new WeakMap<object, readonly Sighted[]>();
  knownSightings.set(look, ofLook);
  const known = ofLook.get(sightings) ?? findSightings(sightings, look);
  ofLook.set(sightings, known);
  return known;
}

function findSightings(
  sightings: NonNullable<FaultMode['sightings']>,
  { id, options, sees }: Pick<Look, 'id' | 'options' | 'sees'>,
): Sighted[] {
  const seen = sees ? [{ look: id, ...sees }] : sightings;
  return seen.flatMap(({ look, as, probability }) => {
    const option = look === id ? options.findIndex((one) => one.id === as) : -1;
    return option < 0 ? [] : [{ option, probability }];
  });
}

/** How surely, 0 to 1, a look at a part notices a fault, whatever it calls it. */
export const chanceToSee = (look: Look, part: Part, fault: FaultInstance): number =>
  looksAt(look, part, fault) ? sightingsOf(fault.mode, look).reduce((sum, { probability }) => sum + probability, 0) : 0;

/** Whether a look is at the place where a fault shows. */
export const looksAt = ({ everywhere }: Pick<Look, 'everywhere'>, part: Part, fault: FaultInstance): boolean =>
  everywhere !== undefined || isAtPart(fault, part.id);

/** Probability, 0 to 1, that a fault shows itself where a look is taken: at its part, or in all that is connected. */
export function inView(
  look: Pick<Look, 'everywhere' | 'inHand'>,
  part: Part,
  { fault, stops }: PresentFault,
  { machine, configuration }: { machine: Machine; configuration: Configuration },
): number {
  if (!look.everywhere) {
    const isThere =
      isOriginalIn(configuration, part.id) || (look.inHand && placementOf(configuration, part.id).state === 'out');
    return looksAt(look, part, fault) && isThere ? 1 : 0;
  }
  return canAct(fault, machine, configuration)
    ? look.everywhere.reduce((sum, outcome) => sum + (stops.shows[startOutcomeIndex(outcome)] ?? 0), 0)
    : 0;
}

function signProbability(
  { link, ignoring, unlessDead }: PassedLink,
  present: readonly PresentFault[],
  machine: Machine,
  configuration: Configuration,
): number {
  const acting = present
    .filter(({ fault, stops }) => !ignoring.includes(stops.link) && canAct(fault, machine, configuration))
    .map(({ stops }) => stops);
  const passed = probabilityToPass(machine, configuration, acting, link);
  if (!unlessDead) return passed;
  return acting
    .filter((stop) => linkIndex(stop.link) > linkIndex(link))
    .reduce((alive, stop) => alive * (1 - stop.probability * deadShare(stop.shows)), passed);
}

/** Of the starts that it stops: the share, 0 to 1, that show no sign of life. */
export const deadShare = (shows: StartDistribution): number => shows[startOutcomeIndex('dead')] ?? 0;
