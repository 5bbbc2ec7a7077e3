import { isAttachmentEvent, type CaseEvent, type CaseState, type FileAttached } from '../../core/casework';
import type { Queryable } from '../database/in-shop';
import { findAttachment, markLogged } from '../repositories/attachments';
import { Refusal } from './refusal';

/**
 * Entries about files: what the log says is there has to be there, byte by byte, and stays from now on. What was crossed
 * out stays too: it can come back.
 */
export async function followAttachments(
  db: Queryable,
  caseId: string,
  { state, fresh }: { readonly state: CaseState; readonly fresh: readonly CaseEvent[] },
): Promise<void> {
  if (!fresh.some((event) => isAttachmentEvent(event) || event.kind === 'entry-struck')) return;
  for (const [index, event] of fresh.entries())
    if (event.kind === 'file-attached' && event.as !== 'digest') await refuseMissing(db, caseId, event, index);
  await markLogged(db, caseId, state.attachments);
}

async function refuseMissing(db: Queryable, caseId: string, event: FileAttached, index: number): Promise<void> {
  const { file, sha256, bytes, as } = event;
  const there = await findAttachment(db, caseId, file);
  if (there?.sha256 === sha256 && there.bytes === bytes && there.kind === as) return;
  const message = `expected the bytes of "${event.name}" to be sent first, found ${there ? 'another file' : 'none'}`;
  throw new Refusal(422, 'file-not-here', 'This entry does not fit the case', {
    detail: message,
    fields: [{ path: ['events', index, 'file'], code: 'file-not-here', message }],
  });
}
