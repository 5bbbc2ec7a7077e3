import { desktopWithLights, diagnosisOf, stateOf, type BriefLog } from '../../casework/testing-log';
import { findTrial } from '../../trials';
import { instantiateFaults } from '../../faults';

/** Parts on the bench: nobody complains of them, what is expected is a pass, and the end is a list. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'supply', kind: 'supply', name: 'supply 1' },
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'supply-2', kind: 'supply', name: 'supply 2', loose: true },
    { id: 'module-3', kind: 'module', loose: true },
    { id: 'module-4', kind: 'module', loose: true },
  ],
  board: { stageLights: true },
  builtInGraphics: false,
  onBench: true,
};
type Trials = NonNullable<BriefLog['trials']>;
const bench = (trials: Trials = []) => diagnosisOf({ machine, trials });
const provingAt = (trials: Trials) => {
  const { proving, advice } = bench(trials);
  if (!proving) throw new Error('expected a bench test');
  return { ...proving, advice };
};

const built: Trials = [
  ['build/processor', 'at-memory'],
  ['build/memory', 'at-graphics'],
  ['build/graphics', 'no-boot'],
  ['build/drive', 'works'],
];

test('the fewest starts are shown ahead: the build-up, the rest, load, then what lies beside it, all at once', () => {
  const { ahead, advice } = provingAt([]);
  expect(ahead.map(({ trial }) => trial)).toEqual([
    'build/processor',
    'build/memory',
    'build/graphics',
    'build/drive',
    'set/1',
    'run-under-load',
    'set/2',
    'run-under-load',
  ]);
  expect(ahead.at(-2)?.proves).toEqual(['supply-2', 'module-3', 'module-4']);
  expect([advice.kind, advice.trial?.id]).toEqual(['test', 'build/processor']);
});

test('the title of a later step says what is added', () => {
  expect(provingAt([]).ahead[2]?.title).toBe('Build-up, step 3: add the graphics card');
});

test('what is expected is a pass: the next step follows, and no part is suspected', () => {
  const { advice, isFailing, verdicts } = provingAt(built.slice(0, 2));
  expect([advice.trial?.id, isFailing]).toEqual(['build/graphics', false]);
  expect(Object.values(verdicts)).not.toContain('fails');
});

test('each part gets the verdict that its starts allow, and the case ends when all have one', () => {
  const whole: Trials = [...built, ['set/1', 'works'], ['run-under-load', 'works'], ['set/2', 'works']];
  expect(provingAt(whole).verdicts).toMatchObject({
    'module-2': 'works',
    supply: 'works',
    'supply-2': 'not-loaded',
    'module-3': 'not-loaded',
    drive: 'works',
  });
  const { advice } = provingAt([...whole, ['run-under-load', 'works']]);
  expect([advice.kind, advice.why.startsWith('Every part has its verdict. Works: ')]).toEqual(['close', true]);
});

test('a module that fails where another works is set aside, and the build-up goes on with the other', () => {
  const trials: Trials = [
    ['build/processor', 'at-memory'],
    ['build/memory', 'at-memory'],
    ['start', 'at-memory'],
    ['spare/module-1', 'at-graphics'],
  ];
  expect(provingAt(trials.slice(0, 2)).isFailing).toBe(true);
  const { verdicts, advice, ahead } = provingAt(trials);
  expect([verdicts['module-1'], advice.trial?.id]).toEqual(['fails', 'only/module-2/slot-A2']);
  const after: Trials = [...trials, ['only/module-2/slot-A2', 'at-graphics']];
  expect(provingAt(after).advice.trial?.id).toBe('build/graphics');
  expect(ahead.some(({ proves }) => proves.includes('module-1'))).toBe(false);
});

test('a plug that is not in is no part that fails: it is pushed in, and the test goes on', () => {
  const trials: Trials = [
    ['build/processor', 'twitch'],
    ['look/power-plugs/board', 'processor-loose'],
  ];
  const { advice, verdicts } = provingAt(trials);
  expect([advice.kind, advice.trial?.id]).toEqual(['repair', 'fix/push-power-plugs@board']);
  expect(verdicts['board']).toBe('not-tested');
  const fixed: Trials = [...trials, ['fix/push-power-plugs@board', 'at-memory']];
  expect(provingAt(fixed).advice.trial?.id).toBe('build/memory');
});

test('on the bench there is no case: no switch, no stand-offs, and the pins start it', () => {
  const state = stateOf({ machine });
  expect(state.machine.parts.some(({ kind }) => kind === 'case-switch')).toBe(false);
  expect(state.configuration.surface).toBe('bench');
  expect(instantiateFaults(state.machine).some(({ mode }) => mode.id === 'short-under-board')).toBe(false);
  const find = (id: string) => findTrial(state.machine, state.configuration, id);
  expect([find('bridge-pins'), find('back-in-case'), find('minimal-in-case')]).toEqual([null, null, null]);
  expect(find('start')?.steps[0]).toContain('Bridge the two switch pins');
  expect(findTrial(stateOf({ machine: desktopWithLights }).machine, state.configuration, 'set/1')).toBeNull();
});

test('a start that nothing explains is made once more before the bench gives up, and no third time', () => {
  const dead: Trials = [
    ['build/processor', 'dead'],
    ['fix/push-cord@cord', 'dead'],
    ['look/rocker/supply', 'at-i'],
    ['look/strip-switch/outlet', 'on'],
    ['look/standby-light/board', 'dark'],
    ['look/outlet-lamp/outlet', 'lit'],
    ['look/cord/cord', 'seated'],
    ['look/supply-signs/supply', 'clean'],
    ['measure/vsb/supply', 'absent', 0],
    ['look/supply-tester/supply', 'fails'],
    ['spare/supply', 'at-processor'],
  ];
  const single = { ...machine, parts: machine.parts?.filter(({ loose }) => !loose) ?? [] };
  const next = (trials: Trials) => diagnosisOf({ machine: single, trials }).advice.trial?.id;
  expect(next(dead)).toBe('start');
  expect(next([...dead, ['start', 'at-memory']])).toBe('build/memory');
  expect(next([...dead, ['start', 'at-processor']])).not.toBe('start');
});
