import { RAIL_NAMES, RAIL_VOLTS, RAILS, type Rail } from './rail';

/** What the label of a supply says; null for what it does not. Amperes a rail, watts together. */
export interface SupplyLabel {
  readonly name: string;
  readonly watts: number;
  /** Of several +12 V rails the amperes of each. */
  readonly v12Amps: readonly number[];
  /** All +12 V rails together, in watts; null where the label has no such limit. */
  readonly v12Watts: number | null;
  readonly v5Amps: number | null;
  readonly v3Amps: number | null;
  readonly vsbAmps: number | null;
  /** +3.3 V and +5 V together, in watts. */
  readonly smallRailsWatts: number | null;
}

/** A DC adapter by its label. */
export const adapterLabel = ({ name, volts, amps }: { name: string; volts: number; amps: number }): SupplyLabel => ({
  name,
  watts: volts * amps,
  v12Amps: [],
  v12Watts: null,
  v5Amps: null,
  v3Amps: null,
  vsbAmps: null,
  smallRailsWatts: null,
});

/** How much less than its label an old or a warm supply is taken to give: an assumption, named wherever it is used. */
export interface Derating {
  /** Years in service, and what each beyond `freeYears` takes away, as a share. */
  readonly years: number;
  readonly freeYears: number;
  readonly sharePerYear: number;
  /** Degrees Celsius around it, and what each beyond `freeDegrees` takes away, as a share. */
  readonly degrees: number;
  readonly freeDegrees: number;
  readonly sharePerDegree: number;
  /** Peaks of milliseconds may pass the label by this factor before the protection trips. */
  readonly peakAllowance: number;
}

export const usualDerating: Derating = {
  years: 0,
  freeYears: 3,
  sharePerYear: 0.01,
  degrees: 25,
  freeDegrees: 40,
  sharePerDegree: 0.02,
  peakAllowance: 1.2,
};

/** The share of its label that is left, 0 to 1. @example shareLeft({ ...usualDerating, years: 8 }) // => 0.95 */
export function shareLeft(derating: Derating): number {
  const age = Math.max(0, derating.years - derating.freeYears) * derating.sharePerYear;
  const warmth = Math.max(0, derating.degrees - derating.freeDegrees) * derating.sharePerDegree;
  return Math.max(0, 1 - age) * Math.max(0, 1 - warmth);
}

/** What limits the supply: the whole, a rail, or rails together. */
export interface Limit {
  readonly id: 'total' | 'small-rails' | Rail;
  readonly name: string;
  readonly rails: readonly Rail[];
  readonly watts: number;
}

/** Every limit that the label sets, in watts, as it stands there. */
export function limitsOf(label: SupplyLabel): Limit[] {
  const amps = { v5: label.v5Amps, v3: label.v3Amps, vsb: label.vsbAmps };
  const single = (['v5', 'v3', 'vsb'] as const).flatMap((rail) => {
    const most = amps[rail];
    return most === null ? [] : [{ id: rail, name: RAIL_NAMES[rail], rails: [rail], watts: most * RAIL_VOLTS[rail] }];
  });
  const v12 = v12Limit(label);
  return [
    { id: 'total', name: 'the whole', rails: RAILS, watts: label.watts },
    ...(v12 === null ? [] : [{ id: 'v12' as const, name: RAIL_NAMES.v12, rails: ['v12' as const], watts: v12 }]),
    ...(label.smallRailsWatts === null
      ? []
      : [
          {
            id: 'small-rails' as const,
            name: '+5 V and +3.3 V together',
            rails: ['v5', 'v3'] as const,
            watts: label.smallRailsWatts,
          },
        ]),
    ...single,
  ];
}

/** All +12 V together: the common limit, else the sum of the rails, never more than the whole. */
function v12Limit({ v12Amps, v12Watts, watts }: SupplyLabel): number | null {
  if (v12Watts !== null) return v12Watts;
  if (v12Amps.length === 0) return null;
  return Math.min(
    watts,
    v12Amps.reduce((sum, amps) => sum + amps * RAIL_VOLTS.v12, 0),
  );
}
