import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { eventsOf } from '../core/casework/testing-log';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const caseId = '99999999-9999-4999-8999-000000000001';
const closed = {
  kind: 'case-closed',
  id: '99999999-9999-4999-8999-000000000009',
  at: '2026-01-05T12:00:00Z',
  by: 'Somebody',
  ending: 'repaired',
  fault: 'rocker-off@supply',
  cause: 'The rocker switch stood at O',
  done: 'Set to I; Żółć and ≥ 2 starts watched.',
  lastCheck: { done: ['It starts'], accepted: ['No cable is near a fan'] },
};
const bytes = async (paper: string): Promise<Buffer> => {
  const { body } = (await server.as('lead').get(`/api/cases/${caseId}/papers/${paper}`).expect(200)) as {
    body: Buffer;
  };
  return body;
};
/** The words of a PDF as another program reads them. */
function textOf(pdf: Buffer): string {
  const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdftotext', ['-layout', file, '-']).toString().replaceAll(/\s+/g, ' ');
}

beforeAll(async () => {
  const events = eventsOf({
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
      ['fix/set-rocker@supply', 'works'],
      ['run-under-load', 'works'],
    ],
  });
  await server
    .as('lead')
    .post('/api/cases')
    .send({ id: caseId, events: [...events, closed] })
    .expect(201);
});

test('the sheet of the owner says what was wrong in plain words, without figures of the engine', async () => {
  const pdf = await bytes('owner.pdf');
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  const text = textOf(pdf);
  for (const words of ['What you told us', 'The rocker switch stood at O', 'It starts', 'Left open', 'Page 1 of 1'])
    expect(text).toContain(words);
  expect(text).not.toMatch(/dB|decibans|hypothes/);
});

/** How many dots of the first page another program draws dark. */
function darkDots(pdf: Buffer): number {
  const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdftoppm', ['-r', '40', '-gray', '-l', '1', file]).filter((dot) => dot < 128).length;
}

test('its letters are drawn, not only there', async () => {
  expect(darkDots(await bytes('owner.pdf'))).toBeGreaterThan(500);
});

test('letters beyond Latin 1 are there as well', async () => {
  expect(textOf(await bytes('owner.pdf'))).toContain('Set to I; Żółć and ≥ 2 starts watched.');
});

test('the technical record has every entry, the evidence, who accepted what, and the hash of the log', async () => {
  const text = textOf(await bytes('record.pdf'));
  const file = (await server.as('lead').get(`/api/cases/${caseId}/file`)).body as { chain: { hash: string }[] };
  for (const words of ['Check the rocker switch of the supply', 'It is at O', 'dB', 'Accepted as open by'])
    expect(text).toContain(words);
  expect(text.replaceAll(' ', '')).toContain(file.chain.at(-1)?.hash);
});

test('the same case gives the same bytes, and Markdown the same words', async () => {
  const digest = async () =>
    createHash('sha256')
      .update(await bytes('record.pdf'))
      .digest('hex');
  expect(await digest()).toBe(await digest());
  const { text } = await server.as('lead').get(`/api/cases/${caseId}/papers/owner.md`).expect(200);
  expect(text).toContain('# Test machine');
  expect(text).toContain('The rocker switch stood at O');
});

test.each(['owner.doc', 'nothing.pdf', 'owner', '..%2Fowner.pdf'])('%s is no paper', async (paper) => {
  const { status } = await server.as('lead').get(`/api/cases/${caseId}/papers/${paper}`);
  expect([400, 404, 422]).toContain(status);
});
