import { Router, type Response } from 'express';
import * as z from 'zod';
import { putShelfItemSchema } from '../../contracts';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';
import { labelsPdf } from '../papers/labels-pdf';
import { Refusal } from '../services/refusal';
import type { ShelfService } from '../services/shelf-service';

const itemId = z.uuid();
const labelsQuery = z.object({
  items: z
    .string()
    .transform((text) => text.split(','))
    .pipe(z.array(itemId).min(1).max(200)),
});

/** /api/shelf: the spares of the shop. */
export function shelfRoutes(shelf: (response: Response) => ShelfService): Router {
  const router = Router();
  router.use(allow('read'));
  router.get('/', async (_request, response) => {
    response.json(await shelf(response).list());
  });
  router.get('/labels.pdf', async (request, response) => {
    const { items } = parse(labelsQuery, request.query);
    const wanted = (await shelf(response).list()).items.filter(({ id }) => items.includes(id));
    if (wanted.length === 0) throw new Refusal(404, 'no-such-spare', 'No such spare');
    response
      .attachment('labels.pdf')
      .type('application/pdf')
      .send(
        await labelsPdf(
          wanted.map((item) => ({ item, link: `${request.protocol}://${request.host}/shelf/${item.id}` })),
        ),
      );
  });
  router.get('/:id', async (request, response) => {
    response.json(await shelf(response).read(parse(itemId, request.params.id)));
  });
  router.put('/:id', allow('write-shelf'), async (request, response) => {
    const id = parse(itemId, request.params.id);
    response.json(await shelf(response).put(id, parse(putShelfItemSchema, request.body)));
  });
  router.delete('/:id', allow('write-shelf'), async (request, response) => {
    await shelf(response).remove(parse(itemId, request.params.id));
    response.status(204).end();
  });
  return router;
}
