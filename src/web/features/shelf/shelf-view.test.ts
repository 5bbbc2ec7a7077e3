import type { ShelfItem } from '../../../contracts';
import { sparesToHave } from '../case-log/spare-words';
import { foundOnShelf } from './shelf-view';

let next = 0;
const item = (name: string, more: Partial<ShelfItem> = {}, kind: ShelfItem['part']['kind'] = 'supply'): ShelfItem => ({
  id: `00000000-0000-4000-8000-${String(++next).padStart(12, '0')}`,
  number: next,
  edition: 1,
  part: { kind, name, serial: `K-${next}` },
  standing: 'good',
  standingSince: '2026-01-05T10:00:00Z',
  standingCase: null,
  lent: null,
  seenAt: '2026-01-05T10:00:00Z',
  ...more,
});
const out = { lent: { caseId: '00000000-0000-4000-8000-000000000999', caseNumber: 12, at: '2026-01-05T10:00:00Z' } };
const items = [
  item('Worn supply', { standing: 'failed' }),
  item('Strong supply', out),
  item('Bench supply'),
  item('Plain card', {}, 'card'),
  item('Unknown supply', { standing: 'untested' }),
];
const names = (found: readonly ShelfItem[]) => found.map(({ part }) => part.name);

test.each([
  ['all', '', ['Worn supply', 'Strong supply', 'Bench supply', 'Plain card', 'Unknown supply']],
  ['good', '', ['Bench supply', 'Plain card']],
  ['out', '', ['Strong supply']],
  ['doubt', '', ['Worn supply', 'Unknown supply']],
  ['all', 's-0003', ['Bench supply']],
  ['all', 'k-4 CARD', ['Plain card']],
  ['good', 'strong', []],
] as const)('of %s with "%s" are shown %j', (view, search, expected) =>
  expect(names(foundOnShelf(items, { view, search }))).toEqual(expected),
);

test('what can be had of a kind: what is out is not, what is known to be good comes first', () => {
  expect(names(sparesToHave(items, 'supply'))).toEqual(['Bench supply', 'Unknown supply', 'Worn supply']);
});
