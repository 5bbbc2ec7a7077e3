import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { jpegOf } from '../core/attachments/testing-jpeg';
import { eventsOf } from '../core/casework/testing-log';
import { attachedBody, putFile, sha256Of } from './testing-attachments';
import { asBytes } from './testing-bytes';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

async function openCase() {
  const id = randomUUID();
  await server
    .as()
    .post('/api/cases')
    .send({ id, events: eventsOf({ reported: 'dead' }) })
    .expect(201);
  let sequence = 1;
  const write = async (body: object) => {
    const event = { ...body, id: randomUUID(), by: 'Runa', at: '2026-01-05T11:00:00Z' };
    await server
      .as()
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: sequence, events: [event] })
      .expect(201);
    sequence += 1;
  };
  const attach = async (bytes: Uint8Array, more: object = {}, as = 'picture') => {
    const file = randomUUID();
    await putFile(server.as(), id, file, bytes, { as }).expect(201);
    await write({ ...attachedBody(file, bytes), as, ...more });
    return file;
  };
  return { id, write, attach };
}

const inGroups = (hash: string): string[] => hash.match(/.{16}/g) ?? [];

/** A paper as another program reads it: its words, and how many pictures are in it. */
async function pdfOf(id: string, name: string) {
  const answer = await server.as().get(`/api/cases/${id}/papers/${name}.pdf`).buffer(true).parse(asBytes).expect(200);
  const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
  writeFileSync(file, answer.body as Buffer);
  const words = execFileSync('pdftotext', ['-layout', file, '-']).toString().replaceAll(/\s+/g, ' ');
  const images = execFileSync('pdfimages', ['-list', file])
    .toString()
    .split('\n')
    .filter((line) => /jpeg/.test(line));
  return { words, images: images.length, bytes: answer.body as Buffer };
}

test('the technical record prints the photos with their hashes and what was drawn; the same log gives the same bytes', async () => {
  const { id, write, attach } = await openCase();
  const [first, second] = [jpegOf(300, 200, 1), jpegOf(200, 300, 2)];
  const file = await attach(first, { width: 300, height: 200 });
  await attach(second, { width: 200, height: 300, name: 'The owner’s desk', showsOwner: true });
  await write({
    kind: 'picture-marked',
    file,
    name: 'Sticky on the left',
    marks: [
      { shape: 'arrow', from: [0.1, 0.1], to: [0.5, 0.5] },
      { shape: 'circle', at: [0.5, 0.5], radius: 0.2 },
      { shape: 'text', at: [0.6, 0.3], text: 'syrup' },
    ],
  });
  const record = await pdfOf(id, 'record');
  for (const words of ['Photo 1: Sticky on the left', 'syrup', 'Photo 2: The owner'])
    expect(record.words).toContain(words);
  for (const bytes of [first, second])
    for (const part of inGroups(sha256Of(bytes))) expect(record.words).toContain(part);
  expect(record.images).toBe(2);
  expect((await pdfOf(id, 'record')).bytes.equals(record.bytes)).toBe(true);
  // A supplier gets no picture of the owner's things.
  const evidence = await pdfOf(id, 'return');
  expect(evidence.words).toContain('Photo 1: Sticky on the left');
  expect([evidence.words.includes('desk'), evidence.images]).toEqual([false, 1]);
});

test('more photos than a paper prints are named with their hashes', async () => {
  const { id, attach } = await openCase();
  for (let n = 0; n < 26; n++) await attach(jpegOf(40, 30, n), { width: 40, height: 30, name: `View ${n + 1}` });
  const { words, images } = await pdfOf(id, 'record');
  expect(images).toBe(24);
  expect(words).toContain('2 more photos in the case file');
  expect(words).toContain(
    `Photo 26: View 26. 5 Jan 11:00, The lead. SHA-256 ${inGroups(sha256Of(jpegOf(40, 30, 25))).join(' ')}`,
  );
});

test('the parts list bears the names that were signed on the screen, and a line where nobody signed', async () => {
  const { id, attach } = await openCase();
  const before = await pdfOf(id, 'parts');
  expect([before.words.includes('signed on the screen'), before.images]).toEqual([false, 0]);
  await attach(jpegOf(200, 60, 4), { signs: { paper: 'parts-list', by: 'shop' } }, 'signature');
  const after = await pdfOf(id, 'parts');
  expect(after.words).toMatch(/Tested by:.*signed on the screen, 5 Jan 11:00.*Received by:/);
  expect(after.images).toBe(1);
});
