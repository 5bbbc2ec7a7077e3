import { railLimits, type Limits } from './reading';
import type { SheetAdapter, SheetSupply } from './power-sheet';

/** What is read at a supply or an adapter. */
export const MEASURED_QUANTITIES = [
  'v12',
  'v5',
  'v3',
  'vsb',
  'v12-negative',
  'adapter',
  'ripple-12',
  'ripple-5',
  'ripple-3',
  'power-good',
] as const;
export type MeasuredQuantity = (typeof MEASURED_QUANTITIES)[number];

/** At which load it is read. */
export const RAIL_LOADS = ['standby', 'idle', 'load', 'no-load', 'cut-out'] as const;
export type RailLoad = (typeof RAIL_LOADS)[number];

/** A quantity with its name, its unit and what it should be. */
export interface QuantityFacts {
  readonly name: string;
  readonly unit: 'V' | 'ms';
  readonly limits: Limits;
  /** Where the limits come from. */
  readonly source: string;
  /** At which loads it can be read. */
  readonly loads: readonly RailLoad[];
}

const rails = 'ATX12V design guide, DC voltage regulation: ±5 %';
const ripple = 'ATX12V design guide, output ripple and noise, peak to peak';
const running: readonly RailLoad[] = ['idle', 'load', 'cut-out'];

const FACTS: Readonly<Record<Exclude<MeasuredQuantity, 'adapter'>, QuantityFacts>> = {
  v12: { name: '+12 V', unit: 'V', limits: railLimits(12), source: rails, loads: running },
  v5: { name: '+5 V', unit: 'V', limits: railLimits(5), source: rails, loads: running },
  v3: { name: '+3.3 V', unit: 'V', limits: railLimits(3.3), source: rails, loads: running },
  vsb: { name: '+5 VSB', unit: 'V', limits: railLimits(5), source: rails, loads: ['standby', 'idle', 'load'] },
  'v12-negative': {
    name: '−12 V',
    unit: 'V',
    limits: railLimits(-12),
    source: 'ATX12V design guide, DC voltage regulation: ±10 %',
    loads: ['idle', 'load'],
  },
  'ripple-12': {
    name: 'Ripple of +12 V',
    unit: 'V',
    limits: { low: 0, high: 0.12 },
    source: ripple,
    loads: ['idle', 'load'],
  },
  'ripple-5': {
    name: 'Ripple of +5 V',
    unit: 'V',
    limits: { low: 0, high: 0.05 },
    source: ripple,
    loads: ['idle', 'load'],
  },
  'ripple-3': {
    name: 'Ripple of +3.3 V',
    unit: 'V',
    limits: { low: 0, high: 0.05 },
    source: ripple,
    loads: ['idle', 'load'],
  },
  'power-good': {
    name: 'Power-good delay',
    unit: 'ms',
    limits: { low: 100, high: 500 },
    source: 'ATX12V design guide, PWR_OK delay',
    loads: ['idle'],
  },
};

const usualAdapterVolts = 19;
/** Without load an adapter may stand a little above its label. */
const adapterTolerance = 0.05;

/** What a quantity should be in a machine with this supply: an adapter by its own label. */
export function factsOf(quantity: MeasuredQuantity, supply: SheetSupply | SheetAdapter | null): QuantityFacts {
  if (quantity !== 'adapter') return FACTS[quantity];
  const hasLabel = supply !== null && 'adapterVolts' in supply;
  const volts = hasLabel ? supply.adapterVolts : usualAdapterVolts;
  return {
    name: 'DC adapter',
    unit: 'V',
    limits: railLimits(volts, adapterTolerance),
    source: hasLabel ? `${volts} V of its label, ±5 %` : `${volts} V as is usual, ±5 %: its label is not noted`,
    loads: ['no-load', 'load', 'cut-out'],
  };
}

/** The trial that takes this reading; null for one that no trial takes. */
export function trialQuantityOf(quantity: MeasuredQuantity, at: RailLoad): string | null {
  const load = at === 'cut-out' ? 'load' : at;
  return trialQuantities[`${quantity}/${load}`] ?? null;
}

const trialQuantities: Readonly<Partial<Record<string, string>>> = {
  'v12/idle': 'rail-12',
  'v12/load': 'rail-12-load',
  'v5/idle': 'rail-5',
  'v3/idle': 'rail-3v3',
  'vsb/standby': 'vsb',
  'vsb/load': 'vsb-load',
  'v12-negative/idle': 'rail-12-negative',
  'ripple-12/idle': 'ripple-12',
  'adapter/no-load': 'adapter-volts',
  'adapter/load': 'adapter-load',
};

/** What a trial of the catalogue reads, and at which load; null for one that is not read at a supply or adapter. */
export function measuredBy(trialQuantity: string): { quantity: MeasuredQuantity; at: RailLoad } | null {
  const found = Object.entries(trialQuantities).find(([, id]) => id === trialQuantity);
  if (!found) return null;
  const [quantity, at] = found[0].split('/') as [MeasuredQuantity, RailLoad];
  return { quantity, at };
}
