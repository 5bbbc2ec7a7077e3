import type { ShelfItem } from '../../../contracts';
import { spareNumber } from '../../components/format';

export const SHELF_VIEWS = [
  { id: 'all', label: 'All', isIn: () => true },
  { id: 'good', label: 'Known good', isIn: ({ standing, lent }) => standing === 'good' && lent === null },
  { id: 'out', label: 'Out', isIn: ({ lent }) => lent !== null },
  { id: 'doubt', label: 'To be tested', isIn: ({ standing }) => standing !== 'good' },
] as const satisfies readonly {
  readonly id: string;
  readonly label: string;
  readonly isIn: (item: ShelfItem) => boolean;
}[];
export type ShelfViewId = (typeof SHELF_VIEWS)[number]['id'];

/** The spares of a view in which every word of the search occurs: in number, name, kind, make, model or serial number. */
export function foundOnShelf(
  items: readonly ShelfItem[],
  { view, search }: { readonly view: ShelfViewId; readonly search: string },
): ShelfItem[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const isIn: (item: ShelfItem) => boolean = SHELF_VIEWS.find(({ id }) => id === view)?.isIn ?? (() => true);
  return items.filter((item) => {
    const { name, kind, make, model, serial, rating } = item.part;
    const text = [spareNumber(item.number), name, kind, make, model, serial, rating].join(' ').toLowerCase();
    return isIn(item) && words.every((word) => text.includes(word));
  });
}
