import { eventsOf } from '../core/casework/testing-log';
import type { Role } from '../contracts';
import type { TestServer } from './testing-server';

/** What tests of roles do over and over on a server: ids, entries, cases, appending as somebody. */
export function rolesBench(server: () => TestServer) {
  let next = 1;
  const newId = () => `77777777-7777-4777-8777-${String(next++).padStart(12, '0')}`;
  const openedCase = async (): Promise<string> => {
    const id = newId();
    await server()
      .as('lead')
      .post('/api/cases')
      .send({ id, events: eventsOf({}) })
      .expect(201);
    return id;
  };
  return {
    newId,
    base: () => ({ id: newId(), at: '2026-01-05T10:00:00Z', by: 'Somebody' }),
    openedCase,
    append: async (role: Role, events: object[]) =>
      server()
        .as(role)
        .post(`/api/cases/${await openedCase()}/events`)
        .send({ expectedSequence: 1, events }),
  };
}

export const closing = { kind: 'case-closed', ending: 'returned', fault: null, cause: 'Unknown', done: 'Given back' };
export const flash = {
  kind: 'firmware-flashed',
  method: 'menu',
  purpose: 'update',
  from: 'R1',
  to: 'R2',
  end: 'finished',
};
