import * as z from 'zod';
import { MEASURED_QUANTITIES, RAIL_LOADS, TRACE_PHASES } from '../core/power';
import { powerSheetSchema } from './power-file';
import { words } from './words';

/** How far a meter may be off. */
export const meterAccuracySchema = z.strictObject({
  percent: z.number().min(0).max(50),
  counts: z.number().min(0).max(1000),
  resolution: z.number().gt(0).max(100).describe('What its last digit stands for.'),
});

const seconds = z.number().min(0).max(10_000_000);

/** What an event says of a machine's power, besides who and when. */
export const powerNotedBody = {
  kind: z.literal('power-noted'),
  sheet: powerSheetSchema.describe('What draws, what feeds it and over which leads: see power.md.'),
  of: z.literal('spare').optional().describe('Supply and leads are those of the spare that is in.'),
};

export const powerMeasuredBody = {
  kind: z.literal('power-measured'),
  reading: z
    .strictObject({
      quantity: z.enum(MEASURED_QUANTITIES),
      at: z.enum(RAIL_LOADS),
      value: z
        .number()
        .min(-100)
        .max(10_000)
        .describe('In volts; of a current in amperes, of power-good in milliseconds.'),
      accuracy: meterAccuracySchema.optional(),
      meter: words(120).optional().describe('What the meter said that it is.'),
    })
    .optional(),
  trace: z
    .strictObject({
      readings: z
        .array(z.strictObject({ seconds, watts: z.number().min(0).max(100_000) }))
        .min(1)
        .max(2000),
      phases: z
        .array(z.strictObject({ phase: z.enum(TRACE_PHASES), fromSeconds: seconds, toSeconds: seconds }))
        .max(40),
    })
    .optional()
    .describe('Of a wall meter, thinned out.'),
  note: words(1000).optional(),
};
