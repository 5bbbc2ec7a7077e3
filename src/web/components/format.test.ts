import { caseNumber, clock, dateAndTime, dayAndTime, decibans, fromNow, shortPercent } from './format';

test('where there is hardly room, a sign stands for the word', () => {
  expect([0.001, 0.444, 0.995].map(shortPercent)).toEqual(['< 1 %', '44 %', '> 99 %']);
});

test('seconds left are rounded up, so that the clock shows zero only when it is over', () => {
  expect([clock(179.2), clock(10), clock(0.1), clock(-3)]).toEqual(['3:00', '0:10', '0:01', '0:00']);
});

test('case numbers have four digits and weights a sign', () => {
  expect(caseNumber(47)).toBe('0047');
  expect([decibans(8.14), decibans(-0.9)]).toEqual(['+8.1', '−0.9']);
});

test('a moment says no more of its day than is needed', () => {
  const now = new Date(2026, 0, 5, 12);
  const at = (...parts: [number, number, number, number, number]) => new Date(...parts).toISOString();
  expect(dayAndTime(at(2026, 0, 5, 9, 5), now)).toBe('09:05');
  expect(dayAndTime(at(2026, 0, 7, 15, 30), now)).toBe('Wed 7 Jan, 15:30');
  expect(dayAndTime(at(2025, 11, 31, 8, 0), now)).toBe('31 Dec 2025, 08:00');
  expect(dateAndTime(at(2026, 0, 7, 15, 30))).toBe('7 Jan 15:30');
});

test.each([
  [-30, 'just now'],
  [-60, '1 minute ago'],
  [-7200, '2 hours ago'],
  [-3 * 86_400, '3 days ago'],
  [-400 * 86_400, '1 year ago'],
  [7200, 'in 2 hours'],
])('%d seconds from now reads %s', (seconds, words) => {
  const now = new Date('2026-01-05T12:00:00Z');
  expect(fromNow(new Date(now.getTime() + 1000 * seconds).toISOString(), now)).toBe(words);
});
