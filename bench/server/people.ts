import { createHash, randomBytes, randomUUID } from 'node:crypto';
import pg from 'pg';

/** Somebody who is signed in. */
export interface Technician {
  readonly name: string;
  readonly cookie: string;
}

/** Puts a shop with so many signed-in technicians into a migrated database. */
export async function seedTechnicians(
  ownerUrl: string,
  count: number,
): Promise<{ shopId: string; people: Technician[] }> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  const shopId = randomUUID();
  const people: Technician[] = [];
  await client.query('INSERT INTO shops (id, name) VALUES ($1, $2)', [shopId, 'Bench shop']);
  for (let n = 0; n < count; n++) {
    const [id, token, name] = [randomUUID(), randomBytes(32).toString('base64url'), `Technician ${n + 1}`];
    await client.query(
      `INSERT INTO people (id, shop_id, login, name, role, password_hash, created_at)
       VALUES ($1, $2, $3, $4, 'lead', 'none', now())`,
      [id, shopId, `bench-${shopId.slice(0, 8)}-${n}`, name],
    );
    await client.query(
      'INSERT INTO sessions (token_hash, shop_id, person_id, created_at, seen_at) VALUES ($1, $2, $3, now(), now())',
      [createHash('sha256').update(token).digest('hex'), shopId, id],
    );
    people.push({ name, cookie: `probe=${token}` });
  }
  await client.end();
  return { shopId, people };
}
