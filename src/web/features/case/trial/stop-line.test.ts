import { stopWords } from './StopLine';

const rule = { savesMinutes: 14.2, test: 'look/cord/cord', tryNow: null };

test('before a test it says what one more test saves', () => {
  expect(stopWords(rule, 'test')).toBe('One more test pays: it saves about 14 minutes of repair on average.');
});

test('before a repair it says why no test comes first', () => {
  expect(stopWords({ ...rule, savesMinutes: -1 }, 'repair')).toBe('Testing on first would cost more than it saves.');
  expect(stopWords({ ...rule, tryNow: 'fix/push-cord@cord' }, 'repair')).toContain('cost more');
  expect(stopWords(rule, 'repair')).toBeNull();
});

test('it is silent where there is nothing to choose, and plain where nothing tells', () => {
  expect(stopWords(rule, 'reproduce')).toBeNull();
  expect(stopWords({ ...rule, test: null }, 'test')).toBe('No test at hand tells the rest apart.');
});
