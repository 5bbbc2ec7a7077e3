import { asFound, completeMachine, type Configuration } from '../machine';
import { breakOf, instantiateFaults, type Circumstance } from '../faults';
import { findTrial, handlingOf, type PresentFault } from '../trials';
import { diceOf, usualEyes } from '.';
import { createPracticeBench, doTrial, trialAt, type PracticeBench } from './practice-bench';
import { sillinessOf } from './silliness';

const completed = completeMachine({
  name: 'M',
  parts: [
    { id: 'card', kind: 'card' },
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
  ],
  builtInGraphics: true,
});
if (!completed.ok) throw new Error('expected a machine');
const { machine } = completed;

function present(id: string): PresentFault {
  const fault = instantiateFaults(machine).find((one) => one.id === id);
  const [look] = fault?.mode.presentations ?? [];
  if (!fault || !look) throw new Error(`expected the fault ${id}`);
  return { fault, stops: breakOf(fault, look, machine) };
}

/** A bench on which these trials were done, each with what was seen. */
function benchAfter(
  trials: readonly (readonly [string, string])[],
  faults: readonly string[] = [],
  circumstances: readonly Circumstance[] = [],
): PracticeBench {
  const bench = createPracticeBench({
    machine,
    circumstances,
    faults: faults.map(present),
    reported: 'dead',
    complaint: 'dead',
    underLoad: false,
    eyes: usualEyes,
    dice: diceOf(1),
  });
  for (const [id, outcome] of trials) doTrial(bench, trialAt(bench, id), outcome);
  return bench;
}
const judged = (bench: PracticeBench, id: string) => sillinessOf(bench, trialAt(bench, id));

test('the first trial of a dry machine is not silly', () => {
  expect(judged(benchAfter([]), 'start')).toEqual([]);
});

test('the same again with nothing done since is a repeat, after work it is not', () => {
  expect(judged(benchAfter([['look/rocker/supply', 'at-i']]), 'look/rocker/supply')).toEqual(['repeat']);
  expect(judged(benchAfter([['look/rocker/supply', 'could-not']]), 'look/rocker/supply')).toEqual(['repeat']);
  const worked = benchAfter([
    ['start', 'dead'],
    ['fix/push-cord@cord', 'dead'],
  ]);
  expect(judged(worked, 'start')).toEqual([]);
  const onBench = benchAfter([
    ['look/rail-short/board', 'stays'],
    ['on-bench', 'twitch'],
  ]);
  expect(judged(onBench, 'look/rail-short/board')).toEqual([]);
});

test('nobody puts two modules into one slot', () => {
  const moved = benchAfter([['only/module-2/slot-A2', 'works']]);
  expect(judged(moved, 'back/module-2')).toEqual([]);
  expect(judged(moved, 'back/module-1')).toEqual(['impossible']);
});

test('a start that showed other than the one before it may be made once more, and no third time', () => {
  expect(judged(benchAfter([['start', 'dead']]), 'start')).toEqual(['repeat']);
  const surprise = benchAfter([
    ['out/card', 'at-graphics'],
    ['back/card', 'at-graphics'],
    ['start', 'dead'],
  ]);
  expect(judged(surprise, 'start')).toEqual([]);
  const twice = benchAfter([
    ['out/card', 'at-graphics'],
    ['back/card', 'at-graphics'],
    ['start', 'dead'],
    ['start', 'dead'],
  ]);
  expect(judged(twice, 'start')).toEqual(['repeat']);
});

test('a start that worked is made again where a run under load since did not even start', () => {
  const worked = ['start', 'works'] as const;
  expect(judged(benchAfter([worked, worked, ['run-under-load', 'loop']]), 'start')).toEqual([]);
  expect(judged(benchAfter([worked, worked, ['run-under-load', 'works']]), 'start')).toEqual(['repeat']);
});

test('the button is pressed again after the pins brought it further, and good starts are counted after an earlier cure', () => {
  const dead = ['start', 'dead'] as const;
  expect(judged(benchAfter([dead, dead, ['bridge-pins', 'message-usb']]), 'start')).toEqual([]);
  expect(judged(benchAfter([dead, dead, ['bridge-pins', 'dead']]), 'start')).toEqual(['repeat']);
  const got = ['start', 'at-memory'] as const;
  expect(judged(benchAfter([got, got, ['look/ten-presses/case-switch', 'none']]), 'start')).toEqual([]);
  expect(judged(benchAfter([got, got, ['look/ten-presses/case-switch', 'all']]), 'start')).toEqual(['repeat']);
  const good = ['start', 'works'] as const;
  const cured = [
    ['fix/clean-slot@slot-A2', 'dark'],
    ['fix/push-display-cable@display-cable', 'works'],
    good,
    good,
  ] as const;
  expect(judged(benchAfter(cured), 'start')).toEqual([]);
  expect(judged(benchAfter(cured.slice(1)), 'start')).toEqual(['repeat']);
});

test('power on a machine that may be wet is told, drying it first is not', () => {
  const spilled = benchAfter([], [], ['spill']);
  expect(judged(spilled, 'start')).toEqual(['wet']);
  expect(judged(spilled, 'look/board-signs/board')).toEqual([]);
  expect(judged(benchAfter([['look/board-signs/board', 'clean']], [], ['spill']), 'start')).toEqual([]);
  const wet = benchAfter([['look/board-signs/board', 'traces']], ['liquid-on-board@board']);
  expect(judged(wet, 'start')).toEqual(['wet']);
  expect(judged(wet, 'fix/dry-board@board')).toEqual([]);
  expect(judged(wet, 'spare/board')).toEqual([]);
  const beside = [
    ['out/card', 'dead'],
    ['look/board-signs/board', 'traces'],
    ['spare/board', 'works'],
  ] as const;
  expect(judged(benchAfter(beside, ['liquid-on-board@board']), 'back/card')).toEqual([]);
  expect(judged(benchAfter(beside, ['liquid-on-board@board']), 'back/board')).toEqual(['wet']);
});

test('power on a part that was seen to be burnt is unsafe until it is out', () => {
  const burnt = benchAfter([['look/supply-signs/supply', 'burnt']]);
  expect(judged(burnt, 'start')).toEqual(['unsafe']);
  expect(judged(burnt, 'spare/supply')).toEqual([]);
  const away = benchAfter([
    ['look/supply-signs/supply', 'burnt'],
    ['spare/supply', 'works'],
  ]);
  expect(judged(away, 'run-under-load')).toEqual([]);
});

test('a reading of a machine that does not stay on, or load without a system, is impossible', () => {
  const twitching = benchAfter([['start', 'twitch']]);
  expect(judged(twitching, 'measure/rail-12/supply')).toEqual(['impossible']);
  expect(judged(twitching, 'measure/vsb/supply')).toEqual([]);
  expect(judged(benchAfter([['start', 'no-boot']]), 'run-under-load')).toEqual(['impossible']);
  // It has shut itself off: it is drained, and put under load again.
  const shutOff = benchAfter([
    ['run-under-load', 'cuts-out'],
    ['start', 'dead'],
  ]);
  expect(judged(shutOff, 'measure/rail-12-load/supply')).toEqual([]);
  expect(judged(benchAfter([['start', 'works']]), 'run-under-load')).toEqual([]);
});

test('what could not be done leaves machine and faults as they were', () => {
  const bench = benchAfter([], ['card-not-seated@card']);
  const before: Configuration = bench.configuration;
  doTrial(bench, trialAt(bench, 'out/card'), 'could-not');
  expect(bench.configuration).toEqual(before);
  doTrial(bench, trialAt(bench, 'fix/seat-card@card'), 'could-not');
  expect(bench.there.map(({ fault }) => fault.id)).toEqual(['card-not-seated@card']);
  expect(bench.steps.at(-1)?.handling).toEqual([]);
});

test('whatever takes the cord out drains supply and board', () => {
  const drained = (id: string) => {
    const trial = findTrial(machine, asFound, id);
    if (!trial) throw new Error(`expected ${id}`);
    return handlingOf(trial, trial.changes)
      .flatMap(({ act, part }) => (act === 'drain' ? [part] : []))
      .sort();
  };
  expect(drained('look/power-plugs/board')).toEqual(['board', 'supply']);
  expect(drained('spare/cord')).toEqual(['board', 'supply']);
  expect(drained('look/rear-usb-power/board')).toEqual([]);
});
