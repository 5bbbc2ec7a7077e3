import { railLimits, type Limits } from './reading';
import { labelOf, type SheetAdapter, type SheetSupply } from './power-sheet';
import { RAIL_VOLTS, type Rail } from './rail';
import { limitsOf } from './supply-label';

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
  'amps-12',
  'amps-5',
  'amps-adapter',
] as const;
export type MeasuredQuantity = (typeof MEASURED_QUANTITIES)[number];

/** At which load it is read. */
export const RAIL_LOADS = ['standby', 'idle', 'load', 'no-load', 'cut-out'] as const;
export type RailLoad = (typeof RAIL_LOADS)[number];

/** A quantity with its name, its unit and what it should be. */
export interface QuantityFacts {
  readonly name: string;
  readonly unit: 'V' | 'A' | 'ms';
  /** Without an upper end where the label sets one and is not noted. */
  readonly limits: Limits;
  /** Where the limits come from. */
  readonly source: string;
  /** At which loads it can be read. */
  readonly loads: readonly RailLoad[];
}

const rails = 'ATX12V design guide, DC voltage regulation: ±5 %';
const ripple = 'ATX12V design guide, output ripple and noise, peak to peak';
const running: readonly RailLoad[] = ['idle', 'load', 'cut-out'];

type Current = 'amps-12' | 'amps-5' | 'amps-adapter';

const FACTS: Readonly<Record<Exclude<MeasuredQuantity, 'adapter' | Current>, QuantityFacts>> = {
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
  if (isCurrent(quantity)) return factsOfCurrent(quantity, supply);
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

const CURRENTS: Readonly<Record<Current, { readonly name: string; readonly rail: Rail }>> = {
  'amps-12': { name: 'Current of +12 V', rail: 'v12' },
  'amps-5': { name: 'Current of +5 V', rail: 'v5' },
  'amps-adapter': { name: 'Current of the adapter', rail: 'v12' },
};

/** True of what a clamp reads around leads. */
export const isCurrent = (quantity: MeasuredQuantity): quantity is Current => quantity in CURRENTS;

/** The current of a rail, for the voltage that is read beside it; null where none is read. */
export function currentBeside(quantity: MeasuredQuantity): Current | null {
  return (
    ({ v12: 'amps-12', v5: 'amps-5', adapter: 'amps-adapter' } as Partial<Record<string, Current>>)[quantity] ?? null
  );
}

function factsOfCurrent(quantity: Current, supply: SheetSupply | SheetAdapter | null): QuantityFacts {
  const { name, rail } = CURRENTS[quantity];
  const most = mostAmps(quantity, rail, supply);
  return {
    name,
    unit: 'A',
    limits: { low: 0, high: most ?? Infinity },
    source: most === null ? 'its label is not noted' : 'the label',
    loads: quantity === 'amps-adapter' ? ['load', 'cut-out'] : running,
  };
}

function mostAmps(quantity: Current, rail: Rail, supply: SheetSupply | SheetAdapter | null): number | null {
  if (!supply) return null;
  if ('adapterVolts' in supply) return quantity === 'amps-adapter' ? supply.adapterAmps : null;
  if (quantity === 'amps-adapter') return null;
  const limit = limitsOf(labelOf(supply)).find(({ id }) => id === rail);
  return limit ? limit.watts / RAIL_VOLTS[rail] : null;
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
