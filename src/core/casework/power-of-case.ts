import { isExchanged, type Machine, type MachinePower, type PowerStanding } from '../machine';
import {
  assessPower,
  measuredBy,
  planOf,
  standingOf,
  type MeasuredQuantity,
  type MeterAccuracy,
  type PowerSheet,
  type RailLoad,
} from '../power';
import type { CaseState, PowerState } from './case-state';

const standings = new WeakMap<PowerSheet, { readonly standing: PowerStanding | null }>();

/** Each sheet is judged once, however often the log is folded. */
function standingOfSheet(sheet: PowerSheet | null): PowerStanding | null {
  if (!sheet) return null;
  const known = standings.get(sheet) ?? { standing: standingOf(assessPower(planOf(sheet))) };
  standings.set(sheet, known);
  return known.standing;
}

const machines = new WeakMap<Machine, Map<string, Machine>>();

/** The machine with what was noted of its power; the same object for the same standing. */
export function withPower(machine: Machine, { own, spare }: PowerState): Machine {
  const label = own?.supply;
  const power: MachinePower = {
    own: standingOfSheet(own),
    spare: standingOfSheet(spare),
    adapterVolts: label && 'adapterVolts' in label ? label.adapterVolts : null,
  };
  const key = JSON.stringify(power);
  if (key === JSON.stringify(machine.power ?? nothing)) return machine;
  const ofMachine = machines.get(machine) ?? new Map<string, Machine>();
  machines.set(machine, ofMachine);
  const known = ofMachine.get(key) ?? { ...machine, power };
  ofMachine.set(key, known);
  return known;
}

const nothing: MachinePower = { own: null, spare: null, adapterVolts: null };

/** Whether another supply is in than came with the machine: a spare, or a new one for good. */
const isOtherIn = ({ machine, configuration }: CaseState): boolean =>
  machine.parts.some(({ id, kind }) => kind === 'supply' && isExchanged(configuration, id));

/** The sheet by which the machine runs as it is now, and whose supply it names; null where nothing was noted. */
export function sheetInForce(state: CaseState): { readonly of: 'own' | 'spare'; readonly sheet: PowerSheet | null } {
  const { own, spare } = state.power;
  if (!isOtherIn(state)) return { of: 'own', sheet: own };
  // What draws is the same machine; the label and the leads are the other's, once somebody notes them.
  return { of: 'spare', sheet: spare ?? (own && { consumers: own.consumers }) };
}

/** A reading as it stands in the table of the power bench. */
export interface TakenReading {
  /** The entry's id. */
  readonly id: string;
  readonly at: string;
  readonly quantity: MeasuredQuantity;
  readonly load: RailLoad;
  readonly value: number;
  readonly accuracy: MeterAccuracy | null;
  readonly meter: string | null;
}

/** Every reading of supply and adapter that counts, in the order of the log: those of tests and those of the power bench. */
export function powerReadings({ entries }: Pick<CaseState, 'entries'>): TakenReading[] {
  return entries.flatMap(({ event, trial, struckBy, unread }): TakenReading[] => {
    if (struckBy !== null || unread !== null) return [];
    const { id, at } = event;
    if (event.kind === 'power-measured' && event.reading) {
      const { quantity, at: load, value, accuracy = null, meter = null } = event.reading;
      return [{ id, at, quantity, load, value, accuracy, meter }];
    }
    if (event.kind !== 'trial-done' || event.volts === undefined || trial?.observe.kind !== 'measure') return [];
    const taken = measuredBy(trial.observe.quantity.id);
    const { accuracy = null, name = null } = event.meter ?? {};
    return taken
      ? [{ id, at, quantity: taken.quantity, load: taken.at, value: event.volts, accuracy, meter: name }]
      : [];
  });
}
