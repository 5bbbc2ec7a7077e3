import type { ShelfItem, SpareStanding } from '../../../contracts';
import { spareNumber } from '../../components/format';

export const standingWords: Readonly<Record<SpareStanding, string>> = {
  good: 'Known good',
  untested: 'Not tested',
  failed: 'Failed',
};

/** A spare in a list to choose from. */
export const spareInWords = ({ number, part: { name }, standing }: ShelfItem): string =>
  `${spareNumber(number)} ${name}${standing === 'good' ? '' : `, ${standingWords[standing].toLowerCase()}`}`;

const order: readonly SpareStanding[] = ['good', 'untested', 'failed'];

/** The spares of one kind on the shelf, known-good ones first. */
export const sparesToHave = (items: readonly ShelfItem[], kind: string): ShelfItem[] =>
  items
    .filter(({ part, lent }) => part.kind === kind && lent === null)
    .sort((a, b) => order.indexOf(a.standing) - order.indexOf(b.standing) || a.number - b.number);
