import { alternativesOf, counted, decimal, inARow, listOf, minutesInWords, percent, plural, secondsInWords } from '.';

test.each([
  [0, '0 %'],
  [0.0001, 'under 1 %'],
  [0.01, '1 %'],
  [0.444, '44 %'],
  [0.995, 'over 99 %'],
  [1, '100 %'],
])('the probability %f reads %s', (probability, words) => expect(percent(probability)).toBe(words));

test.each([
  [0.3, 'half a minute'],
  [0.9, '1 minute'],
  [0, '0 minutes'],
  [1.3, '1.5 minutes'],
  [3.4, '3 minutes'],
])('%f minutes read %s', (minutes, words) => expect(minutesInWords(minutes)).toBe(words));

test.each([
  [[], ''],
  [['a'], 'a'],
  [['a', 'b'], 'a and b'],
  [['a', 'b', 'c'], 'a, b and c'],
])('the list %j reads %s', (names, words) => expect(listOf(names)).toBe(words));

test('a count has the right plural, zero and thousands too', () => {
  expect([0, 1, 2, 12345].map((n) => counted(n, 'entry', 'entries'))).toEqual([
    '0 entries',
    '1 entry',
    '2 entries',
    '12,345 entries',
  ]);
  expect([plural(1, 'is', 'are'), plural(2, 'is', 'are')]).toEqual(['is', 'are']);
});

test('alternatives, decimals and seconds read as people say them', () => {
  expect(alternativesOf(['a', 'b', 'c'])).toBe('a, b or c');
  expect([decimal(0.4567, 2), decimal(3, 1)]).toEqual(['0.46', '3.0']);
  expect([1, 89, 150].map(secondsInWords)).toEqual(['1 second', '89 seconds', '2.5 minutes']);
});

test.each<[Parameters<typeof inARow>[0], string]>([
  [['Agreed', 'Bill shown'], 'Agreed. Bill shown'],
  [['Agreed.', '', undefined, 'Bill shown'], 'Agreed. Bill shown'],
  [['Why not?', 'It runs!', 'Good'], 'Why not? It runs! Good'],
  [[null, false], ''],
])('%j stand in a row as %s', (sentences, row) => expect(inARow(sentences)).toBe(row));
