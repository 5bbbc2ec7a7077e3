import { agreedLimit } from '../casework';
import { billOf, estimateOf, plainAmount, roundingRules, type Bill } from '../money';
import type { Paper, PaperBlock } from './paper';
import { day, footOf, heading, text, type PaperOf } from './paper-parts';

/** An amount with its currency, as bills have it. */
const money = (amount: string, { rates }: PaperOf): string => `${amount.replace('-', '−')} ${rates.currency}`;

const linesTable = ({ lines }: Bill): PaperBlock => ({
  kind: 'table',
  heads: ['What', 'Quantity', 'Price', 'Amount'],
  widths: [6, 2, 2, 2],
  rows: lines.map(({ name, quantity, unit, price, net }) => [
    name,
    `${quantity}${unit === '' ? '' : ` ${unit}`}`,
    price.replace('-', '−'),
    net.replace('-', '−'),
  ]),
});

/** What is to be paid, line by line. */
export function billPaper(of: PaperOf): Paper {
  const { state, number, shop, rates } = of;
  const bill = billOf(state, rates);
  const hasDeposit = Number(bill.deposit) > 0;
  return {
    title: `Bill, case ${number}`,
    subtitle: `${shop}. ${state.opened.machine.name}, ${state.opened.owner}. ${day(state.closed?.at ?? state.entries.at(-1)?.event.at ?? state.opened.at)}.`,
    foot: footOf(of),
    blocks: [
      ...(bill.lines.length === 0 ? [text('Nothing is charged.')] : [linesTable(bill)]),
      {
        kind: 'facts',
        rows: [
          ['Without tax', money(bill.net, of)],
          [`Tax, ${bill.taxPercent} %`, money(bill.tax, of)],
          ['Together', money(bill.gross, of)],
          ...(hasDeposit ? ([['Deposit paid', money(bill.deposit, of)]] as const) : []),
          [Number(bill.due) < 0 ? 'Given back' : 'To be paid', money(bill.due.replace('-', ''), of)],
        ],
      },
      text(`Work is billed in steps of ${rates.stepMinutes} minutes. ${roundingRules}`),
      ...(state.closed ? [] : [text('The work is not finished: this is how it stands.')]),
    ],
  };
}

/** What it will cost, before it is done: what the owner was told, or failing that what the odds say. */
export function estimatePaper(of: PaperOf): Paper {
  const { state, diagnosis, number, shop, rates } = of;
  const given = state.money.estimate;
  const computed = estimateOf(state, diagnosis, rates);
  const { low, high } = given ?? computed;
  const limit = agreedLimit(state);
  const bill = billOf(state, rates);
  return {
    title: `Estimate, case ${number}`,
    subtitle: `${shop}. ${state.opened.machine.name}, ${state.opened.owner}. ${day(given?.at ?? state.entries.at(-1)?.event.at ?? state.opened.at)}.`,
    foot: footOf(of),
    blocks: [
      heading(`${plainAmount(low)} to ${plainAmount(high)} ${rates.currency}, with tax`),
      ...(given?.words ? [text(given.words)] : []),
      text(
        'The range covers what the cause may turn out to be. Nothing beyond the agreed limit is done before you were asked.',
      ),
      {
        kind: 'facts',
        rows: [
          ['Agreed limit', limit === null ? 'none was agreed' : money(limit.toFixed(2), of)],
          ['It comes to so far', money(bill.gross, of)],
        ],
      },
      ...(bill.lines.length === 0 ? [] : [linesTable(bill)]),
      { kind: 'signature', label: 'Agreed by' },
    ],
  };
}
