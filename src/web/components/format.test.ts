import { caseNumber, clock, decibans, minutesInWords, percent, shortPercent } from './format';

test.each([
  [0, '0 %'],
  [0.0001, 'under 1 %'],
  [0.01, '1 %'],
  [0.444, '44 %'],
  [0.995, 'over 99 %'],
  [1, '100 %'],
])('the probability %f reads %s', (probability, words) => expect(percent(probability)).toBe(words));

test('where there is hardly room, a sign stands for the word', () => {
  expect([0.001, 0.444, 0.995].map(shortPercent)).toEqual(['< 1 %', '44 %', '> 99 %']);
});

test.each([
  [0.3, 'half a minute'],
  [0.9, '1 minute'],
  [1.3, '1.5 minutes'],
  [3.4, '3 minutes'],
])('%f minutes read %s', (minutes, words) => expect(minutesInWords(minutes)).toBe(words));

test('seconds left are rounded up, so that the clock shows zero only when it is over', () => {
  expect([clock(179.2), clock(10), clock(0.1), clock(-3)]).toEqual(['3:00', '0:10', '0:01', '0:00']);
});

test('case numbers have four digits and weights a sign', () => {
  expect(caseNumber(47)).toBe('0047');
  expect([decibans(8.14), decibans(-0.9)]).toEqual(['+8.1', '−0.9']);
});
