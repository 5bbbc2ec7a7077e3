import { identifyBoard, type ListedBoard } from '..';

const book: ListedBoard[] = [
  {
    id: 'a',
    model: 'Tern 4-M',
    revisions: [
      { revision: '1.0', versions: ['R1', 'R2', 'R3'] },
      { revision: '1.1', versions: ['R2', 'R3', 'R10'] },
    ],
  },
  { id: 'b', model: 'Tern 4-H', revisions: [{ revision: '1.0', versions: ['R1', 'K7'] }] },
  { id: 'c', model: 'Auk 6', revisions: [{ revision: 'A2', versions: ['23.5'] }] },
];
const ask = (model: string, revision: string, version: string) => identifyBoard(book, { model, revision, version });

test('name and revision as printed settle it, whatever the capitals, spaces and hyphens', () => {
  expect(ask('TERN 4 m', 'Rev. 1.1', '')).toMatchObject({ kind: 'one', candidates: [{ id: 'a', revision: '1.1' }] });
});

test('a version on the list of one revision only settles the revision, and says so', () => {
  const answer = ask('Tern 4-M', '', 'r10');
  expect(answer).toMatchObject({ kind: 'one', candidates: [{ revision: '1.1' }] });
  expect(answer.candidates[0]?.why).toContain('Version r10 is on the list of this revision only.');
});

test('a version on several lists leaves several, with what to read next', () => {
  const answer = ask('Tern 4-M', '', 'R2');
  expect(answer.kind).toBe('several');
  expect(answer.candidates.map(({ revision }) => revision)).toEqual(['1.0', '1.1']);
  expect(answer.next).toContain('Read the revision');
});

test('a print and a version that do not go together are a contradiction: nothing is to be flashed', () => {
  const answer = ask('Tern 4-M', '1.0', 'R10');
  expect(answer).toMatchObject({ kind: 'contradiction', candidates: [{ revision: '1.1' }] });
  expect(answer.next).toContain('The print says revision 1.0, but version R10 exists only for Tern 4-M 1.1.');
  expect(answer.next).toContain('Flash nothing');
});

test.each([
  ['Tern 4-M', '2.0', '', 'no revision 2.0'],
  ['Tern 4-M', '', 'X99', 'X99 is not listed'],
])('what the book does not have is said: %s %s %s', (model, revision, version, words) => {
  const answer = ask(model, revision, version);
  expect(answer.kind).toBe('contradiction');
  expect(answer.next).toContain(words);
});

test('names that differ by a letter are pointed out, and never taken for the one that was read', () => {
  expect(ask('Tern 4-M', '1.0', '').nearNames).toEqual(['Tern 4-H']);
  expect(ask('Tern 4-K', '', '')).toMatchObject({
    kind: 'none',
    candidates: [],
    nearNames: ['Tern 4-M', 'Tern 4-H'],
  });
});

test('the version alone finds boards; an empty book finds none', () => {
  expect(ask('', '', 'K7')).toMatchObject({ kind: 'one', candidates: [{ id: 'b' }] });
  expect(ask('', '', '').kind).toBe('several');
  expect(identifyBoard([], { model: 'x', revision: '', version: '' }).kind).toBe('none');
});
