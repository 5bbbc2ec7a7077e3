import * as z from 'zod';
import { CHARGE_KINDS } from '../core/casework';
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
