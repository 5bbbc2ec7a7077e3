import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import type * as z from 'zod';
import type {
  acceptInvitationSchema,
  changePasswordSchema,
  invitationSchema,
  Me,
  Role,
  setUpSchema,
  signInSchema,
} from '../../contracts';
import type { Actor } from './actor';
import { enterShop, inShop, inTransaction, present, type Queryable } from '../database/in-shop';
import { hashPassword, isPassword, refuseWeak } from './passwords';
import { Refusal } from './refusal';
import { insertAudit } from '../repositories/audit';
import { isSetUp, takeSetUpCode } from '../repositories/installation';
import { deleteInvitation, findInvitation } from '../repositories/invitations';
import { findPerson, findPersonByLogin, insertPerson, updatePerson, type PersonRow } from '../repositories/people';
import {
  deleteSession,
  deleteSessionsOf,
  deleteStaleSessions,
  findSession,
  insertSession,
  touchSession,
} from '../repositories/sessions';
import { ensureShop, findShop } from '../repositories/shops';
import { deleteExpiredAttempts } from '../repositories/sign-in-failures';
import { hashSecret, newSecret } from './secrets';
import { createAttempts, type TryKey } from './attempts';

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

type In<S extends z.ZodType> = z.infer<S>;

export interface SignInService {
  /** @param from the address that asks: attempts are counted by login and by address */
  signIn(request: In<typeof signInSchema>, from: string): Promise<NewSession>;
  /** Null where there is no such session, it is over, or the person may not sign in any more. */
  who(token: string): Promise<SignedIn | null>;
  signOut(who: SignedIn): Promise<void>;
  signOutEverywhere(who: SignedIn): Promise<void>;
  /** Ends all sessions of the person and begins a new one. */
  changePassword(who: SignedIn, request: In<typeof changePasswordSchema>, from: string): Promise<NewSession>;
  needsSetUp(): Promise<boolean>;
  /** Makes the first shop with its lead, by the code that the program printed. */
  setUp(request: In<typeof setUpSchema>, from: string): Promise<NewSession>;
  lookInvitation(code: string, from: string): Promise<In<typeof invitationSchema>>;
  acceptInvitation(request: In<typeof acceptInvitationSchema>, from: string): Promise<NewSession>;
}

const hour = 3_600_000;
/** A session ends after this long without use: a working day. */
export const idleHours = 12;
/** And so is one that is a week old, however much it is used. */
export const absoluteHours = 168;
const touchAfterMs = 60_000;
const uniqueViolation = '23505';

export function createSignInService({ pool, now }: { pool: pg.Pool; now: () => Date }): SignInService {
  const attempts = createAttempts(pool, now);
  const keysOf = (login: string, from: string): readonly TryKey[] => [
    ['login', login],
    ['from', from],
  ];

  async function begin(db: Queryable, person: PersonRow): Promise<NewSession> {
    const token = newSecret();
    const at = now();
    await deleteExpiredAttempts(db, at);
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

  async function add(
    db: Queryable,
    {
      shopId,
      shop,
      ...given
    }: { shopId: string; shop: string; name: string; role: Role; login: string; password: string },
  ): Promise<PersonRow> {
    refuseWeak(given.password, [given.login, given.name, shop], 'password');
    const person: PersonRow = {
      id: randomUUID(),
      shopId,
      login: given.login,
      name: given.name,
      role: given.role,
      passwordHash: await hashPassword(given.password),
      isActive: true,
      createdAt: now(),
    };
    await insertPerson(db, person).catch(refuseTakenLogin);
    return person;
  }

  return {
    async signIn({ login, password }, from) {
      const keys = keysOf(login, from);
      await attempts.count(...keys);
      const person = await inTransaction(pool, async (db) => {
        await present(db, 'login', login);
        return findPersonByLogin(db, login);
      });
      const isRight = await isPassword(person?.passwordHash ?? null, password);
      if (!person || !isRight || !person.isActive) {
        if (person)
          await inShop(pool, person.shopId, (db) =>
            insertAudit(db, { action: 'sign-in-failed', personId: person.id }, now()),
          );
        throw new Refusal(401, 'wrong-sign-in', 'Sign-in failed', {
          detail: 'Name or password is wrong, or a lead has closed the account.',
        });
      }
      return inShop(pool, person.shopId, async (db) => {
        await attempts.forgive(db, ...keys);
        await insertAudit(db, { action: 'signed-in', personId: person.id }, now());
        return begin(db, person);
      });
    },

    who: (token) =>
      inTransaction(pool, async (db) => {
        const tokenHash = hashSecret(token);
        await present(db, 'token', tokenHash);
        const session = await findSession(db, tokenHash);
        if (!session) return null;
        const at = now().getTime();
        const isOver =
          at - session.createdAt.getTime() > absoluteHours * hour || at - session.seenAt.getTime() > idleHours * hour;
        if (isOver) return null;
        await enterShop(db, session.shopId);
        const person = await findPerson(db, session.personId);
        if (!person?.isActive) return null;
        if (at - session.seenAt.getTime() > touchAfterMs) await touchSession(db, tokenHash, now());
        return { personId: person.id, role: person.role, me: await meOf(db, person), tokenHash };
      }),

    signOut: ({ me, personId, tokenHash }) =>
      inShop(pool, me.shop.id, async (db) => {
        await deleteSession(db, tokenHash);
        await insertAudit(db, { action: 'signed-out', personId }, now());
      }),

    signOutEverywhere: ({ me, personId }) =>
      inShop(pool, me.shop.id, async (db) => {
        await deleteSessionsOf(db, personId);
        await insertAudit(db, { action: 'signed-out-everywhere', personId }, now());
      }),

    async changePassword({ me, personId }, { current, next }, from) {
      const keys = keysOf(me.login, from);
      await attempts.count(...keys);
      refuseWeak(next, [me.login, me.name, me.shop.name], 'next');
      return inShop(pool, me.shop.id, async (db) => {
        const person = await findPerson(db, personId, { lock: true });
        if (!person || !(await isPassword(person.passwordHash, current)))
          throw new Refusal(422, 'wrong-password', 'The password was not changed', {
            fields: [{ path: ['current'], code: 'wrong-password', message: 'expected the password you sign in with' }],
          });
        await attempts.forgive(db, ...keys);
        await updatePerson(db, { ...person, passwordHash: await hashPassword(next) });
        await deleteSessionsOf(db, personId);
        await insertAudit(db, { action: 'password-changed', personId }, now());
        return begin(db, person);
      });
    },

    needsSetUp: async () => !(await inTransaction(pool, isSetUp)),

    async setUp({ code, shop, name, login, password }, from) {
      await attempts.count(['code', from]);
      return inTransaction(pool, async (db) => {
        if (!(await takeSetUpCode(db, hashSecret(code.toUpperCase()), now()))) throw wrongCode();
        await attempts.forgive(db, ['code', from]);
        const shopId = randomUUID();
        await enterShop(db, shopId);
        await ensureShop(db, { id: shopId, name: shop });
        const person = await add(db, { shopId, shop, name, role: 'lead', login, password });
        await insertAudit(db, { action: 'person-joined', personId: person.id, subject: person.id }, now());
        return begin(db, person);
      });
    },

    async lookInvitation(code, from) {
      await attempts.count(['code', from]);
      return inTransaction(pool, async (db) => {
        const { name, role, expiresAt, shop } = await openInvitation(db, code, now());
        await attempts.forgive(db, ['code', from]);
        return { name, role, shop, expiresAt: expiresAt.toISOString() };
      });
    },

    async acceptInvitation({ code, login, password }, from) {
      await attempts.count(['code', from]);
      return inTransaction(pool, async (db) => {
        const { name, role, shop, shopId, codeHash } = await openInvitation(db, code, now());
        await attempts.forgive(db, ['code', from]);
        // Two who follow one link at the same moment: one of them finds it gone.
        if (!(await deleteInvitation(db, codeHash))) throw wrongCode();
        const person = await add(db, { shopId, shop, name, role, login, password });
        await insertAudit(
          db,
          { action: 'person-joined', personId: person.id, subject: person.id, detail: { role } },
          now(),
        );
        return begin(db, person);
      });
    },
  };
}

async function openInvitation(db: Queryable, code: string, now: Date) {
  const codeHash = hashSecret(code);
  await present(db, 'code', codeHash);
  const invitation = await findInvitation(db, codeHash);
  if (!invitation || invitation.expiresAt < now) throw wrongCode();
  await enterShop(db, invitation.shopId);
  return { ...invitation, shop: (await findShop(db))?.name ?? '' };
}

async function meOf(db: Queryable, { id, login, name, role }: PersonRow): Promise<Me> {
  const shop = await findShop(db);
  if (!shop) throw new Error('meOf: expected the shop in force to exist, found none');
  return { id, login, name, role, shop };
}

const wrongCode = () =>
  new Refusal(422, 'wrong-code', 'Invalid or expired code', {
    fields: [
      { path: ['code'], code: 'wrong-code', message: 'expected a code that was not used yet and is not too old' },
    ],
  });

function refuseTakenLogin(error: unknown): never {
  throw error instanceof Error && 'code' in error && error.code === uniqueViolation
    ? new Refusal(422, 'login-taken', 'The sign-in name is taken', {
        fields: [{ path: ['login'], code: 'login-taken', message: 'expected a name that nobody has yet' }],
      })
    : error;
}
