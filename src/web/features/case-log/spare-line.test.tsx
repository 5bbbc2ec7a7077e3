/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { ShelfItem } from '../../../contracts';
import { foldOn, type CaseState, type EventBody } from '../../../core/casework';
import { eventId, stateOf } from '../../../core/casework/testing-log';
import { answerWith, renderInShell } from '../../testing-screen';
import { SpareHere } from './SpareHere';
import { SpareLine } from './SpareLine';

const spare = (n: number, name: string, standing: ShelfItem['standing'] = 'good', isOut = false): ShelfItem => ({
  id: eventId(n),
  number: n,
  edition: 1,
  part: { kind: 'supply', name, serial: `K-${n}` },
  standing,
  standingSince: '2026-01-05T10:00:00Z',
  standingCase: null,
  lent: isOut ? { caseId: eventId(99), caseNumber: 9, at: '2026-01-05T10:00:00Z' } : null,
  seenAt: '2026-01-05T10:00:00Z',
});
const state = stateOf({ reported: 'dead' });
const part = { id: 'supply', kind: 'supply' } as const;
let lent: EventBody[] = [];
const show = (of: CaseState = state, role: 'technician' | 'reader' = 'technician') =>
  renderInShell(<SpareLine state={of} part={part} onLend={(body) => lent.push(body)} />, { role });

beforeEach(() => {
  lent = [];
  answerWith('shelf', {
    items: [spare(1, 'Worn', 'failed'), spare(2, 'Away', 'good', true), spare(3, 'Good')],
    lacks: [],
  });
});
afterEach(cleanup);

test('known-good spares come first, those that are out are not offered, and one press takes one', () => {
  show();
  const options = screen.getAllByRole('option').map(({ textContent }) => textContent);
  expect(options).toEqual(['S-0003 Good', 'S-0001 Worn, failed']);
  fireEvent.click(screen.getByRole('button', { name: 'Take it from the shelf' }));
  expect(lent).toEqual([{ kind: 'part-lent', item: eventId(3), name: 'Good', part: 'supply', serial: 'K-3' }]);
});

test('a shelf without one of that kind says so, and a shop without a shelf says nothing', () => {
  answerWith('shelf', { items: [{ ...spare(1, 'Card'), part: { kind: 'card', name: 'Card' } }], lacks: [] });
  expect(show().container.textContent).toContain('No spare supply on the shelf');
  cleanup();
  answerWith('shelf', { items: [], lacks: [] });
  expect(show().container.textContent).toBe('');
});

test('who only reads takes none', () => {
  show(state, 'reader');
  expect(screen.queryByRole('button')).toBeNull();
});

test('the one that is here is named, and goes back with what it was worth', () => {
  const body: EventBody = { kind: 'part-lent', item: eventId(3), name: 'Good', part: 'supply' };
  const folded = foldOn(state, [{ ...body, id: eventId(50), at: '2026-01-05T10:00:00Z', by: 'Runa' }]);
  if (!folded.ok) throw new Error(folded.problem.message);
  expect(show(folded.state).container.textContent).toBe('Spare here: Good');
  cleanup();
  const [out] = folded.state.sparesOut;
  if (!out) throw new Error('expected a spare that is out');
  renderInShell(<SpareHere spare={out} place="the supply" onRecord={(home) => lent.push(home)} />);
  for (const result of ['worked', 'failed', 'not tested'])
    fireEvent.click(screen.getByRole('button', { name: `Back: ${result}` }));
  expect(lent.map((home) => home.kind === 'part-home' && home.result)).toEqual(['worked', 'failed', 'not-tested']);
});
