import { stopWords } from './StopLine';

const rule = { savesMinutes: 14.2, test: 'look/cord/cord', tryNow: null };

test('before a test it says what one more test saves', () => {
  expect(stopWords(rule, 'test')).toBe('Worth one more test: saves about 14 minutes on average.');
});

test('before a repair it says why no test comes first', () => {
  expect(stopWords({ ...rule, savesMinutes: -1 }, 'repair')).toBe('Repair now: more testing costs more than it saves.');
  expect(stopWords({ ...rule, tryNow: 'fix/push-cord@cord' }, 'repair')).toContain('costs more');
  expect(stopWords(rule, 'repair')).toBeNull();
});

test('it is silent where there is nothing to choose, and plain where nothing tells', () => {
  expect(stopWords(rule, 'reproduce')).toBeNull();
  expect(stopWords({ ...rule, test: null }, 'test')).toBe('No available test can separate the rest.');
});
