import type * as z from 'zod';
import type {
  acceptInvitationSchema,
  changePasswordSchema,
  Invitation,
  setUpSchema,
  signInSchema,
} from '../../contracts';
import { announceSignedOut } from '../database/changes';
import { inShop, inTransaction, present } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { isSetUp } from '../repositories/installation';
import { forgetDevices, isKnownDevice, rememberDevice } from '../repositories/known-devices';
import { findPerson, findPersonByLogin, markOwnPassword, updatePerson } from '../repositories/people';
import { deleteSession, deleteSessionsOf } from '../repositories/sessions';
import { createAttempts, type AttemptKey } from './attempts';
import { acceptInvitation, lookInvitation, setUp } from './joining';
import { hashPassword, isPassword, refuseWeak } from './passwords';
import { Refusal } from './refusal';
import { hashSecret, newSecret } from './secrets';
import { beginSession, whoIs, type NewSession, type SignedIn, type SignInParts } from './sessions';

type In<S extends z.ZodType> = z.infer<S>;

export interface SignInService {
  /** Failures are counted by name and address, and by address; a device that signed in before is counted by itself. */
  signIn(request: In<typeof signInSchema>, from: From): Promise<NewSession & { readonly device: string }>;
  /** Null where there is no such session, it is over, or the person may not sign in any more. */
  who(token: string): Promise<SignedIn | null>;
  signOut(who: SignedIn): Promise<void>;
  signOutEverywhere(who: SignedIn): Promise<void>;
  /** Ends all sessions of the person and begins a new one. */
  changePassword(who: SignedIn, request: In<typeof changePasswordSchema>): Promise<NewSession>;
  needsSetUp(): Promise<boolean>;
  /** Makes the first shop with its lead, by the code that the program printed. */
  setUp(request: In<typeof setUpSchema>, from: string): Promise<NewSession>;
  lookInvitation(code: string, from: string): Promise<Invitation>;
  acceptInvitation(request: In<typeof acceptInvitationSchema>, from: string): Promise<NewSession>;
}

export function createSignInService(given: Omit<SignInParts, 'attempts'>): SignInService {
  const { pool, now } = given;
  const parts: SignInParts = { ...given, attempts: createAttempts(pool, now) };
  return {
    signIn: (request, from) => signIn(parts, request, from),
    who: (token) => whoIs(parts, token),
    signOut: ({ me, personId, tokenHash }) =>
      inShop(pool, me.shop.id, async (db) => {
        // The audit first: it holds the person, as all who end sessions do before they end them.
        await insertAudit(db, { action: 'signed-out', personId }, now());
        await deleteSession(db, tokenHash);
      }),
    signOutEverywhere: ({ me, personId }) =>
      inShop(pool, me.shop.id, async (db) => {
        await insertAudit(db, { action: 'signed-out-everywhere', personId }, now());
        await deleteSessionsOf(db, personId);
        await announceSignedOut(db, { shopId: me.shop.id, personId });
      }),
    changePassword: (who, request) => changePassword(parts, who, request),
    needsSetUp: async () => !(await inTransaction(pool, isSetUp)),
    setUp: (request, from) => setUp(parts, request, from),
    lookInvitation: (code, from) => lookInvitation(parts, code, from),
    acceptInvitation: (request, from) => acceptInvitation(parts, request, from),
  };
}

/** Who asks to sign in, and from where. */
export interface From {
  readonly address: string;
  /** What the device holds of an earlier signing in; null where it holds nothing. */
  readonly device: string | null;
}

async function signIn(
  { pool, attempts, now, log }: SignInParts,
  { login, password }: In<typeof signInSchema>,
  { address, device }: From,
): Promise<NewSession & { readonly device: string }> {
  const person = await inTransaction(pool, async (db) => {
    await present(db, 'login', login);
    return findPersonByLogin(db, login);
  });
  const deviceHash = device === null ? null : hashSecret(device);
  const isKnown =
    person !== null &&
    deviceHash !== null &&
    (await inShop(pool, person.shopId, (db) => isKnownDevice(db, person.id, deviceHash)));
  const keys: readonly [AttemptKey, ...AttemptKey[]] = isKnown
    ? [['device', `${login} ${deviceHash}`]]
    : [
        ['pair', `${login} ${address}`],
        ['from', address],
      ];
  const found = await attempts.judge(keys, async () =>
    (await isPassword(person?.passwordHash ?? null, password)) && person?.isActive ? person : null,
  );
  if (!found) {
    log.warn({ address, person: person?.id ?? null }, 'a sign-in failed');
    if (person)
      await inShop(pool, person.shopId, (db) =>
        insertAudit(db, { action: 'sign-in-failed', personId: person.id, detail: { from: address } }, now()),
      );
    throw new Refusal(401, 'wrong-sign-in', 'Sign-in failed', {
      detail: 'Name or password is wrong, or a lead has closed the account.',
    });
  }
  return inShop(pool, found.shopId, async (db) => {
    await insertAudit(db, { action: 'signed-in', personId: found.id }, now());
    const held = device ?? newSecret();
    await rememberDevice(db, { personId: found.id, shopId: found.shopId, deviceHash: hashSecret(held) }, now());
    return { ...(await beginSession(db, found, now())), device: held };
  });
}

async function changePassword(
  { pool, attempts, now }: SignInParts,
  { me, personId }: SignedIn,
  { current, next }: In<typeof changePasswordSchema>,
): Promise<NewSession> {
  refuseWeak(next, [me.login, me.name, me.shop.name], 'next');
  const changed = await attempts.judge([['person', personId]], () =>
    inShop(pool, me.shop.id, async (db) => {
      const person = await findPerson(db, personId, { lock: true });
      if (!person || !(await isPassword(person.passwordHash, current))) return null;
      await updatePerson(db, { ...person, passwordHash: await hashPassword(next) });
      await markOwnPassword(db, personId);
      await deleteSessionsOf(db, personId);
      await forgetDevices(db, personId);
      await announceSignedOut(db, { shopId: me.shop.id, personId });
      await insertAudit(db, { action: 'password-changed', personId }, now());
      return beginSession(db, person, now());
    }),
  );
  if (!changed)
    throw new Refusal(422, 'wrong-password', 'The password was not changed', {
      fields: [{ path: ['current'], code: 'wrong-password', message: 'expected the password you sign in with' }],
    });
  return changed;
}
