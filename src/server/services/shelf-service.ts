import type pg from 'pg';
import type { PutShelfItem, Shelf, ShelfItem } from '../../contracts';
import { inShop, type Queryable } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { deleteShelfItem, findShelfItem, insertShelfItem, listShelf, updateShelfItem } from '../repositories/shelf';
import { readShopSettings } from '../repositories/shops';
import type { Actor } from './actor';
import { Refusal } from './refusal';
import { changingLacks, lacksOf } from './shelf-lacks';

/** What can be done with the shelf of one shop. */
export interface ShelfService {
  list(): Promise<Shelf>;
  read(id: string): Promise<ShelfItem>;
  /** Writes a spare whole, or refuses it: somebody else, or a case, may have written in between. */
  put(id: string, request: PutShelfItem): Promise<ShelfItem>;
  /** Takes it off the list; refused while it is out for a case. */
  remove(id: string): Promise<void>;
}

export interface ShelfServiceDependencies {
  readonly pool: pg.Pool;
  readonly shopId: string;
  /** Who does it; null for the program itself, as when it loads the demo. */
  readonly actor: Actor | null;
  readonly now: () => Date;
}

const uniqueViolation = '23505';

export function createShelfService({ pool, shopId, actor, now }: ShelfServiceDependencies): ShelfService {
  const run = <T>(work: (db: Queryable) => Promise<T>) => inShop(pool, shopId, work);
  const audit = (db: Queryable, action: 'spare-written' | 'spare-removed', { id, part }: ShelfItem) =>
    insertAudit(db, { action, personId: actor?.personId ?? null, subject: id, detail: { name: part.name } }, now());
  return {
    list: () =>
      run(async (db) => {
        const items = await listShelf(db);
        const { keepsShelf } = await readShopSettings(db);
        return { items, lacks: keepsShelf ? lacksOf(items) : [] };
      }),
    read: (id) => run((db) => readItem(db, id)),
    put: (id, request) =>
      run(async (db) => {
        const written = await changingLacks(db, () => putItem(db, id, request, now()));
        await audit(db, 'spare-written', written);
        return written;
      }).catch(refuseTakenId),
    remove: (id) =>
      run(async (db) => {
        const item = await readItem(db, id);
        if (item.lent)
          throw new Refusal(409, 'spare-lent', 'This spare is out', {
            detail: `It is out for case ${item.lent.caseNumber}. Note there first that it came back.`,
          });
        await changingLacks(db, () => deleteShelfItem(db, id));
        await audit(db, 'spare-removed', item);
      }),
  };
}

async function readItem(db: Queryable, id: string): Promise<ShelfItem> {
  const found = await findShelfItem(db, id);
  if (!found)
    throw new Refusal(404, 'no-such-spare', 'No such spare', { detail: `expected the id of a spare, found ${id}` });
  return found;
}

async function putItem(
  db: Queryable,
  id: string,
  { expectedEdition, part, standing }: PutShelfItem,
  at: Date,
): Promise<ShelfItem> {
  const there = await findShelfItem(db, id, { lock: true });
  // The same writing again is harmless: its answer may have been lost on the way.
  const isRepeat =
    there?.edition === expectedEdition + 1 &&
    there.standing === standing &&
    JSON.stringify(there.part) === JSON.stringify(part);
  if (isRepeat) return there;
  if ((there?.edition ?? 0) !== expectedEdition)
    throw new Refusal(409, 'stale-spare', 'This spare has changed meanwhile', {
      detail: there
        ? `expected edition ${there.edition}, found ${expectedEdition} (load it again; yours was not saved)`
        : 'It was taken off the shelf meanwhile.',
    });
  await (there ? updateShelfItem(db, { id, part, standing, at }) : insertShelfItem(db, { id, part, standing, at }));
  return readItem(db, id);
}

/** Another shop may hold the id: row-level security hides it, the key still refuses it. */
function refuseTakenId(error: unknown): never {
  throw error instanceof Error && 'code' in error && error.code === uniqueViolation
    ? new Refusal(409, 'spare-id-taken', 'The id belongs to another spare', { detail: 'expected a new id' })
    : error;
}
