import type pg from 'pg';
import type { BoardDetail, BoardSummary, PutBoard } from '../../contracts';
import type { Actor } from './actor';
import { inShop, type Queryable } from '../database/in-shop';
import { Refusal } from './refusal';
import { insertAudit } from '../repositories/audit';
import { deleteBoard, findBoard, insertBoard, listBoards, updateBoard } from '../repositories/boards';

/** What can be done with the board book of one shop. */
export interface BoardService {
  list(): Promise<BoardSummary[]>;
  read(id: string): Promise<BoardDetail>;
  /** The same to be taken out of the shop as a file. */
  readForFile(id: string): Promise<BoardDetail>;
  /** Writes a board whole, or refuses it: somebody else may have written in between. */
  put(id: string, request: PutBoard): Promise<BoardDetail>;
  remove(id: string): Promise<void>;
}

export interface BoardServiceDependencies {
  readonly pool: pg.Pool;
  readonly shopId: string;
  /** Who does it; null for the program itself, as when it loads the demo. */
  readonly actor: Actor | null;
  readonly now: () => Date;
}

const uniqueViolation = '23505';

export function createBoardService({ pool, shopId, actor, now }: BoardServiceDependencies): BoardService {
  const run = <T>(work: (db: Queryable) => Promise<T>) => inShop(pool, shopId, work);
  const audit = (
    db: Queryable,
    action: 'board-written' | 'board-deleted' | 'board-exported',
    id: string,
    model: string,
  ) => insertAudit(db, { action, personId: actor?.personId ?? null, subject: id, detail: { model } }, now());
  return {
    list: () => run(listBoards),
    read: (id) => run((db) => readBoard(db, id)),
    readForFile: (id) =>
      run(async (db) => {
        const found = await readBoard(db, id);
        await audit(db, 'board-exported', id, found.board.model);
        return found;
      }),
    put: (id, request) =>
      run(async (db) => {
        const written = await putBoard(db, shopId, id, request, now());
        await audit(db, 'board-written', id, written.board.model);
        return written;
      }).catch(refuseTakenId),
    remove: (id) =>
      run(async (db) => {
        const { board } = await readBoard(db, id);
        await deleteBoard(db, id);
        await audit(db, 'board-deleted', id, board.model);
      }),
  };
}

async function readBoard(db: Queryable, id: string): Promise<BoardDetail> {
  const found = await findBoard(db, id);
  if (!found) throw noSuchBoard(id);
  return found;
}

async function putBoard(
  db: Queryable,
  shopId: string,
  id: string,
  { expectedEdition, board }: PutBoard,
  now: Date,
): Promise<BoardDetail> {
  const there = await findBoard(db, id, { lock: true });
  // The same writing again is harmless: its answer may have been lost on the way.
  if (there && there.edition === expectedEdition + 1 && JSON.stringify(there.board) === JSON.stringify(board))
    return there;
  if ((there?.edition ?? 0) !== expectedEdition)
    throw new Refusal(409, 'stale-board', 'Someone else has changed this board', {
      detail: there
        ? `expected edition ${there.edition}, found ${expectedEdition} (load it again; yours was not saved)`
        : 'The board was taken out of the book meanwhile.',
    });
  const next: BoardDetail = { id, edition: expectedEdition + 1, updatedAt: now.toISOString(), board };
  await (there ? updateBoard(db, next) : insertBoard(db, shopId, next));
  return next;
}

const noSuchBoard = (id: string) =>
  new Refusal(404, 'no-such-board', 'No such board', { detail: `expected the id of a board, found ${id}` });

/** Another shop may hold the id: row-level security hides it, the key still refuses it. */
function refuseTakenId(error: unknown): never {
  throw error instanceof Error && 'code' in error && error.code === uniqueViolation
    ? new Refusal(409, 'board-id-taken', 'The id belongs to another board', { detail: 'expected a new id' })
    : error;
}
