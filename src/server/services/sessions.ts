import type pg from 'pg';
import type { Logger } from 'pino';
import type { Me } from '../../contracts';
import { inShop, type Queryable } from '../database/in-shop';
import type { PersonRow } from '../repositories/people';
import { deleteStaleSessions, findSession, insertSession, touchSession } from '../repositories/sessions';
import { findShop } from '../repositories/shops';
import { deleteExpiredFailures } from '../repositories/sign-in-failures';
import type { Actor } from './actor';
import type { Attempts } from './attempts';
import { hashSecret, newSecret } from './secrets';

/** Who is signed in by which session. */
export interface SignedIn extends Actor {
  readonly me: Me;
  readonly tokenHash: string;
}

/** A new session: its token goes into the cookie and is stored nowhere. */
export interface NewSession {
  readonly token: string;
  readonly me: Me;
}

/** What signing in works with. */
export interface SignInParts {
  readonly pool: pg.Pool;
  /** For looking up who asks. */
  readonly reads: pg.Pool;
  readonly attempts: Attempts;
  readonly log: Pick<Logger, 'warn'>;
  readonly now: () => Date;
}

const hour = 3_600_000;
/** A session ends after this long without use: a working day. */
export const idleHours = 12;
/** And so is one that is a week old, however much it is used. */
export const absoluteHours = 168;
const touchAfterMs = 60_000;

export async function beginSession(db: Queryable, person: PersonRow, at: Date): Promise<NewSession> {
  const token = newSecret();
  await deleteExpiredFailures(db, at);
  await deleteStaleSessions(
    db,
    new Date(at.getTime() - absoluteHours * hour),
    new Date(at.getTime() - idleHours * hour),
  );
  await insertSession(db, {
    tokenHash: hashSecret(token),
    shopId: person.shopId,
    personId: person.id,
    createdAt: at,
    seenAt: at,
  });
  return { token, me: await meOf(db, person) };
}

/** Null where there is no such session, it is over, or the person may not sign in any more. */
export async function whoIs({ pool, reads, now }: SignInParts, token: string): Promise<SignedIn | null> {
  const tokenHash = hashSecret(token);
  const session = await findSession(reads, tokenHash);
  if (!session) return null;
  const { createdAt, seenAt, person, shop } = session;
  const at = now().getTime();
  if (at - createdAt.getTime() > absoluteHours * hour || at - seenAt.getTime() > idleHours * hour) return null;
  if (at - seenAt.getTime() > touchAfterMs) await inShop(pool, shop.id, (db) => touchSession(db, tokenHash, now()));
  return { personId: person.id, name: person.name, role: person.role, me: { ...person, shop }, tokenHash };
}

async function meOf(db: Queryable, { id, login, name, role }: PersonRow): Promise<Me> {
  const shop = await findShop(db);
  if (!shop) throw new Error('meOf: expected the shop in force to exist, found none');
  return { id, login, name, role, shop };
}
