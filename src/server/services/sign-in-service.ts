import type pg from 'pg';
import type * as z from 'zod';
import type {
  acceptInvitationSchema,
  changePasswordSchema,
  invitationSchema,
  setUpSchema,
  signInSchema,
} from '../../contracts';
import { inShop, inTransaction, present } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { isSetUp } from '../repositories/installation';
import { findPerson, findPersonByLogin, updatePerson } from '../repositories/people';
import { deleteSession, deleteSessionsOf } from '../repositories/sessions';
import { createAttempts, type TryKey } from './attempts';
import { acceptInvitation, lookInvitation, setUp } from './joining';
import { hashPassword, isPassword, refuseWeak } from './passwords';
import { Refusal } from './refusal';
import { beginSession, whoIs, type NewSession, type SignedIn, type SignInParts } from './sessions';

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

export function createSignInService({ pool, now }: { pool: pg.Pool; now: () => Date }): SignInService {
  const parts: SignInParts = { pool, now, attempts: createAttempts(pool, now) };
  return {
    signIn: (request, from) => signIn(parts, request, from),
    who: (token) => whoIs(parts, token),
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
    changePassword: (who, request, from) => changePassword(parts, who, request, from),
    needsSetUp: async () => !(await inTransaction(pool, isSetUp)),
    setUp: (request, from) => setUp(parts, request, from),
    lookInvitation: (code, from) => lookInvitation(parts, code, from),
    acceptInvitation: (request, from) => acceptInvitation(parts, request, from),
  };
}

const keysOf = (login: string, from: string): readonly TryKey[] => [
  ['login', login],
  ['from', from],
];

async function signIn(
  { pool, attempts, now }: SignInParts,
  { login, password }: In<typeof signInSchema>,
  from: string,
): Promise<NewSession> {
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
    return beginSession(db, person, now());
  });
}

async function changePassword(
  { pool, attempts, now }: SignInParts,
  { me, personId }: SignedIn,
  { current, next }: In<typeof changePasswordSchema>,
  from: string,
): Promise<NewSession> {
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
    return beginSession(db, person, now());
  });
}
