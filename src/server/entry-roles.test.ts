import type { CaseEventKind } from '../core/casework';
import { jpegOf } from '../core/attachments/testing-jpeg';
import { eventId } from '../core/casework/testing-log';
import { may, ROLES, type Action } from '../contracts';
import { attachedBody, putFile } from './testing-attachments';
import { closing, flash, rolesBench } from './testing-roles';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const { base, openedCase, append } = rolesBench(() => server);

const lent = { item: eventId(78), name: 'Bench supply', part: 'supply' };

const photo = attachedBody();

/** One entry of each kind, and what writing or crossing it out asks for. */
const entries: Readonly<Record<Exclude<CaseEventKind, 'case-opened' | 'entry-struck' | 'unread'>, [object, Action]>> = {
  'trial-done': [{ trial: 'start', outcome: 'dead' }, 'write-cases'],
  'configuration-changed': [{ changes: [{ kind: 'surface', to: 'bench' }] }, 'write-cases'],
  'note-added': [{ text: 'Seen' }, 'write-cases'],
  'case-parked': [{ waitingFor: 'a part' }, 'write-cases'],
  'case-resumed': [{}, 'write-cases'],
  'case-closed': [closing, 'close-cases'],
  'case-reopened': [{ reason: 'Again' }, 'close-cases'],
  'strategy-chosen': [{ strategy: 'best-value' }, 'write-cases'],
  'lacking-set': [{ tools: [], spares: [] }, 'write-cases'],
  'circumstances-set': [{ circumstances: ['spill'], source: 'bench' }, 'write-cases'],
  'switched-off': [{}, 'write-cases'],
  'owner-tried': [{ trial: 'spare/monitor', outcome: 'dark' }, 'write-cases'],
  'machine-corrected': [{ board: { speaker: true } }, 'write-cases'],
  'part-noted': [{ part: 'supply', paid: 10 }, 'write-cases'],
  'board-noted': [{ board: eventId(77), model: 'M', revision: '1', installed: 'R1' }, 'write-cases'],
  'firmware-flashed': [flash, 'flash-firmware'],
  'firmware-verified': [{ version: 'R2', setAgain: [] }, 'write-cases'],
  'consent-noted': [{ to: 'workaround', isAgreed: true, way: 'telephone', words: 'Agrees' }, 'write-cases'],
  'power-noted': [{ sheet: { consumers: [{ kind: 'board' }] } }, 'write-cases'],
  'part-lent': [lent, 'write-cases'],
  'part-home': [{ item: lent.item, result: 'worked' }, 'write-cases'],
  'part-moved': [{ way: 'bought', name: 'Cooler', price: '12.50' }, 'write-cases'],
  'charge-noted': [{ of: 'service', name: 'Cleaning', amount: '9.95' }, 'write-cases'],
  'time-corrected': [{ person: 'Ebbe', minutes: 30, reason: 'Two machines' }, 'write-cases'],
  'decision-noted': [{ choice: 'repair', worth: { value: '300' } }, 'write-cases'],
  'estimate-given': [{ low: '40', high: '120.50' }, 'write-cases'],
  'file-attached': [{ ...attachedBody(), as: 'digest' }, 'write-cases'],
  'picture-marked': [{ file: photo.file, marks: [] }, 'write-cases'],
  'power-measured': [{ reading: { quantity: 'v12', at: 'idle', value: 12 } }, 'write-cases'],
};
/** What has to stand in the log before an entry fits. */
const before: Partial<Record<string, readonly object[]>> = {
  'part-home': [{ kind: 'part-lent', ...lent }],
  'picture-marked': [photo],
  'case-resumed': [{ kind: 'case-parked', waitingFor: 'a part' }],
  'case-reopened': [closing],
  'firmware-flashed': [{ kind: 'board-noted', board: eventId(77), model: 'M', revision: '1', installed: 'R1' }],
  'firmware-verified': [{ kind: 'board-noted', board: eventId(77), model: 'M', revision: '1', installed: 'R1' }, flash],
};
const kinds = Object.entries(entries).map(([kind, [body, right]]) => ({ kind, body, right }));
const rows = kinds.flatMap((row) => ROLES.map((role) => ({ ...row, role, isAllowed: may(role, row.right) })));

test.each(rows)('a $role and an entry of $kind: writing and crossing out, $isAllowed', async ({ role, ...row }) => {
  const logged = async (bodies: readonly object[]) => {
    const id = await openedCase();
    const events = bodies.map((body) => ({ ...base(), ...body }));
    if (bodies.includes(photo)) await putFile(server.as('lead'), id, photo.file, jpegOf()).expect(201);
    if (events.length > 0)
      await server.as('lead').post(`/api/cases/${id}/events`).send({ expectedSequence: 1, events }).expect(201);
    return { id, last: events.at(-1)?.id ?? '', expectedSequence: 1 + events.length };
  };
  const send = ({ id, expectedSequence }: { id: string; expectedSequence: number }, body: object) =>
    server
      .as(role)
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence, events: [{ ...base(), ...body }] });
  const entry = { kind: row.kind, ...row.body };
  const needed = before[row.kind] ?? [];
  await send(await logged(needed), entry).expect(row.isAllowed ? 201 : 403);
  const there = await logged([...needed, entry]);
  // A closed case is opened again before anything of it is crossed out.
  const allowed = row.kind === 'case-closed' ? 422 : 201;
  await send(there, { kind: 'entry-struck', entry: there.last, reason: 'Wrong' }).expect(row.isAllowed ? allowed : 403);
});

test('the repair of a trial that writes firmware asks for the same as a flash', async () => {
  const done = { ...base(), kind: 'trial-done', trial: 'fix/update-firmware@board', outcome: 'works' };
  expect((await append('trainee', [done])).status).toBe(403);
  expect((await append('technician', [done])).status).not.toBe(403);
});

test('striking something in the very request that writes it is no way round', async () => {
  const opened = { ...base(), kind: 'note-added', text: 'Seen' };
  const events = [
    opened,
    { ...base(), ...closing },
    { ...base(), kind: 'entry-struck', entry: opened.id, reason: 'W' },
  ];
  expect((await append('trainee', events)).status).toBe(403);
});

test('crossing out a crossing out asks for the right of what comes back', async () => {
  const flashed = { ...base(), ...flash };
  const strike = { ...base(), kind: 'entry-struck', entry: flashed.id, reason: 'Wrong board' };
  const id = await openedCase();
  const board = { ...base(), kind: 'board-noted', board: eventId(77), model: 'M', revision: '1', installed: 'R1' };
  await server
    .as('lead')
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 1, events: [board, flashed, strike] })
    .expect(201);
  const back = { ...base(), kind: 'entry-struck', entry: strike.id, reason: 'Taken back' };
  const send = (role: 'trainee' | 'technician') =>
    server
      .as(role)
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: 4, events: [back] });
  await send('trainee').expect(403);
  await send('technician').expect(201);
});

test('the audit says what was crossed out', async () => {
  const id = await openedCase();
  const note = { ...base(), kind: 'note-added', text: 'Cord is warm' };
  const send = (expectedSequence: number, event: object) =>
    server
      .as('lead')
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence, events: [event] })
      .expect(201);
  await send(1, note);
  await send(2, { ...base(), kind: 'entry-struck', entry: note.id, reason: 'Of another machine' });
  const { body } = await server.as('lead').get('/api/audit').query({ action: 'case-written' });
  expect((body as { entries: { detail: object }[] }).entries[0]?.detail).toEqual({ entries: 1, struck: 'note-added' });
});
