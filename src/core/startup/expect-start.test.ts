import { applyChanges, asFound, completeMachine, type Change, type DeclaredMachine } from '../machine';
import {
  probabilityToPass,
  distributionOf,
  expectStart,
  START_OUTCOMES,
  startOutcomeIndex,
  type Break,
  type StartOutcome,
} from '.';

function machineOf(declared: Partial<DeclaredMachine> = {}) {
  const completed = completeMachine({ name: 'M', parts: [], ...declared });
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
}
const machine = machineOf();
const out = (part: string): Change => ({ kind: 'place', part, to: { state: 'out' } });
const probability = (seen: Float64Array, outcome: StartOutcome) => seen[startOutcomeIndex(outcome)] ?? 0;
const stop = (link: Break['link'], as: StartOutcome, itsProbability = 1): Break => ({
  link,
  probability: itsProbability,
  shows: distributionOf({ [as]: 1 }),
});

test('a whole machine without faults starts', () => {
  expect(probability(expectStart(machine, asFound, []), 'works')).toBe(1);
});

test('the first failing link decides, whatever fails behind it', () => {
  const seen = expectStart(machine, asFound, [stop('boot', 'no-boot'), stop('rails', 'twitch')]);
  expect(probability(seen, 'twitch')).toBe(1);
});

test('a fault that stops a start sometimes lets the later one show in the rest', () => {
  const seen = expectStart(machine, asFound, [stop('rails', 'twitch', 0.25), stop('boot', 'no-boot')]);
  expect(probability(seen, 'twitch')).toBeCloseTo(0.25, 12);
  expect(probability(seen, 'no-boot')).toBeCloseTo(0.75, 12);
});

test('a load fault shows only when the watch goes on to load', () => {
  const weak = [stop('load', 'cuts-out')];
  expect(probability(expectStart(machine, asFound, weak), 'works')).toBe(1);
  expect(probability(expectStart(machine, asFound, weak, { depth: 'load' }), 'cuts-out')).toBe(1);
});

test('a load that the start alone is stops a start by its own probability, behind every earlier link', () => {
  const heavy = { ...stop('load', 'cuts-out', 0.95), whileStarting: 0.4 };
  expect(probability(expectStart(machine, asFound, [heavy]), 'cuts-out')).toBeCloseTo(0.4, 12);
  expect(probability(expectStart(machine, asFound, [heavy], { depth: 'load' }), 'cuts-out')).toBeCloseTo(0.95, 12);
  const behind = expectStart(machine, asFound, [heavy, stop('boot', 'no-boot', 0.5)]);
  expect(probability(behind, 'cuts-out')).toBeCloseTo(0.2, 12);
});

test.each<[string, string, Partial<DeclaredMachine>, StartOutcome]>([
  ['without memory, a speaker complains of memory', 'module', { board: { speaker: true } }, 'at-memory'],
  ['without memory, stage lights name memory', 'module', { board: { stageLights: true } }, 'at-memory'],
  ['without memory and without signals, one sees nothing', 'module', {}, 'blank'],
  ['without a drive, no system is found', 'drive', {}, 'no-boot'],
  ['without a supply, nothing happens', 'supply', {}, 'dead'],
  ['without the case switch, the button does nothing', 'case-switch', {}, 'dead'],
  [
    'without a monitor, a board with lights passes its stages in the dark',
    'monitor',
    { board: { stageLights: true } },
    'dark',
  ],
])('%s', (_title, part, declared, expected) => {
  const seen = expectStart(machineOf(declared), applyChanges(asFound, [out(part)]), []);
  const likeliest = START_OUTCOMES[seen.indexOf(Math.max(...seen))];
  expect(likeliest).toBe(expected);
});

test('bridging the pins starts a machine without its case switch, unless the blade misses them', () => {
  const bridged = applyChanges(asFound, [out('case-switch'), { kind: 'start', to: 'bridge' }]);
  const seen = expectStart(machine, bridged, []);
  expect(probability(seen, 'works')).toBeCloseTo(0.97, 9);
  expect(probability(seen, 'dead')).toBeCloseTo(0.03, 9);
});

test('a machine without built-in graphics and without its card hangs at graphics', () => {
  const noGraphics = machineOf({
    parts: [{ id: 'card', kind: 'card' }],
    builtInGraphics: false,
    board: { stageLights: true },
  });
  const seen = expectStart(noGraphics, applyChanges(asFound, [out('card')]), []);
  expect(probability(seen, 'at-graphics')).toBeGreaterThan(0.8);
});

test('probabilities always sum to 1', () => {
  const seen = expectStart(
    machineOf({ board: { stageLights: true, speaker: true } }),
    applyChanges(asFound, [out('module')]),
    [stop('rails', 'twitch', 0.3)],
  );
  expect(seen.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
});

test('passing a link means that nothing before or at it stops the start', () => {
  const stops = [stop('standby', 'dead', 0.5), stop('boot', 'no-boot')];
  expect(probabilityToPass(machine, asFound, stops, 'wall')).toBe(1);
  expect(probabilityToPass(machine, asFound, stops, 'graphics')).toBe(0.5);
  expect(probabilityToPass(machine, asFound, stops, 'boot')).toBe(0);
});
