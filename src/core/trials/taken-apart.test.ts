import { inputOf } from '../casework';
import { stateOf, type BriefLog } from '../casework/testing-log';
import { analyseCase } from '../diagnosis';

/** What the last trial took apart need not be taken apart again by the next. */

const minutesOf = (trials: NonNullable<BriefLog['trials']>, id: string): number => {
  const log: BriefLog = {
    machine: { parts: [{ id: 'module-1', kind: 'module' }], board: { stageLights: true } },
    reported: 'at-processor',
    trials: [['start', 'at-processor'], ['look/power-plugs/board', 'seated'], ...trials],
  };
  const { plan } = analyseCase(inputOf(stateOf(log)), null);
  const found = plan.proposals.find(({ trial }) => trial.id === id);
  if (!found) throw new Error(`expected the trial ${id}`);
  return found.minutes;
};

test('with the cooler off, the next work under it is cheaper, until the machine was started again', () => {
  const whole = minutesOf([], 'spare/processor');
  const apart = minutesOf([['look/processor-seat/processor', 'flat']], 'spare/processor');
  const started = minutesOf(
    [
      ['look/processor-seat/processor', 'flat'],
      ['start', 'at-processor'],
    ],
    'spare/processor',
  );
  expect(apart).toBe(whole - 7);
  expect(started).toBe(whole);
});

test('what could not be done took nothing apart, and what lies elsewhere costs what it costs', () => {
  const could = minutesOf([['look/processor-seat/processor', 'could-not']], 'spare/processor');
  expect(could).toBe(minutesOf([], 'spare/processor'));
  const module = (trials: NonNullable<BriefLog['trials']>) => minutesOf(trials, 'spare/module-1');
  expect(module([['look/processor-seat/processor', 'flat']])).toBe(module([]));
});

test('a board that is out is looked at underneath for less; a spare board leaves it where it is', () => {
  const out: NonNullable<BriefLog['trials']> = [['look/stand-offs/board', 'right']];
  expect(minutesOf(out, 'fix/clear-short@board')).toBe(minutesOf([], 'fix/clear-short@board') - 12);
  expect(minutesOf(out, 'spare/board')).toBe(minutesOf([], 'spare/board'));
  expect(minutesOf([['look/processor-seat/processor', 'flat']], 'spare/board')).toBe(minutesOf([], 'spare/board') - 7);
});
