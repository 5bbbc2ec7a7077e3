import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import type { Role } from '../../contracts';
import { inShop, inTransaction, present } from '../database/in-shop';
import { hashPassword } from './passwords';
import { markSetUp } from '../repositories/installation';
import { findPersonByLogin, insertPerson, openDemoPeople } from '../repositories/people';
import { ensureShop } from '../repositories/shops';

export interface SeededShop {
  readonly id: string;
  readonly name: string;
  readonly people: readonly {
    readonly login: string;
    readonly password: string;
    readonly name: string;
    readonly role: Role;
  }[];
}

/**
 * Makes the shop of a demo with its people unless they are there; the program then counts as set up. Accounts that were
 * closed as the program was served without the demo are open again.
 */
export async function seedShop(pool: pg.Pool, shop: SeededShop, now: Date): Promise<void> {
  await inTransaction(pool, (db) => markSetUp(db, now, shop.id));
  await inShop(pool, shop.id, (db) => ensureShop(db, shop));
  for (const { login, password, name, role } of shop.people)
    await inShop(pool, shop.id, async (db) => {
      await present(db, 'login', login);
      if (await findPersonByLogin(db, login)) return;
      const passwordHash = await hashPassword(password);
      const person = {
        id: randomUUID(),
        shopId: shop.id,
        login,
        name,
        role,
        passwordHash,
        isActive: true,
        createdAt: now,
      };
      await insertPerson(db, person, { isDemo: true });
    });
  await inShop(pool, shop.id, (db) =>
    openDemoPeople(
      db,
      shop.people.map(({ login }) => login),
    ),
  );
}
