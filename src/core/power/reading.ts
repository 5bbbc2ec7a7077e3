import { normalBelow } from '../numbers';

/** How far a meter may be off: percent of the reading, and counts of its last digit. */
export interface MeterAccuracy {
  readonly percent: number;
  readonly counts: number;
  /** What its last digit stands for, in the unit of the reading. */
  readonly resolution: number;
}

/** A usual bench meter in its 20 V range. */
export const usualMeter: MeterAccuracy = { percent: 0.5, counts: 2, resolution: 0.01 };

/** A usual clamp meter for direct current in its 60 A range. */
export const usualClamp: MeterAccuracy = { percent: 2, counts: 5, resolution: 0.01 };

/** One standard deviation of a reading: the limits of the meter taken as a rectangular distribution (GUM 4.3.7). */
export const spreadOf = (reading: number, { percent, counts, resolution }: MeterAccuracy): number =>
  (Math.abs(reading) * (percent / 100) + counts * resolution) / Math.sqrt(3);

export interface Limits {
  readonly low: number;
  readonly high: number;
}

/** Limits of a rail: ±5 %, of −12 V ±10 %. @example railLimits(5) // => { low: 4.75, high: 5.25 } */
export function railLimits(nominalVolts: number, tolerance = nominalVolts < 0 ? 0.1 : 0.05): Limits {
  const [a, b] = [nominalVolts * (1 - tolerance), nominalVolts * (1 + tolerance)];
  return { low: Math.min(a, b), high: Math.max(a, b) };
}

/** How likely the true value is within limits, given what a meter shows. */
export function probabilityWithin(reading: number, { low, high }: Limits, meter: MeterAccuracy = usualMeter): number {
  const spread = spreadOf(reading, meter);
  return Math.max(0, normalBelow((high - reading) / spread) - normalBelow((low - reading) / spread));
}

/** What a drop between two loads says of the way to the meter. */
export interface RailDrop {
  /** Volts lost between idle and load. */
  readonly volts: number;
  /** Two standard deviations of it. */
  readonly uncertaintyVolts: number;
  /** Ohms that explain it, where both currents are known; null otherwise. */
  readonly sourceOhms: number | null;
}

/** The drop of a rail from idle to load, and the source resistance that it means. */
export function railDrop(
  { idleVolts, loadVolts }: { readonly idleVolts: number; readonly loadVolts: number },
  currents: { readonly idleAmps: number; readonly loadAmps: number } | null = null,
  meter: MeterAccuracy = usualMeter,
): RailDrop {
  const volts = idleVolts - loadVolts;
  const amps = currents ? currents.loadAmps - currents.idleAmps : 0;
  return {
    volts,
    uncertaintyVolts: 2 * Math.hypot(spreadOf(idleVolts, meter), spreadOf(loadVolts, meter)),
    sourceOhms: amps > 0 ? volts / amps : null,
  };
}
