import { diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** A start that does not fit what was seen before, and how it is looked at again. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'reader', kind: 'usb-device' },
  ],
  board: { stageLights: true },
  builtInGraphics: true,
};
const odd: NonNullable<BriefLog['trials']> = [
  ['start', 'system-stops'],
  ['out/reader', 'system-stops'],
  ['spare/drive', 'works'],
  ['back/reader', 'loop'],
];
const of = (trials: BriefLog['trials']) => diagnosisOf({ machine, reported: 'system-stops', trials });

test('a start that does not fit the rest is made once more before anything is built on it', () => {
  const { kind, trial, why } = of(odd).advice;
  expect([kind, trial?.id]).toEqual(['test', 'start']);
  expect(why).toContain('does not fit');
});

test('it is made once more only: the second time counts, whatever it shows', () => {
  for (const outcome of ['works', 'loop']) expect(of([...odd, ['start', outcome]]).advice.trial?.id).not.toBe('start');
});

test('the start after a repair is a first one: what does not fit of it is looked at again', () => {
  const { advice } = diagnosisOf({
    machine,
    reported: 'at-processor',
    trials: [
      ['start', 'at-processor'],
      ['look/power-plugs/board', 'seated'],
      ['look/supply-leads/supply', 'seated'],
      ['measure/processor-plug-12/supply', 'within', 12.1],
      ['fix/push-power-plugs@board', 'cuts-out'],
    ],
  });
  expect([advice.trial?.id, advice.why]).toEqual(['start', expect.stringContaining('does not fit')]);
});

test('what fits is not made again', () => {
  expect(of([...odd.slice(0, 3), ['back/reader', 'works']]).advice.trial?.id).not.toBe('start');
});

test('the second start takes back what was misread at the first', () => {
  const top = (trials: BriefLog['trials']) => of(trials).suspects[0];
  const before = top(odd.slice(0, 3));
  const after = top([...odd, ['start', 'works']]);
  expect(after?.fault).toBe(before?.fault);
  expect(after?.probability).toBeGreaterThan((before?.probability ?? 1) - 0.05);
});

test('the same again confirms that it was no misreading', () => {
  const part = (trials: BriefLog['trials']) => of(trials).parts.drive ?? 0;
  expect(part([...odd, ['start', 'loop']])).toBeLessThan(part([...odd, ['start', 'works']]));
});
