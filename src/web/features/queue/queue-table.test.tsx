/** @jest-environment jsdom */
import { fireEvent, screen, within } from '@testing-library/react';
import type { CaseSummary } from '../../../contracts';
import { renderInShell } from '../../testing-screen';
import { QueueTable } from './QueueTable';
import { rowOf } from './testing-row';

const lines = (...cases: readonly CaseSummary[]) => {
  renderInShell(<QueueTable cases={cases} isSearch={false} />);
  return screen.getAllByRole('listitem');
};

test('each case is a line that leads to it, with its number, owner, words, state and who wrote last', () => {
  const [line] = lines(rowOf(7, { trials: 12 }));
  const link = within(line as HTMLElement).getByRole('link', { name: 'Chart table' });
  expect(link.getAttribute('href')).toBe('/cases/00000000-0000-4000-8000-000000000007');
  for (const words of ['0007', 'Harbour office', '“No picture”', 'On the bench', '12 tests', 'Runa'])
    expect(line?.textContent).toContain(words);
});

test('one test is one test', () => {
  expect(lines(rowOf(7))[0]?.textContent).toMatch(/1 test\b/);
});

test('the next test stands there with its minutes, and who is suspected', () => {
  const outlook = {
    nextTest: 'Bridge the two switch pins',
    minutes: 2,
    suspect: 'The supply is dead',
    probability: 0.43,
  };
  const [line, done] = lines(
    rowOf(7, { outlook }),
    rowOf(8, { outlook: { nextTest: null, minutes: null, suspect: null, probability: null } }),
  );
  expect(line?.textContent).toContain('Bridge the two switch pins');
  expect(line?.textContent).toMatch(/2\smin · 43\s% the supply is dead/);
  expect(done?.textContent).toContain('Nothing left to test');
});

test('a parked case says for what it waits and until when, and what is overdue says so', () => {
  const parked = { stage: 'parked', waitingFor: 'a supply' } as const;
  const found = lines(
    rowOf(1, { ...parked }),
    rowOf(2, { ...parked, waitingUntil: '2020-01-05T10:00:00Z' }),
    rowOf(3, { ...parked, waitingUntil: '2999-01-05T10:00:00Z' }),
  ).map(({ textContent }) => textContent);
  expect(found.every((words) => words.includes('for a supply'))).toBe(true);
  // What is overdue comes first.
  expect(found.map((words) => /overdue since/.test(words))).toEqual([true, false, false]);
  expect(found.map((words) => /until/.test(words))).toEqual([false, false, true]);
});

test('a column head sorts by it, and says so', () => {
  const before = lines(rowOf(1, { machine: 'Zebra' }), rowOf(2, { machine: 'Anchor' }));
  expect(before.map(({ textContent }) => textContent.slice(0, 4))).toEqual(['0001', '0002']);
  const head = screen.getByRole('button', { name: 'Machine' });
  fireEvent.click(head);
  expect(head.getAttribute('aria-pressed')).toBe('true');
  expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent.slice(0, 4))).toEqual(['0002', '0001']);
});
