import type { StartSigns } from '../../../../core/startup';
import { signsInWords } from '../../../../core/record';
import { draftOfSigns, emptySeen, seenDraftSchema, signsOfDraft, type SeenDraft } from './seen-draft';

const filled: SeenDraft = { messages: ['message-fan'], answersAgain: 'silent', restarts: '3', cutOutAfter: '4,5' };
const signals: StartSigns = {
  light: { stage: 'memory', stays: true, label: 'MEM' },
  code: { text: '5C', moves: false, stage: null, unchangedSeconds: 48 },
  beeps: { pattern: 'L L S', stage: 'memory' },
};

test('what is typed becomes signs, and signs become the form again', () => {
  const signs = signsOfDraft(filled, null);
  expect(signs).toEqual({ messages: ['message-fan'], restarts: 3, cutOutAfter: 4.5, answersAgain: false });
  expect(signs && signsOfDraft(draftOfSigns(signs), null)).toEqual(signs);
});

test('an empty form is nothing, not a set of nothings', () => {
  expect(signsOfDraft(emptySeen, null)).toBeNull();
});

test('the form leaves lights, codes and beeps as they were noted', () => {
  expect(signsOfDraft(filled, { ...signals, restarts: 9 })).toMatchObject({ ...signals, restarts: 3 });
  expect(signsOfDraft(emptySeen, { ...signals, restarts: 9 })).toEqual(signals);
});

test.each([
  ['restarts', 'often'],
  ['cutOutAfter', '-3'],
])('a wrong %s is refused at its field', (field, value) => {
  const parsed = seenDraftSchema.safeParse({ ...emptySeen, [field]: value });
  expect(parsed.error?.issues.map(({ path }) => path[0])).toEqual([field]);
});

test('signs are said in words', () => {
  expect(signsInWords(signsOfDraft(filled, signals) ?? {})).toEqual([
    'also fan warning on screen, then it stops',
    'light MEM (memory) stays on',
    'code 5C, unchanged for 48 seconds',
    'beeps L L S (memory)',
    '3 restarts',
    'off after 4.5 seconds',
    'does not answer the button again',
  ]);
  expect(signsInWords({ dark: true, silent: true })).toEqual(['no light is lit', 'a speaker is on, and silent']);
  const sequence = ['processor', 'memory', 'processor'] as const;
  expect(signsInWords({ light: { stage: 'memory', stays: false, sequence } })).toEqual([
    'lights processor, memory, processor, over and over',
  ]);
});
