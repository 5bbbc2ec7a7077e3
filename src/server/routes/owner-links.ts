import { Router, type Response } from 'express';
import * as z from 'zod';
import { answerEstimateSchema, lookOwnerLinkSchema, makeOwnerLinkSchema } from '../../contracts';
import { addressOf } from '../middleware/address-of';
import { limitByAddress } from '../middleware/limit-requests';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';
import { paperPdf } from '../papers/paper-pdf';
import type { OwnerDoor } from '../services/owner-door';
import type { OwnerLinkService } from '../services/owner-link-service';

const ids = z.object({ id: z.uuid() });
const linkIds = z.object({ id: z.uuid(), link: z.string().regex(/^[0-9a-f]{16}$/, 'expected the id of a link') });

/** /api/cases/:id/owner-links: links for the owner of a case. */
export function ownerLinkRoutes(links: (response: Response) => OwnerLinkService): Router {
  const router = Router({ mergeParams: true });
  router.use(allow('export-cases'));
  router.get('/', async (request, response) => {
    response.json({ links: await links(response).list(parse(ids, request.params).id) });
  });
  router.post('/', async (request, response) => {
    const { days } = parse(makeOwnerLinkSchema, request.body);
    response.status(201).json(await links(response).make(parse(ids, request.params).id, days));
  });
  router.delete('/:link', async (request, response) => {
    const { id, link } = parse(linkIds, request.params);
    await links(response).revoke(id, link);
    response.status(204).end();
  });
  return router;
}

/** Of one address in a minute. */
const looksPerMinute = 60;

/** /api/owner: what an owner sees by a link. Its token stands in the body: addresses are written into logs. */
export function ownerDoorRoutes(door: OwnerDoor): Router {
  const router = Router();
  router.use(limitByAddress(looksPerMinute));
  router.post('/look', async (request, response) => {
    response.json(await door.look(parse(lookOwnerLinkSchema, request.body).token, addressOf(request)));
  });
  router.post('/answer', async (request, response) => {
    response.json(await door.answer(parse(answerEstimateSchema, request.body), addressOf(request)));
  });
  router.post('/sheet', async (request, response) => {
    const { token } = parse(lookOwnerLinkSchema, request.body);
    const { paper, at, number } = await door.sheet(token, addressOf(request));
    response
      .attachment(`case-${number}.pdf`)
      .type('application/pdf')
      .send(await paperPdf(paper, at));
  });
  return router;
}
