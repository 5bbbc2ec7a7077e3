import { randomUUID } from 'node:crypto';
import { unzipSync } from 'fflate';
import { MOST_BYTES } from '../core/attachments';
import { claimingSize, joined, jpegOf, withSegment } from '../core/attachments/testing-jpeg';
import { eventsOf } from '../core/casework/testing-log';
import type { CaseDetail } from '../contracts';
import { inShop } from './database/in-shop';
import { attachedBody, digestOf, putFile, sha256Of } from './testing-attachments';
import { asBytes } from './testing-bytes';
import { createTestServer, testShops, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const photo = jpegOf(24, 16, 1);
const [shop] = testShops;

async function openCase(owner = 'Runa') {
  const id = randomUUID();
  const events = eventsOf({}).map((event) => ({ ...event, owner }));
  await server.as().post('/api/cases').send({ id, events }).expect(201);
  let sequence = 1;
  const write = async (body: object, status = 201) => {
    const event = { ...body, id: randomUUID(), by: 'Test', at: '2026-01-05T11:00:00Z' };
    const answer = await server
      .as()
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: sequence, events: [event] });
    expect([answer.status, status === answer.status ? '' : answer.text]).toEqual([status, '']);
    if (status === 201) sequence += 1;
    return { id: event.id, body: answer.body as { code?: string; fields?: { path: unknown[] }[] } };
  };
  return { id, write };
}

const bytesIn = (path: string, client = server.as()) => client.get(path).buffer(true).parse(asBytes);

const counted = async (table: string): Promise<number> =>
  inShop(server.pool, shop.id, async (db) => {
    const { rows } = await db.query<{ n: number }>(`SELECT count(*)::int AS n FROM ${table}`);
    return rows[0]?.n ?? -1;
  });

test('a photo goes in and comes out byte by byte, and cannot run anything', async () => {
  const { id, write } = await openCase();
  const file = randomUUID();
  // Larger than a piece.
  const large = jpegOf(1400, 900, 3);
  expect(large.length).toBeGreaterThan(300_000);
  await putFile(server.as(), id, file, large).expect(201, { file, sha256: sha256Of(large), bytes: large.length });
  await write({ ...attachedBody(file, large), width: 1400, height: 900 });
  const got = await bytesIn(`/api/cases/${id}/attachments/${file}`).expect(200);
  expect(sha256Of(got.body as Buffer)).toBe(sha256Of(large));
  expect(got.headers).toMatchObject({
    'content-type': 'image/jpeg',
    'x-content-type-options': 'nosniff',
    'content-disposition': expect.stringContaining('attachment') as string,
    'content-security-policy': expect.stringContaining('sandbox') as string,
  });
  await server.as('reader').get(`/api/cases/${id}/attachments/${file}`).expect(200);
});

test('sending again is harmless; another file under the same id is refused', async () => {
  const { id } = await openCase();
  const file = randomUUID();
  const before = await counted('attachment_pieces');
  for (let times = 0; times < 3; times++) await putFile(server.as(), id, file, photo).expect(201);
  expect(await counted('attachment_pieces')).toBe(before + 1);
  await putFile(server.as(), id, file, jpegOf(24, 16, 2)).expect(409);
  const twice = randomUUID();
  const both = await Promise.all([1, 2].map(() => putFile(server.as(), id, twice, photo)));
  expect(both.map(({ status }) => status)).toEqual([201, 201]);
  expect(await counted('attachment_pieces')).toBe(before + 2);
});

test.each<[string, () => Uint8Array, object, number, string]>([
  ['a drawing with a script', () => Buffer.from('<svg onload="alert(1)"/>'), {}, 422, 'other-type'],
  ['the same under its own name', () => Buffer.from('<svg/>'), { type: 'image/svg+xml' }, 415, 'other-type'],
  ['a picture called a table', () => photo, { as: 'table', type: 'text/csv' }, 422, 'other-type'],
  ['a page called a picture', () => Buffer.from('<!doctype html>'), {}, 422, 'other-type'],
  ['a picture that is an archive too', () => joined(photo, Buffer.from('PK\u0003\u0004')), {}, 422, 'hidden-data'],
  ['a picture that says where', () => withSegment(photo, 0xe1, 69, 120, 105, 102, 0, 0), {}, 422, 'hidden-data'],
  ['a picture that unpacks to gigabytes', () => claimingSize(photo, 65_000, 65_000), {}, 422, 'too-many-pixels'],
  ['a file that was damaged on its way', () => photo, { digest: digestOf(jpegOf(9, 9)) }, 422, 'damaged'],
  ['one without its hash', () => photo, { digest: 'none' }, 400, 'no-digest'],
  ['a type of its own', () => photo, { as: 'program' }, 422, 'bad-input'],
  ['nothing', () => new Uint8Array(), {}, 422, 'cut-off'],
])('%s is refused and leaves nothing behind', async (_, bytes, more, status, code) => {
  const { id } = await openCase();
  const before = [await counted('attachments'), await counted('attachment_pieces')];
  const answer = await putFile(server.as(), id, randomUUID(), bytes(), more);
  expect([answer.status, (answer.body as { code: string }).code]).toEqual([status, code]);
  expect([await counted('attachments'), await counted('attachment_pieces')]).toEqual(before);
});

test('a file that never ends is cut at the limit, with nothing left of it', async () => {
  const { id } = await openCase();
  const endless = Buffer.concat([photo.subarray(0, photo.length - 2), new Uint8Array(MOST_BYTES.picture)]);
  const before = await counted('attachment_pieces');
  const answer = await putFile(server.as(), id, randomUUID(), endless);
  expect(answer.status).toBe(413);
  expect(await counted('attachment_pieces')).toBe(before);
});

test('the log takes a file only once its bytes are there, and just these', async () => {
  const { id, write } = await openCase();
  const file = randomUUID();
  const early = await write(attachedBody(file, photo), 422);
  expect(early.body).toMatchObject({ code: 'file-not-here', fields: [{ path: ['events', 0, 'file'] }] });
  await putFile(server.as(), id, file, photo).expect(201);
  await write({ ...attachedBody(file, photo), sha256: sha256Of(jpegOf(9, 9)) }, 422);
  await write({ ...attachedBody(file, photo), as: 'sound' }, 422);
  await write(attachedBody(file, photo));
  // Of a digest there are no bytes.
  await write({ ...attachedBody(), as: 'digest', name: 'board-R5.zip' });
  const other = await openCase();
  await other.write(attachedBody(file, photo), 422);
});

test('what no entry speaks of is swept away after a week, what one speaks of stays', async () => {
  const { id, write } = await openCase();
  const [kept, left] = [randomUUID(), randomUUID()];
  for (const file of [kept, left]) await putFile(server.as(), id, file, photo).expect(201);
  await write(attachedBody(kept, photo));
  await inShop(server.pool, shop.id, (db) =>
    db.query(
      `INSERT INTO attachment_pieces (upload, position, shop_id, arrived_at, bytes)
       VALUES (gen_random_uuid(), 0, $1, $2, 'never ended')`,
      [shop.id, server.now],
    ),
  );
  const before = await counted('attachment_pieces');
  server.now = new Date('2026-01-15T12:00:00Z');
  await inShop(server.pool, shop.id, (db) =>
    db.query('UPDATE sessions SET seen_at = $1, created_at = $1', [server.now]),
  );
  await putFile(server.as(), id, randomUUID(), photo).expect(201);
  server.now = new Date('2026-01-05T12:00:00Z');
  await server.as().get(`/api/cases/${id}/attachments/${kept}`).expect(200);
  await server.as().get(`/api/cases/${id}/attachments/${left}`).expect(404);
  expect(await counted('attachment_pieces')).toBeLessThan(before);
});

test('a small picture stands in a strip; without one the large one does', async () => {
  const { id } = await openCase();
  const file = randomUUID();
  const path = `/api/cases/${id}/attachments/${file}/preview`;
  const small = Buffer.from(jpegOf(16, 12));
  const put = (bytes: Buffer) => server.as().put(path).set('content-type', 'image/jpeg').send(bytes);
  await put(small).expect(404);
  await putFile(server.as(), id, file, photo).expect(201);
  await server.as().get(path).expect(307).expect('location', `/api/cases/${id}/attachments/${file}`);
  await put(Buffer.from(jpegOf(400, 20))).expect(422);
  await put(Buffer.from('<svg/>')).expect(422);
  await put(small).expect(204);
  expect((await bytesIn(path).expect(200)).body).toEqual(small);
});

test('a case leaves as an archive with its photos, each under the id that the log names', async () => {
  const { id, write } = await openCase();
  const files = [randomUUID(), randomUUID()];
  for (const [n, file] of files.entries()) {
    const bytes = jpegOf(700, 500, n);
    await putFile(server.as(), id, file, bytes).expect(201);
    await write({ ...attachedBody(file, bytes), width: 700, height: 500 });
  }
  await putFile(server.as(), id, randomUUID(), photo).expect(201);
  const zip = unzipSync((await bytesIn(`/api/cases/${id}/file.zip`).expect(200)).body as Buffer);
  const names = Object.keys(zip);
  expect(names).toHaveLength(3);
  expect(names[0]).toMatch(/^case-\d{4}\.json$/);
  for (const [n, file] of files.entries()) {
    const name = names.find((one) => /^files\/00\d-.*\.jpg$/.test(one) && one.includes(file)) ?? '';
    expect(sha256Of(zip[name] ?? new Uint8Array())).toBe(sha256Of(jpegOf(700, 500, n)));
  }
});

describe('erasing an owner', () => {
  const withPhotos = async (owner: string) => {
    const one = await openCase(owner);
    const files: string[] = [];
    for (const showsOwner of [true, false]) {
      const file = randomUUID();
      await putFile(server.as(), one.id, file, photo).expect(201);
      await one.write({ ...attachedBody(file, photo), ...(showsOwner ? { showsOwner } : {}) });
      files.push(file);
    }
    return { ...one, files };
  };
  const statuses = async (id: string, files: readonly string[]) => {
    const found: number[] = [];
    for (const file of files) found.push((await server.as().get(`/api/cases/${id}/attachments/${file}`)).status);
    return found;
  };

  test.each([
    ['none', [200, 200], 0],
    ['owners', [410, 200], 1],
    ['all', [410, 410], 2],
  ] as const)('with %s of the photos', async (files, expected, count) => {
    const owner = `Owner ${files}`;
    const one = await withPhotos(owner);
    const answer = await server.as().post('/api/owners/erase').send({ name: owner, files }).expect(200);
    expect(answer.body).toEqual({ cases: 1, files: count });
    expect(await statuses(one.id, one.files)).toEqual(expected);
    // The log keeps what it says of them, and stays whole.
    const detail = (await server.as().get(`/api/cases/${one.id}`).expect(200)).body as CaseDetail;
    expect(detail.events).toHaveLength(3);
    await server.as().get(`/api/cases/${one.id}/papers/record.pdf`).expect(200);
    await server.as().get(`/api/cases/${one.id}/file.zip`).expect(200);
  });

  test('a signature goes with its owner, and a photo that was marked as showing the things later', async () => {
    const one = await withPhotos('Owner late');
    const [, plain = ''] = one.files;
    await one.write({ kind: 'picture-marked', file: plain, marks: [], showsOwner: true });
    const signature = randomUUID();
    await putFile(server.as(), one.id, signature, photo, { as: 'signature' }).expect(201);
    await one.write({
      ...attachedBody(signature, photo),
      as: 'signature',
      signs: { paper: 'parts-list', by: 'owner' },
    });
    await server.as().post('/api/owners/erase').send({ name: 'Owner late', files: 'owners' }).expect(200);
    expect(await statuses(one.id, [...one.files, signature])).toEqual([410, 410, 410]);
  });

  test('what was handed over before has the photos in it', async () => {
    const one = await withPhotos('Owner whole');
    const zip = unzipSync((await bytesIn('/api/owners/file.zip?name=Owner%20whole').expect(200)).body as Buffer);
    const names = Object.keys(zip);
    expect(names.filter((name) => one.files.some((file) => name.includes(file)))).toHaveLength(2);
    expect(names).toEqual(expect.arrayContaining(['owner.json', expect.stringMatching(/-sheet\.pdf$/)]));
  });
});

test('a case of another shop takes and gives nothing', async () => {
  const { id } = await openCase();
  const file = randomUUID();
  await putFile(server.as(), id, file, photo).expect(201);
  const stranger = server.as('lead', 1);
  await putFile(stranger, id, randomUUID(), photo).expect(404);
  await stranger.get(`/api/cases/${id}/attachments/${file}`).expect(404);
  await stranger.get(`/api/cases/${id}/attachments/${file}/preview`).expect(404);
});

test('the photos of an imported case follow its log, and have to be those that it names', async () => {
  const [id, file] = [randomUUID(), randomUUID()];
  const attached = { ...attachedBody(file, photo), id: randomUUID(), at: '2026-01-05T10:00:00Z', by: 'Elsewhere' };
  const events = [...eventsOf({}), { ...attached, showsOwner: true }].map((event) =>
    event.kind === 'case-opened' ? { ...event, owner: 'Imported owner' } : event,
  );
  await server.as().post('/api/cases').send({ id, events, imported: true }).expect(201);
  await putFile(server.as(), id, file, jpegOf(24, 16, 9)).expect(409);
  await putFile(server.as(), id, file, photo).expect(201);
  const zip = unzipSync((await bytesIn(`/api/cases/${id}/file.zip`).expect(200)).body as Buffer);
  expect(Object.keys(zip).some((name) => name.includes(file))).toBe(true);
  await server.as().post('/api/owners/erase').send({ name: 'Imported owner', files: 'owners' }).expect(200);
  await server.as().get(`/api/cases/${id}/attachments/${file}`).expect(410);
});
