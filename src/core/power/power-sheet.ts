import type { Consumer, ConsumerKind, Draw, FigureSource } from './consumer';
import type { ConnectorKind, SenseCoding } from './connector';
import { nameOf, type LeadElement, type LeadKind } from './lead-graph';
import type { Plugs } from './plug-count';
import type { PowerPlan } from './power-plan';
import type { Rail } from './rail';
import { adapterLabel, usualDerating, type SupplyLabel } from './supply-label';
import { graphicsDraw, processorDraw, USUAL_DRAWS, USUAL_RAILS } from './usual-draws';
import { efficiencyCurve, USUAL_EFFICIENCY } from './wall-meter';
import type { WattsRange } from './watts-distribution';

/** A machine's power as somebody writes it down: only what is known; `planOf` completes it with what is usual. */
export interface PowerSheet {
  readonly consumers: readonly SheetConsumer[];
  readonly supply?: SheetSupply | SheetAdapter | null;
  /** In service; default 0. */
  readonly years?: number;
  /** Around the supply, in degrees Celsius; default 25. */
  readonly degrees?: number;
  /** Of its data sheet, each a share of 0 to 1. */
  readonly efficiency?: { readonly at20: number; readonly at50: number; readonly at100: number };
  /** What was measured over what was estimated. */
  readonly calibration?: SheetRange;
  readonly leads?: readonly SheetLead[];
}

/** Two figures: at least and at most, in watts. */
export type SheetRange = readonly number[];

export interface SheetConsumer {
  /** Default: the kind, numbered where there are several. */
  readonly id?: string;
  readonly kind: ConsumerKind;
  readonly name?: string;
  readonly count?: number;
  /** Of a processor: its maker's base power and boost power, in watts. */
  readonly baseWatts?: number;
  readonly boostWatts?: number;
  /** Of a graphics card: its maker's board power, in watts. */
  readonly boardWatts?: number;
  readonly typical?: SheetRange;
  readonly sustained?: SheetRange;
  readonly peak?: SheetRange;
  /** Of the ranges that are given; default: own. */
  readonly source?: Exclude<FigureSource, 'usual'>;
  readonly rails?: Readonly<Partial<Record<Rail, number>>>;
}

export interface SheetSupply {
  readonly name?: string;
  readonly watts: number;
  readonly v12Amps?: readonly number[];
  readonly v12Watts?: number;
  readonly v5Amps?: number;
  readonly v3Amps?: number;
  readonly vsbAmps?: number;
  readonly smallRailsWatts?: number;
  /** How many plugs of each kind it has. */
  readonly plugs?: Plugs;
}

export interface SheetAdapter {
  readonly name?: string;
  readonly adapterVolts: number;
  readonly adapterAmps: number;
}

export interface SheetLead {
  readonly id: string;
  readonly kind: LeadKind;
  readonly connector: ConnectorKind;
  readonly name?: string;
  readonly from?: readonly string[];
  readonly consumer?: string;
  readonly limitWatts?: number;
  readonly sense?: SenseCoding;
  /** Of an output: which of the label's +12 V rails feeds it, counted from 1. */
  readonly rail?: number;
  /** It came with another supply. */
  readonly foreign?: boolean;
}

/** The plan that a sheet stands for, completed with what is usual. */
export function planOf(sheet: PowerSheet, name = 'machine'): PowerPlan {
  const { efficiency, calibration, years, degrees } = sheet;
  return {
    name,
    consumers: consumersOf(sheet.consumers),
    supply: sheet.supply ? labelOf(sheet.supply) : null,
    derating: {
      ...usualDerating,
      years: years ?? usualDerating.years,
      degrees: degrees ?? usualDerating.degrees,
    },
    leads: (sheet.leads ?? []).map(leadOf),
    efficiency: efficiency ? efficiencyCurve(efficiency.at20, efficiency.at50, efficiency.at100) : USUAL_EFFICIENCY,
    calibration: calibration ? rangeOf(calibration) : { low: 1, high: 1 },
  };
}

const leadOf = ({ from = [], foreign, ...lead }: SheetLead): LeadElement => ({
  ...lead,
  from,
  ...(foreign ? { isForeign: true } : {}),
});

const rangeOf = ([low = 0, high = low]: SheetRange): WattsRange => ({ low, high });

function consumersOf(listed: readonly SheetConsumer[]): Consumer[] {
  return listed.map((one, index) => ({
    id: consumerId(listed, index),
    kind: one.kind,
    name: one.name ?? one.kind.replaceAll('-', ' '),
    count: one.count ?? 1,
    draw: drawOf(one),
    rails: one.rails ?? USUAL_RAILS[one.kind],
  }));
}

/** The id of a consumer: its own, or its kind, numbered where there are several of it. */
export function consumerId(listed: readonly SheetConsumer[], index: number): string {
  const one = listed[index];
  if (!one) return '';
  const alike = listed.filter(({ kind }) => kind === one.kind);
  return one.id ?? (alike.length > 1 ? `${one.kind}-${alike.indexOf(one) + 1}` : one.kind);
}

/** What is given in watts, else what follows from the maker's power, else what is usual. */
function drawOf(one: SheetConsumer): Draw {
  const { kind, baseWatts, boostWatts, boardWatts, typical, sustained, peak, source = 'own' } = one;
  const made =
    kind === 'processor' && baseWatts !== undefined
      ? processorDraw({ baseWatts, ...(boostWatts === undefined ? {} : { boostWatts }) })
      : kind === 'graphics-card' && boardWatts !== undefined
        ? graphicsDraw(boardWatts)
        : USUAL_DRAWS[kind];
  if (!typical && !sustained && !peak) return made;
  const given = (own: SheetRange | undefined, other: WattsRange) => (own ? rangeOf(own) : other);
  const lasting = given(sustained, made.sustained);
  return {
    typical: given(typical, made.typical),
    sustained: lasting,
    peak: given(peak, sustained ? lasting : made.peak),
    source,
  };
}

/** The label that a sheet notes, with null for what it leaves out. */
export function labelOf(supply: SheetSupply | SheetAdapter): SupplyLabel {
  if ('adapterVolts' in supply)
    return adapterLabel({ name: supply.name ?? 'DC adapter', volts: supply.adapterVolts, amps: supply.adapterAmps });
  const { name = 'supply', watts, v12Amps = [] } = supply;
  return {
    name,
    watts,
    v12Amps,
    v12Watts: supply.v12Watts ?? null,
    v5Amps: supply.v5Amps ?? null,
    v3Amps: supply.v3Amps ?? null,
    vsbAmps: supply.vsbAmps ?? null,
    smallRailsWatts: supply.smallRailsWatts ?? null,
  };
}

/** What a lead of a sheet is called. */
export const leadName = (lead: SheetLead): string => nameOf(leadOf(lead));
