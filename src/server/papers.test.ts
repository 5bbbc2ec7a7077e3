import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { shopSettingsSchema } from '../contracts';
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

test('the price list of the shop is kept by kind of part, said in the audit, and takes no kind that nobody knows', async () => {
  const lead = server.as('lead');
  const { rates } = shopSettingsSchema.parse({});
  const put = (partPrices: object) => lead.put('/api/shop/settings').send({ rates: { ...rates, partPrices } });
  await put({ supply: '79.90' }).expect(200);
  const { body: settings } = await lead.get('/api/shop/settings').expect(200);
  expect(settings).toMatchObject({ rates: { partPrices: { supply: '79.90' } } });
  const { body: audit } = await lead.get('/api/audit').expect(200);
  expect(JSON.stringify(audit)).toContain('"price of supply":"79.90"');
  await put({ teapot: '1' }).expect(422);
  await put({ supply: '79.901' }).expect(422);
});

test('bill, estimate, ticket and return evidence say what they are for', async () => {
  const lead = server.as('lead');
  await lead
    .put('/api/shop/settings')
    .send({ rates: { currency: 'EUR', hour: '48', taxPercent: '20', stepMinutes: 15, onPartsPercent: '0' } })
    .expect(200);
  const bill = textOf(await bytes('bill.pdf'));
  for (const words of [
    'Work, The lead',
    '0.5 h',
    '48.00',
    '24.00',
    'Tax, 20 %',
    '4.80',
    'To be paid 28.80 EUR',
    'halves up',
  ])
    expect(bill).toContain(words);
  const { text: csv } = await lead.get(`/api/cases/${caseId}/papers/bill.csv`).expect(200);
  expect(csv.split('\r\n').slice(0, 2)).toEqual(['What,Quantity,Price,Amount', '"Work, The lead",0.5 h,48.00,24.00']);
  const estimate = textOf(await bytes('estimate.pdf'));
  expect(estimate).toMatch(/Estimate, case \d{4}.*\d+ to \d+ EUR, with tax.*Agreed by/);
  const ticket = textOf(await bytes('ticket.pdf'));
  for (const words of ['Job ticket', 'Owner', '“Complaint”', 'Handed in by']) expect(ticket).toContain(words);
  const evidence = textOf(await bytes('return.pdf'));
  for (const words of ['Return evidence', 'supply', 'Check the rocker switch of the supply', 'It is at O', 'Tested by'])
    expect(evidence).toContain(words);
});

test('a name that a spreadsheet would compute is text', async () => {
  const id = '99999999-9999-4999-8999-000000000077';
  const [opened] = eventsOf({ reported: 'dead' });
  const charge = {
    kind: 'charge-noted',
    of: 'service',
    name: '=HYPERLINK("x")',
    amount: '1',
    id: '99999999-9999-4999-8999-000000000078',
    at: '2026-01-05T10:00:00Z',
    by: 'Test',
  };
  await server
    .as('lead')
    .post('/api/cases')
    .send({ id, events: [opened, charge] })
    .expect(201);
  const { text } = await server.as('lead').get(`/api/cases/${id}/papers/bill.csv`).expect(200);
  expect(text).toContain(`"'=HYPERLINK(""x"")"`);
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
