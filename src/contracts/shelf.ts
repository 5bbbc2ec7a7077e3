import * as z from 'zod';
import { PART_KINDS } from '../core/machine';
import { amountSchema, boughtFields, identityFields } from './part-events';
import { words } from './words';

/** Whether a spare is known to be good. */
export const SPARE_STANDINGS = ['good', 'untested', 'failed'] as const;

/** What a person writes of a spare. */
export const shelfPartSchema = z.strictObject({
  kind: z.enum(PART_KINDS),
  name: words(120),
  ...identityFields,
  paid: amountSchema.optional(),
  ...boughtFields,
});

/** Writes a spare, whole. */
export const putShelfItemSchema = z.strictObject({
  expectedEdition: z.number().int().nonnegative().describe('The edition that the writer has seen; 0 for a new spare.'),
  part: shelfPartSchema,
  standing: z.enum(SPARE_STANDINGS),
});

/** A spare as the shelf has it. */
export const shelfItemSchema = z.strictObject({
  id: z.uuid(),
  number: z.number().int().positive().describe('As its label shows it.'),
  edition: z.number().int().positive(),
  part: shelfPartSchema,
  standing: z.enum(SPARE_STANDINGS),
  standingSince: z.iso.datetime(),
  standingCase: z
    .strictObject({ id: z.uuid(), number: z.number().int() })
    .nullable()
    .describe('The case that showed it; null where somebody wrote it down.'),
  lent: z.strictObject({ caseId: z.uuid(), caseNumber: z.number().int(), at: z.iso.datetime() }).nullable(),
  seenAt: z.iso.datetime(),
});

export const shelfSchema = z.strictObject({
  items: z.array(shelfItemSchema),
  lacks: z
    .array(z.enum(PART_KINDS))
    .describe('Kinds of which no known-good spare is to be had; empty where the list is not kept complete.'),
});

export type ShelfPart = z.infer<typeof shelfPartSchema>;
export type PutShelfItem = z.infer<typeof putShelfItemSchema>;
export type ShelfItem = z.infer<typeof shelfItemSchema>;
export type Shelf = z.infer<typeof shelfSchema>;
export type SpareStanding = (typeof SPARE_STANDINGS)[number];
