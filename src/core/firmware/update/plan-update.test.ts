import fc from 'fast-check';
import {
  planUpdate,
  revisionsWith,
  type FirmwareGoal,
  type UpdatePlan,
  type BoardRevision,
  type FirmwarePolicy,
  type Release,
} from '..';

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

test('the newest leaves out pre-releases and what is too fresh, and says why', () => {
  const plan = planUpdate(board, 'R4', { kind: 'newest' }, { ...policy, soakDays: 14 });
  expect(plan).toMatchObject({
    kind: 'none',
    why: 'R5 cannot be undone. Allow it, or choose another.',
    ruledOut: [
      { version: 'R7-try', why: 'A pre-release, and nothing requires it.' },
      { version: 'R6', why: 'Only 3 days old; 14 are asked for.' },
    ],
  });
  expect(versions(planUpdate(board, 'R4', { kind: 'newest' }, policy))).toEqual(['R6']);
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
  expect(versions(planUpdate(board, 'R4', { kind: 'fix', complaint: 'wake' }, policy))).toEqual(['R6']);
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

test('whatever the releases, a plan is admissible step by step and no chain is shorter', () => {
  const versionsOf = (n: number) => Array.from({ length: n }, (_, i) => `V${i}`);
  const boards = fc.integer({ min: 2, max: 9 }).chain((n) =>
    fc.tuple(
      ...versionsOf(n).map((version, i) =>
        fc.record({
          version: fc.constant(version),
          date: fc.constant('2025-01-01'),
          minimumPredecessor:
            i === 0
              ? fc.constant(undefined)
              : fc.option(
                  fc.nat(i - 1).map((k) => `V${k}`),
                  { nil: undefined },
                ),
          irreversible: fc.boolean(),
        }),
      ),
    ),
  );
  fc.assert(
    fc.property(boards, fc.nat(8), (releases, start) => {
      const from = Math.min(start, releases.length - 2);
      const target = releases.length - 1;
      const index = (version: string | undefined) =>
        version === undefined ? 0 : releases.findIndex((one) => one.version === version);
      const plan = planUpdate(
        { revision: '1', processors: [], releases },
        `V${from}`,
        { kind: 'version', version: `V${target}` },
        policy,
      );
      // Breadth first over every step that may be taken.
      let reached = new Set([from]);
      let rounds = 0;
      while (!reached.has(target) && rounds <= releases.length) {
        rounds += 1;
        reached = new Set([
          ...reached,
          ...releases.flatMap((one, i) =>
            !one.irreversible && [...reached].some((at) => at < i && at >= index(one.minimumPredecessor)) ? [i] : [],
          ),
        ]);
      }
      const shortest = reached.has(target) ? rounds : null;
      expect(plan.kind === 'plan' ? plan.steps.length : null).toBe(shortest);
      if (plan.kind !== 'plan') return;
      let at = from;
      for (const { version } of plan.steps) {
        const next = index(version);
        expect(at).toBeGreaterThanOrEqual(index(releases[next]?.minimumPredecessor));
        expect(releases[next]?.irreversible).toBe(false);
        at = next;
      }
    }),
    { seed: 5, numRuns: 500 },
  );
});

test('with the version unknown every version stands under the answer that it would get by itself', () => {
  const release = (i: number) =>
    fc.record({
      version: fc.constant(`V${i}`),
      date: fc.constantFrom('2025-01-01', '2026-01-01'),
      minimumPredecessor: fc.option(
        fc.nat(Math.max(0, i - 1)).map((k) => `V${i === 0 ? 99 : k}`),
        { nil: undefined },
      ),
      irreversible: fc.boolean(),
      preRelease: fc.boolean(),
      processorsAdded: fc.constantFrom([], ['Kestrel 4']),
    });
  const boards = fc
    .integer({ min: 1, max: 8 })
    .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => release(i))));
  const goals = fc.constantFrom<FirmwareGoal>(
    { kind: 'newest' },
    { kind: 'support', processor: 'Kestrel 4' },
    { kind: 'version', version: 'V2' },
  );
  const stepsOf = (plan: UpdatePlan) => (plan.kind === 'plan' ? plan.steps.map(({ version }) => version) : plan.kind);
  fc.assert(
    fc.property(boards, goals, fc.boolean(), (releases, goal, allowIrreversible) => {
      const board = { revision: '1', processors: [], releases };
      const rules = { ...policy, soakDays: 30, allowIrreversible };
      const whole = planUpdate(board, null, goal, rules);
      for (const { version } of releases) {
        const own = planUpdate(board, version, goal, rules);
        const answer =
          whole.kind === 'ask' ? whole.answers.find(({ versions }) => versions.includes(version))?.plan : whole;
        expect(answer && stepsOf(answer)).toEqual(stepsOf(own));
      }
    }),
    { seed: 6, numRuns: 400 },
  );
});

test('a broken image is written again where the version on it is the one that is wanted', () => {
  const again = planUpdate(board, 'R4', { kind: 'version', version: 'R4' }, { ...policy, rewrite: true });
  expect(again.kind === 'plan' && again.steps.map(({ version }) => version)).toEqual(['R4']);
  const older = planUpdate(board, 'R1', { kind: 'version', version: 'R3' }, { ...policy, rewrite: true });
  expect(older.kind === 'plan' && older.steps.map(({ version }) => version)).toEqual(['R2', 'R3']);
});
