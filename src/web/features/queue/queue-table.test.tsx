/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import type { CaseSummary } from '../../../contracts';
import { renderInShell } from '../../testing-screen';
import { QueueTable } from './QueueTable';

const row = (more: Partial<CaseSummary>): CaseSummary => ({
  id: '00000000-0000-4000-8000-000000000001',
  number: 7,
  machine: 'Chart table',
  owner: 'Harbour office',
  complaint: 'No picture',
  stage: 'on-bench',
  waitingFor: null,
  waitingUntil: null,
  trials: 1,
  openedAt: '2026-01-05T10:00:00Z',
  updatedAt: '2026-01-05T10:00:00Z',
  ...more,
});
const lines = (...cases: readonly CaseSummary[]) => {
  renderInShell(<QueueTable cases={cases} />);
  return screen.getAllByRole('listitem');
};

test('each case is a line that leads to it, with its number, owner, words and state', () => {
  const [line] = lines(row({ trials: 12 }));
  const link = within(line as HTMLElement).getByRole('link', { name: 'Chart table' });
  expect(link.getAttribute('href')).toBe('/cases/00000000-0000-4000-8000-000000000001');
  for (const words of ['0007', 'Harbour office', '“No picture”', 'On the bench', '12 tests'])
    expect(line?.textContent).toContain(words);
});

test('one test is one test', () => {
  expect(lines(row({}))[0]?.textContent).toMatch(/1 test\b/);
});

test('a parked case says for what it waits and until when, and what is overdue says so', () => {
  const parked = { stage: 'parked', waitingFor: 'a supply' } as const;
  const found = lines(
    row({ ...parked }),
    row({ ...parked, id: '00000000-0000-4000-8000-000000000002', waitingUntil: '2020-01-05T10:00:00Z' }),
    row({ ...parked, id: '00000000-0000-4000-8000-000000000003', waitingUntil: '2999-01-05T10:00:00Z' }),
  ).map(({ textContent }) => textContent);
  expect(found.every((words) => words.includes('for a supply'))).toBe(true);
  expect(found.map((words) => /expected by/.test(words))).toEqual([false, true, false]);
  expect(found.map((words) => /until/.test(words))).toEqual([false, false, true]);
});
