import type { ShelfItem } from '../../contracts';
import { shelfLacks } from '../../core/casework';
import type { PartKind } from '../../core/machine';
import type { Queryable } from '../database/in-shop';
import { forgetOutlooks } from '../repositories/outlooks';
import { listShelf } from '../repositories/shelf';
import { readShopSettings } from '../repositories/shops';

/** What a shelf has no spare of to give, if its list is complete. */
export const lacksOf = (items: readonly ShelfItem[]): PartKind[] =>
  shelfLacks(items.map(({ part, standing, lent }) => ({ kind: part.kind, standing, isOut: lent !== null })));

/** What the shelf of the shop in force has no spare of; nothing where its list is not kept complete. */
export async function readShelfLacks(db: Queryable): Promise<PartKind[]> {
  const { keepsShelf } = await readShopSettings(db);
  return keepsShelf ? lacksOf(await listShelf(db)) : [];
}

/** Does what may change what the shelf lacks: the outlooks of cases rest on it, and go where it did. */
export async function changingLacks<T>(db: Queryable, work: () => Promise<T>): Promise<T> {
  const before = await readShelfLacks(db);
  const result = await work();
  if (before.join() !== (await readShelfLacks(db)).join()) await forgetOutlooks(db);
  return result;
}
