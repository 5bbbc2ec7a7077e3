import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { agreedLimit, estimateAnswer, type CaseState, type EventBody } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import {
  billOf,
  estimateOf,
  plainAmount,
  standsToLimit,
  workTimes,
  type Bill,
  type LimitStanding,
  type WorkTime,
} from '../../../core/money';
import { useShopSettings } from '../../api/shop';
import { Button } from '../../components/Button';
import { dateAndTime, minutesInWords } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Allowed } from '../../shell/Allowed';
import { ChargeSheet, EstimateSheet, TimeSheet } from './MoneySheets';
import { Panel, PanelHead, Quiet, Table } from './panel-parts';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`;
const Sums = styled.dl`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.2rem 1rem;
  margin: 0.6rem 0;
  padding-top: 0.5rem;
  border-top: 2px solid ${({ theme }) => theme.line};
  dd {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  [data-sum] {
    font-weight: 700;
  }
`;
const Correct = styled(Button)`
  margin: -0.7rem 0;
  font-weight: 500;
  text-decoration: underline;
`;
const Words = styled.p`
  margin: 0.4rem 0;
`;

interface MoneyPanelProps {
  readonly state: CaseState;
  readonly diagnosis: Diagnosis;
  readonly onRecord: (body: EventBody) => void;
}

type OpenSheet = 'charge' | 'estimate' | WorkTime;

/** What the case costs so far, what it will cost, and how that stands to what was agreed. */
export function MoneyPanel({ state, diagnosis, onRecord }: MoneyPanelProps) {
  const { data } = useShopSettings();
  const [open, setOpen] = useState<OpenSheet | null>(null);
  const rates = data?.rates;
  const bill = useMemo(() => rates && billOf(state, rates), [state, rates]);
  const estimate = useMemo(() => rates && estimateOf(state, diagnosis, rates), [state, diagnosis, rates]);
  if (!rates || !bill || !estimate) return null;
  const record = (body: EventBody) => {
    setOpen(null);
    onRecord(body);
  };
  const close = () => setOpen(null);
  return (
    <Panel aria-labelledby="parts-money">
      <PanelHead>
        <h2 id="parts-money">Money</h2>
        <Allowed action="write-cases">
          <Tools>
            {state.stage !== 'closed' && <Button onPress={() => setOpen('estimate')}>Estimate</Button>}
            <Button onPress={() => setOpen('charge')}>Charge or deposit</Button>
          </Tools>
        </Allowed>
      </PanelHead>
      {Number(rates.hour) === 0 && (
        <Quiet>Work costs nothing yet: a lead sets what an hour costs, under Shop, Rules.</Quiet>
      )}
      <LimitNotice standing={standsToLimit(state, bill)} limit={agreedLimit(state)} currency={rates.currency} />
      <Lines state={state} bill={bill} onCorrect={setOpen} />
      <Totals bill={bill} currency={rates.currency} />
      {state.stage !== 'closed' && (
        <Words>
          By the odds it will come to {plainAmount(estimate.low)} to {plainAmount(estimate.high)} {rates.currency} with
          tax, most likely to about {plainAmount(estimate.likely)}.
        </Words>
      )}
      <Told state={state} currency={rates.currency} />
      {open === 'charge' && <ChargeSheet onRecord={record} onClose={close} />}
      {open === 'estimate' && <EstimateSheet estimate={estimate} onRecord={record} onClose={close} />}
      {open !== null && typeof open === 'object' && <TimeSheet time={open} onRecord={record} onClose={close} />}
    </Panel>
  );
}

/** What the owner was told, and what the owner said to it. */
function Told({ state, currency }: { readonly state: CaseState; readonly currency: string }) {
  const { estimate } = state.money;
  if (!estimate) return null;
  const answer = estimateAnswer(state);
  return (
    <Words>
      The owner was told {plainAmount(estimate.low)} to {plainAmount(estimate.high)} {currency}
      {answer ? ` and ${answer.isAgreed ? 'accepted' : 'declined'} it on ${dateAndTime(answer.at)}, by link.` : '.'}
    </Words>
  );
}

interface LimitNoticeProps {
  readonly standing: LimitStanding;
  readonly limit: number | null;
  readonly currency: string;
}

function LimitNotice({ standing, limit, currency }: LimitNoticeProps) {
  if (limit === null || standing === 'none' || standing === 'within') return null;
  return standing === 'over' ? (
    <Notice kind="danger">
      It comes to more than the {limit} {currency} that were agreed. Ask the owner before anything else is done, and
      note it under Known.
    </Notice>
  ) : (
    <Notice kind="plain">
      It comes near the {limit} {currency} that were agreed.
    </Notice>
  );
}

interface LinesProps {
  readonly state: CaseState;
  readonly bill: Bill;
  readonly onCorrect: (time: WorkTime) => void;
}

/** The lines of the bill; the minutes of each person can be corrected. */
function Lines({ state, bill, onCorrect }: LinesProps) {
  const { people, waitingMinutes } = workTimes(state);
  const others = bill.lines.filter(({ kind }) => kind !== 'work');
  const workOf = (person: string) => bill.lines.find(({ kind, name }) => kind === 'work' && name === `Work, ${person}`);
  return (
    <Table>
      <tbody>
        {people.map((time) => (
          <tr key={time.person}>
            <th scope="row">Work, {time.person}</th>
            <td>
              {minutesInWords(Math.round(time.minutes))}
              {time.corrected ? `, corrected: ${time.corrected.reason}` : ' by the log'}{' '}
              <Allowed action="write-cases">
                <Correct
                  $kind="quiet"
                  aria-label={`Correct the work of ${time.person}`}
                  onPress={() => onCorrect(time)}
                >
                  Correct
                </Correct>
              </Allowed>
            </td>
            <td data-figure>{workOf(time.person)?.net ?? '0.00'}</td>
          </tr>
        ))}
        {others.map((line, i) => (
          // Lines of a bill have no name of their own and never change places.
          <tr key={`${i} ${line.name}`}>
            <th scope="row">{line.name}</th>
            <td />
            <td data-figure>{line.net.replace('-', '−')}</td>
          </tr>
        ))}
        {waitingMinutes >= 1 && (
          <tr>
            <th scope="row">Waiting</th>
            <td>{minutesInWords(Math.round(waitingMinutes))}, not charged</td>
            <td data-figure />
          </tr>
        )}
      </tbody>
    </Table>
  );
}

function Totals({ bill, currency }: { readonly bill: Bill; readonly currency: string }) {
  const rows: readonly (readonly [label: string, amount: string])[] = [
    ['Without tax', bill.net],
    ...(Number(bill.taxPercent) > 0 ? [[`Tax, ${bill.taxPercent} %`, bill.tax] as const] : []),
    ...(Number(bill.deposit) > 0
      ? [['Together', bill.gross] as const, ['Deposit paid', `-${bill.deposit}`] as const]
      : []),
  ];
  return (
    <Sums>
      {rows.map(([label, amount]) => (
        <SumRow key={label} label={label} amount={amount} />
      ))}
      <dt data-sum>{Number(bill.due) < 0 ? 'To be given back' : 'To be paid'}</dt>
      <dd data-sum>
        {bill.due.replace('-', '')} {currency}
      </dd>
    </Sums>
  );
}

const SumRow = ({ label, amount }: { readonly label: string; readonly amount: string }) => (
  <>
    <dt>{label}</dt>
    <dd>{amount.replace('-', '−')}</dd>
  </>
);
