import type { PartEvent, PartMoved, PartWay, SpareResult } from '../casework';
import { capitalized } from '../wording';
import { identityWords } from './part-words';

export const spareResultWords: Readonly<Record<SpareResult, string>> = {
  worked: 'worked',
  failed: 'failed',
  'not-tested': 'not tested',
};

/** Where a part went, as it stands on the sheet. */
export const partWayWords: Readonly<Record<PartWay, string>> = {
  fitted: 'Fitted',
  bought: 'Bought',
  'taken-out': 'Taken out',
  'to-owner': 'Given to the owner',
  'to-seller': 'Returned to the seller',
  kept: 'Kept by the shop',
  disposed: 'Disposed of',
};

/** A part that came or went, piece by piece: what it is, what it cost, from whom, under warranty until when. */
export function movedPartWords(moved: PartMoved): readonly string[] {
  const { name, price, lot, seller, warrantyUntil, note } = moved;
  return [
    name,
    ...identityWords(moved),
    price === undefined ? '' : `paid ${price}`,
    lot ? `in a lot of ${lot.of} for ${lot.paid}` : '',
    seller ? `from ${seller}` : '',
    warrantyUntil ? `warranty until ${warrantyUntil}` : '',
    note ?? '',
  ].filter((word) => word !== '');
}

/** What was lent, came home, came or went, as done and seen. */
export function partEventWords(event: PartEvent): {
  readonly done: string;
  readonly seen: string;
} {
  switch (event.kind) {
    case 'part-lent':
      return {
        done: 'Spare from the shelf',
        seen: [event.name, event.serial && `serial ${event.serial}`].filter(Boolean).join(', '),
      };
    case 'part-home':
      return { done: 'Spare back on the shelf', seen: capitalized(spareResultWords[event.result]) };
    case 'part-moved':
      return { done: partWayWords[event.way], seen: movedPartWords(event).join(', ') };
  }
}
