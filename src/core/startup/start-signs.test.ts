import {
  decibansOfSignals,
  forecastSigns,
  likelihoodOfSigns,
  outcomeOfSigns,
  START_OUTCOMES,
  startOutcomeIndex,
} from '.';
import type { StartOutcome, StartSigns } from '.';

/** What is seen of a start is a set: lights, codes, beeps, messages, restarts, seconds. */

test.each<[string, StartSigns, StartOutcome]>([
  ['a light that stays', { light: { stage: 'memory', stays: true } }, 'at-memory'],
  ['a code that stands', { code: { text: '62', moves: false, stage: 'graphics' } }, 'at-graphics'],
  ['beeps of one stage', { beeps: { pattern: 'L L L', stage: 'memory' } }, 'at-memory'],
  ['restarts and a code that moves', { restarts: 5, code: { text: '15', moves: true, stage: 'memory' } }, 'loop'],
  ['off within two seconds', { cutOutAfter: 2 }, 'twitch'],
  ['off after four minutes', { cutOutAfter: 240 }, 'cuts-out'],
  ['two messages: the first in the chain', { messages: ['message-keyboard', 'message-fan'] }, 'message-fan'],
  [
    'a light and beeps against a code',
    {
      light: { stage: 'memory', stays: true },
      beeps: { pattern: 'L L', stage: 'memory' },
      code: { text: '62', moves: false, stage: 'graphics' },
    },
    'at-memory',
  ],
])('%s stand for one outcome', (_, signs, outcome) => {
  expect(outcomeOfSigns(signs)).toBe(outcome);
});

const likelihood = (signs: StartSigns, noted: StartOutcome | null, outcome: StartOutcome) =>
  likelihoodOfSigns(signs, noted)[startOutcomeIndex(outcome)] ?? 0;

test('any beep at all says that the processor works', () => {
  const unknown: StartSigns = { beeps: { pattern: 'S L', stage: null } };
  expect(likelihood(unknown, null, 'dead')).toBeLessThan(0.05);
  expect(likelihood(unknown, null, 'blank')).toBe(1);
});

test('the order in which messages were noted does not matter, and one that is noted twice counts once', () => {
  const forward = likelihoodOfSigns({ messages: ['message-fan', 'message-usb'] }, 'message-fan');
  expect(likelihoodOfSigns({ messages: ['message-usb', 'message-fan', 'message-usb'] }, 'message-fan')).toEqual(
    forward,
  );
});

test('a light against the outcome that was pressed leaves both open, the pressed one first', () => {
  const signs: StartSigns = { light: { stage: 'graphics', stays: true } };
  expect(likelihood(signs, 'at-memory', 'at-graphics')).toBeGreaterThan(likelihood(signs, 'at-memory', 'loop'));
  expect(likelihood({}, 'at-memory', 'at-graphics')).toBeLessThan(likelihood(signs, 'at-memory', 'at-graphics'));
});

test('one that answers the button again was not dead, and one that does not may have shut itself off', () => {
  expect(likelihood({ answersAgain: true }, null, 'dead')).toBeLessThan(0.05);
  expect(likelihood({ answersAgain: false }, null, 'twitch')).toBeGreaterThan(
    likelihood({ answersAgain: false }, null, 'loop'),
  );
  expect(outcomeOfSigns({ cutOutAfter: 1, answersAgain: false })).toBe('twitch');
});

test('a forecast of outcomes is one of lights and beeps', () => {
  const sure = Float64Array.from(START_OUTCOMES, (outcome) => Number(outcome === 'at-memory'));
  const { lightStays, beeps, restarts } = forecastSigns(sure);
  expect(lightStays.memory).toBeCloseTo(0.9, 9);
  expect(beeps.memory).toBeGreaterThan(0.9);
  expect([lightStays.graphics < 0.05, restarts < 0.2]).toEqual([true, true]);
});

test('an outcome that only says what the signals say adds nothing to them', () => {
  const signs: StartSigns = { light: { stage: 'memory', stays: true } };
  expect(likelihood(signs, 'at-memory', 'at-graphics')).toBe(likelihood(signs, null, 'at-graphics'));
  expect(likelihood(signs, 'at-graphics', 'at-graphics')).toBeGreaterThan(likelihood(signs, null, 'at-graphics'));
});

test('a light that is often wrong weighs less, and against a code it leaves both open', () => {
  const against = (rightOfTen: number): StartSigns => ({
    light: { stage: 'memory', stays: true, rightOfTen },
    code: { text: '71', moves: false, stage: 'graphics' },
  });
  expect(outcomeOfSigns(against(5))).toBe('at-graphics');
  const weak = likelihood(against(5), null, 'at-memory');
  expect(weak).toBeLessThan(0.2);
  expect(likelihood(against(9), null, 'at-memory')).toBeGreaterThan(3 * weak);
  const both = likelihoodOfSigns(against(9), null);
  expect(both[startOutcomeIndex('at-memory')]).toBeGreaterThan(0.5);
  expect(both[startOutcomeIndex('at-graphics')]).toBeGreaterThan(0.5);
});

test('lights that begin again are a loop', () => {
  const sequence = ['processor', 'memory', 'processor', 'memory'] as const;
  expect(outcomeOfSigns({ light: { stage: 'memory', stays: false, sequence } })).toBe('loop');
});

test('silence of a speaker that is fitted speaks against what it would have sounded, and against nothing else', () => {
  const silent: StartSigns = { silent: true };
  expect(likelihood(silent, null, 'at-memory')).toBeLessThan(0.2);
  expect(likelihood(silent, null, 'at-processor')).toBe(1);
  expect(likelihood({}, null, 'at-memory')).toBe(1);
  expect(likelihood({ dark: true }, null, 'at-graphics')).toBeLessThan(0.2);
});

test('a code that is handed over says that the start is complete', () => {
  expect(outcomeOfSigns({ code: { text: 'E0', moves: false, stage: 'all-well' } })).toBe('dark');
});

test('what each signal says for an outcome is told in decibans, against it where it names another', () => {
  const signs: StartSigns = {
    light: { stage: 'memory', stays: true },
    code: { text: '71', moves: false, stage: 'graphics' },
    beeps: { pattern: 'L S L', stage: 'memory' },
  };
  const weights = Object.fromEntries(
    decibansOfSignals(signs, 'at-memory').map(({ kind, decibans }) => [kind, decibans]),
  );
  expect(weights['light']).toBeGreaterThan(10);
  expect(weights['code']).toBeLessThan(-10);
  expect(weights['beeps']).toBeGreaterThan(weights['light'] ?? 0);
});
