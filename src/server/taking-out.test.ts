import { unzipSync, strFromU8 } from 'fflate';
import Papa from 'papaparse';
import { readCaseFile } from '../contracts';
import { eventId, eventsOf } from '../core/casework/testing-log';
import { asBytes } from './testing-bytes';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
const id = (n: number) => `77777777-7777-4777-8777-${String(n).padStart(12, '0')}`;
const parked = { kind: 'case-parked', waitingFor: 'a supply; from the ferry, today', until: '2026-02-03T08:00:00Z' };

beforeAll(async () => {
  server = await createTestServer();
  const open = async (n: number, owner: string, ...more: object[]) => {
    const events = eventsOf({ reported: 'dead', trials: [['start', 'dead']] }).map((event) =>
      event.kind === 'case-opened' ? { ...event, owner } : event,
    );
    const rest = more.map((body, i) => ({ ...body, id: eventId(500 + i), at: '2026-01-05T09:10:00Z', by: 'Test' }));
    await server
      .as()
      .post('/api/cases')
      .send({ id: id(n), events: [...events, ...rest], contact: `+${n}` })
      .expect(201);
  };
  await open(1, 'Ferry stores');
  await open(2, '=SUM(1)', parked);
  await open(3, 'Ferry stores', {
    kind: 'case-closed',
    ending: 'given-up',
    fault: null,
    cause: 'Rust',
    done: 'Given back',
  });
});
afterAll(() => server.close());

/** The bytes of an answer, whatever its kind. */
async function bytesOf(path: string): Promise<Buffer> {
  const { body } = (await server.as().get(path).buffer(true).parse(asBytes).expect(200)) as { body: Buffer };
  return body;
}

test('many cases are taken out as lines of case files, each of which is read again', async () => {
  const lines = (await bytesOf('/api/cases/export.jsonl')).toString().trimEnd().split('\r\n');
  const files = lines.map((line) => readCaseFile(JSON.parse(line)));
  expect(files.map((read) => read.ok && [read.file.number, read.file.events.length])).toEqual([
    ['1', 2],
    ['2', 3],
    ['3', 3],
  ]);
  const closed = (await bytesOf('/api/cases/export.jsonl?stage=closed')).toString().trimEnd().split('\r\n');
  expect(closed).toEqual([lines[2]]);
});

test('and as CSV, in which a formula is text', async () => {
  const { data } = Papa.parse<Record<string, string>>((await bytesOf('/api/cases/export.csv')).toString().trimEnd(), {
    header: true,
  });
  expect(data.map(({ number, owner, state, cause }) => [number, owner, state, cause])).toEqual([
    ['0001', 'Ferry stores', 'on-bench', ''],
    ['0002', "'=SUM(1)", 'parked', ''],
    ['0003', 'Ferry stores', 'closed', 'Rust'],
  ]);
});

test('waits are a calendar', async () => {
  const calendar = (await bytesOf('/api/cases/waits.ics')).toString().replaceAll('\r\n\t', '').replaceAll('\r\n ', '');
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(1);
  expect(calendar).toContain('DTSTART:20260203T080000Z');
  expect(calendar).toContain('SUMMARY:0002 Test machine: a supply\\; from the ferry\\, today');
  expect(calendar).toMatch(new RegExp(`/cases/${id(2)}`));
});

test('what is kept of an owner is handed over as a zip: each case as a file and as a sheet', async () => {
  const files = unzipSync(await bytesOf('/api/owners/file.zip?name=Ferry%20stores'));
  expect(Object.keys(files).sort()).toEqual([
    'case-0001-sheet.pdf',
    'case-0001.json',
    'case-0003-sheet.pdf',
    'case-0003.json',
    'owner.json',
  ]);
  expect(JSON.parse(strFromU8(files['owner.json'] ?? new Uint8Array()))).toEqual({
    owner: 'Ferry stores',
    cases: [
      { number: 1, contact: '+1' },
      { number: 3, contact: '+3' },
    ],
  });
  expect(strFromU8((files['case-0001-sheet.pdf'] ?? new Uint8Array()).subarray(0, 5))).toBe('%PDF-');
});

test('each way out stands in the audit', async () => {
  const { body } = await server.as().get('/api/audit').query({ action: 'case-exported' }).expect(200);
  const { entries } = body as { entries: { detail: object }[] };
  expect(entries.map(({ detail }) => detail)).toContainEqual({ cases: 3, as: 'jsonl' });
});
