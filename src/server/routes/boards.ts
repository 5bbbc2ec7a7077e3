import { Router } from 'express';
import * as z from 'zod';
import { putBoardSchema } from '../../contracts';
import type { BoardService } from '../board-service';
import { parse } from '../middleware/parse';

const boardId = z.uuid();

/** /api/boards: the board book of the shop. */
export function boardRoutes(boards: BoardService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json({ boards: await boards.list() });
  });
  router.get('/:id', async (request, response) => {
    response.json(await boards.read(parse(boardId, request.params.id)));
  });
  router.put('/:id', async (request, response) => {
    const id = parse(boardId, request.params.id);
    response.json(await boards.put(id, parse(putBoardSchema, request.body)));
  });
  router.delete('/:id', async (request, response) => {
    await boards.remove(parse(boardId, request.params.id));
    response.status(204).end();
  });
  router.get('/:id/file', async (request, response) => {
    const { board } = await boards.read(parse(boardId, request.params.id));
    const name = board.model.toLowerCase().replace(/[^a-z0-9]+/g, '-');
    response.attachment(`board-${name || 'unnamed'}.json`).json(board);
  });
  return router;
}
