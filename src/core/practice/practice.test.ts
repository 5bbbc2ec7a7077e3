import { asFound, completeMachine } from '../machine';
import { canAct } from '../faults';
import { findTrial } from '../trials';
import {
  calibrationError,
  diceOf,
  drawFaultyMachine,
  pick,
  playCase,
  PRACTICE_MACHINES,
  quantileOf,
  scoreStrategy,
  simulate,
  usualEyes,
} from '.';
import { machineWithFaults, seeOutcome } from './faulty-machine';
import { createPracticeBench, doTrial, trialAt } from './practice-bench';

const [counter] = PRACTICE_MACHINES;
if (!counter) throw new Error('expected a practice machine');

test('the same seed gives the same machine and the same play, another seed another', () => {
  const play = (seed: number) => playCase(drawFaultyMachine(counter, diceOf(seed))).played;
  expect(play(3)).toEqual(play(3));
  const faults = new Set(
    [1, 2, 3, 4, 5, 6].map((seed) =>
      drawFaultyMachine(counter, diceOf(seed))
        .faults.map(({ fault }) => fault.id)
        .join(),
    ),
  );
  expect(faults.size).toBeGreaterThan(2);
});

test('a drawn machine has a fault that can act, and a complaint that it makes', () => {
  for (const practice of PRACTICE_MACHINES)
    for (let seed = 0; seed < 12; seed++) {
      const { machine, faults, complaint } = drawFaultyMachine(practice, diceOf(seed), { twoFaults: 0.5 });
      expect(faults.some(({ fault }) => canAct(fault, machine, asFound))).toBe(true);
      expect(complaint).not.toBe('works');
    }
});

test('of two faults at one link the one that the catalogue has first shows, whichever was drawn first', () => {
  const { machine, circumstances } = drawFaultyMachine(counter, diceOf(1));
  const ids = ['module-dead@module-1', 'memory-profile-too-fast@board'];
  const faultsOf = (drawn: readonly string[]) => {
    const made = machineWithFaults({ machine, circumstances }, drawn, diceOf(3));
    return made.ok ? made.faulty.faults.map(({ fault }) => fault.id) : [];
  };
  expect(faultsOf(ids)).toEqual([...ids].reverse());
  expect(faultsOf([...ids].reverse())).toEqual([...ids].reverse());
});

test('faults are drawn by their weight', () => {
  const at = (n: number) => diceOf(n)('x');
  const drawn = Array.from({ length: 4000 }, (_, n) => pick([1, 3], at(n)));
  expect(drawn.filter((one) => one === 1).length / drawn.length).toBeCloseTo(0.75, 1);
});

test('eyes that miss twice as much, and always the same, miss a fault in every look', () => {
  const poor = { ...usualEyes, misreadFactor: 0, falseAlarmFactor: 0, missFactor: 50, same: true };
  const faulty = drawFaultyMachine(counter, diceOf(1), { eyes: poor });
  const trial = findTrial(faulty.machine, asFound, 'look/rocker/supply');
  if (!trial) throw new Error('expected the look');
  const seen = [0, 1, 2].map((nth) => seeOutcome(faulty, faulty.faults, trial, { before: asFound, nth }));
  expect(new Set(seen).size).toBe(1);
});

test('best value finds and fixes what it is given, and is quicker than swapping first', () => {
  const played = simulate({ cases: 24, seed: 5, strategies: ['best-value', 'swap-first'] });
  const [best, swap] = [...played].map(([name, games]) => scoreStrategy(name, games));
  expect(best?.unrepairedShare).toBeLessThan(0.1);
  expect(best?.meanMinutesToIsolate).toBeLessThan(swap?.meanMinutesToIsolate ?? 0);
});

test('several workers play the same machines as one', () => {
  const trialsOf = (every: number, from: number) =>
    (simulate({ cases: 16, seed: 2, strategies: ['best-value'], every, from }).get('best-value') ?? []).map(
      ({ trials }) => trials.map(({ trial, outcome }) => `${trial}=${outcome}`).join(' '),
    );
  expect([...trialsOf(2, 0), ...trialsOf(2, 1)].sort()).toEqual(trialsOf(1, 0).sort());
});

test('forecasts that come as often as they say are calibrated', () => {
  const forecasts = (probability: number, came: number, of: number) =>
    Array.from({ length: of }, (_, i) => ({ probability, came: i < came }));
  expect(calibrationError([...forecasts(0.8, 8, 10), ...forecasts(0.3, 3, 10)])).toBeCloseTo(0, 9);
  expect(calibrationError(forecasts(0.9, 5, 10))).toBeCloseTo(0.4, 9);
  expect(calibrationError([])).toBe(0);
});

test('quantiles are those of the numbers in rising order', () => {
  expect(quantileOf([4, 1, 3, 2], 0.5)).toBe(2.5);
  expect(quantileOf([], 0.9)).toBe(0);
});

test('an order that leaves out only tests with no new information makes more of them', () => {
  const trialsOf = (more: { readonly skipsBelow?: number }) =>
    [2, 3, 4, 5].reduce((count, seed) => {
      const { played } = playCase(drawFaultyMachine(counter, diceOf(seed)), { strategy: 'outside-in', ...more });
      return count + played.trials.length;
    }, 0);
  expect(trialsOf({ skipsBelow: 0 })).toBeGreaterThan(trialsOf({}));
  expect(trialsOf({ skipsBelow: 0.5 })).toBeLessThan(trialsOf({}));
});

test('a supply that shut itself off stays dead until the cord has been out; one that grew hot answers', () => {
  const completed = completeMachine(counter.machine);
  if (!completed.ok) throw new Error('expected a practice machine');
  const { machine } = completed;
  const deadPresses = (fault: string, ...between: string[]) =>
    Array.from({ length: 40 }, (_, seed) => {
      const drawn = machineWithFaults({ machine, circumstances: [] }, [fault], diceOf(seed));
      if (!drawn.ok) throw new Error(drawn.problem);
      const bench = createPracticeBench({ ...drawn.faulty, eyes: { ...usualEyes, misreadFactor: 0 } });
      doTrial(bench, trialAt(bench, 'run-under-load'), 'cuts-out');
      for (const id of between) doTrial(bench, trialAt(bench, id));
      return doTrial(bench, trialAt(bench, 'start')) === 'dead';
    }).filter(Boolean).length;
  expect(deadPresses('supply-too-small@supply')).toBeGreaterThan(20);
  expect(deadPresses('supply-too-small@supply', 'look/power-plugs/board')).toBe(0);
  expect(deadPresses('cooling-clogged@cooler')).toBeLessThan(10);
});
