import type { CaseEvent } from '../../core/casework';
import { LOG_LIMIT, LOG_RESERVE } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { readEvents, type CaseHead } from '../repositories/cases';
import { Refusal } from './refusal';

/** What an append has to satisfy beyond its events. */

export interface Seen {
  readonly head: CaseHead;
  readonly expectedSequence: number;
  readonly seen: readonly string[];
}

/** What others wrote and the writer has not seen is shown first. */
export async function refuseUnseen(
  db: Queryable,
  caseId: string,
  { head, expectedSequence, seen }: Seen,
): Promise<void> {
  if (expectedSequence === head.sequence) return;
  const later = expectedSequence < head.sequence ? await readEvents(db, caseId, { after: expectedSequence }) : [];
  const newerEvents = later.filter(({ event }) => !seen.includes(event.id));
  if (newerEvents.length === 0 && expectedSequence < head.sequence) return;
  throw new Refusal(409, 'stale', 'The case has moved on', {
    detail: `expected sequence ${head.sequence}, found ${expectedSequence} (read the newer events and send again)`,
    newerEvents,
  });
}

export function refuseTooLong(length: number, fresh: readonly CaseEvent[]): void {
  const limit = fresh.every(({ kind }) => kind === 'case-closed') ? LOG_LIMIT + LOG_RESERVE : LOG_LIMIT;
  if (length <= limit) return;
  throw new Refusal(422, 'log-full', 'The log of this case is full', {
    detail: `A case has room for ${LOG_LIMIT} entries. Close this one and open a new case for the machine.`,
  });
}

/** What was crossed out, for the audit. */
export function struckIn(log: readonly CaseEvent[], fresh: readonly CaseEvent[]): { struck?: string } {
  const struck = fresh.flatMap((event) => (event.kind === 'entry-struck' ? [event.entry] : []));
  const kinds = log.filter(({ id }) => struck.includes(id)).map(({ kind }) => kind);
  return kinds.length > 0 ? { struck: kinds.join(' ') } : {};
}
