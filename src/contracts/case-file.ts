import * as z from 'zod';
import { upcastEvent, type CaseEvent, type EventRecord } from '../core/casework';
import { LOG_LIMIT, LOG_RESERVE, sealSchema } from './api';
import { writtenEventSchema, type WrittenEvent } from './event';
import { fieldProblems, parseSafely } from './parse-safely';
import type { FieldProblem } from './problem';
import { eventRecordSchema, readEvent } from './read-event';

export const CASE_FILE_FORMAT = 'jovial-probe/case';
/** The version that is written. Version 1, whose events are those of version 1, is read too. */
export const CASE_FILE_VERSION = 2;

/** A case as a file: its log, and which model computed with it. */
export const caseFileSchema = z.strictObject({
  format: z.literal(CASE_FILE_FORMAT),
  version: z.union([z.literal(1), z.literal(CASE_FILE_VERSION)]),
  model: z.string().max(40).optional().describe('The model version of the program that wrote the file.'),
  number: z.string().max(20).optional().describe('The case number at the bench that wrote the file.'),
  events: z
    .array(writtenEventSchema)
    .min(1)
    .max(LOG_LIMIT + LOG_RESERVE),
  chain: z
    .array(z.strictObject({ hash: z.string().regex(/^[0-9a-f]{64}$/), seal: sealSchema.optional() }))
    .max(LOG_LIMIT + LOG_RESERVE)
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
    reported: event.reported ?? null,
  };
}

/** A case file that was read. */
export interface ReadCaseFile {
  readonly number: string | null;
  /** The model version of the program that wrote it; null where it was written by hand. */
  readonly model: string | null;
  /** Its events as they are understood today. */
  readonly events: readonly CaseEvent[];
  /** The same as they stand in the file; hashes are over these. */
  readonly records: readonly EventRecord[];
  readonly chain: CaseFile['chain'];
  /** A program wrote it from a log that it had accepted: what cannot be read any more is kept as unread. */
  readonly wasAccepted: boolean;
}

const headSchema = z.looseObject({ events: z.array(z.unknown()).optional(), chain: z.array(z.unknown()).optional() });

/**
 * Reads a case file of any version. One that was written by hand must be right in every field; one that a program wrote,
 * with its hashes, may have entries of another version. Failure: the problems, each with the path of its field.
 */
export function readCaseFile(
  json: unknown,
): { readonly ok: true; readonly file: ReadCaseFile } | { readonly ok: false; readonly problems: FieldProblem[] } {
  const head = parseSafely(headSchema, json);
  const written = head.data?.events ?? [];
  const wasAccepted = head.data?.chain !== undefined;
  const unread = new Map<number, CaseEvent>();
  const events = written.map((record, index) => {
    const current = upcastEvent(record);
    if (!wasAccepted || parseSafely(writtenEventSchema, current).success) return current;
    const known = parseSafely(eventRecordSchema, record);
    if (known.success) unread.set(index, readEvent(known.data));
    return known.success ? stand(known.data) : current;
  });
  const parsed = parseSafely(
    caseFileSchema,
    head.success ? { ...head.data, events: head.data.events && events } : json,
  );
  if (!parsed.success) return { ok: false, problems: fieldProblems(parsed.error) };
  const { data: file } = parsed;
  const complete = file.events.map((event, index) => unread.get(index) ?? completeEvent(event, index));
  return {
    ok: true,
    file: {
      number: file.number ?? null,
      model: file.model ?? null,
      events: complete,
      records: written.map((record, index) => recordOf(record, complete[index])),
      chain: file.chain,
      wasAccepted,
    },
  };
}

/** Takes the place of an entry that cannot be read while the rest of its file is checked. */
const stand = ({ id, at, by }: EventRecord) => ({ kind: 'note-added', id, at, by, text: 'unread' });

/** A record that leaves out who, when and its id stands for the complete event. */
function recordOf(record: unknown, complete: CaseEvent | undefined): EventRecord {
  const parsed = parseSafely(eventRecordSchema, record);
  if (parsed.success) return parsed.data;
  if (!complete) throw new Error('recordOf: expected as many events as records');
  return complete;
}
