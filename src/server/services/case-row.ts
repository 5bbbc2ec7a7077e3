import { caseNumber } from '../../core/wording';
import { readEvent, type CaseDetail } from '../../contracts';
import { foldStored, proofOfCause } from '../../core/casework';
import { billOf, workTimes, type Rates } from '../../core/money';

/** The columns of a list of cases as CSV. */
export const CASE_COLUMNS = [
  'number',
  'machine',
  'owner',
  'complaint',
  'state',
  'opened',
  'last entry',
  'closed',
  'ending',
  'cause',
  'proof',
  'done',
  'entries',
  'work minutes',
  'net',
  'tax',
  'gross',
  'currency',
] as const;

/** One case as a row; one whose log cannot be read has its number alone. */
export function caseRow({ number, events }: CaseDetail, rates: Rates): readonly string[] {
  const folded = foldStored(events.map(({ event }) => readEvent(event)));
  if (!folded.ok) return [caseNumber(number)];
  const { state } = folded;
  const { opened, closed } = state;
  const bill = billOf(state, rates);
  const minutes = workTimes(state).people.reduce((sum, one) => sum + one.minutes, 0);
  return [
    caseNumber(number),
    opened.machine.name,
    opened.owner,
    opened.complaint,
    state.stage,
    opened.at,
    state.entries.at(-1)?.event.at ?? opened.at,
    closed?.at ?? '',
    closed?.ending ?? '',
    closed?.cause ?? '',
    closed ? proofOfCause(state, closed.fault) : '',
    closed?.done ?? '',
    String(events.length),
    String(Math.round(minutes)),
    bill.net,
    bill.tax,
    bill.gross,
    rates.currency,
  ];
}
