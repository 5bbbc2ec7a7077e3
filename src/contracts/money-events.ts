import * as z from 'zod';
import { CHARGE_KINDS, DECISIONS } from '../core/casework';
import { amountSchema } from './part-events';
import { words } from './words';

/** What events say of money and time, besides who and when. */
export const chargeNotedBody = {
  kind: z.literal('charge-noted'),
  of: z.enum(CHARGE_KINDS).describe('A discount and a deposit lessen what is due.'),
  name: words(120),
  amount: amountSchema,
};

export const timeCorrectedBody = {
  kind: z.literal('time-corrected'),
  person: words(80),
  minutes: z.number().min(0).max(100_000),
  reason: words(400),
};

export const estimateGivenBody = {
  kind: z.literal('estimate-given'),
  low: amountSchema,
  high: amountSchema,
  words: words(400).optional(),
};

/** What is known of a machine besides its fault. */
export const worthSchema = z.strictObject({
  value: amountSchema.optional().describe('What it is worth when it runs.'),
  another: amountSchema.optional().describe('What a like machine costs.'),
  dayWithout: amountSchema.optional().describe('What a day without it costs.'),
  partDays: z.number().min(0).max(365).optional().describe('Days until a part comes.'),
  underWarranty: z.boolean().optional(),
});

export const decisionNotedBody = {
  kind: z.literal('decision-noted'),
  choice: z.enum(DECISIONS),
  words: words(400).optional(),
  worth: worthSchema,
};
