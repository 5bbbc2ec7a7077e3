import { Router, type Response } from 'express';
import * as z from 'zod';
import {
  auditQuerySchema,
  changePersonSchema,
  eraseOwnerSchema,
  inviteSchema,
  ownerQuerySchema,
} from '../../contracts';
import { parse } from '../middleware/parse';
import { allow, signedIn } from '../middleware/session';
import { pipeline } from 'node:stream/promises';
import { ignoreLeaving } from './ignore-leaving';
import { ownerZipEntries } from '../services/owner-zip';
import { zipOf } from '../services/zip-stream';
import type { PeopleService } from '../services/people-service';

const personId = z.uuid();
const invitationId = z.string().regex(/^[0-9a-f]{16}$/, 'expected the id of an invitation');

type Of = (response: Response) => PeopleService;

/** /api/people: who works in the shop, and who is invited. */
export function peopleRoutes(people: Of): Router {
  const router = Router();
  router.use(allow('manage-people'));
  router.get('/', async (_request, response) => {
    response.json(await people(response).list());
  });
  router.post('/invitations', async (request, response) => {
    response.status(201).json(await people(response).invite(parse(inviteSchema, request.body)));
  });
  router.delete('/invitations/:id', async (request, response) => {
    await people(response).withdraw(parse(invitationId, request.params.id));
    response.status(204).end();
  });
  router.put('/:id', async (request, response) => {
    const { role, isActive } = parse(changePersonSchema, request.body);
    await people(response).change(parse(personId, request.params.id), {
      ...(role === undefined ? {} : { role }),
      ...(isActive === undefined ? {} : { isActive }),
    });
    response.status(204).end();
  });
  return router;
}

/** /api/audit: who did what. */
export function auditRoutes(people: Of): Router {
  const router = Router();
  router.get('/', allow('read-audit'), async (request, response) => {
    response.json(await people(response).audit(parse(auditQuerySchema, request.query)));
  });
  return router;
}

/** /api/owners: an owner's data, to be handed over or erased. */
export function ownerRoutes(people: Of): Router {
  const router = Router();
  router.use(allow('owner-data'));
  router.get('/', async (request, response) => {
    const { name } = parse(ownerQuerySchema, request.query);
    response.json({ owner: name, cases: await people(response).ownerCases(name) });
  });
  router.get('/file', async (request, response) => {
    const { name } = parse(ownerQuerySchema, request.query);
    const found = await people(response).exportOwner(name);
    response.attachment('owner-data.json').json({ owner: name, cases: found.map(({ detail }) => detail) });
  });
  router.get('/file.zip', async (request, response) => {
    const { name } = parse(ownerQuerySchema, request.query);
    const found = await people(response).exportOwner(name);
    const linkTo = (id: string) => `${request.protocol}://${request.host}/cases/${id}`;
    const entries = ownerZipEntries(name, found, { shop: signedIn(response).me.shop.name, linkTo });
    response.attachment('owner-data.zip').type('application/zip');
    await pipeline(zipOf(entries), response).catch(ignoreLeaving);
  });
  router.post('/erase', async (request, response) => {
    const { name, files } = parse(eraseOwnerSchema, request.body);
    response.json(await people(response).eraseOwner(name, files));
  });
  return router;
}
