import fc from 'fast-check';
import { planUpdate, revisionsWith, type BoardRevision, type FirmwarePolicy, type Release } from '..';
import { plannedBy, questions, searchPlan } from './testing-search';

const release = (version: string, date: string, more: Partial<Release> = {}): Release => ({ version, date, ...more });
const board: BoardRevision = {
  revision: '1.1',
  processors: ['Kestrel 2'],
  releases: [
    release('R1', '2024-01-10'),
    release('R2', '2024-05-02'),
    release('R3', '2024-11-20', { minimumPredecessor: 'R2' }),
    release('R4', '2025-03-15', { processorsAdded: ['Kestrel 4'], minimumPredecessor: 'R3' }),
    release('R5', '2025-09-01', { irreversible: true }),
    release('R6', '2026-01-02', { fixes: ['Does not wake from sleep'] }),
    release('R7-try', '2026-01-04', { preRelease: true, fixes: ['Fans race at start'] }),
  ],
};
const policy: FirmwarePolicy = { soakDays: 0, allowIrreversible: false, today: '2026-01-05' };
const versions = (plan: ReturnType<typeof planUpdate>) =>
  plan.kind === 'plan' ? plan.steps.map(({ version }) => version) : plan.kind;

test('stepping stones are taken in order, and no more of them than needed', () => {
  const goal = { kind: 'support', processor: 'Kestrel 4' } as const;
  expect(versions(planUpdate(board, 'R1', goal, policy))).toEqual(['R2', 'R3', 'R4']);
  expect(versions(planUpdate(board, 'R2', goal, policy))).toEqual(['R3', 'R4']);
  expect(versions(planUpdate(board, 'R4', goal, policy))).toEqual([]);
  expect(versions(planUpdate(board, 'R1', { kind: 'support', processor: 'Kestrel 2' }, policy))).toEqual([]);
  expect(versions(planUpdate(board, 'R1', { kind: 'support', processor: 'Kestrel 9' }, policy))).toBe('none');
});

test('the newest leaves out pre-releases, what is too fresh and what lies beyond a step for good, and says why', () => {
  const plan = planUpdate(board, 'R3', { kind: 'newest' }, { ...policy, soakDays: 14 });
  expect(versions(plan)).toEqual(['R4']);
  expect(plan).toMatchObject({
    why: 'The newest before R5, which cannot be undone.',
    ruledOut: [
      { version: 'R7-try', why: 'A pre-release, and nothing requires it.' },
      { version: 'R6', why: 'Only 3 days old; 14 are asked for.' },
      { version: 'R5', why: 'It cannot be undone.' },
    ],
  });
  const none = planUpdate(board, 'R4', { kind: 'newest' }, policy);
  expect([versions(none), none.kind === 'plan' && none.why]).toEqual([
    [],
    'Nothing newer can be had without R5, which cannot be undone.',
  ]);
  expect(versions(planUpdate(board, 'R4', { kind: 'newest' }, { ...policy, allowIrreversible: true }))).toEqual(['R6']);
});

test('a target beyond a step for good is refused by name, and the best before it is offered', () => {
  const plan = planUpdate(board, 'R2', { kind: 'version', version: 'R6' }, policy);
  expect(plan).toMatchObject({
    kind: 'none',
    why: 'R6 lies beyond R5, which cannot be undone. Allow it, or choose another.',
    instead: { target: 'R4', steps: [{ version: 'R3' }, { version: 'R4' }] },
  });
});

test('a pre-release that is asked for by name is a stepping stone, and says so', () => {
  const stone: BoardRevision = {
    ...board,
    releases: [
      release('S1', '2024-01-01'),
      release('S2-try', '2024-02-01', { preRelease: true }),
      release('S3', '2024-03-01', { minimumPredecessor: 'S2-try' }),
    ],
  };
  const plan = planUpdate(stone, 'S1', { kind: 'newest' }, policy);
  expect(versions(plan)).toEqual(['S2-try', 'S3']);
  expect(plan.kind === 'plan' && plan.steps[0]?.why).toMatch(/^A pre-release, taken only as a stepping stone: S3 asks/);
});

test.each(['kestrel 4', 'KESTREL4', ' Kestrel  4 '])('the processor "%s" is Kestrel 4', (processor) => {
  expect(versions(planUpdate(board, 'R3', { kind: 'support', processor }, policy))).toEqual(['R4']);
});

test('clues narrow what can be installed, and those that contradict the list say so', () => {
  const goal = { kind: 'version', version: 'R4' } as const;
  expect(versions(planUpdate(board, null, goal, policy))).toBe('ask');
  expect(versions(planUpdate(board, null, goal, policy, { made: '2024-12-01' }))).toEqual(['R2', 'R3', 'R4']);
  expect(versions(planUpdate(board, null, goal, policy, { made: '2024-02-01' }))).toEqual(['R2', 'R3', 'R4']);
  const sticker = planUpdate(board, null, { kind: 'support', processor: 'Kestrel 4' }, policy, {
    readyFor: 'kestrel 4',
  });
  expect(versions(sticker)).toEqual([]);
  expect(planUpdate(board, null, goal, policy, { ran: 'Kestrel 4', made: '2024-02-01' })).toMatchObject({
    kind: 'none',
    why: expect.stringContaining('The clues contradict the list') as string,
  });
});

test('with the version unknown and nothing in between, the target is flashed and the version read afterwards', () => {
  const plain = { ...board, releases: board.releases.slice(0, 2) };
  expect(planUpdate(plain, null, { kind: 'newest' }, policy)).toMatchObject({
    kind: 'plan',
    steps: [{ version: 'R2', why: 'Right whatever is installed now: the same version again does no harm.' }],
    readAfterFirst: true,
  });
});

test('a stepping stone that is right in any case is flashed first', () => {
  const plan = planUpdate({ ...board, releases: board.releases.slice(0, 3) }, null, { kind: 'newest' }, policy);
  expect([versions(plan), plan.kind === 'plan' && plan.readAfterFirst]).toEqual([['R2', 'R3'], true]);
});

test('thousands of chained releases of which any may be installed are answered at once, and more are refused', () => {
  const chain = (n: number): BoardRevision => ({
    ...board,
    releases: Array.from({ length: n }, (_, i) =>
      release(`V${i}`, '2024-01-01', i > 1 ? { minimumPredecessor: `V${i - 1}`, irreversible: i === n - 2 } : {}),
    ),
  });
  expect(planUpdate(chain(4000), null, { kind: 'version', version: 'V3997' }, policy)).toMatchObject({
    kind: 'ask',
    answers: [],
  });
  expect(planUpdate(chain(5001), null, { kind: 'newest' }, policy)).toMatchObject({ kind: 'none' });
});

test('a security notice cuts the wait short', () => {
  const urgent = {
    ...board,
    releases: [...board.releases.slice(0, 4), release('R6', '2026-01-02', { security: true })],
  };
  expect(versions(planUpdate(urgent, 'R4', { kind: 'newest' }, { ...policy, soakDays: 30 }))).toEqual(['R6']);
});

test('a pre-release is taken only for the complaint that it alone fixes', () => {
  expect(versions(planUpdate(board, 'R6', { kind: 'fix', complaint: 'fans race' }, policy))).toEqual(['R7-try']);
  const allowed = { ...policy, allowIrreversible: true };
  expect(versions(planUpdate(board, 'R4', { kind: 'fix', complaint: 'wake' }, allowed))).toEqual(['R6']);
  expect(versions(planUpdate(board, 'R4', { kind: 'fix', complaint: 'smells' }, policy))).toBe('none');
});

test('there is no way back over a step that cannot be undone', () => {
  expect(versions(planUpdate(board, 'R4', { kind: 'version', version: 'R2' }, policy))).toEqual(['R2']);
  expect(planUpdate(board, 'R6', { kind: 'version', version: 'R4' }, policy)).toMatchObject({
    kind: 'none',
    why: 'R5 cannot be undone: there is no way back to R4.',
  });
});

test('with the version unknown one question is asked, unless the plan is the same for all', () => {
  const plan = planUpdate(board, null, { kind: 'support', processor: 'Kestrel 4' }, policy);
  expect(plan.kind === 'ask' && plan.answers.map((answer) => [answer.versions, versions(answer.plan)])).toEqual([
    [['R1'], ['R2', 'R3', 'R4']],
    [['R2'], ['R3', 'R4']],
    [['R3'], ['R4']],
    [['R4', 'R5', 'R6', 'R7-try'], []],
  ]);
  expect(versions(planUpdate(board, null, { kind: 'support', processor: 'Kestrel 2' }, policy))).toEqual([]);
});

test('a version that stands on one list only settles the revision, and one on no list is pointed out', () => {
  const other = { ...board, revision: '1.0', releases: board.releases.slice(0, 2) };
  expect(revisionsWith([other, board], 'R4').map(({ revision }) => revision)).toEqual(['1.1']);
  expect(revisionsWith([other, board], 'R1')).toHaveLength(2);
  expect(planUpdate(other, 'R4', { kind: 'newest' }, policy)).toMatchObject({
    kind: 'none',
    why: /on no list of revision 1.0/,
  });
});

test('whatever the releases, the plan is the one that trying every chain finds, the version known or not', () => {
  fc.assert(
    fc.property(questions, ([question, installed]) => {
      expect(plannedBy(question, installed)).toEqual(searchPlan(question, installed));
    }),
    { seed: 5, numRuns: 3000 },
  );
});

test('a broken image is written again where the version on it is the one that is wanted', () => {
  const again = planUpdate(board, 'R4', { kind: 'version', version: 'R4' }, { ...policy, rewrite: true });
  expect(again.kind === 'plan' && again.steps.map(({ version }) => version)).toEqual(['R4']);
  const older = planUpdate(board, 'R1', { kind: 'version', version: 'R3' }, { ...policy, rewrite: true });
  expect(older.kind === 'plan' && older.steps.map(({ version }) => version)).toEqual(['R2', 'R3']);
});
