import * as z from 'zod/mini';
import { ROLES } from './roles';

/** What the first screen must read of the session, in the small form of Zod. */

const role = z.enum(ROLES);

/** Who is signed in. */
export const meSchema = z.strictObject({
  id: z.uuid(),
  login: z.string(),
  name: z.string(),
  role,
  shop: z.strictObject({ id: z.uuid(), name: z.string() }),
});

export const sessionSchema = z.strictObject({
  me: z.nullable(meSchema),
  /** No first lead yet: the program waits for its set-up code. */
  needsSetUp: z.boolean(),
  /** The demo's accounts with their passwords; empty in a real shop. */
  demoAccounts: z.array(z.strictObject({ login: z.string(), password: z.string(), name: z.string(), role })),
});

/** What somebody is invited to. */
export const invitationSchema = z.strictObject({
  name: z.string(),
  role,
  shop: z.string(),
  expiresAt: z.iso.datetime(),
});

export type Me = z.infer<typeof meSchema>;
export type Session = z.infer<typeof sessionSchema>;
export type Invitation = z.infer<typeof invitationSchema>;
