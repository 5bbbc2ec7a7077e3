import type { ShelfItem } from '../../../contracts';

let next = 0;

/** A spare, known to be good and on the shelf unless said otherwise. */
export const spareOf = (
  name: string,
  more: Partial<ShelfItem> = {},
  kind: ShelfItem['part']['kind'] = 'supply',
): ShelfItem => ({
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
