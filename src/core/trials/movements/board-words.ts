import type { BoardBookEntry, BoardHeader, ResetWay } from '../../firmware';
import { counted, listOf, secondsInWords } from '../../wording';

/** The two pins of the case switch on a board of the book, with where they lie. */
export interface SwitchPins {
  readonly header: BoardHeader;
  /** Places in the header's `pins`, two of them. */
  readonly at: readonly [number, number];
}

const switchLabel = /^(switch|sw|pwr|power)/i;

/** Null where the book does not know them. */
export function switchPinsOf(board: BoardBookEntry | null): SwitchPins | null {
  for (const header of board?.headers ?? []) {
    const at = header.pins.flatMap(({ label }, i) => (switchLabel.test(label) ? [i] : []));
    const [first, second] = at;
    if (first !== undefined && second !== undefined) return { header, at: [first, second] };
  }
  return null;
}

const ordinals = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];
const ordinal = (n: number): string => ordinals[n - 1] ?? `${n}th`;

/** "lower row, third and fourth from the left". */
export function pinsInWords({ header, at }: SwitchPins): string {
  const pins = at.flatMap((i) => header.pins[i] ?? []);
  const rows = new Set(pins.map(({ row }) => row));
  const [row] = rows;
  const where = listOf(pins.map(({ column }) => ordinal(column)));
  if (rows.size !== 1 || row === undefined)
    return listOf(pins.map(({ label, row: r, column }) => `${label} (row ${r}, ${ordinal(column)} from the left)`));
  const rowWords =
    header.rows === 1 ? '' : header.rows === 2 ? (row === 1 ? 'upper row, ' : 'lower row, ') : `row ${row}, `;
  return `${rowWords}${where} from the left`;
}

/** Ways to reset the settings with the power off, the quickest first: the menu is out of reach of what does not start. */
const withPowerOff: readonly ResetWay['how'][] = ['button', 'pins', 'coin-cell'];

/** Those that this board has, the quickest first; none where the book knows of none. */
export function resetWays(board: BoardBookEntry | null): ResetWay[] {
  const ways = (board?.resets ?? []).filter(({ how }) => withPowerOff.includes(how));
  return ways.sort((a, b) => withPowerOff.indexOf(a.how) - withPowerOff.indexOf(b.how));
}

/** The quickest of them on this board; null where the book has none. */
export const quickestReset = (board: BoardBookEntry | null): ResetWay | null => resetWays(board)[0] ?? null;

export const findSwitchLegs = 'Find the two legs of the power switch where they come through the board.';

export const secondsOf = ({ seconds }: ResetWay): string => secondsInWords(seconds);

/** "Press Delete again and again". */
export const setupKeyWords = (board: BoardBookEntry | null): string =>
  board?.setupKey
    ? `Press ${board.setupKey} again and again from the moment it starts.`
    : 'Press the setup key again and again from the moment it starts: the first screen or the manual names it.';

export const slotsInOrder = (board: BoardBookEntry | null, names: readonly string[]): string =>
  board?.memorySlots?.map(({ name }) => name).join(', then ') ??
  `${names.join(', ')} (${counted(names.length, 'slot')}; the manual has their order)`;
