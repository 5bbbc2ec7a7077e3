import request from 'supertest';
import { seedShop } from './services/seed-people';
import type { TestServer } from './testing-server';

/** A shop whose people sign in with passwords, as the demo's do. */
export const seeded = {
  id: '99999999-9999-4999-8999-999999999999',
  name: 'Quay three',
  people: [
    { login: 'ylva', password: 'kettle-on-the-boil', name: 'Ylva', role: 'lead' },
    { login: 'odd', password: 'never-mind-the-gap', name: 'Odd', role: 'technician' },
  ],
} as const;

export const seedQuay = (server: TestServer): Promise<void> => seedShop(server.pool, seeded, server.now);

/** Signs in at the server; each call from a new client, unless one is given. */
export const signingIn =
  (server: () => TestServer) =>
  (login: string, password: string, client = request.agent(server().app())) =>
    client.post('/api/session').send({ login, password });
