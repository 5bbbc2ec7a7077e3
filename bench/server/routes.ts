import { readdirSync, readFileSync } from 'node:fs';
import * as z from 'zod';
import {
  acceptInvitationSchema,
  answerEstimateSchema,
  appendEventsSchema,
  auditQuerySchema,
  changePasswordSchema,
  changePersonSchema,
  eraseOwnerSchema,
  inviteSchema,
  listQuerySchema,
  lookInvitationSchema,
  lookOwnerLinkSchema,
  makeOwnerLinkSchema,
  openCaseSchema,
  ownerQuerySchema,
  putBoardSchema,
  putShelfItemSchema,
  setUpSchema,
  shopSettingsSchema,
  signInSchema,
} from '../../src/contracts';
import { STORED_KINDS } from '../../src/core/attachments';
import type { JsonSchema } from '../../src/contracts/testing-fit';

/** A door of the API: what it takes, and what stands for the id in its path. */
export interface Door {
  readonly method: string;
  readonly path: string;
  readonly id?: 'case' | 'board' | 'person' | 'invitation' | 'spare';
  readonly body?: JsonSchema;
  readonly query?: JsonSchema;
  /** It ends the session that asks. */
  readonly endsSession?: true;
}

const schema = (of: z.ZodType) => z.toJSONSchema(of, { io: 'input', unrepresentable: 'any' }) as JsonSchema;

/** Files of a case have ids of their own; none of these is there. */
const someFile = '00000000-0000-4000-8000-00000000f11e';

/** Every door there is. */
export const doors: readonly Door[] = [
  { method: 'GET', path: '/api/health' },
  { method: 'GET', path: '/api/health/live' },
  { method: 'GET', path: '/api/session' },
  { method: 'POST', path: '/api/session', body: schema(signInSchema), endsSession: true },
  { method: 'DELETE', path: '/api/session', endsSession: true },
  { method: 'DELETE', path: '/api/session/all', endsSession: true },
  { method: 'PUT', path: '/api/session/password', body: schema(changePasswordSchema), endsSession: true },
  { method: 'POST', path: '/api/session/set-up', body: schema(setUpSchema) },
  { method: 'POST', path: '/api/session/invitation', body: schema(lookInvitationSchema) },
  { method: 'POST', path: '/api/session/invitation/accept', body: schema(acceptInvitationSchema) },
  { method: 'GET', path: '/api/cases', query: schema(listQuerySchema) },
  { method: 'POST', path: '/api/cases', body: schema(openCaseSchema) },
  { method: 'GET', path: '/api/cases/:id', id: 'case' },
  { method: 'POST', path: '/api/cases/:id/events', id: 'case', body: schema(appendEventsSchema) },
  { method: 'GET', path: '/api/cases/:id/file', id: 'case' },
  { method: 'GET', path: '/api/cases/waits.ics' },
  { method: 'GET', path: '/api/cases/export.jsonl', query: schema(listQuerySchema.pick({ stage: true })) },
  { method: 'GET', path: '/api/cases/export.csv', query: schema(listQuerySchema.pick({ stage: true })) },
  { method: 'GET', path: '/api/owners/file.zip', query: schema(ownerQuerySchema) },
  { method: 'GET', path: '/api/boards' },
  { method: 'GET', path: '/api/boards/:id', id: 'board' },
  { method: 'PUT', path: '/api/boards/:id', id: 'board', body: schema(putBoardSchema) },
  { method: 'DELETE', path: '/api/boards/:id', id: 'board' },
  { method: 'GET', path: '/api/boards/:id/file', id: 'board' },
  { method: 'GET', path: '/api/people' },
  { method: 'POST', path: '/api/people/invitations', body: schema(inviteSchema) },
  { method: 'DELETE', path: '/api/people/invitations/:id', id: 'invitation' },
  { method: 'PUT', path: '/api/people/:id', id: 'person', body: schema(changePersonSchema) },
  { method: 'GET', path: '/api/audit', query: schema(auditQuerySchema) },
  { method: 'GET', path: '/api/owners', query: schema(ownerQuerySchema) },
  { method: 'GET', path: '/api/owners/file', query: schema(ownerQuerySchema) },
  { method: 'POST', path: '/api/owners/erase', body: schema(eraseOwnerSchema) },
  { method: 'GET', path: '/api/shop/settings' },
  { method: 'PUT', path: '/api/shop/settings', body: schema(shopSettingsSchema) },
  { method: 'GET', path: '/api/cases/:id/papers/record.md', id: 'case' },
  { method: 'GET', path: '/api/cases/:id/file.zip', id: 'case' },
  {
    method: 'PUT',
    path: `/api/cases/:id/attachments/${someFile}`,
    id: 'case',
    query: schema(z.object({ as: z.enum(STORED_KINDS) })),
  },
  { method: 'GET', path: `/api/cases/:id/attachments/${someFile}`, id: 'case' },
  { method: 'PUT', path: `/api/cases/:id/attachments/${someFile}/preview`, id: 'case' },
  { method: 'GET', path: `/api/cases/:id/attachments/${someFile}/preview`, id: 'case' },
  { method: 'GET', path: '/api/cases/:id/owner-links', id: 'case' },
  { method: 'POST', path: '/api/cases/:id/owner-links', id: 'case', body: schema(makeOwnerLinkSchema) },
  { method: 'DELETE', path: '/api/cases/:id/owner-links/0123456789abcdef', id: 'case' },
  { method: 'POST', path: '/api/owner/look', body: schema(lookOwnerLinkSchema) },
  { method: 'POST', path: '/api/owner/answer', body: schema(answerEstimateSchema) },
  { method: 'POST', path: '/api/owner/sheet', body: schema(lookOwnerLinkSchema) },
  { method: 'GET', path: '/api/shelf' },
  { method: 'GET', path: '/api/shelf/labels.pdf' },
  { method: 'GET', path: '/api/shelf/:id', id: 'spare' },
  { method: 'PUT', path: '/api/shelf/:id', id: 'spare', body: schema(putShelfItemSchema) },
  { method: 'DELETE', path: '/api/shelf/:id', id: 'spare' },
  { method: 'GET', path: '/api/changes' },
];

const folder = new URL('../../src/server/routes/', import.meta.url);
const written = readdirSync(folder)
  .filter((name) => name !== 'web-pages.ts')
  .flatMap((name) => [
    ...readFileSync(new URL(name, folder), 'utf8').matchAll(/router\.(get|post|put|patch|delete)\(/g),
  ]);
if (written.length !== doors.length)
  throw new Error(`expected every door in the list: the routes have ${written.length}, the list ${doors.length}`);
