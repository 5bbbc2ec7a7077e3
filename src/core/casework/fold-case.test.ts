import { diagnoseCase, foldCase, foldOn, type CaseEvent, type EventBody } from '.';
import { eventId, eventsOf, stateOf } from './testing-log';

const opened = eventsOf({ machine: { parts: [{ id: 'drive', kind: 'drive' }] }, reported: 'twitch' });
const event = (n: number, body: EventBody): CaseEvent => ({
  ...body,
  id: eventId(100 + n),
  at: '2026-01-05T10:00:00Z',
  by: 'Test',
});
const fold = (...events: CaseEvent[]) => {
  const folded = foldCase([...opened, ...events]);
  return folded.ok
    ? { state: folded.state, code: null, path: null }
    : { state: null, ...folded.problem, path: folded.problem.path.join('.') };
};
const start = (n: number, outcome = 'twitch') => event(n, { kind: 'trial-done', trial: 'start', outcome });
const takeOut = (n: number) => event(n, { kind: 'trial-done', trial: 'out/drive', outcome: 'no-boot' });
const strike = (n: number, entry: number) =>
  event(n, { kind: 'entry-struck', entry: eventId(100 + entry), reason: 'Misread' });
const close = (n: number) =>
  event(n, { kind: 'case-closed', ending: 'repaired', fault: null, cause: 'Dust', done: 'Cleaned.' });

test('a trial moves the machine on and starts the work', () => {
  const { state } = fold(start(1), takeOut(2));
  expect(state?.configuration.placements).toEqual({ drive: { state: 'out' } });
  expect(state).toMatchObject({ stage: 'on-bench', caseOpen: true });
  expect(state?.entries.at(-1)?.changes).toBe('drive unplugged');
});

test('a trial that could not be done changes nothing on the machine', () => {
  const { state } = fold(event(1, { kind: 'trial-done', trial: 'out/drive', outcome: 'could-not' }));
  expect(state?.configuration.placements).toEqual({});
  expect(state?.caseOpen).toBe(false);
});

test('the pins are bridged for one attempt only', () => {
  const { state } = fold(event(1, { kind: 'trial-done', trial: 'bridge-pins', outcome: 'dead' }));
  expect(state?.configuration.start).toBe('button');
  expect(state?.steps.at(-1)?.configuration.start).toBe('bridge');
});

test('putting a part back seats it again', () => {
  const { state } = fold(takeOut(1), event(2, { kind: 'trial-done', trial: 'back/drive', outcome: 'twitch' }));
  expect(state?.steps.at(-1)?.handling).toContainEqual({ act: 'reseat', part: 'drive' });
});

test('a struck entry stays on the sheet and no longer counts', () => {
  const { state } = fold(start(1), takeOut(2), strike(3, 2));
  expect(state?.configuration.placements).toEqual({});
  expect(state?.steps.map(({ trial }) => trial.id)).toEqual(['reported', 'start']);
  expect(state?.entries.map(({ event: e, struckBy }) => [e.kind, struckBy !== null])).toContainEqual([
    'trial-done',
    true,
  ]);
});

test('a case is parked, taken up, closed and opened again', () => {
  const parked = event(1, { kind: 'case-parked', waitingFor: 'a spare' });
  expect(fold(parked).state).toMatchObject({ stage: 'parked', waitingFor: 'a spare' });
  expect(fold(parked, event(2, { kind: 'case-resumed' })).state).toMatchObject({ stage: 'on-bench', waitingFor: null });
  expect(fold(close(1)).state).toMatchObject({ stage: 'closed', closed: { cause: 'Dust' } });
  expect(fold(close(1), event(2, { kind: 'case-reopened', reason: 'Back again' })).state?.stage).toBe('on-bench');
  expect(fold(close(1), strike(2, 1)).state?.stage).toBe('waiting');
});

test.each<[string, CaseEvent[], string, string]>([
  [
    'an unknown trial',
    [event(1, { kind: 'trial-done', trial: 'look/tea-leaves/cup', outcome: 'fine' })],
    'unknown-trial',
    'trial',
  ],
  ['a trial of a part that is already out', [takeOut(1), takeOut(2)], 'unknown-trial', 'trial'],
  ['an outcome that the trial does not have', [start(1, 'at-i')], 'unknown-outcome', 'outcome'],
  [
    'a reading that disagrees with its outcome',
    [event(1, { kind: 'trial-done', trial: 'measure/vsb/supply', outcome: 'within', volts: 3 })],
    'reading-disagrees',
    'outcome',
  ],
  [
    'a reading of something that is not measured',
    [event(1, { kind: 'trial-done', trial: 'start', outcome: 'dead', volts: 3 })],
    'not-a-measurement',
    'volts',
  ],
  [
    'a change of an unknown part',
    [event(1, { kind: 'configuration-changed', changes: [{ kind: 'place', part: 'flux', to: { state: 'out' } }] })],
    'unknown-part',
    'changes.0.part',
  ],
  ['an event with an id that is there', [start(1), start(1)], 'duplicate-event', 'id'],
  ['striking what is not there', [strike(1, 9)], 'unknown-entry', 'entry'],
  [
    'striking the opening',
    [event(1, { kind: 'entry-struck', entry: eventId(0), reason: 'x' })],
    'cannot-strike',
    'entry',
  ],
  ['striking twice', [start(1), strike(2, 1), strike(3, 1)], 'struck-twice', 'entry'],
  ['a trial after the case was closed', [close(1), start(2)], 'case-closed', 'kind'],
  ['reopening an open case', [event(1, { kind: 'case-reopened', reason: 'x' })], 'not-closed', 'kind'],
  ['an unknown fault as the cause', [{ ...close(1), fault: 'gremlins@board' } as CaseEvent], 'unknown-fault', 'fault'],
  ['a second opening', [{ ...opened[0], id: eventId(101) } as CaseEvent], 'opened-twice', 'kind'],
])('%s is refused with its field', (_what, events, code, path) => {
  expect(fold(...events)).toMatchObject({ state: null, code, path });
});

test('a crossing out that is crossed out lets the entry count again, and it can be crossed out again', () => {
  const counts = (...events: readonly CaseEvent[]) => {
    const folded = foldCase([...opened, ...events]);
    return folded.ok ? folded.state.steps.length : folded.problem.code;
  };
  expect(counts(start(1), strike(2, 1))).toBe(1);
  expect(counts(start(1), strike(2, 1), strike(3, 2))).toBe(2);
  expect(counts(start(1), strike(2, 1), strike(3, 2), strike(4, 1))).toBe(1);
});

test('nothing of a closed case is crossed out before it is opened again', () => {
  const folded = foldCase([...opened, start(1), close(2)]);
  if (!folded.ok) throw new Error(folded.problem.message);
  expect(foldOn(folded.state, [strike(3, 1)])).toMatchObject({ ok: false, problem: { code: 'case-closed', event: 0 } });
  const reopened = event(3, { kind: 'case-reopened', reason: 'Came back' });
  expect(foldOn(folded.state, [reopened, strike(4, 1)]).ok).toBe(true);
});

test('a log must begin with the opening, and its machine must hold together', () => {
  expect(foldCase([start(1)])).toMatchObject({ ok: false, problem: { code: 'not-opened' } });
  expect(foldCase([])).toMatchObject({ ok: false, problem: { code: 'not-opened' } });
  const twice = eventsOf({
    machine: {
      parts: [
        { id: 'd', kind: 'drive' },
        { id: 'd', kind: 'fan' },
      ],
    },
  });
  expect(foldCase(twice)).toMatchObject({
    ok: false,
    problem: { code: 'duplicate-part', path: ['machine', 'parts', 1, 'id'] },
  });
});

test('an entry on which a later one rests cannot be struck alone', () => {
  const back = event(2, { kind: 'trial-done', trial: 'back/drive', outcome: 'twitch' });
  expect(fold(takeOut(1), back, strike(3, 1))).toMatchObject({ state: null, code: 'unknown-trial', event: 2 });
  expect(fold(takeOut(1), back, strike(3, 2), strike(4, 1)).state?.configuration.placements).toEqual({});
});

test('the same events give the same state', () => {
  const log = {
    machine: { parts: [{ id: 'drive', kind: 'drive' as const }] },
    reported: 'twitch' as const,
    trials: [['start', 'twitch'] as const],
  };
  expect(stateOf(log)).toEqual(stateOf(log));
});

test('the order of trials and what is not at hand are part of the case, the last word counts, and striking takes it back', () => {
  const base = (n: number) => ({ id: eventId(50 + n), at: '2026-01-05T11:00:00Z', by: 'Test' });
  const log: CaseEvent[] = [
    ...eventsOf({ reported: 'dead' }),
    { ...base(0), kind: 'strategy-chosen', strategy: 'outside-in' },
    { ...base(1), kind: 'lacking-set', tools: ['meter'], spares: ['supply'] },
    { ...base(2), kind: 'strategy-chosen', strategy: 'swap-first' },
  ];
  const stateOfLog = (events: readonly CaseEvent[]) => {
    const folded = foldCase(events);
    if (!folded.ok) throw new Error(folded.problem.message);
    return folded.state;
  };
  expect(stateOfLog(log)).toMatchObject({ strategy: 'swap-first', lacking: { tools: ['meter'], spares: ['supply'] } });
  const struck = [...log, { ...base(3), kind: 'entry-struck', entry: eventId(52), reason: 'No' } as const];
  expect(stateOfLog(struck).strategy).toBe('outside-in');
});

test('setting the machine up by hand seats what is put back, which may cure, and is no evidence by itself', () => {
  const out = { kind: 'place', part: 'module', to: { state: 'out' } } as const;
  const back = { kind: 'place', part: 'module', to: { state: 'as-found' } } as const;
  const log = [
    event(1, { kind: 'trial-done', trial: 'start', outcome: 'at-memory' }),
    event(2, { kind: 'configuration-changed', changes: [out] }),
    event(3, { kind: 'configuration-changed', changes: [back] }),
  ];
  const { state } = fold(...log);
  expect(state?.steps.at(-1)?.handling).toEqual([{ act: 'reseat', part: 'module' }]);
  const notHome = (events: CaseEvent[]) => {
    const folded = fold(...events).state;
    if (!folded) throw new Error('expected a case');
    return diagnoseCase(folded).suspects.find(({ fault }) => fault === 'module-not-seated@module')?.probability ?? 0;
  };
  const works = event(4, { kind: 'trial-done', trial: 'start', outcome: 'works' });
  const [first] = log;
  if (!first) throw new Error('expected an entry');
  expect(notHome([...log, works])).toBeGreaterThan(3 * notHome([first, works]));
});
