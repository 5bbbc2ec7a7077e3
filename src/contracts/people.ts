import * as z from 'zod';
import { ROLES } from './roles';

export const PASSWORD_LENGTH = { least: 10, most: 200 } as const;

const login = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9._@+-]{1,79}$/, 'expected 2 to 80 letters, digits or . _ @ + -');
const personName = z.string().trim().min(1).max(80);
const code = z.string().trim().min(10).max(100);
/** Taken as it is typed: never trimmed, never cut. */
const password = z.string().min(1).max(PASSWORD_LENGTH.most);
const newPassword = z
  .string()
  .min(PASSWORD_LENGTH.least, `expected at least ${PASSWORD_LENGTH.least} characters`)
  .max(PASSWORD_LENGTH.most, `expected at most ${PASSWORD_LENGTH.most} characters`);
const role = z.enum(ROLES);

export const signInSchema = z.strictObject({ login: z.string().trim().toLowerCase().min(1).max(80), password });
export const changePasswordSchema = z.strictObject({ current: password, next: newPassword });
export const setUpSchema = z.strictObject({
  code,
  shop: z.string().trim().min(1).max(120),
  name: personName,
  login,
  password: newPassword,
});
export const lookInvitationSchema = z.strictObject({ code });
export const acceptInvitationSchema = z.strictObject({ code, login, password: newPassword });
export const inviteSchema = z.strictObject({ name: personName, role });
export const changePersonSchema = z.strictObject({ role: role.optional(), isActive: z.boolean().optional() });

export const personSchema = z.strictObject({
  id: z.uuid(),
  login: z.string(),
  name: z.string(),
  role,
  isActive: z.boolean(),
  createdAt: z.iso.datetime(),
});

export const openInvitationSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  role,
  createdAt: z.iso.datetime(),
  expiresAt: z.iso.datetime(),
});
export const peopleSchema = z.strictObject({
  people: z.array(personSchema),
  invitations: z.array(openInvitationSchema),
});
/** The code is shown once and is stored nowhere. */
export const invitedSchema = z.strictObject({ code: z.string(), expiresAt: z.iso.datetime() });

export const AUDIT_ACTIONS = [
  'signed-in',
  'sign-in-failed',
  'signed-out',
  'signed-out-everywhere',
  'password-changed',
  'person-invited',
  'invitation-withdrawn',
  'person-joined',
  'person-changed',
  'case-opened',
  'case-read',
  'case-written',
  'case-exported',
  'shop-changed',
  'board-written',
  'board-deleted',
  'board-exported',
  'spare-written',
  'spare-removed',
  'owner-read',
  'owner-exported',
  'owner-erased',
  'link-made',
  'link-revoked',
  'link-answered',
  'audit-read',
  'refused',
] as const;
export type AuditAction = (typeof AUDIT_ACTIONS)[number];

export const auditQuerySchema = z.strictObject({
  before: z.coerce.number().int().positive().max(Number.MAX_SAFE_INTEGER).optional(),
  action: z.enum(AUDIT_ACTIONS).optional(),
  person: z.uuid().optional(),
});
export const auditEntrySchema = z.strictObject({
  id: z.number().int(),
  at: z.iso.datetime(),
  person: z.string().nullable(),
  action: z.enum(AUDIT_ACTIONS),
  /** In words: the number of a case, the name of a board or person; null where there is none. */
  subject: z.string().nullable(),
  detail: z.record(z.string(), z.union([z.string(), z.number(), z.boolean()])),
});
export const auditPageSchema = z.strictObject({ entries: z.array(auditEntrySchema), hasMore: z.boolean() });

export const ownerQuerySchema = z.strictObject({ name: z.string().trim().min(1).max(80) });
/** Which photos and files go with an owner: none, those that show the owner's things, or all of the cases. */
export const ERASED_FILES = ['none', 'owners', 'all'] as const;
export type ErasedFiles = (typeof ERASED_FILES)[number];
export const eraseOwnerSchema = z.strictObject({
  ...ownerQuerySchema.shape,
  files: z.enum(ERASED_FILES).default('owners'),
});
export const erasedOwnerSchema = z.strictObject({ cases: z.number().int(), files: z.number().int() });

export const ownerCasesSchema = z.strictObject({
  owner: z.string(),
  cases: z.array(
    z.strictObject({ id: z.uuid(), number: z.number().int(), machine: z.string(), openedAt: z.iso.datetime() }),
  ),
});

export type OwnerCases = z.infer<typeof ownerCasesSchema>;
export type Person = z.infer<typeof personSchema>;
export type OpenInvitation = z.infer<typeof openInvitationSchema>;
export type AuditEntry = z.infer<typeof auditEntrySchema>;
export type AuditQuery = z.infer<typeof auditQuerySchema>;
