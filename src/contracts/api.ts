import * as z from 'zod';
import { eventRecordSchema, newEventSchema } from './read-event';

const sha256 = z.string().regex(/^[0-9a-f]{64}$/);

/** Stands in the chain for the owner's name; without a salt once the owner is erased. */
export const sealSchema = z.strictObject({
  digest: sha256,
  salt: z
    .string()
    .regex(/^[0-9a-f]{32}$/)
    .nullable(),
});

/** An event in the log of a case as it was written, with its place and the hash that chains it to the one before. */
export const storedEventSchema = z.strictObject({
  sequence: z.number().int().positive(),
  hash: sha256,
  recordedAt: z.iso.datetime(),
  event: eventRecordSchema,
  seal: sealSchema.optional(),
});

export const caseDetailSchema = z.strictObject({
  id: z.uuid(),
  number: z.number().int().positive(),
  events: z.array(storedEventSchema),
  contact: z.string().optional().describe('How the owner is reached; goes with the name of the owner.'),
});

/** A log grows no longer than this; a case with as many entries is closed, and a new one opened. */
export const LOG_LIMIT = 5000;
/** Room to close a log that is full. */
export const LOG_RESERVE = 10;

export const openCaseSchema = z.strictObject({
  id: z.uuid(),
  events: z
    .array(newEventSchema)
    .min(1)
    .max(LOG_LIMIT + LOG_RESERVE),
  contact: z.string().trim().min(1).max(200).optional().describe('How the owner is reached: in no log and no file.'),
  imported: z
    .literal(true)
    .optional()
    .describe('The log of another bench: who did what and when stays as it says, and is marked as imported.'),
});

export const appendEventsSchema = z.strictObject({
  expectedSequence: z.number().int().nonnegative().describe('The sequence of the last event that the writer has seen.'),
  seen: z
    .array(z.uuid())
    .max(1000)
    .optional()
    .describe('Ids of later events that the writer has seen too: those of its own that were on their way.'),
  events: z.array(newEventSchema).min(1).max(100),
});

export const healthSchema = z.strictObject({
  version: z.string(),
  database: z.enum(['up', 'down']),
});

export type StoredEvent = z.infer<typeof storedEventSchema>;
export type CaseDetail = z.infer<typeof caseDetailSchema>;
export type OpenCase = z.infer<typeof openCaseSchema>;
export type AppendEvents = z.infer<typeof appendEventsSchema>;
export type Health = z.infer<typeof healthSchema>;
