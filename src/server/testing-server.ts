import { randomUUID } from 'node:crypto';
import type { Express } from 'express';
import type pg from 'pg';
import { pino } from 'pino';
import request from 'supertest';
import { ROLES, type Role } from '../contracts';
import { createApp, type AppDependencies } from './app';
import { createChangeFeed, type ChangeFeed } from './database/changes';
import { inShop } from './database/in-shop';
import { createPool } from './database/pool';
import { insertPerson } from './repositories/people';
import { insertSession } from './repositories/sessions';
import { ensureShop } from './repositories/shops';
import { hashSecret, newSecret } from './services/secrets';
import { createTestDatabase } from './testing-database';

type Agent = ReturnType<typeof request.agent>;

export const testShops = [
  { id: '11111111-1111-4111-8111-111111111111', name: 'Shop one' },
  { id: '22222222-2222-4222-8222-222222222222', name: 'Shop two' },
] as const;

/** A server on a database of its own: two shops, one person of each role in both, all signed in. */
export interface TestServer {
  readonly pool: pg.Pool;
  readonly changes: ChangeFeed;
  readonly databaseUrl: string;
  app(more?: Partial<AppDependencies>): Express;
  /** A client signed in as somebody. */
  as(role?: Role, shop?: 0 | 1, app?: Express): Agent;
  cookie(role: Role, shop?: 0 | 1): string;
  personId(role: Role, shop?: 0 | 1): string;
  /** What the clock of the server says. */
  now: Date;
  close(): Promise<void>;
}

/** @param release the data of an earlier release, migrated: a file of `src/server/releases/`. */
export async function createTestServer({ release }: { release?: string } = {}): Promise<TestServer> {
  const database = await createTestDatabase(release === undefined ? {} : { release });
  const pool = createPool(database.url, { onError: () => undefined });
  const changes = createChangeFeed(database.url, () => undefined);
  const people = new Map<string, { id: string; token: string }>();
  const key = (role: Role, shop: number) => `${role} ${shop}`;
  const server: TestServer = {
    pool,
    changes,
    databaseUrl: database.url,
    now: new Date('2026-01-05T12:00:00Z'),
    app: (more) =>
      createApp({
        pool,
        changes,
        now: () => server.now,
        log: pino({ level: process.env['TEST_LOG'] ?? 'silent' }),
        version: '9.9.9',
        isSecure: false,
        publicHost: null,
        trustedProxies: 0,
        demoAccounts: [],
        requestsPerMinute: 100_000,
        webRoot: null,
        ...more,
      }),
    as: (role = 'lead', shop = 0, app = server.app()) => request.agent(app).set('cookie', server.cookie(role, shop)),
    cookie: (role, shop = 0) => `probe=${people.get(key(role, shop))?.token ?? ''}`,
    personId: (role, shop = 0) => people.get(key(role, shop))?.id ?? '',
    async close() {
      await changes.close();
      await pool.end();
      await database.drop();
    },
  };
  for (const [index, shop] of testShops.entries())
    await inShop(pool, shop.id, async (db) => {
      await ensureShop(db, shop);
      for (const role of ROLES) {
        const person = { id: randomUUID(), token: newSecret() };
        people.set(key(role, index), person);
        const at = server.now;
        const own = { id: person.id, shopId: shop.id, isActive: true, createdAt: at, passwordHash: 'none' };
        await insertPerson(db, { ...own, login: `${role}-${index}`, name: `The ${role}`, role });
        const tokenHash = hashSecret(person.token);
        await insertSession(db, { tokenHash, shopId: shop.id, personId: person.id, createdAt: at, seenAt: at });
      }
    });
  return server;
}
