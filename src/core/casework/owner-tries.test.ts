import { completeMachine } from '../machine';
import { foldCase, ownerTries, reportedAndObserved, type CaseEvent, type CaseState, type EventBody } from '.';
import { desktopWithLights, diagnosisOf, eventId, eventsOf, type BriefLog } from './testing-log';
import { diagnoseCase } from './diagnose-case';

/** What the owner tried counts as evidence, less than what is seen at the bench, and may have brought a fault in. */

const blank: BriefLog = { machine: desktopWithLights, reported: 'blank', trials: [['start', 'blank']] };

function withEntries(log: BriefLog, bodies: readonly EventBody[]): CaseState {
  const events = eventsOf(log);
  const more = bodies.map((body, n) => ({ ...body, id: eventId(500 + n), at: '2026-01-05T12:00:00Z', by: 'Test' }));
  const folded = foldCase([...events, ...(more as CaseEvent[])]);
  if (!folded.ok) throw new Error(`${folded.problem.path.join('.')}: ${folded.problem.message}`);
  return folded.state;
}

const tried = (trial: string, outcome: string): EventBody => ({ kind: 'owner-tried', trial, outcome }) as EventBody;
const chanceOf = (state: CaseState, fault: RegExp): number =>
  diagnoseCase(state)
    .suspects.filter(({ fault: id }) => fault.test(id))
    .reduce((sum, { probability }) => sum + probability, 0);

test('a monitor that the owner exchanged is suspected less, and less surely than if you had done it', () => {
  const byOwner = chanceOf(withEntries(blank, [tried('spare/monitor', 'blank')]), /@monitor$/);
  const before = chanceOf(withEntries(blank, []), /@monitor$/);
  const byYou = diagnosisOf({ ...blank, trials: [...(blank.trials ?? []), ['spare/monitor', 'blank']] })
    .suspects.filter(({ fault }) => fault.endsWith('@monitor'))
    .reduce((sum, { probability }) => sum + probability, 0);
  expect([byOwner < before, byYou < byOwner]).toEqual([true, true]);
});

test('it stands before the bench work whenever it is told, and is no start that was seen', () => {
  const state = withEntries(blank, [tried('spare/monitor', 'works'), tried('out/drive', 'blank')]);
  expect(state.steps.map(({ trial }) => trial.title)).toEqual([
    'What the owner reported',
    expect.stringMatching(/^The owner tried: Another monitor$/),
    expect.stringMatching(/^The owner tried: Without the drive$/),
    'Start it as it is',
  ]);
  expect(reportedAndObserved(state)).toMatchObject({ reported: 'blank', observed: 'blank' });
  // The machine stands as it came in.
  expect(state.configuration).toEqual(withEntries(blank, []).configuration);
});

test('an owner who had the case open is a circumstance; one who changed the monitor is not', () => {
  expect(withEntries(blank, [tried('fix/seat-module@module-1', 'blank')]).circumstances).toEqual(['owner-inside']);
  expect(withEntries(blank, [tried('spare/monitor', 'blank')]).circumstances).toEqual([]);
});

test('a try of which nobody can say what it did changes no suspicion', () => {
  const monitor = /@monitor$/;
  const before = chanceOf(withEntries(blank, []), monitor);
  expect(before).toBeGreaterThan(0);
  expect(chanceOf(withEntries(blank, [tried('spare/monitor', 'not-sure')]), monitor)).toBeCloseTo(before, 9);
  expect(chanceOf(withEntries(blank, [tried('spare/monitor', 'works')]), monitor)).toBeGreaterThan(before);
});

test.each(['spare/nothing', 'start', 'bridge-pins', 'fix/replace@board', 'look/rocker/supply'])(
  '%s is nothing that an owner tried, and is refused at its field',
  (trial) => {
    const folded = foldCase([
      ...eventsOf(blank),
      { id: eventId(500), at: '2026-01-05T12:00:00Z', by: 'T', kind: 'owner-tried', trial, outcome: 'blank' },
    ]);
    expect(folded).toMatchObject({ ok: false, problem: { path: ['trial'], code: 'unknown-trial' } });
  },
);

test('struck, it counts no longer', () => {
  const one = withEntries(blank, [tried('spare/monitor', 'works')]);
  const struck = withEntries(blank, [
    tried('spare/monitor', 'works'),
    { kind: 'entry-struck', entry: eventId(500), reason: 'Another machine' },
  ]);
  expect([one.steps.length, struck.steps.length]).toEqual([3, 2]);
});

test('each try has words of its own, and none asks an owner to flash or buy', () => {
  const completed = completeMachine({ name: 'M', parts: [], ...desktopWithLights });
  if (!completed.ok) throw new Error('expected a machine');
  const tries = ownerTries(completed.machine);
  expect(new Set(tries.map(({ label }) => label)).size).toBe(tries.length);
  expect(tries.filter(({ label }) => /start$|firmware|Replace|Investigate/.test(label))).toEqual([]);
});
