import * as z from 'zod';
import { upcastEvent, type CaseEvent, type EventRecord } from '../core/casework';
import { caseEventSchema } from './event';
import { parseSafely } from './parse-safely';

/** An event as it stands in a row or a file, of whatever version: only what every version has is looked at. */
export const eventRecordSchema: z.ZodType<EventRecord> = z.looseObject({
  id: z.string(),
  at: z.string(),
  by: z.string(),
  kind: z.string(),
  v: z.number().optional(),
});

const read = new WeakMap<EventRecord, CaseEvent>();

/**
 * What a stored event means to this program. One that it cannot read, as another version wrote it, becomes an entry that
 * says so and counts for nothing. The same record gives the same event object, so that caches by identity hold.
 */
export function readEvent(record: EventRecord): CaseEvent {
  const known = read.get(record);
  if (known) return known;
  const parsed = parseSafely(caseEventSchema, upcastEvent(record));
  const event = parsed.success ? parsed.data : unreadEntry(record);
  read.set(record, event);
  return event;
}

const unreadEntry = ({ id, at, by, kind }: EventRecord): CaseEvent => ({
  kind: 'unread',
  id,
  at,
  by,
  writtenKind: kind.slice(0, 80),
});

/** An event that is to be written, in the shape of today whatever version of the page sent it. */
export const newEventSchema = z.preprocess(upcastEvent, caseEventSchema);
