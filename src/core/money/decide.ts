import Big from 'big.js';
import type { Amount, Decision, Worth } from '../casework';
import type { Diagnosis } from '../diagnosis';
import { percent, uncapitalized } from '../wording';
import { toAmount } from './amount';
import { costAhead, waysToEnd, withTax, workOf } from './estimate';
import type { Rates } from './rates';

/** What one way of going on costs, with tax and with the days without the machine. */
export interface DecisionOption {
  readonly decision: Decision;
  readonly low: Amount;
  readonly high: Amount;
  readonly daysLow: number;
  readonly daysHigh: number;
  /** What it says against or for it, in words. */
  readonly words: string;
  /** False where it is not to be had. */
  readonly isOpen: boolean;
}

export interface Deciding {
  /** Those that are to be had first; among these what ends with a machine that works, the cheapest first. */
  readonly options: readonly DecisionOption[];
  /** Up to this price of the part the repair costs no more than another machine; null where that is not known. */
  readonly breakEven: Amount | null;
}

/** How long things take that nobody noted otherwise, in days: engineering judgement. */
const usual = { partDays: 3, warrantyDays: [7, 21], machineDays: [2, 5], bench: 0.5 } as const;
/** How long a workaround usually takes; the fault stays. */
const workAroundMinutes = 20;

/** What each way of going on costs from here; what it comes to so far is to be paid in any case, and is in none of them. */
export function decide(
  diagnosis: Diagnosis,
  { rates, worth }: { readonly rates: Rates; readonly worth: Worth },
): Deciding {
  const day = new Big(worth.dayWithout ?? 0);
  const option = (
    decision: Decision,
    money: readonly [Big, Big],
    days: readonly [number, number],
    words: string,
    isOpen = true,
  ): DecisionOption => ({
    decision,
    low: toAmount(money[0].plus(day.times(days[0])).round(0, Big.roundDown)),
    high: toAmount(money[1].plus(day.times(days[1])).round(0, Big.roundUp)),
    daysLow: days[0],
    daysHigh: days[1],
    words,
    isOpen,
  });
  const { low, high } = costAhead(diagnosis, rates);
  const another = worth.another === undefined ? null : new Big(worth.another);
  const options = [
    option('repair', [low, high], repairDays(diagnosis, worth, rates), repairWords(diagnosis, worth, high)),
    option(
      'return-under-warranty',
      [new Big(0), new Big(0)],
      usual.warrantyDays,
      worth.underWarranty ? 'The seller bears it.' : 'It is not under warranty, as far as anybody said.',
      worth.underWarranty === true,
    ),
    option(
      'replace-machine',
      another ? [another, another] : [new Big(0), new Big(0)],
      usual.machineDays,
      another ? 'Its data and settings have to be moved.' : 'What a like machine costs is not noted.',
      another !== null,
    ),
    option(
      'work-around',
      twice(withTax(workOf(workAroundMinutes, rates), rates)),
      [0, usual.bench],
      'The fault stays, and may grow.',
    ),
    option('give-up', twice(new Big(worth.value ?? 0)), [0, 0], giveUpWords(worth), worth.value !== undefined),
  ];
  return { options: options.sort(byCost), breakEven: another && breakEvenOf(diagnosis, another, rates) };
}

const twice = (cost: Big): readonly [Big, Big] => [cost, cost];
const middle = ({ low, high }: DecisionOption): number => (Number(low) + Number(high)) / 2;
/** What ends with a machine that works comes before what does not. */
const worksAfter: readonly Decision[] = ['repair', 'return-under-warranty', 'replace-machine'];
const byCost = (a: DecisionOption, b: DecisionOption): number =>
  Number(b.isOpen) - Number(a.isOpen) ||
  Number(worksAfter.includes(b.decision)) - Number(worksAfter.includes(a.decision)) ||
  middle(a) - middle(b);

/** Nothing to wait for where no part is needed; else until it comes, and the bench. */
function repairDays(
  diagnosis: Diagnosis,
  { partDays = usual.partDays }: Worth,
  rates: Rates,
): readonly [number, number] {
  const ways = waysToEnd(diagnosis, rates).filter(({ probability }) => probability > 0.02);
  const needs = ways.some(({ price }) => price.gt(0));
  const mayDoWithout = ways.some(({ price }) => price.eq(0));
  return [
    needs && !mayDoWithout ? partDays + usual.bench : usual.bench,
    needs ? partDays + 2 * usual.bench : usual.bench,
  ];
}

const giveUpWords = ({ value }: Worth): string =>
  value === undefined ? 'What it is worth is not noted.' : 'What it is worth when it runs is lost.';

function repairWords({ suspects }: Diagnosis, { value }: Worth, most: Big): string {
  const top = suspects.find(({ somethingElse }) => !somethingElse);
  const odds = top ? `It is ${percent(top.probability)} likely that ${uncapitalized(top.title)}.` : '';
  const isWorthIt =
    value === undefined
      ? ''
      : most.gt(value)
        ? ' It may cost more than the machine is worth.'
        : ' It costs less than the machine is worth.';
  return `${odds}${isWorthIt}`.trim();
}

/** The price of the part, without tax, at which repair and another machine cost the same. */
function breakEvenOf(diagnosis: Diagnosis, another: Big, rates: Rates): Amount {
  const minutes = waysToEnd(diagnosis, rates).reduce((sum, way) => sum + way.probability * way.minutes, 0);
  const left = another.minus(withTax(workOf(minutes, rates), rates));
  // A part of 100 is billed at this.
  const hundred = withTax(new Big(100).plus(rates.onPartsPercent), rates);
  return toAmount(left.lt(0) ? new Big(0) : left.times(100).div(hundred));
}
