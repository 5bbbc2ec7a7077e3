import type { CaseDetail } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { readEvents } from '../repositories/cases';
import { listAttachments } from '../repositories/attachments';
import { findOwner } from '../repositories/owners';
import { piecesOf } from './attachment-service';
import type { WholeCase } from './case-zip';

/** A case whole: its log, and how its owner is reached where that was noted. */
export async function readDetail(
  db: Queryable,
  { id, number }: Pick<CaseDetail, 'id' | 'number'>,
): Promise<CaseDetail> {
  const contact = (await findOwner(db, id))?.contact;
  return { id, number, events: await readEvents(db, id), ...(contact ? { contact } : {}) };
}

/** The same with its photos and other files, whose bytes are read when they are asked for. */
export async function readWholeCase(
  db: Queryable,
  found: Pick<CaseDetail, 'id' | 'number'>,
  run: <T>(work: (db: Queryable) => Promise<T>) => Promise<T>,
): Promise<WholeCase> {
  const stored = await listAttachments(db, found.id);
  const files = stored.filter(({ upload }) => upload !== null);
  return {
    detail: await readDetail(db, found),
    files: files.map((file) => ({ ...file, pieces: piecesOf(run, file) })),
  };
}
