import { normalBelow } from '../numbers';
import { isOriginalIn, type Configuration, type Machine, type Part, type PartKind } from '../machine';
import { canAct } from '../faults';
import { probabilityToPass, type LinkId } from '../startup';
import type { CautionId } from './caution';
import type { PowerNeed } from './power-need';
import type { PresentFault } from './present-fault';
import type { OutcomeOption } from './outcome-option';

/** A voltage that a meter can read at the bench. Limits from the ATX tolerances or the adapter's label. */
export interface Quantity {
  readonly id: string;
  readonly at: PartKind;
  readonly title: string;
  readonly purpose: string;
  readonly steps: readonly string[];
  readonly nominalVolts: number;
  readonly lowVolts: number;
  readonly highVolts: number;
  /** Where the limits come from; the spread of healthy parts is engineering judgement. */
  readonly source: string;
  readonly healthySpreadVolts: number;
  /** The chain must pass this link for the voltage to be there at all. */
  readonly fedBy: LinkId | null;
  readonly needs: PowerNeed | null;
  readonly minutes: number;
  readonly inside: boolean;
  readonly cautions: readonly CautionId[];
  /** Besides the meter. */
  readonly tools?: readonly string[];
  /** Uncertainty of the instrument in volts, where it is not the bench meter's. */
  readonly meterVolts?: number;
  readonly existsIn?: (machine: Machine) => boolean;
  /** It is at this multiple of what the catalogue says, faults and all: an adapter of another voltage. Default: 1. */
  readonly scale?: number;
}

/** The same quantity for an adapter whose label says another voltage than the catalogue takes as usual. */
export function scaledTo(quantity: Quantity, volts: number): Quantity {
  const scale = volts / quantity.nominalVolts;
  if (scale === 1) return quantity;
  const { nominalVolts, lowVolts, highVolts, healthySpreadVolts } = quantity;
  return {
    ...quantity,
    nominalVolts: nominalVolts * scale,
    lowVolts: lowVolts * scale,
    highVolts: highVolts * scale,
    healthySpreadVolts: healthySpreadVolts * scale,
    scale,
  };
}

/** One normal component of a mixture: what a meter would read. */
export interface NormalComponent {
  readonly weight: number;
  readonly meanVolts: number;
  readonly spreadVolts: number;
}

export const READING_OUTCOMES: readonly OutcomeOption[] = [
  { id: 'within', label: 'Within limits' },
  { id: 'absent', label: 'None' },
  { id: 'low', label: 'Too low' },
  { id: 'high', label: 'Too high' },
];

/** Meter uncertainty as a share of the reading plus volts: a usual bench meter. */
const meterShare = 0.008;
const usualMeterVolts = 0.02;
/** What is not fed reads nothing but what leaks in: this much at most, and no more than a share of what it would be. */
const deadSpreadVolts = 0.08;
const deadSpreadShare = 0.1;
/** Engineering judgement: so often a faulty part reads nothing like its fault, and then about this share, so widely spread. */
const farOffShare = 0.1;
const farOffMean = 0.8;
const farOffSpread = 0.22;
/** Below this share of nominal a quantity counts as absent. */
const absentShare = 0.2;

/** What a meter reads of a quantity that is not fed. */
export const unfedComponentOf = ({ nominalVolts }: Quantity): NormalComponent => ({
  weight: 1,
  meanVolts: 0,
  spreadVolts: Math.min(deadSpreadVolts, deadSpreadShare * nominalVolts),
});

/** One standard deviation of the meter at a voltage, in volts. */
export const meterSpreadVolts = (volts: number, meterVolts = usualMeterVolts): number =>
  Math.abs(volts) * meterShare + meterVolts;

/**
 * What the meter would read, as a mixture of normal mixture whose weights sum to 1, given the faults that are present, in the
 * order of the chain.
 */
export function expectReading(
  quantity: Quantity,
  part: Part,
  present: readonly PresentFault[],
  { machine, configuration }: { machine: Machine; configuration: Configuration },
): NormalComponent[] {
  const own = present.find(
    ({ fault }) =>
      fault.mode.readings?.some((r) => r.quantity === quantity.id) && isOriginalIn(configuration, fault.part.id),
  );
  const reading = own?.fault.mode.readings?.find((r) => r.quantity === quantity.id);
  // What lies behind the fault that sets the reading cannot take the feed away before it.
  const before = own ? present.indexOf(own) : present.length;
  const stops = present
    .slice(0, before)
    .filter((p) => canAct(p.fault, machine, configuration))
    .map(({ stops: stop }) => stop);
  const fed = !isOriginalIn(configuration, part.id)
    ? 1
    : quantity.fedBy === null
      ? 1
      : probabilityToPass(machine, { ...configuration, start: 'button' }, stops, quantity.fedBy);
  const { scale = 1 } = quantity;
  const alive: NormalComponent[] = reading
    ? wornComponents(fed, reading.meanVolts * scale, reading.spreadVolts * scale, quantity)
    : [{ weight: fed, meanVolts: quantity.nominalVolts, spreadVolts: quantity.healthySpreadVolts }];
  return [...alive, { ...unfedComponentOf(quantity), weight: 1 - fed }].filter(({ weight }) => weight > 0);
}

/** What a faulty part reads: mostly as is usual for its fault, now and then anything, and rather too little. */
const wornComponents = (
  weight: number,
  meanVolts: number,
  spreadVolts: number,
  { nominalVolts }: Quantity,
): NormalComponent[] => [
  { weight: weight * (1 - farOffShare), meanVolts, spreadVolts },
  { weight: weight * farOffShare, meanVolts: farOffMean * meanVolts, spreadVolts: farOffSpread * nominalVolts },
];

/** The outcome that a reading in volts falls under. */
export function gradeReading(
  quantity: Pick<Quantity, 'nominalVolts' | 'lowVolts' | 'highVolts'>,
  volts: number,
): string {
  if (Math.abs(volts) < absentShare * quantity.nominalVolts) return 'absent';
  if (volts < quantity.lowVolts) return 'low';
  return volts > quantity.highVolts ? 'high' : 'within';
}

/** Probabilities of READING_OUTCOMES, in their order, under a mixture and the meter's uncertainty. */
export function gradeProbabilities(quantity: Quantity, mixture: readonly NormalComponent[]): Float64Array {
  const below = (volts: number): number =>
    mixture.reduce((sum, component) => {
      const spread = Math.hypot(component.spreadVolts, meterSpreadVolts(component.meanVolts, quantity.meterVolts));
      return sum + component.weight * normalBelow((volts - component.meanVolts) / spread);
    }, 0);
  const absentVolts = absentShare * quantity.nominalVolts;
  const absent = below(absentVolts);
  // Where anything above absent is enough, as with a ripple, nothing is too low.
  const low = below(Math.max(quantity.lowVolts, absentVolts));
  const high = below(quantity.highVolts);
  return Float64Array.of(high - low, absent, low - absent, 1 - high);
}

/** Density, per volt, of one reading under a mixture and the meter's uncertainty. */
export function densityOfReading(
  mixture: readonly NormalComponent[],
  volts: number,
  meterVolts = usualMeterVolts,
): number {
  return mixture.reduce((sum, component) => {
    const spread = Math.hypot(component.spreadVolts, meterSpreadVolts(component.meanVolts, meterVolts));
    const z = (volts - component.meanVolts) / spread;
    return sum + (component.weight * Math.exp(-0.5 * z * z)) / (spread * Math.sqrt(2 * Math.PI));
  }, 0);
}
