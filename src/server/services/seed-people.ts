import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import type { Role } from '../../contracts';
import { inShop, inTransaction, present } from '../database/in-shop';
import { hashPassword } from './passwords';
import { markSetUp } from '../repositories/installation';
import { findPersonByLogin, insertPerson } from '../repositories/people';
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

/** Makes a shop with its people unless they are there, as for the demo; the program then counts as set up. */
export async function seedShop(pool: pg.Pool, shop: SeededShop, now: Date): Promise<void> {
  await inTransaction(pool, (db) => markSetUp(db, now));
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
      await insertPerson(db, person);
    });
}
