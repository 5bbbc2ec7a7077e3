import { identifyBoard, type ListedBoard } from '.';

const book: ListedBoard[] = [
  {
    id: 'a',
    model: 'Tern B35-M',
    revisions: [
      { revision: '1.0', versions: ['F1', 'F2', 'F3'] },
      { revision: '1.1', versions: ['F2', 'F3', 'F10'] },
    ],
  },
  { id: 'b', model: 'Tern B35-H', revisions: [{ revision: '1.0', versions: ['F1', 'H7'] }] },
  { id: 'c', model: 'Auk Z9', revisions: [{ revision: 'A2', versions: ['0512'] }] },
];
const ask = (model: string, revision: string, version: string) => identifyBoard(book, { model, revision, version });

test('name and revision as printed settle it, whatever the capitals, spaces and hyphens', () => {
  expect(ask('TERN b35 m', 'Rev. 1.1', '')).toMatchObject({ kind: 'one', candidates: [{ id: 'a', revision: '1.1' }] });
});

test('a version on the list of one revision only settles the revision, and says so', () => {
  const answer = ask('Tern B35-M', '', 'f10');
  expect(answer).toMatchObject({ kind: 'one', candidates: [{ revision: '1.1' }] });
  expect(answer.candidates[0]?.why).toContain('Version f10 is on the list of this revision only.');
});

test('a version on several lists leaves several, with what to read next', () => {
  const answer = ask('Tern B35-M', '', 'F2');
  expect(answer.kind).toBe('several');
  expect(answer.candidates.map(({ revision }) => revision)).toEqual(['1.0', '1.1']);
  expect(answer.next).toContain('Read the revision');
});

test('a print and a version that do not go together are a contradiction: nothing is to be flashed', () => {
  const answer = ask('Tern B35-M', '1.0', 'F10');
  expect(answer).toMatchObject({ kind: 'contradiction', candidates: [{ revision: '1.1' }] });
  expect(answer.next).toContain('The print says revision 1.0, but version F10 exists only for Tern B35-M 1.1.');
  expect(answer.next).toContain('Flash nothing');
});

test.each([
  ['Tern B35-M', '2.0', '', 'no revision 2.0'],
  ['Tern B35-M', '', 'X99', 'X99 is on no list'],
])('what the book does not have is said: %s %s %s', (model, revision, version, words) => {
  const answer = ask(model, revision, version);
  expect(answer.kind).toBe('contradiction');
  expect(answer.next).toContain(words);
});

test('names that differ by a letter are pointed out, and never taken for the one that was read', () => {
  expect(ask('Tern B35-M', '1.0', '').nearNames).toEqual(['Tern B35-H']);
  expect(ask('Tern B35-K', '', '')).toMatchObject({
    kind: 'none',
    candidates: [],
    nearNames: ['Tern B35-M', 'Tern B35-H'],
  });
});

test('the version alone finds boards; an empty book finds none', () => {
  expect(ask('', '', 'H7')).toMatchObject({ kind: 'one', candidates: [{ id: 'b' }] });
  expect(ask('', '', '').kind).toBe('several');
  expect(identifyBoard([], { model: 'x', revision: '', version: '' }).kind).toBe('none');
});
