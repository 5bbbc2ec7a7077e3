import * as z from 'zod';
import {
  adapterLabel,
  CONNECTORS,
  CONSUMER_KINDS,
  efficiencyCurve,
  graphicsDraw,
  LEAD_KINDS,
  leadProblems,
  processorDraw,
  RAILS,
  SENSE_WATTS,
  USUAL_DRAWS,
  USUAL_EFFICIENCY,
  USUAL_RAILS,
  usualDerating,
  type Consumer,
  type Draw,
  type PowerPlan,
  type SenseCoding,
  type SupplyLabel,
  type WattsRange,
} from '../core/power';
import { fieldProblems, parseSafely } from './parse-safely';
import type { FieldProblem } from './problem';

export const POWER_FORMAT = 'jovial-probe/power';
export const POWER_VERSION = 1;

const id = z
  .string()
  .min(1)
  .max(60)
  .regex(/^[a-z0-9][a-z0-9-]*$/, 'expected lower-case letters, digits and hyphens');
const words = z.string().trim().min(1).max(80);
const watts = z.number().min(0).max(5000);
const amps = z.number().min(0).max(300);
const share = z.number().gt(0).max(1);
const part = z.number().min(0).max(1).optional();
const ordered = ([low = 0, high = 0]: readonly number[]) => low <= high;
const range = z
  .array(watts)
  .length(2)
  .refine(ordered, 'expected the lower figure first')
  .describe('At least and at most, in watts.');

const consumerSchema = z.strictObject({
  id: id.optional().describe('Named by inputs of leads. Default: the kind, numbered where there are several.'),
  kind: z.enum(CONSUMER_KINDS),
  name: words.optional(),
  count: z.number().int().min(1).max(64).optional().describe('How many alike. Default: 1.'),
  baseWatts: watts.optional().describe("Of a processor: the maker's base power."),
  boostWatts: watts.optional().describe("Of a processor: the maker's boost power."),
  boardWatts: watts.optional().describe("Of a graphics card: the maker's board power."),
  typical: range.optional(),
  sustained: range.optional(),
  peak: range.optional(),
  source: z.enum(['maker', 'measured', 'own']).optional().describe('Of figures that are given. Default: own.'),
  rails: z
    .strictObject({ v12: part, v5: part, v3: part, vsb: part })
    .refine(
      (shares) => Math.abs(RAILS.reduce((sum, rail) => sum + (shares[rail] ?? 0), 0) - 1) < 1e-6,
      'expected shares that sum to 1',
    )
    .optional()
    .describe('Which share of its draw each rail carries. Default: as usual for the kind.'),
});

const supplySchema = z.strictObject({
  name: words.optional(),
  watts: watts.gt(0),
  v12Amps: z.array(amps).max(8).optional().describe('Of each +12 V rail.'),
  v12Watts: watts.optional().describe('All +12 V rails together.'),
  v5Amps: amps.optional(),
  v3Amps: amps.optional(),
  vsbAmps: amps.optional(),
  smallRailsWatts: watts.optional().describe('+3.3 V and +5 V together.'),
});

const adapterSchema = z.strictObject({
  name: words.optional(),
  adapterVolts: z.number().min(5).max(60),
  adapterAmps: amps.gt(0),
});

const leadSchema = z.strictObject({
  id,
  kind: z.enum(LEAD_KINDS),
  connector: z.enum(CONNECTORS),
  name: words.optional(),
  from: z.array(id).max(8).optional().describe('What feeds it. Default: nothing, as an output of the supply.'),
  consumer: id.optional().describe('Of an input: whose it is.'),
  limitWatts: watts.optional(),
  sense: z.enum(Object.keys(SENSE_WATTS) as [SenseCoding, ...SenseCoding[]]).optional(),
  foreign: z.boolean().optional().describe('It came with another supply.'),
});

/** The power of a machine as a file: see docs/formats/power.md. */
export const powerFileSchema = z.strictObject({
  format: z.literal(POWER_FORMAT),
  version: z.literal(POWER_VERSION),
  name: words,
  consumers: z.array(consumerSchema).min(1).max(60),
  supply: z.union([supplySchema, adapterSchema]).nullable().optional(),
  years: z.number().min(0).max(40).optional().describe('In service. Default: 0.'),
  degrees: z.number().min(-20).max(90).optional().describe('Around the supply, in degrees Celsius. Default: 25.'),
  efficiency: z
    .strictObject({ at20: share, at50: share, at100: share })
    .optional()
    .describe('At 20, 50 and 100 % load, each a share of 0 to 1.'),
  calibration: z
    .array(z.number().gt(0).max(5))
    .length(2)
    .refine(ordered, 'expected the lower figure first')
    .optional()
    .describe('What was measured over what was estimated.'),
  leads: z.array(leadSchema).max(200).optional(),
});

export type PowerFile = z.infer<typeof powerFileSchema>;

export type ReadPowerFile =
  { readonly ok: true; readonly plan: PowerPlan } | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** A plan from what a file holds. Failure: every field that is wrong, loops and plugs that fit nothing among them. */
export function readPowerFile(json: unknown): ReadPowerFile {
  const parsed = parseSafely(powerFileSchema, json);
  if (!parsed.success) return { ok: false, problems: fieldProblems(parsed.error) };
  const { data } = parsed;
  const consumers = consumersOf(data.consumers);
  const leads = (data.leads ?? []).map(({ from = [], foreign, ...lead }) => ({
    ...lead,
    from,
    ...(foreign ? { isForeign: true } : {}),
  })) as PowerPlan['leads'];
  const unknown = leads.flatMap(({ consumer }, index) =>
    consumer === undefined || consumers.some((one) => one.id === consumer)
      ? []
      : [
          {
            path: ['leads', index, 'consumer'],
            code: 'unknown-consumer',
            message: `expected the id of a consumer, found "${consumer}"`,
          },
        ],
  );
  const problems = [...unknown, ...leadProblems(leads).map((one) => ({ ...one, path: [...one.path] }))];
  if (problems.length > 0) return { ok: false, problems };
  const { efficiency, calibration } = data;
  return {
    ok: true,
    plan: {
      name: data.name,
      consumers,
      supply: data.supply ? labelOf(data.supply) : null,
      derating: {
        ...usualDerating,
        years: data.years ?? usualDerating.years,
        degrees: data.degrees ?? usualDerating.degrees,
      },
      leads,
      efficiency: efficiency ? efficiencyCurve(efficiency.at20, efficiency.at50, efficiency.at100) : USUAL_EFFICIENCY,
      calibration: calibration ? rangeOf(calibration) : { low: 1, high: 1 },
    },
  };
}

const rangeOf = ([low = 0, high = low]: readonly number[]): WattsRange => ({ low, high });

function consumersOf(listed: PowerFile['consumers']): Consumer[] {
  return listed.map((one, index) => {
    const nth = listed.slice(0, index + 1).filter(({ kind }) => kind === one.kind).length;
    const many = listed.filter(({ kind }) => kind === one.kind).length > 1;
    return {
      id: one.id ?? (many ? `${one.kind}-${nth}` : one.kind),
      kind: one.kind,
      name: one.name ?? one.kind.replaceAll('-', ' '),
      count: one.count ?? 1,
      draw: drawOf(one),
      rails: one.rails ?? USUAL_RAILS[one.kind],
    };
  });
}

/** What is given in watts, else what follows from the maker's power, else what is usual. */
function drawOf(one: PowerFile['consumers'][number]): Draw {
  const { kind, baseWatts, boostWatts, boardWatts, typical, sustained, peak, source = 'own' } = one;
  const made =
    kind === 'processor' && baseWatts !== undefined
      ? processorDraw({ baseWatts, ...(boostWatts === undefined ? {} : { boostWatts }) })
      : kind === 'graphics-card' && boardWatts !== undefined
        ? graphicsDraw(boardWatts)
        : USUAL_DRAWS[kind];
  if (!typical && !sustained && !peak) return made;
  const given = (own: typeof typical, other: Draw['typical']) => (own ? rangeOf(own) : other);
  const lasting = given(sustained, made.sustained);
  return {
    typical: given(typical, made.typical),
    sustained: lasting,
    peak: given(peak, sustained ? lasting : made.peak),
    source,
  };
}

function labelOf(supply: NonNullable<PowerFile['supply']>): SupplyLabel {
  if ('adapterVolts' in supply)
    return adapterLabel({ name: supply.name ?? 'DC adapter', volts: supply.adapterVolts, amps: supply.adapterAmps });
  const { name = 'supply', watts: total, v12Amps = [] } = supply;
  return {
    name,
    watts: total,
    v12Amps,
    v12Watts: supply.v12Watts ?? null,
    v5Amps: supply.v5Amps ?? null,
    v3Amps: supply.v3Amps ?? null,
    vsbAmps: supply.vsbAmps ?? null,
    smallRailsWatts: supply.smallRailsWatts ?? null,
  };
}
