import { stateOf, type BriefLog } from '../casework/testing-log';
import { findTrial } from '../trials';
import { knownAlready, withoutRepeats } from './same-evidence';

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
  return knownAlready(steps, configuration)(trial);
};

test('the same start of the same machine with the same end counts once', () => {
  expect(
    kept([
      ['start', 'dead'],
      ['start', 'dead'],
    ]),
  ).toEqual(['start=dead']);
});

test('a start that ends differently counts: the fault comes and goes', () => {
  expect(
    kept([
      ['start', 'dead'],
      ['start', 'works'],
    ]),
  ).toEqual(['start=dead', 'start=works']);
});

test('a start after handling counts again, for handling may cure', () => {
  expect(
    kept([
      ['start', 'at-memory'],
      ['fix/seat-module@module-1', 'at-memory'],
      ['start', 'at-memory'],
    ]),
  ).toHaveLength(2);
  expect(
    known(
      [
        ['start', 'at-memory'],
        ['look/cord/cord', 'home'],
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

test('a look that was not sure, or could not be done, is worth another', () => {
  expect(known([['look/rocker/supply', 'not-sure']], 'look/rocker/supply')).toBe(false);
  expect(known([['look/rocker/supply', 'could-not']], 'look/rocker/supply')).toBe(false);
  expect(known([['look/rocker/supply', 'at-i']], 'look/rocker/supply')).toBe(true);
});

test('a start to full load is not the same as a start', () => {
  expect(known([['start', 'works']], 'run-under-load')).toBe(false);
});
