import { Router, type Response } from 'express';
import * as z from 'zod';
import { putBoardSchema } from '../../contracts';
import type { BoardService } from '../services/board-service';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';

const boardId = z.uuid();

/** /api/boards: the board book of the shop. */
export function boardRoutes(boards: (response: Response) => BoardService): Router {
  const router = Router();
  router.use(allow('read'));
  router.get('/', async (_request, response) => {
    response.json({ boards: await boards(response).list() });
  });
  router.get('/:id', async (request, response) => {
    response.json(await boards(response).read(parse(boardId, request.params.id)));
  });
  router.put('/:id', allow('write-boards'), async (request, response) => {
    const id = parse(boardId, request.params.id);
    response.json(await boards(response).put(id, parse(putBoardSchema, request.body)));
  });
  router.delete('/:id', allow('delete-boards'), async (request, response) => {
    await boards(response).remove(parse(boardId, request.params.id));
    response.status(204).end();
  });
  router.get('/:id/file', async (request, response) => {
    const { board } = await boards(response).readForFile(parse(boardId, request.params.id));
    const name = board.model.toLowerCase().replace(/[^a-z0-9]+/g, '-');
    response.attachment(`board-${name || 'unnamed'}.json`).json(board);
  });
  return router;
}
