import { randomUUID } from 'node:crypto';
import type * as z from 'zod';
import type { acceptInvitationSchema, invitationSchema, Role, setUpSchema } from '../../contracts';
import { enterShop, inTransaction, present, type Queryable } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { takeSetUpCode } from '../repositories/installation';
import { deleteInvitation, findInvitation } from '../repositories/invitations';
import { insertPerson, type PersonRow } from '../repositories/people';
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
  await attempts.count(['code', from]);
  return inTransaction(pool, async (db) => {
    if (!(await takeSetUpCode(db, hashSecret(code.toUpperCase()), now()))) throw wrongCode();
    await attempts.forgive(db, ['code', from]);
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
  await attempts.count(['code', from]);
  return inTransaction(pool, async (db) => {
    const { name, role, expiresAt, shop } = await openInvitation(db, code, now());
    await attempts.forgive(db, ['code', from]);
    return { name, role, shop, expiresAt: expiresAt.toISOString() };
  });
}

export async function acceptInvitation(
  { pool, attempts, now }: SignInParts,
  { code, login, password }: z.infer<typeof acceptInvitationSchema>,
  from: string,
): Promise<NewSession> {
  await attempts.count(['code', from]);
  return inTransaction(pool, async (db) => {
    const { name, role, shop, shopId, codeHash } = await openInvitation(db, code, now());
    await attempts.forgive(db, ['code', from]);
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
  return { ...invitation, shop: (await findShop(db))?.name ?? '' };
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
