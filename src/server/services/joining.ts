import { randomUUID } from 'node:crypto';
import type * as z from 'zod';
import { may, type acceptInvitationSchema, type invitationSchema, type Role, type setUpSchema } from '../../contracts';
import { enterShop, inTransaction, present, type Queryable } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { takeSetUpCode } from '../repositories/installation';
import { deleteInvitation, findInvitation } from '../repositories/invitations';
import { findPerson, insertPerson, type PersonRow } from '../repositories/people';
import { ensureShop, findShop } from '../repositories/shops';
import { hashPassword, refuseWeak } from './passwords';
import { Refusal } from './refusal';
import { hashSecret } from './secrets';
import { beginSession, type NewSession, type SignInParts } from './sessions';

const uniqueViolation = '23505';

/** Makes the first shop with its lead, by the code that the program printed. */
export async function setUp(
  { pool, attempts, now }: SignInParts,
  { code, shop, name, login, password }: z.infer<typeof setUpSchema>,
  from: string,
): Promise<NewSession> {
  return judged(attempts, from, pool, async (db) => {
    if (!(await takeSetUpCode(db, hashSecret(code.toUpperCase()), now()))) throw wrongCode();
    const shopId = randomUUID();
    await enterShop(db, shopId);
    await ensureShop(db, { id: shopId, name: shop });
    const person = await addPerson(db, { shopId, shop, name, role: 'lead', login, password }, now());
    await insertAudit(db, { action: 'person-joined', personId: person.id, subject: person.id }, now());
    return beginSession(db, person, now());
  });
}

export async function lookInvitation(
  { pool, attempts, now }: SignInParts,
  code: string,
  from: string,
): Promise<z.infer<typeof invitationSchema>> {
  return judged(attempts, from, pool, async (db) => {
    const { name, role, expiresAt, shop } = await openInvitation(db, code, now());
    return { name, role, shop, expiresAt: expiresAt.toISOString() };
  });
}

export async function acceptInvitation(
  { pool, attempts, now }: SignInParts,
  { code, login, password }: z.infer<typeof acceptInvitationSchema>,
  from: string,
): Promise<NewSession> {
  return judged(attempts, from, pool, async (db) => {
    const { name, role, shop, shopId, codeHash } = await openInvitation(db, code, now());
    // Two who follow one link at the same moment: one of them finds it gone.
    if (!(await deleteInvitation(db, codeHash))) throw wrongCode();
    const person = await addPerson(db, { shopId, shop, name, role, login, password }, now());
    await insertAudit(
      db,
      { action: 'person-joined', personId: person.id, subject: person.id, detail: { role } },
      now(),
    );
    return beginSession(db, person, now());
  });
}

/** Work that needs a right code, which is an attempt like one at a password. */
async function judged<T>(
  attempts: SignInParts['attempts'],
  from: string,
  pool: SignInParts['pool'],
  work: (db: Queryable) => Promise<T>,
): Promise<T> {
  const done = await attempts.judge([['code', from]], () =>
    inTransaction(pool, async (db) => ({ value: await work(db) })).catch((error: unknown) => {
      if (error instanceof Refusal && error.code === wrongCodeId) return null;
      throw error;
    }),
  );
  if (!done) throw wrongCode();
  return done.value;
}

interface NewPerson {
  readonly shopId: string;
  readonly shop: string;
  readonly name: string;
  readonly role: Role;
  readonly login: string;
  readonly password: string;
}

async function addPerson(db: Queryable, { shop, password, ...given }: NewPerson, createdAt: Date): Promise<PersonRow> {
  refuseWeak(password, [given.login, given.name, shop], 'password');
  const passwordHash = await hashPassword(password);
  const person: PersonRow = { ...given, id: randomUUID(), passwordHash, isActive: true, createdAt };
  await insertPerson(db, person).catch(refuseTakenLogin);
  return person;
}

async function openInvitation(db: Queryable, code: string, now: Date) {
  const codeHash = hashSecret(code);
  await present(db, 'code', codeHash);
  const invitation = await findInvitation(db, codeHash);
  if (!invitation || invitation.expiresAt < now) throw wrongCode();
  await enterShop(db, invitation.shopId);
  // An invitation ends with its maker's right to invite.
  const maker = await findPerson(db, invitation.invitedBy);
  if (!maker?.isActive || !may(maker.role, 'manage-people')) throw wrongCode();
  return { ...invitation, shop: (await findShop(db))?.name ?? '' };
}

const wrongCodeId = 'wrong-code';
const wrongCode = () =>
  new Refusal(422, wrongCodeId, 'Invalid or expired code', {
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
