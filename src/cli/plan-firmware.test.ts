import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planFirmware } from './plan-firmware';

const folder = mkdtempSync(join(tmpdir(), 'probe-board-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const policy = { soakDays: 0, allowIrreversible: false, today: '2026-01-05' };

const releases = [
  { version: 'R1', date: '2024-01-10' },
  { version: 'R2', date: '2024-05-02' },
  { version: 'R3', date: '2024-11-20', minimumPredecessor: 'R2', processorsAdded: ['Kestrel 4'] },
];
const older = [releases[0], { version: 'F1b', date: '2024-02-01', processorsAdded: ['Kestrel 4'] }];
function boardFile(change: object = {}): string {
  const file = join(folder, 'board.json');
  const revisions = [
    { revision: '1.0', processors: [], releases: older },
    { revision: '1.1', processors: [], releases },
  ];
  writeFileSync(
    file,
    JSON.stringify({ format: 'jovial-probe/board', version: 1, model: 'Tern 4', revisions, ...change }),
  );
  return file;
}

test('a version on one list only settles the revision, and the path goes through its stepping stone', () => {
  const { ok, value } = planFirmware({ board: boardFile(), from: 'R2', goal: 'support:Kestrel 4', policy });
  expect([ok, value]).toEqual([
    true,
    expect.objectContaining({ revisions: ['1.1'], steps: [expect.objectContaining({ version: 'R3' })] }),
  ]);
});

test('a version on two lists asks for the revision where the plans differ', () => {
  const asked = planFirmware({ board: boardFile(), from: 'R1', goal: 'support:Kestrel 4', policy });
  expect([asked.ok, asked.value]).toEqual([
    false,
    expect.objectContaining({ kind: 'ask', question: 'Which revision is printed on the board?' }),
  ]);
  const told = planFirmware({ board: boardFile(), from: 'R1', revision: '1.0', goal: 'support:Kestrel 4', policy });
  expect(told.text).toContain('1. F1b: The first version that supports Kestrel 4.');
});

test.each([
  [{ from: 'R9' }, {}, '--from: expected a version on the list of some revision, found "R9"'],
  [{ revision: '3' }, {}, '--revision: expected one of 1.0, 1.1, found "3"'],
  [{ goal: 'best' }, {}, '--goal: expected newest, support:CPU'],
  [{}, { model: '' }, 'model: '],
  [
    {},
    { revisions: [{ revision: '1', processors: [], releases: [...releases, releases[0]] }] },
    'releases.3.version: expected each version once',
  ],
  [
    {},
    {
      revisions: [
        { revision: '1', processors: [], releases: [{ version: 'A', date: '2024-01-01', minimumPredecessor: 'B' }] },
      ],
    },
    'minimumPredecessor: expected a version earlier',
  ],
])('what is wrong is refused at its field: %j %j', (order, change, message) => {
  expect(() => planFirmware({ board: boardFile(change), from: 'R1', goal: 'newest', policy, ...order })).toThrow(
    message,
  );
});

test('a question is no plan: it exits otherwise; clues answer it', () => {
  const many = [
    ...releases,
    { version: 'R4', date: '2025-01-01', irreversible: true },
    { version: 'R5', date: '2025-02-01', minimumPredecessor: 'R3' },
  ];
  const board = boardFile({ revisions: [{ revision: '1', processors: [], releases: many }] });
  const asked = planFirmware({ board, goal: 'version:R3', policy });
  expect([asked.ok, asked.value]).toEqual([false, expect.objectContaining({ kind: 'ask' })]);
  const told = planFirmware({ board, goal: 'version:R3', policy, clues: { made: '2024-12-01' } });
  expect([told.ok, told.text]).toEqual([true, expect.stringContaining('Then read the version and plan again.')]);
  const barred = planFirmware({ board, from: 'R1', goal: 'version:R5', policy });
  expect([barred.ok, barred.text]).toEqual([false, expect.stringContaining('Without it, as far as R3:')]);
});

test('a list of two thousand releases is planned', () => {
  const many = Array.from({ length: 2000 }, (_, i) => ({
    version: `V${i}`,
    date: '2024-01-01',
    ...(i > 0 ? { minimumPredecessor: `V${Math.max(0, i - 50)}` } : {}),
  }));
  const board = boardFile({ revisions: [{ revision: '1', processors: [], releases: many }] });
  const { value } = planFirmware({ board, from: 'V0', goal: 'newest', policy });
  expect((value as { steps: unknown[] }).steps).toHaveLength(40);
});
