import express, { Router, type Request, type Response } from 'express';
import { pipeline } from 'node:stream/promises';
import * as z from 'zod';
import { FILE_ENDINGS, MEDIA_TYPES, MOST_PREVIEW_BYTES, STORED_KINDS, type StoredKind } from '../../core/attachments';
import { ignoreLeaving } from './ignore-leaving';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';
import type { AttachmentService } from '../services/attachment-service';
import { Refusal } from '../services/refusal';

const ids = z.object({ id: z.uuid(), file: z.uuid() });
const storeQuery = z.strictObject({ as: z.enum(STORED_KINDS) });

/** /api/cases/:id/attachments/:file: photos and other files of a case. */
export function attachmentRoutes(attachments: (response: Response) => AttachmentService): Router {
  const router = Router({ mergeParams: true });
  router.put('/:file', allow('write-cases'), async (request, response) => {
    const { id, file } = parse(ids, request.params);
    const { as: kind } = parse(storeQuery, request.query);
    refuseOtherType(request, kind);
    const sha256 = digestIn(request);
    try {
      // A refusal is told over the same connection: what still arrives is let go by.
      const body = request.iterator({ destroyOnReturn: false }) as AsyncIterable<Uint8Array>;
      const stored = await attachments(response).store(id, file, { kind, sha256, body });
      response.status(201).json({ file, sha256: stored.sha256, bytes: stored.bytes });
    } finally {
      request.resume();
    }
  });
  router.get('/:file', allow('read'), async (request, response) => {
    const { id, file } = parse(ids, request.params);
    const { file: found, pieces } = await attachments(response).read(id, file);
    send(response, found.kind, `${file}.${FILE_ENDINGS[found.kind]}`);
    response.set('content-length', String(found.bytes));
    await pipeline(pieces, response).catch(ignoreLeaving);
  });
  router.put(
    '/:file/preview',
    allow('write-cases'),
    express.raw({ type: MEDIA_TYPES.picture, limit: MOST_PREVIEW_BYTES }),
    async (request, response) => {
      const { id, file } = parse(ids, request.params);
      const bytes: unknown = request.body;
      await attachments(response).storePreview(id, file, bytes instanceof Uint8Array ? bytes : new Uint8Array());
      response.status(204).end();
    },
  );
  router.get('/:file/preview', allow('read'), async (request, response) => {
    const { id, file } = parse(ids, request.params);
    const preview = await attachments(response).readPreview(id, file);
    if (preview) {
      send(response, 'picture', `${file}-small.jpg`);
      response.send(preview);
    } else response.redirect(307, `/api/cases/${id}/attachments/${file}`);
  });
  return router;
}

/** Nothing in it is run, whatever it is. No browser keeps it: it may be erased with its owner. */
function send(response: Response, kind: StoredKind, name: string): void {
  response.set('content-security-policy', "default-src 'none'; sandbox").attachment(name).type(MEDIA_TYPES[kind]);
}

function refuseOtherType(request: Request, kind: StoredKind): void {
  const type = request.get('content-type')?.split(';')[0] ?? 'none';
  if (type === MEDIA_TYPES[kind] && request.get('content-encoding') === undefined) return;
  throw new Refusal(415, 'other-type', 'This type of file is not taken', {
    detail: `expected ${MEDIA_TYPES[kind]} for a ${kind}, not encoded, found ${type}`,
  });
}

/** The hash in `Content-Digest: sha-256=:…:` (RFC 9530), as hexadecimal digits. */
function digestIn(request: Request): string {
  const [, base64 = ''] = /^sha-256=:([\w+/]{43}=):$/.exec(request.get('content-digest') ?? '') ?? [];
  if (base64 !== '') return Buffer.from(base64, 'base64').toString('hex');
  throw new Refusal(400, 'no-digest', 'The file has no hash', {
    detail: 'expected a header Content-Digest with sha-256 (RFC 9530), found none',
  });
}
