import type { ShelfItem } from '../../../contracts';
import { sparesToHave } from '../case-log/spare-words';
import { foundOnShelf } from './shelf-view';
import { spareOf } from './testing-spare';

const out = { lent: { caseId: '00000000-0000-4000-8000-000000000999', caseNumber: 12, at: '2026-01-05T10:00:00Z' } };
const items = [
  spareOf('Worn supply', { standing: 'failed' }),
  spareOf('Strong supply', out),
  spareOf('Bench supply'),
  spareOf('Plain card', {}, 'card'),
  spareOf('Unknown supply', { standing: 'untested' }),
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
