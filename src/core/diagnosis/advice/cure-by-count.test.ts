import { PRACTICE_MACHINES } from '../../practice';
import { desktopWithLights, diagnosisOf, type BriefLog } from '../../casework/testing-log';
import { cureHolds } from './cure-by-count';

/** What cannot be undone is proven by starts that work after it and failed before it. */

const none = { worked: 0, failed: 0 };

test('a fault that always came and has not come since is cured; one that comes and goes needs more good starts', () => {
  const always = cureHolds(0.75, { worked: 0, failed: 6 }, { worked: 10, failed: 0 });
  expect(always).toBeGreaterThan(0.9999);
  const now = (worked: number) => cureHolds(0.75, { worked: 3, failed: 3 }, { worked, failed: 0 });
  expect(now(0)).toBe(0.75);
  // By hand: 3.5/7 · 4.5/8 = 0.28125, and 0.75 / (0.75 + 0.25 · 0.28125).
  expect(now(2)).toBeCloseTo(0.9143, 4);
  expect(now(5)).toBeGreaterThan(0.95);
});

test('one failure after it ends it, and good starts alone prove little of what was never counted', () => {
  expect(cureHolds(0.99, none, { worked: 9, failed: 1 })).toBe(0);
  expect(cureHolds(0.5, none, { worked: 1, failed: 0 })).toBeCloseTo(2 / 3, 9);
});

const wet: BriefLog = {
  machine: desktopWithLights,
  circumstances: ['spill'],
  reported: 'dead',
};
const cleaned: NonNullable<BriefLog['trials']> = [
  ['start', 'dead'],
  ['bridge-pins', 'no-boot'],
  ['fix/clean-switch@case-switch', 'no-boot'],
];

test('a cleaned switch is counted: ten presses out of ten prove it', () => {
  const once = diagnosisOf({ ...wet, trials: cleaned });
  const cure = once.suspects.find(({ fault }) => fault === 'switch-wet@case-switch')?.cure;
  expect(cure).toMatchObject({ before: { worked: 0, failed: 1 }, after: { worked: 1, failed: 0 } });
  const counted = diagnosisOf({ ...wet, trials: [...cleaned, ['look/ten-presses/case-switch', 'all']] });
  const suspect = counted.suspects.find(({ fault }) => fault === 'switch-wet@case-switch');
  expect(suspect?.cure).toMatchObject({ after: { worked: 11, failed: 0 }, wanted: 0 });
  expect(suspect?.confirmation).toBe('proven');
});

test('a press that is missed after it takes the proof away', () => {
  const { suspects } = diagnosisOf({ ...wet, trials: [...cleaned, ['look/ten-presses/case-switch', 'some']] });
  const suspect = suspects.find(({ fault }) => fault === 'switch-wet@case-switch');
  expect([suspect?.cure?.wanted, suspect?.confirmation]).toEqual([null, 'supported']);
});

test('a switch that was put right is advised ten presses, not a run under load', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'dead'],
    ['bridge-pins', 'works'],
    ['look/front-header/case-switch', 'other-pins'],
    ['fix/correct-header@case-switch', 'works'],
  ];
  const { advice } = diagnosisOf({ ...wet, circumstances: [], trials });
  expect([advice.kind, advice.trial?.id]).toEqual(['verify', 'look/ten-presses/case-switch']);
  const after = diagnosisOf({
    ...wet,
    circumstances: [],
    trials: [...trials, ['look/ten-presses/case-switch', 'all']],
  });
  expect([after.advice.kind, after.advice.why]).toEqual(['close', 'It answered ten presses out of ten.']);
});

test('ten presses do not close a machine whose board was dried as well: it has to stand full load', () => {
  const dried: NonNullable<BriefLog['trials']> = [
    ['start', 'dead'],
    ['look/switch-feel/case-switch', 'sticky'],
    ['look/board-signs/board', 'traces'],
    ['fix/dry-board@board', 'dead'],
    ['fix/clean-switch@case-switch', 'works'],
    ['look/ten-presses/case-switch', 'all'],
  ];
  const at = (trials: typeof dried) =>
    diagnosisOf({ machine: desktopWithLights, reported: 'dead', circumstances: ['spill'], trials });
  expect(at(dried).advice.trial?.id).toBe('run-under-load');
  expect(at([...dried, ['run-under-load', 'works']]).advice.kind).toBe('close');
});

test('ten presses alone do not close a machine that may still have something else: it is run under load first', () => {
  const freed: NonNullable<BriefLog['trials']> = [
    ['start', 'loop'],
    ['fix/push-power-plugs@board', 'loop'],
    ['look/reset-button/case-switch', 'stuck'],
    ['fix/free-reset@case-switch', 'works'],
    ['look/ten-presses/case-switch', 'all'],
  ];
  const at = (trials: typeof freed) => diagnosisOf({ machine: desktopWithLights, reported: 'loop', trials });
  const pressed = at(freed);
  expect(pressed.rightProbability).toBeGreaterThan(0.95);
  expect([pressed.advice.kind, pressed.advice.trial?.id]).toEqual(['verify', 'run-under-load']);
  expect(at([...freed, ['run-under-load', 'works']]).advice.kind).toBe('close');
});

test.each([
  [
    'Counter machine',
    'blank',
    [
      ['look/display-cable/display-cable', 'loose'],
      ['fix/push-display-cable@display-cable', 'works'],
    ],
    'verify',
  ],
  [
    'Palm-size kiosk',
    'blank',
    [
      ['look/monitor-input/monitor', 'other'],
      ['fix/select-input@monitor', 'works'],
    ],
    'close',
  ],
] as const)('a picture closes the case of a %s only where it is 99 %% right', (name, complaint, trials, kind) => {
  const practice = PRACTICE_MACHINES.find(({ machine }) => machine.name === name);
  if (!practice) throw new Error(`expected a practice machine, found "${name}"`);
  const { advice, rightProbability } = diagnosisOf({
    ...practice,
    reported: complaint,
    trials: [['start', complaint], ...trials],
  });
  expect(rightProbability).toBeGreaterThan(0.985);
  expect([advice.kind, rightProbability >= 0.99]).toEqual([kind, kind === 'close']);
});

test('a switch that missed some of ten presses comes and goes; one that answered all is sound', () => {
  const after = (outcome: string) =>
    diagnosisOf({
      machine: desktopWithLights,
      trials: [
        ['start', 'dead'],
        ['look/ten-presses/case-switch', outcome],
      ],
    }).suspects.map(({ fault }) => fault);
  expect(after('some').slice(0, 2)).toContain('switch-intermittent@case-switch');
  expect(after('all').indexOf('switch-intermittent@case-switch')).toBeGreaterThan(10);
});
