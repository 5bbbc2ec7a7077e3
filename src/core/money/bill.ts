import Big from 'big.js';
import type { Amount, CaseState, ChargeKind, PartMoved } from '../casework';
import { halfAwayFromZero, shareOfLot, sumOf, toAmount } from './amount';
import type { Rates } from './rates';
import { workTimes } from './work-time';

/** One line of a bill. Amounts are without tax. */
export interface BillLine {
  readonly kind: 'work' | 'part' | Exclude<ChargeKind, 'deposit'>;
  readonly name: string;
  /** Hours of work, or how many. */
  readonly quantity: string;
  readonly unit: 'h' | '';
  readonly price: Amount;
  /** Quantity times price, rounded to the cent; of a discount below 0. */
  readonly net: Amount;
}

export interface Bill {
  readonly lines: readonly BillLine[];
  readonly net: Amount;
  readonly taxPercent: Amount;
  /** On the sum of the lines, rounded once. */
  readonly tax: Amount;
  readonly gross: Amount;
  readonly deposit: Amount;
  /** What is still to be paid; below 0 is given back. */
  readonly due: Amount;
}

/** The rules by which it is rounded, as they stand on the paper. */
export const roundingRules = 'Each line is rounded to the cent, halves up; tax is taken of their sum and rounded once.';

/** What a case costs so far: work by the log, parts that came into it, and what was noted besides. */
export function billOf(state: Pick<CaseState, 'entries' | 'money' | 'partMoves'>, rates: Rates): Bill {
  const { charges } = state.money;
  const lines = [
    ...workLines(state, rates),
    ...partLines(state.partMoves, rates),
    ...charges.flatMap(({ of, name, amount }): BillLine[] => {
      if (of === 'deposit') return [];
      const price = of === 'discount' ? `-${amount}` : amount;
      return [lineOf({ kind: of, name, quantity: '1', unit: '', price })];
    }),
  ];
  return totalOf(lines, {
    taxPercent: rates.taxPercent,
    deposits: charges.filter(({ of }) => of === 'deposit').map(({ amount }) => amount),
  });
}

/** Lines with their sum, tax and what is due. */
export function totalOf(
  lines: readonly BillLine[],
  { taxPercent, deposits }: { readonly taxPercent: Amount; readonly deposits: readonly Amount[] },
): Bill {
  const net = sumOf(lines.map((line) => line.net));
  const tax = net.times(taxPercent).div(100).round(2, halfAwayFromZero);
  const gross = net.plus(tax);
  const deposit = sumOf(deposits);
  return {
    lines,
    net: toAmount(net),
    taxPercent,
    tax: toAmount(tax),
    gross: toAmount(gross),
    deposit: toAmount(deposit),
    due: toAmount(gross.minus(deposit)),
  };
}

/** A line with its sum. @example lineOf({ kind: 'work', name: 'Ebbe', quantity: '0.25', unit: 'h', price: '48' }).net // => '12.00' */
export const lineOf = (line: Omit<BillLine, 'net'>): BillLine => ({
  ...line,
  price: toAmount(new Big(line.price)),
  net: toAmount(new Big(line.quantity).times(line.price)),
});

function workLines(state: Pick<CaseState, 'entries' | 'money'>, { hour, stepMinutes }: Rates): BillLine[] {
  return workTimes(state).people.flatMap(({ person, minutes }) => {
    const steps = Math.ceil(minutes / stepMinutes - 1e-9);
    if (steps <= 0) return [];
    const quantity = new Big(steps).times(stepMinutes).div(60).round(4, halfAwayFromZero).toString();
    return [lineOf({ kind: 'work', name: `Work, ${person}`, quantity, unit: 'h', price: hour })];
  });
}

/** Parts that were bought or fitted for the case and did not go back; of a lot each bears its share. */
function partLines(moves: readonly PartMoved[], { onPartsPercent }: Rates): BillLine[] {
  const inLot = new Map<string, number>();
  const isThe = (part: PartMoved, way: PartMoved['way']) =>
    moves.some((other) => other.way === way && other.name === part.name && other.serial === part.serial);
  return moves.flatMap((moved) => {
    const cost = costOf(moved, inLot);
    // What was bought and then fitted is one part.
    const isCharged = moved.way === 'bought' || (moved.way === 'fitted' && !isThe(moved, 'bought'));
    if (cost === null || !isCharged || isThe(moved, 'to-seller')) return [];
    const price = toAmount(new Big(cost).times(new Big(100).plus(onPartsPercent)).div(100));
    const name = [moved.name, moved.serial && `serial ${moved.serial}`].filter(Boolean).join(', ');
    return [lineOf({ kind: 'part', name, quantity: '1', unit: '', price })];
  });
}

/** What was paid for it; null where nobody noted it. `inLot` counts how many of each lot came before. */
function costOf({ way, price, lot, seller = '' }: PartMoved, inLot: Map<string, number>): Amount | null {
  if (price !== undefined) return price;
  if (!lot || (way !== 'bought' && way !== 'fitted')) return null;
  const key = JSON.stringify([seller, lot]);
  const nth = (inLot.get(key) ?? 0) + 1;
  inLot.set(key, nth);
  return shareOfLot(lot.paid, lot.of, ((nth - 1) % lot.of) + 1);
}
