import * as z from 'zod';
import {
  CONNECTORS,
  CONSUMER_KINDS,
  LEAD_KINDS,
  planOf,
  RAILS,
  SENSE_WATTS,
  sheetProblems,
  type PowerPlan,
  type PowerSheet,
  type SenseCoding,
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
  plugs: z
    .partialRecord(z.enum(CONNECTORS), z.number().int().min(0).max(40))
    .optional()
    .describe('How many of each it has.'),
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
  rail: z.number().int().min(1).max(8).optional().describe("Of an output: which of the label's +12 V rails feeds it."),
  foreign: z.boolean().optional().describe('It came with another supply.'),
});

const sheetFields = {
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
};

/** The power of a machine as it is written down in a case. */
export const powerSheetSchema = z.strictObject(sheetFields);

/** The power of a machine as a file: see docs/formats/power.md. */
export const powerFileSchema = z.strictObject({
  format: z.literal(POWER_FORMAT),
  version: z.literal(POWER_VERSION),
  name: words,
  ...sheetFields,
});

export type PowerFile = z.infer<typeof powerFileSchema>;

export type ReadPowerFile =
  | { readonly ok: true; readonly name: string; readonly sheet: PowerSheet; readonly plan: PowerPlan }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** A plan from what a file holds. Failure: every field that is wrong, loops and plugs that fit nothing among them. */
export function readPowerFile(json: unknown): ReadPowerFile {
  const parsed = parseSafely(powerFileSchema, json);
  if (!parsed.success) return { ok: false, problems: fieldProblems(parsed.error) };
  const { format: _format, version: _version, name, ...sheet } = parsed.data;
  const problems = sheetProblems(sheet).map((one) => ({ ...one, path: [...one.path] }));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, name, sheet, plan: planOf(sheet, name) };
}

export type ReadPowerSheet =
  | { readonly ok: true; readonly sheet: PowerSheet }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** A sheet as it is edited: the same rules as for a file, field by field. */
export function checkPowerSheet(value: unknown): ReadPowerSheet {
  const parsed = parseSafely(powerSheetSchema, value);
  if (!parsed.success) return { ok: false, problems: fieldProblems(parsed.error) };
  const problems = sheetProblems(parsed.data).map((one) => ({ ...one, path: [...one.path] }));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, sheet: parsed.data };
}

/** A sheet as the file that it is saved as. */
export const powerFileOf = (name: string, sheet: PowerSheet): unknown => ({
  format: POWER_FORMAT,
  version: POWER_VERSION,
  name,
  ...sheet,
});
