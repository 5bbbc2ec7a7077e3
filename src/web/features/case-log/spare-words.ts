import type { ShelfItem, SpareStanding } from '../../../contracts';

export const standingWords: Readonly<Record<SpareStanding, string>> = {
  good: 'Known good',
  untested: 'Not tested',
  failed: 'Failed',
};

/** As the label shows it. @example spareTag(7) // => 'S-0007' */
export const spareTag = (number: number): string => `S-${String(number).padStart(4, '0')}`;

/** A spare in a list to choose from. */
export const spareInWords = ({ number, part: { name }, standing }: ShelfItem): string =>
  `${spareTag(number)} ${name}${standing === 'good' ? '' : `, ${standingWords[standing].toLowerCase()}`}`;

const order: readonly SpareStanding[] = ['good', 'untested', 'failed'];

/** Spares of a kind that are on the shelf, those that are known to be good first. */
export const sparesToHave = (items: readonly ShelfItem[], kind: string): ShelfItem[] =>
  items
    .filter(({ part, lent }) => part.kind === kind && lent === null)
    .sort((a, b) => order.indexOf(a.standing) - order.indexOf(b.standing) || a.number - b.number);
