import { desktopWithLights, diagnosisOf, eventsOf, type BriefLog } from '../casework/testing-log';
import { foldCase } from '../casework';
import type { StartSigns } from '../startup';

/** Several things are seen of one start at once, and all of them count. */

const machine = desktopWithLights;
const shareAt = (link: string, log: BriefLog) =>
  diagnosisOf({ machine, ...log }).links.find((one) => one.link === link)?.probability ?? 0;

test('a light and beeps beside a dark screen say where it stops', () => {
  const plain = shareAt('memory', { trials: [['start', 'blank']] });
  const light: StartSigns = { light: { stage: 'memory', stays: true } };
  const both: StartSigns = { ...light, beeps: { pattern: 'L L L', stage: 'memory' } };
  const lit = shareAt('memory', { trials: [['start', 'blank', light]] });
  expect(lit).toBeGreaterThan(plain + 0.05);
  expect(shareAt('memory', { trials: [['start', 'blank', both]] })).toBeGreaterThan(lit);
});

test('after memory was changed a code that moves is progress, and one that stands is not', () => {
  const leaderAt = (moves: boolean) =>
    diagnosisOf({
      machine: { ...machine, board: { checkpointDisplay: true } },
      circumstances: ['memory-changed'],
      reported: 'blank',
      trials: [['start', 'blank', { code: { text: '15', moves, stage: 'memory' } }]],
    });
  const [moving, standing] = [leaderAt(true), leaderAt(false)];
  expect(moving.suspects[0]).toMatchObject({ fault: 'still-training@board' });
  expect(['start-and-wait', 'fix/wait-training@board']).toContain(moving.advice.trial?.id);
  expect(standing.suspects[0]?.fault).not.toBe('still-training@board');
});

test('two messages raise the causes of both', () => {
  const fan = (log: BriefLog) =>
    diagnosisOf({ machine, ...log }).suspects.find(({ fault }) => fault === 'cooler-fan-unplugged@cooler')?.probability;
  const one = fan({ trials: [['start', 'message-usb']] }) ?? 0;
  expect(fan({ trials: [['start', 'message-usb', { messages: ['message-fan'] }]] })).toBeGreaterThan(2 * one);
});

test('the same start noted more fully stands for both notes', () => {
  const signs: StartSigns = { light: { stage: 'memory', stays: true } };
  const once = diagnosisOf({ machine, trials: [['start', 'blank', signs]] });
  const twice = diagnosisOf({
    machine,
    trials: [
      ['start', 'blank'],
      ['start', 'blank', signs],
    ],
  });
  expect(twice.suspects[0]?.fault).toBe(once.suspects[0]?.fault);
  expect(twice.suspects[0]?.probability).toBeCloseTo(once.suspects[0]?.probability ?? 0, 9);
});

test.each([
  ['a look', 'look/rocker/supply', 'at-i'],
  ['a start that could not be made', 'start', 'could-not'],
])('signs of a start are refused with %s, at their field', (_, trial, outcome) => {
  const folded = foldCase(eventsOf({ machine, trials: [[trial, outcome, { restarts: 2 }]] }));
  expect(folded).toMatchObject({ ok: false, problem: { path: ['seen'], code: 'not-a-start' } });
});
