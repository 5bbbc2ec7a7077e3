import type { BoardBookFile, BoardDetail } from '../contracts';
import { createTestServer, type TestServer } from './testing-server';

const id = '44444444-4444-4444-8444-444444444444';
const board: BoardBookFile = {
  format: 'jovial-probe/board',
  version: 1,
  model: 'Tern 4',
  setupKey: 'Delete',
  revisions: [{ revision: '1.1', processors: ['Kestrel 2'], releases: [{ version: 'R1', date: '2024-01-10' }] }],
};

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const put = (body: unknown, { boardId = id, on = 0 }: { boardId?: string; on?: 0 | 1 } = {}) =>
  server
    .as('lead', on)
    .put(`/api/boards/${boardId}`)
    .send(body as object);
const read = async (boardId = id, on: 0 | 1 = 0) => server.as('lead', on).get(`/api/boards/${boardId}`);

test('a board is written, read, listed with its versions, and given as a file', async () => {
  await put({ expectedEdition: 0, board }).expect(200);
  expect((await read()).body).toMatchObject({ id, edition: 1, board });
  const { body } = await server.as().get('/api/boards').expect(200);
  expect(body).toMatchObject({
    boards: [{ id, model: 'Tern 4', revisions: [{ revision: '1.1', versions: ['R1'] }], canFlashBare: false }],
  });
  const file = await server.as().get(`/api/boards/${id}/file`).expect(200);
  expect(file.headers['content-disposition']).toContain('board-tern-4.json');
  expect(file.body).toEqual(board);
});

test('the same writing twice is harmless; a stale one is refused and changes nothing', async () => {
  await put({ expectedEdition: 0, board }).expect(200);
  const mine = { ...board, setupKey: 'F2' };
  await put({ expectedEdition: 1, board: mine }).expect(200);
  const stale = await put({ expectedEdition: 1, board: { ...board, setupKey: 'F10' } }).expect(409);
  expect(stale.body).toMatchObject({ code: 'stale-board' });
  expect(((await read()).body as BoardDetail).board.setupKey).toBe('F2');
});

test('of two writers at once one wins and the other is told', async () => {
  const { edition } = (await read()).body as BoardDetail;
  const answers = await Promise.all(
    ['A', 'B'].map((setupKey) => put({ expectedEdition: edition, board: { ...board, setupKey } })),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
});

test.each([
  [{ model: '' }, ['board', 'model']],
  [{ colour: 'green' }, ['board']],
  [
    { revisions: [{ revision: '1', processors: [], releases: [{ version: 'R1', date: 'yesterday' }] }] },
    ['board', 'revisions', 0, 'releases', 0, 'date'],
  ],
  [
    { headers: [{ name: 'F', purpose: 'p', rows: 1, columns: 2, pins: [{ row: 2, column: 1, label: 'x' }] }] },
    ['board', 'headers', 0, 'pins', 0],
  ],
])('%j is refused at its field', async (change, path) => {
  const { body } = await put(
    { expectedEdition: 0, board: { ...board, ...change } },
    {
      boardId: '55555555-5555-4555-8555-555555555555',
    },
  ).expect(422);
  expect((body as { fields: { path: unknown }[] }).fields[0]?.path).toEqual(path);
  expect((await read('55555555-5555-4555-8555-555555555555')).status).toBe(404);
});

test('another shop sees none of it, cannot change it and cannot take its id', async () => {
  expect((await server.as('lead', 1).get('/api/boards')).body).toEqual({ boards: [] });
  expect((await read(id, 1)).status).toBe(404);
  expect((await put({ expectedEdition: 0, board }, { on: 1 })).body).toMatchObject({ code: 'board-id-taken' });
  await server.as('lead', 1).delete(`/api/boards/${id}`).expect(404);
  expect((await read()).status).toBe(200);
});

test('a board is taken out of the book, and a late writing of it does not bring it back', async () => {
  const { edition } = (await read()).body as BoardDetail;
  await server.as().delete(`/api/boards/${id}`).expect(204);
  await server.as().delete(`/api/boards/${id}`).expect(404);
  await put({ expectedEdition: edition, board }).expect(409);
  expect((await read()).status).toBe(404);
});
