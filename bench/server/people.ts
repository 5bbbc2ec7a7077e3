import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import pg from 'pg';
import type { Role } from '../../src/contracts';

/** Somebody who is signed in. */
export interface Technician {
  readonly id: string;
  readonly name: string;
  readonly login: string;
  readonly cookie: string;
}

/** Everybody's. */
export const benchPassword = 'a lamp over the bench';

/** Puts a shop with so many people, all signed in, into a migrated database. */
export async function seedTechnicians(
  ownerUrl: string,
  count: number,
  role: (n: number) => Role = () => 'lead',
): Promise<{ shopId: string; people: Technician[] }> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  const shopId = randomUUID();
  const people: Technician[] = [];
  const passwordHash = await hash(benchPassword, { memoryCost: 19_456, timeCost: 2, parallelism: 1 });
  await client.query('INSERT INTO shops (id, name) VALUES ($1, $2)', [shopId, 'Bench shop']);
  for (let n = 0; n < count; n++) {
    const [id, name] = [randomUUID(), `Technician ${n + 1}`];
    const login = `bench-${shopId.slice(0, 8)}-${n}`;
    await client.query(
      `INSERT INTO people (id, shop_id, login, name, role, password_hash, created_at)
       VALUES ($1, $2, $3, $4, $5, $6, now())`,
      [id, shopId, login, name, role(n), passwordHash],
    );
    people.push({ id, name, login, cookie: await signInAgain(client, shopId, id) });
  }
  await client.end();
  return { shopId, people };
}

/** One more session of somebody: its cookie. */
export async function signInAgain(client: pg.Client | pg.Pool, shopId: string, personId: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await client.query(
    'INSERT INTO sessions (token_hash, shop_id, person_id, created_at, seen_at) VALUES ($1, $2, $3, now(), now())',
    [createHash('sha256').update(token).digest('hex'), shopId, personId],
  );
  return `probe=${token}`;
}
