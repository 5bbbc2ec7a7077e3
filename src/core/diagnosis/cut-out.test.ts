import { diagnosisOf, type BriefLog } from '../casework/testing-log';
import { fitOfCutOut } from '../startup';

/** How it went off at work tells overload from heat, and a supply that shut itself off from a dead machine. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
  ],
  builtInGraphics: true,
};
type Trials = NonNullable<BriefLog['trials']>;
const after = (...trials: Trials) => diagnosisOf({ machine, reported: 'cuts-out', trials });
const likely = (diagnosis: ReturnType<typeof after>, mode: string) =>
  diagnosis.suspects.find(({ fault }) => fault.startsWith(`${mode}@`))?.probability ?? 0;

test('at once, and dead until the cord is out, is overload; after minutes, and it starts again, is heat', () => {
  const overload = after(['run-under-load', 'cuts-out', { cutOutAfter: 1, answersAgain: false }]);
  expect(overload.suspects[0]?.fault).toBe('supply-too-small@supply');
  expect(likely(overload, 'cooling-clogged')).toBeLessThan(0.02);
  const heat = after(['run-under-load', 'cuts-out', { cutOutAfter: 240, answersAgain: true }]);
  expect(heat.suspects[0]?.fault).toBe('cooling-clogged@cooler');
  expect(likely(heat, 'supply-too-small')).toBeLessThan(0.1);
});

test('a second after the load began is no twitch', () => {
  expect(likely(after(['run-under-load', 'cuts-out', { cutOutAfter: 1 }]), 'short-under-board')).toBeLessThan(0.01);
});

test('a press that brings nothing, written as a start, is how it went off and no dead machine', () => {
  const pressed = after(['run-under-load', 'cuts-out'], ['start', 'dead']);
  const noted = after(['run-under-load', 'cuts-out', { answersAgain: false }]);
  const figures = ({ suspects }: ReturnType<typeof after>) =>
    suspects.map(({ fault, probability }) => [fault, probability]);
  expect(figures(pressed)).toEqual(figures(noted));
  expect(pressed.doubts).toEqual([]);
  expect(pressed.alternatives.find(({ id }) => id === 'start')?.blocked).toContain('shut itself off');
});

test('it answered: that speaks for heat, and the start counts as well', () => {
  const answered = after(['run-under-load', 'cuts-out'], ['start', 'works']);
  expect(likely(answered, 'supply-too-small')).toBeLessThan(
    0.7 * likely(after(['run-under-load', 'cuts-out']), 'supply-too-small'),
  );
});

test('once the cord has been out, a start that brings nothing counts as one', () => {
  const drained = after(['run-under-load', 'cuts-out'], ['look/power-plugs/board', 'seated'], ['start', 'dead']);
  const latched = after(['run-under-load', 'cuts-out'], ['start', 'dead'], ['look/power-plugs/board', 'seated']);
  expect(likely(drained, 'supply-too-small')).toBeLessThan(likely(latched, 'supply-too-small'));
  expect(drained.advice.why).not.toContain('shut itself off');
  expect(drained.alternatives.find(({ id }) => id === 'run-under-load')?.blocked).toContain('No system runs');
});

test('what needs power is preceded by draining it', () => {
  const log: Trials = [
    ['run-under-load', 'cuts-out'],
    ['start', 'dead'],
  ];
  const lacking = [
    'look/card-leads/card',
    'look/power-plugs/board',
    'look/supply-leads/supply',
    'look/cooler-fan/cooler',
    'look/wall-meter-load/supply',
  ];
  const { advice } = after(...log, ...lacking.map((id): Trials[number] => [id, 'could-not']));
  expect(advice.trial?.id).toBe('measure/rail-12-load/supply');
  expect(advice.why).toMatch(/^It has shut itself off\. Pull the cord/);
});

test('the fit of a cut-out is 1 for the cause that fits best, and the mean for what has none', () => {
  expect(fitOfCutOut({ restarts: 2 })).toBeNull();
  const fit = fitOfCutOut({ answersAgain: false });
  expect(fit?.of('overload')).toBe(1);
  expect(fit?.of('heat')).toBeCloseTo(0.1 / 0.7, 9);
  expect(fit?.of(undefined)).toBeCloseTo((0.7 + 0.15 + 0.1 + 0.05) / 4 / 0.7, 9);
});

test('what goes off within two minutes and answers again is not started once more before its cooler was looked at', () => {
  const after = (cutOutAfter: number, answersAgain: boolean, ...more: NonNullable<BriefLog['trials']>) =>
    diagnosisOf({
      machine,
      circumstances: ['new-build'],
      reported: 'cuts-out',
      trials: [['start', 'cuts-out', { cutOutAfter, answersAgain }], ...more],
    });
  const waits = (...given: Parameters<typeof after>) => {
    const { alternatives } = after(...given);
    const [load, ten] = ['run-under-load', 'look/ten-starts/board'].map((wanted) => {
      const { blocked = null } = alternatives.find(({ id }) => id === wanted) ?? {};
      return blocked?.startsWith('It went off within two minutes') ?? false;
    });
    expect(ten).toBe(load);
    return load;
  };
  expect(after(40, true).advice.trial?.id).toMatch(/cooler$/);
  expect(waits(40, true)).toBe(true);
  expect(waits(600, true)).toBe(false);
  expect(waits(40, false)).toBe(false);
  expect(waits(40, true, ['look/cooler-mount/cooler', 'even'])).toBe(false);
});
