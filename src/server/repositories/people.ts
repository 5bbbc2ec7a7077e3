import { ROLES, type Person, type Role } from '../../contracts';
import type { Queryable } from '../database/in-shop';

/** A person as the server knows one; the hash never leaves it. */
export interface PersonRow {
  readonly id: string;
  readonly shopId: string;
  readonly login: string;
  readonly name: string;
  readonly role: Role;
  readonly passwordHash: string;
  readonly isActive: boolean;
  readonly createdAt: Date;
}

const columns = `
  id,
  shop_id AS "shopId",
  login,
  name,
  role,
  password_hash AS "passwordHash",
  is_active AS "isActive",
  created_at AS "createdAt"`;

/** The person with this login, if the request presents it or is in the person's shop. */
export async function findPersonByLogin(db: Queryable, login: string): Promise<PersonRow | null> {
  const { rows } = await db.query<PersonRow>(
    `SELECT ${columns}
     FROM people
     WHERE login = $1`,
    [login],
  );
  return rows[0] ?? null;
}

/** One person of the shop in force. With `lock`, other writers wait until the transaction ends. */
export async function findPerson(
  db: Queryable,
  id: string,
  { lock = false }: { lock?: boolean } = {},
): Promise<PersonRow | null> {
  const { rows } = await db.query<PersonRow>(
    `SELECT ${columns}
     FROM people
     WHERE id = $1
     ${lock ? 'FOR UPDATE' : ''}`,
    [id],
  );
  return rows[0] ?? null;
}

export async function listPeople(db: Queryable): Promise<Person[]> {
  const { rows } = await db.query<PersonRow>(
    `SELECT ${columns}
     FROM people
     ORDER BY array_position($1::text[], role), name
     LIMIT 500`,
    [ROLES],
  );
  return rows.map(({ id, login, name, role, isActive, createdAt }) => ({
    id,
    login,
    name,
    role,
    isActive,
    createdAt: createdAt.toISOString(),
  }));
}

/** Adds a person. Failure: a unique violation if the login is taken in any shop. */
export async function insertPerson(db: Queryable, person: PersonRow, { isDemo = false } = {}): Promise<void> {
  await db.query(
    `INSERT INTO people (id, shop_id, login, name, role, password_hash, is_active, created_at, is_demo)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      person.id,
      person.shopId,
      person.login,
      person.name,
      person.role,
      person.passwordHash,
      person.isActive,
      person.createdAt,
      isDemo,
    ],
  );
}

export async function updatePerson(
  db: Queryable,
  { id, role, passwordHash, isActive }: Pick<PersonRow, 'id' | 'role' | 'passwordHash' | 'isActive'>,
): Promise<void> {
  await db.query(
    `UPDATE people
     SET role = $2, password_hash = $3, is_active = $4
     WHERE id = $1`,
    [id, role, passwordHash, isActive],
  );
}

/** A password of one's own: what the demo published opens the account no more. */
export async function markOwnPassword(db: Queryable, personId: string): Promise<void> {
  await db.query(
    `UPDATE people
     SET is_demo = false
     WHERE id = $1`,
    [personId],
  );
}

/** Opens the accounts of the demo in the shop in force again. */
export async function openDemoPeople(db: Queryable, logins: readonly string[]): Promise<void> {
  await db.query(
    `UPDATE people
     SET is_active = true
     WHERE is_demo
       AND login = ANY ($1)`,
    [logins],
  );
}

/** Closes the accounts of the demo in the shop in force, whose passwords are published. Returns how many were open. */
export async function closeDemoPeople(db: Queryable): Promise<number> {
  await db.query(
    `DELETE FROM sessions
     WHERE person_id IN (SELECT id FROM people WHERE is_demo)`,
  );
  const { rowCount } = await db.query(
    `UPDATE people
     SET is_active = false
     WHERE is_demo
       AND is_active`,
  );
  return rowCount ?? 0;
}

/** How many leads of the shop in force may sign in; they are locked, so that two cannot both become none. */
export async function countActiveLeads(db: Queryable): Promise<number> {
  const { rows } = await db.query(
    `SELECT id
     FROM people
     WHERE role = 'lead'
       AND is_active
     ORDER BY id
     FOR UPDATE`,
  );
  return rows.length;
}
