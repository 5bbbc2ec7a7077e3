/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { Shelf } from '../../../contracts';
import { answerWith, renderInShell } from '../../testing-screen';
import { ShelfPage } from './ShelfPage';
import { spareOf } from './testing-spare';

const caseId = '00000000-0000-4000-8000-000000000999';
const shelf: Shelf = {
  items: [
    spareOf('Bench supply', { standingCase: { id: caseId, number: 8 } }),
    spareOf('Worn supply', { standing: 'failed' }),
    spareOf('Plain card', { lent: { caseId, caseNumber: 12, at: '2026-01-05T10:00:00Z' } }, 'card'),
  ],
  lacks: ['monitor', 'display-cable'],
};
const rows = () => screen.getAllByRole('listitem').map((row) => row.textContent);

afterEach(cleanup);

test('each spare says whether it is known to be good, by which case, and where it is', () => {
  answerWith('shelf', shelf);
  renderInShell(<ShelfPage />);
  const [bench, worn, card] = rows();
  expect(bench).toMatch(/S-0001Bench supply.*Known good.*by case 0008.*On the shelf/);
  expect(worn).toMatch(/Worn supply.*Failed/);
  expect(card).toMatch(/Plain card.*Out for case 0012/);
  expect(screen.getByText(/Not to be had: monitor, display cable/)).toBeTruthy();
  expect(screen.getByRole('link', { name: '3 labels' }).getAttribute('href')).toContain(shelf.items[2]?.id);
});

test('a search and a view narrow the list, and the labels with it', () => {
  answerWith('shelf', shelf);
  renderInShell(<ShelfPage />);
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'supply' } });
  expect(rows()).toHaveLength(2);
  fireEvent.click(screen.getByRole('radio', { name: 'To be tested' }));
  expect(rows()).toHaveLength(1);
  expect(screen.getByRole('link', { name: '1 label' })).toBeTruthy();
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'sofa' } });
  expect(screen.getByText('No matching spares.')).toBeTruthy();
});

test.each([
  ['technician', true],
  ['trainee', false],
] as const)('a %s writes the shelf: %s', (role, mayWrite) => {
  answerWith('shelf', { items: [], lacks: [] });
  renderInShell(<ShelfPage />, { role });
  expect(screen.getByText(/The shelf is empty/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'New spare' }) !== null).toBe(mayWrite);
});
