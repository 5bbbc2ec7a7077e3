import { boardDetailSchema, boardSummarySchema, type BoardDetail, type BoardSummary } from '../../contracts';
import type { Queryable } from '../database/in-shop';

/** Boards of the shop in force, by name. */
export async function listBoards(db: Queryable): Promise<BoardSummary[]> {
  const { rows } = await db.query<Omit<BoardSummary, 'updatedAt'> & { updatedAt: Date }>(
    `SELECT
       id,
       edition,
       model,
       revisions,
       can_flash_bare AS "canFlashBare",
       updated_at AS "updatedAt"
     FROM boards
     ORDER BY model, id
     LIMIT 2000`,
  );
  return rows.map((row) => boardSummarySchema.parse({ ...row, updatedAt: row.updatedAt.toISOString() }));
}

/** One board, or null. With `lock`, other writers of it wait until the transaction ends. */
export async function findBoard(
  db: Queryable,
  id: string,
  { lock = false }: { lock?: boolean } = {},
): Promise<BoardDetail | null> {
  const { rows } = await db.query<{ id: string; edition: number; board: unknown; updatedAt: Date }>(
    `SELECT
       id,
       edition,
       board,
       updated_at AS "updatedAt"
     FROM boards
     WHERE id = $1
     ${lock ? 'FOR UPDATE' : ''}`,
    [id],
  );
  const [row] = rows;
  return row ? boardDetailSchema.parse({ ...row, updatedAt: row.updatedAt.toISOString() }) : null;
}

/** Adds a board. Failure: a unique violation if the id is taken in any shop. */
export async function insertBoard(db: Queryable, shopId: string, detail: BoardDetail): Promise<void> {
  await db.query(
    `INSERT INTO boards (id, shop_id, edition, model, revisions, can_flash_bare, board, updated_at)
     VALUES ($1, $8, $2, $3, $4, $5, $6, $7)`,
    [...valuesOf(detail), shopId],
  );
}

export async function updateBoard(db: Queryable, detail: BoardDetail): Promise<void> {
  await db.query(
    `UPDATE boards
     SET edition = $2, model = $3, revisions = $4, can_flash_bare = $5, board = $6, updated_at = $7
     WHERE id = $1`,
    valuesOf(detail),
  );
}

/** Takes a board out of the book; its name stays in the logs that speak of it. */
export async function deleteBoard(db: Queryable, id: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `DELETE FROM boards
     WHERE id = $1`,
    [id],
  );
  return rowCount === 1;
}

const valuesOf = ({ id, edition, board, updatedAt }: BoardDetail) => [
  id,
  edition,
  board.model,
  JSON.stringify(
    board.revisions.map(({ revision, releases }) => ({ revision, versions: releases.map(({ version }) => version) })),
  ),
  board.flash !== undefined,
  JSON.stringify(board),
  updatedAt,
];
