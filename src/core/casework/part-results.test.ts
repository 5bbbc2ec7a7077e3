import { diagnoseCase, partResults, reportedAndObserved, totalPaid, type EventBody } from '.';
import { eventId, eventsOf, stateOf, type BriefLog } from './testing-log';
import { foldCase } from '.';

const usedParts: BriefLog = {
  machine: {
    bare: true,
    parts: [
      { id: 'supply-1', kind: 'supply' },
      { id: 'supply-2', kind: 'supply', loose: true },
      { id: 'module-1', kind: 'module' },
      { id: 'module-2', kind: 'module', loose: true },
      { id: 'drive', kind: 'drive' },
    ],
  },
  trials: [
    ['start', 'dead'],
    ['look/rocker/supply-1', 'at-i'],
    ['look/strip-switch/outlet', 'on'],
    ['look/cord/cord', 'seated'],
    ['back/supply-2', 'works'],
    ['back/supply-1', 'dead'],
    ['back/supply-2', 'works'],
  ],
};
const resultsOf = (log: BriefLog) => {
  const state = stateOf(log);
  return Object.fromEntries(partResults(state, diagnoseCase(state)).map(({ part, result }) => [part.id, result]));
};

test('of two supplies the one that works is proven, the one that fails where the other works has failed', () => {
  expect(resultsOf(usedParts)).toMatchObject({
    'supply-1': 'failed',
    'supply-2': 'proven',
    'module-1': 'proven',
    'module-2': 'open',
  });
});

test('a loose module is proven by starting alone in a slot', () => {
  const trials = [...(usedParts.trials ?? []), ['only/module-2/slot-B2', 'works'] as const];
  expect(resultsOf({ ...usedParts, trials })).toMatchObject({ 'module-2': 'proven' });
});

test('a start that stops early says nothing good of what comes later', () => {
  expect(resultsOf({ machine: usedParts.machine ?? {}, trials: [['start', 'no-boot']] })).toMatchObject({
    'module-1': 'proven',
    drive: 'open',
  });
});

const noted = (...bodies: EventBody[]) =>
  foldCase([
    ...eventsOf(usedParts),
    ...bodies.map((body, i) => ({ ...body, id: eventId(50 + i), at: '2026-01-05T11:00:00Z', by: 'Test' })),
  ]);

test('prices and speeds are noted part by part, and a later note leaves the rest standing', () => {
  const folded = noted(
    { kind: 'part-noted', part: 'module-1', paid: 12, ratedMts: 3200 },
    { kind: 'part-noted', part: 'module-1', runningMts: 2133 },
    { kind: 'part-noted', part: 'supply-2', paid: 20.5 },
  );
  if (!folded.ok) throw new Error(folded.problem.message);
  expect(folded.state.partFacts['module-1']).toMatchObject({
    paid: 12,
    ratedMts: 3200,
    runningMts: 2133,
    serial: null,
  });
  expect(totalPaid(partResults(folded.state, { parts: {}, proving: null }))).toBe(32.5);
});

test('a speed of something that is no module, and a note of an unknown part, are refused at their field', () => {
  expect(noted({ kind: 'part-noted', part: 'drive', ratedMts: 3200 })).toMatchObject({
    problem: { code: 'not-a-module', path: ['part'] },
  });
  expect(noted({ kind: 'part-noted', part: 'flux', paid: 1 })).toMatchObject({ problem: { code: 'unknown-part' } });
});

test('what was reported and what was first observed are both kept, and it is said when they differ', () => {
  const both = reportedAndObserved(
    stateOf({
      reported: 'dead',
      trials: [
        ['start', 'twitch'],
        ['start', 'dead'],
      ],
    }),
  );
  expect(both).toMatchObject({ reported: 'dead', observed: 'twitch', entry: eventId(1), differs: true });
  expect(reportedAndObserved(stateOf({ reported: 'dead', trials: [['start', 'dead']] }))?.differs).toBe(false);
  expect(reportedAndObserved(stateOf({ reported: 'dead', trials: [['look/rocker/supply', 'at-i']] }))).toBeNull();
});

test('on the bench the results are the verdicts of the test: a plug that is not in makes no board fail', () => {
  const loosePlug: BriefLog = {
    machine: { parts: [{ id: 'module-1', kind: 'module' }], board: { stageLights: true }, onBench: true },
    trials: [
      ['build/processor', 'twitch'],
      ['look/power-plugs/board', 'processor-loose'],
    ],
  };
  expect(diagnoseCase(stateOf(loosePlug)).parts['board']).toBeGreaterThan(0.9);
  expect(resultsOf(loosePlug)).toMatchObject({ board: 'open', cord: 'proven' });
});

test('a start that does nothing at all proves no part, not even the cord', () => {
  const bench = { machine: { onBench: true, parts: [{ id: 'module-1', kind: 'module' as const }] } };
  expect(resultsOf({ ...bench, trials: [['build/processor', 'dead']] })).toMatchObject({ cord: 'open', board: 'open' });
  expect(resultsOf({ ...bench, trials: [['build/processor', 'twitch']] })).toMatchObject({ cord: 'proven' });
});
