import * as z from 'zod';
import type { CaseEvent } from '../core/casework';
import { sealSchema } from './api';
import { writtenEventSchema, type WrittenEvent } from './event';

export const CASE_FILE_FORMAT = 'jovial-probe/case';
export const CASE_FILE_VERSION = 1;
/** The catalogue and its weights; numbers from another model may differ. */
export const MODEL_VERSION = '2';

/** A case as a file: its log, and which model reckoned with it. */
export const caseFileSchema = z.strictObject({
  format: z.literal(CASE_FILE_FORMAT),
  version: z.literal(CASE_FILE_VERSION),
  model: z.string().max(40).optional().describe('The model version of the program that wrote the file.'),
  number: z.string().max(20).optional().describe('The case number at the bench that wrote the file.'),
  events: z.array(writtenEventSchema).min(1).max(5000),
  chain: z
    .array(z.strictObject({ hash: z.string().regex(/^[0-9a-f]{64}$/), seal: sealSchema.optional() }))
    .max(5000)
    .optional()
    .describe('For each event its hash, over the hash before it: `probe verify` tells whether anything was changed.'),
});

export type CaseFile = z.infer<typeof caseFileSchema>;

const unknownTime = '2000-01-01T00:00:00Z';
const unknownPerson = 'not written down';

/** The n-th stand-in id: a valid UUID that says of itself that nobody made it. */
const standInId = (n: number): string => `00000000-0000-4000-8000-${n.toString(16).padStart(12, '0')}`;

/** Fills what a hand-written event leaves out. Pure: the same file gives the same events. */
export function completeEvent(event: WrittenEvent, index: number): CaseEvent {
  const base = { id: event.id ?? standInId(index), at: event.at ?? unknownTime, by: event.by ?? unknownPerson };
  if (event.kind !== 'case-opened') return { ...event, ...base };
  return {
    ...event,
    ...base,
    owner: event.owner ?? unknownPerson,
    complaint: event.complaint ?? unknownPerson,
    circumstances: event.circumstances ?? [],
    told: event.told ?? null,
  };
}

/** The events of a case file, complete. */
export const eventsOfFile = (file: CaseFile): CaseEvent[] => file.events.map(completeEvent);
