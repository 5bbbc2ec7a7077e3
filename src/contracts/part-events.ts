import * as z from 'zod';
import { PART_CONDITIONS, PART_WAYS, SPARE_RESULTS } from '../core/casework';
import { words } from './words';

/** An amount of money, exact. */
export const amountSchema = z
  .string()
  .regex(/^\d{1,9}(\.\d{1,2})?$/, 'expected an amount with at most two decimals, for instance 12.50')
  .describe("In the shop's currency, with at most two decimals.");

const machinePart = z.string().min(1).max(60);
/** What a part is, as its label and a look say. */
export const identityFields = {
  make: words(80).optional(),
  model: words(80).optional(),
  serial: words(80).optional(),
  rating: words(80).optional().describe('As its label says it, for instance "650 W".'),
  condition: z.enum(PART_CONDITIONS).optional(),
};
/** Where a part was bought. */
export const boughtFields = {
  seller: words(120).optional(),
  warrantyUntil: z.iso.date().optional().describe('The last day of the warranty.'),
  note: words(400).optional(),
};

/** What events say of parts that come and go, besides who and when. */
export const partLentBody = {
  kind: z.literal('part-lent'),
  item: z.uuid().describe("Its id on the shop's shelf."),
  name: words(120),
  part: machinePart.describe('The part in whose place it is to stand.'),
  serial: words(80).optional(),
};

export const partHomeBody = {
  kind: z.literal('part-home'),
  item: z.uuid(),
  result: z.enum(SPARE_RESULTS).describe('A spare that failed is no longer known to be good.'),
  note: words(400).optional(),
};

export const partMovedBody = {
  kind: z.literal('part-moved'),
  way: z.enum(PART_WAYS),
  name: words(120),
  part: machinePart.optional().describe('The part of the machine that it is, or whose place it takes.'),
  ...identityFields,
  price: amountSchema.optional().describe('What was paid for it alone.'),
  lot: z
    .strictObject({ paid: amountSchema, of: z.number().int().min(2).max(500) })
    .optional()
    .describe('It came with others for one price.'),
  ...boughtFields,
};
