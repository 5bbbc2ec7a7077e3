import { signsInWords } from '../../case-log/signs-in-words';
import { draftOfSigns, emptySeen, seenDraftSchema, signsOfDraft, type SeenDraft } from './seen-draft';

const filled: SeenDraft = {
  messages: ['message-fan'],
  light: 'memory',
  stays: 'stays',
  code: '5c',
  codeMoves: 'moves',
  codeStage: 'none',
  beeps: 'l l s',
  beepStage: 'memory',
  answersAgain: 'silent',
  restarts: '3',
  cutOutAfter: '4,5',
};

test('what is typed becomes signs, and signs become the form again', () => {
  const signs = signsOfDraft(filled);
  expect(signs).toEqual({
    messages: ['message-fan'],
    light: { stage: 'memory', stays: true },
    code: { text: '5C', moves: true, stage: null },
    beeps: { pattern: 'L L S', stage: 'memory' },
    restarts: 3,
    cutOutAfter: 4.5,
    answersAgain: false,
  });
  expect(signs && signsOfDraft(draftOfSigns(signs))).toEqual(signs);
});

test('an empty form is nothing, not a set of nothings', () => {
  expect(signsOfDraft(emptySeen)).toBeNull();
});

test.each([
  ['code', 'what?'],
  ['beeps', 'SXL'],
  ['restarts', 'often'],
  ['cutOutAfter', '-3'],
])('a wrong %s is refused at its field', (field, value) => {
  const parsed = seenDraftSchema.safeParse({ ...emptySeen, [field]: value });
  expect(parsed.error?.issues.map(({ path }) => path[0])).toEqual([field]);
});

test('signs are said in words', () => {
  expect(signsInWords(signsOfDraft(filled) ?? {})).toEqual([
    'also fan warning on screen, then it stops',
    'light at memory stays on',
    'code 5C, still changing',
    'beeps L L S (memory)',
    '3 restarts',
    'off after 4.5 seconds',
    'does not answer the button again',
  ]);
});
