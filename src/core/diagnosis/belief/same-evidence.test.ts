import { applyChanges } from '../../machine';
import { diagnosisOf, stateOf, type BriefLog } from '../../casework/testing-log';
import { findTrial } from '../../trials';
import { configurationKey, knownAlready, withoutRepeats } from './same-evidence';

const state = (trials: NonNullable<BriefLog['trials']>) =>
  stateOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
        { id: 'drive', kind: 'drive' },
      ],
    },
    trials,
  });
const kept = (trials: NonNullable<BriefLog['trials']>) =>
  withoutRepeats(state(trials).steps).map(({ trial, outcome }) => `${trial.id}=${outcome}`);
const known = (trials: NonNullable<BriefLog['trials']>, id: string) => {
  const { machine, configuration, steps } = state(trials);
  const trial = findTrial(machine, configuration, id);
  if (!trial) throw new Error(`expected the trial ${id}`);
  const watchedIn = applyChanges(configuration, trial.changes);
  return knownAlready(steps, () => true)({ trial, watchedIn, stateKey: configurationKey(watchedIn) }).isKnown;
};

test('the same start made again is kept with what it showed before', () => {
  const again = (outcome: string) =>
    withoutRepeats(
      state([
        ['start', 'dead'],
        ['start', outcome],
      ]).steps,
    ).map((step) => [step.outcome, step.after]);
  expect(again('dead')).toEqual([
    ['dead', undefined],
    ['dead', 'dead'],
  ]);
  expect(again('works')).toEqual([
    ['dead', undefined],
    ['works', 'dead'],
  ]);
});

test('pressing again tells of faults that come and go, and nothing more of those that stay', () => {
  const suspects = (presses: number) => {
    const trials = Array.from({ length: presses }, () => ['start', 'dead'] as const);
    return new Map(diagnosisOf({ reported: 'dead', trials }).suspects.map((s) => [s.fault, s.probability]));
  };
  const [once, often] = [suspects(1), suspects(9)];
  const ratio = (of: Map<string, number>, fault: string) => (of.get(fault) ?? 0) / (of.get('rocker-off@supply') ?? 1);
  expect(ratio(often, 'supply-dead@supply')).toBeCloseTo(ratio(once, 'supply-dead@supply'), 2);
  expect(ratio(often, 'switch-intermittent@case-switch')).toBeLessThan(
    0.1 * ratio(once, 'switch-intermittent@case-switch'),
  );
});

test('one start that works after one that did not names what comes and goes', () => {
  const { suspects } = diagnosisOf({
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['start', 'works'],
    ],
  });
  const known = suspects.filter(({ somethingElse }) => !somethingElse).slice(0, 3);
  expect(known.map(({ fault }) => fault)).toContain('switch-intermittent@case-switch');
});

test('a start after handling counts again, for handling may cure', () => {
  const { steps } = state([
    ['start', 'at-memory'],
    ['fix/seat-module@module-1', 'at-memory'],
    ['start', 'at-memory'],
  ]);
  expect(withoutRepeats(steps).map(({ after }) => after)).toEqual([undefined, undefined, 'at-memory']);
  expect(
    known(
      [
        ['start', 'at-memory'],
        ['look/cord/cord', 'seated'],
      ],
      'start',
    ),
  ).toBe(true);
  expect(
    known(
      [
        ['start', 'at-memory'],
        ['out/drive', 'at-memory'],
      ],
      'start',
    ),
  ).toBe(true);
  expect(
    known(
      [
        ['start', 'at-memory'],
        ['out/drive', 'at-memory'],
        ['back/drive', 'at-memory'],
      ],
      'out/drive',
    ),
  ).toBe(false);
});

test('a look counts again only when its own part was touched', () => {
  const look = ['look/module-latches/module-1', 'closed'] as const;
  expect(kept([look, ['fix/push-cord@cord', 'dead'], look])).toHaveLength(2);
  expect(kept([look, ['fix/seat-module@module-1', 'dead'], look])).toHaveLength(3);
});

test('a part that was out and comes back is the part that was looked at; a spare in its place is not', () => {
  const look = ['look/board-signs/board', 'clean'] as const;
  const swapped = [look, ['spare/board', 'dead']] as const;
  const back = [...swapped, ['back/board', 'dead']] as const;
  expect(known([look], look[0])).toBe(true);
  expect(known(swapped, look[0])).toBe(false);
  expect(known(back, look[0])).toBe(true);
  expect(kept([...back, look])).toHaveLength(3);
});

test('a look that was not sure, or could not be done, is worth another', () => {
  expect(known([['look/rocker/supply', 'not-sure']], 'look/rocker/supply')).toBe(false);
  expect(known([['look/rocker/supply', 'could-not']], 'look/rocker/supply')).toBe(false);
  expect(known([['look/rocker/supply', 'at-i']], 'look/rocker/supply')).toBe(true);
});

test('a start to full load is not the same as a start', () => {
  expect(known([['start', 'works']], 'run-under-load')).toBe(false);
});
