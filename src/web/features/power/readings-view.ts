import type { TakenReading } from '../../../core/casework';
import {
  currentBeside,
  factsOf,
  isCurrent,
  MEASURED_QUANTITIES,
  probabilityWithin,
  RAIL_LOADS,
  railDrop,
  usualClamp,
  usualMeter,
  type MeasuredQuantity,
  type MeterAccuracy,
  type PowerBudget,
  type PowerSheet,
  type QuantityFacts,
  type RailDrop,
  type RailLoad,
} from '../../../core/power';
import { decimal, percent } from '../../components/format';

/** One line of the table of readings: a quantity with its last reading at each load. */
export interface ReadingRow {
  readonly quantity: MeasuredQuantity;
  readonly facts: QuantityFacts;
  readonly at: Readonly<Partial<Record<RailLoad, TakenReading>>>;
  readonly drop: RailDrop | null;
  /** What the reading that matters most says, in words. */
  readonly verdict: string;
  readonly isOut: boolean;
}

/** Of a scope or a wall clock: another instrument than the bench meter, in its own digits. */
const accuracyOf = (quantity: MeasuredQuantity): MeterAccuracy => {
  if (isCurrent(quantity)) return usualClamp;
  if (quantity.startsWith('ripple')) return { percent: 3, counts: 2, resolution: 0.001 };
  return quantity === 'power-good' ? { percent: 1, counts: 5, resolution: 1 } : usualMeter;
};

/** Which loads matter most: what it does under load counts for more than idle. */
const mattersMost: readonly RailLoad[] = ['cut-out', 'load', 'idle', 'no-load', 'standby'];

export function readingRows(
  readings: readonly TakenReading[],
  { sheet, budget }: { readonly sheet: PowerSheet; readonly budget: PowerBudget },
): ReadingRow[] {
  return MEASURED_QUANTITIES.flatMap((quantity): ReadingRow[] => {
    const own = readings.filter((one) => one.quantity === quantity);
    if (own.length === 0) return [];
    const facts = factsOf(quantity, sheet.supply ?? null);
    const at = Object.fromEntries(own.map((one) => [one.load, one])) as ReadingRow['at'];
    const decisive = mattersMost.map((load) => at[load]).find((one) => one !== undefined);
    const idle = at.idle ?? at['no-load'] ?? at.standby;
    const loaded = at.load ?? at['cut-out'];
    const drop =
      idle && loaded && facts.unit === 'V' && !quantity.startsWith('ripple')
        ? railDrop(
            { idleVolts: Math.abs(idle.value), loadVolts: Math.abs(loaded.value) },
            currentsRead(quantity, readings) ?? currentsOf(quantity, budget),
            idle.accuracy ?? usualMeter,
          )
        : null;
    return [{ quantity, facts, at, drop, ...judged(decisive, facts) }];
  });
}

function judged(reading: TakenReading | undefined, facts: QuantityFacts): Pick<ReadingRow, 'verdict' | 'isOut'> {
  if (!reading) return { verdict: '', isOut: false };
  const { low, high } = facts.limits;
  const { value, quantity } = reading;
  if (high === Infinity) return { verdict: '', isOut: false };
  if (quantity === 'adapter' && value < 0) return { verdict: 'reversed: the outside is positive', isOut: true };
  const within = probabilityWithin(value, facts.limits, reading.accuracy ?? accuracyOf(quantity));
  if (within >= 0.5) return { verdict: within > 0.995 ? 'within' : `within, ${percent(within)} sure`, isOut: false };
  // Of a negative rail the weaker one is nearer to zero.
  const isLow = low < 0 ? value > high : value < low;
  return { verdict: `${isLow ? 'low' : 'high'}, ${percent(1 - within)} sure`, isOut: true };
}

/** Amperes at idle and under load as a clamp read them; null unless both were read. */
function currentsRead(quantity: MeasuredQuantity, readings: readonly TakenReading[]) {
  const current = currentBeside(quantity);
  const amps = (...loads: RailLoad[]) =>
    readings.findLast((one) => one.quantity === current && loads.includes(one.load))?.value;
  const [idleAmps, loadAmps] = [amps('idle'), amps('load', 'cut-out')];
  // Nothing is drawn from an adapter that feeds nothing.
  const least = quantity === 'adapter' ? 0 : idleAmps;
  return least === undefined || loadAmps === undefined ? null : { idleAmps: least, loadAmps };
}

/** Amperes at idle and under load by the budget, where the rail has one. */
function currentsOf(quantity: MeasuredQuantity, budget: PowerBudget) {
  const rail = budget.limits.find(({ limit }) => limit.id === quantity);
  if (!rail) return null;
  const volts = { v12: 12, v5: 5, v3: 3.3, vsb: 5 }[quantity as 'v12' | 'v5' | 'v3' | 'vsb'];
  return { idleAmps: rail.loads.typical.low / volts, loadAmps: rail.loads.sustained.middle / volts };
}

/** The loads at which anything was read, in their order. */
export const loadsRead = (rows: readonly ReadingRow[]): RailLoad[] =>
  RAIL_LOADS.filter((load) => rows.some(({ at }) => at[load] !== undefined));

export function dropInWords({ volts, uncertaintyVolts, sourceOhms }: RailDrop): string {
  const ohms = sourceOhms === null || sourceOhms <= 0 ? '' : `, ${decimal(1000 * sourceOhms, 0)} mΩ of source`;
  return `drop ${decimal(volts, 2)} ± ${decimal(uncertaintyVolts, 2)} V${ohms}`;
}
