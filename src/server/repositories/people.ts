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
export async function insertPerson(db: Queryable, person: PersonRow): Promise<void> {
  await db.query(
    `INSERT INTO people (id, shop_id, login, name, role, password_hash, is_active, created_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
    [
      person.id,
      person.shopId,
      person.login,
      person.name,
      person.role,
      person.passwordHash,
      person.isActive,
      person.createdAt,
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
