import type { CaseDetail } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { readEvents } from '../repositories/cases';
import { findOwner } from '../repositories/owners';

/** A case whole: its log, and how its owner is reached where that was noted. */
export async function readDetail(
  db: Queryable,
  { id, number }: Pick<CaseDetail, 'id' | 'number'>,
): Promise<CaseDetail> {
  const contact = (await findOwner(db, id))?.contact;
  return { id, number, events: await readEvents(db, id), ...(contact ? { contact } : {}) };
}
