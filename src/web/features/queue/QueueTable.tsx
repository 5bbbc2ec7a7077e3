import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { CaseSummary } from '../../../contracts';
import {
  caseNumber,
  counted,
  dayAndTime,
  fromNow,
  shortMinutes,
  shortPercent,
  uncapitalized,
} from '../../components/format';
import { useTicking } from '../../components/use-ticking';
import { useDeskStore } from '../../stores/desk-store';
import { fonts } from '../../theme/tokens';
import { RunningWait } from './RunningWait';
import { isOverdue, sortCases, type CaseOrder } from './sort-cases';
import { StageMark } from '../case-log/StageMark';

const columns = '3.4rem minmax(0, 1.15fr) minmax(0, 1.35fr) minmax(0, 1.75fr) 10.3rem 7.4rem';
/** Where there is less room the complaint is left out: the search still finds it. */
const narrowColumns = '3.2rem minmax(0, 1fr) minmax(0, 1.3fr) 9.2rem 7.4rem';

const Heads = styled.div`
  display: grid;
  grid-template-columns: ${columns};
  gap: 0 1rem;
  padding: 0 0.6rem;
  font-size: 0.92rem;
  color: ${({ theme }) => theme.muted};
  > span {
    align-self: center;
  }
  @media (min-width: 761px) and (max-width: 1000px) {
    grid-template-columns: ${narrowColumns};
    > span {
      display: none;
    }
  }
  @media (max-width: 760px) {
    display: flex;
    flex-wrap: wrap;
    > span {
      display: none;
    }
  }
`;
const Head = styled.button`
  justify-self: start;
  min-width: 44px;
  min-height: 36px;
  padding: 0;
  text-align: left;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: inherit;
  font-weight: 600;
  cursor: pointer;
  &[aria-pressed='true'] {
    color: ${({ theme }) => theme.ink};
    border-bottom-color: ${({ theme }) => theme.strong};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const List = styled.ul`
  border-top: 1px solid ${({ theme }) => theme.line};
`;
const Row = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: ${columns};
  gap: 0 1rem;
  align-items: center;
  min-height: 62px;
  padding: 0.45rem 0.6rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  line-height: 1.35;
  &:hover {
    background: ${({ theme }) => theme.panel};
  }
  @media (min-width: 761px) and (max-width: 1000px) {
    grid-template-columns: ${narrowColumns};
    > :nth-child(3) {
      display: none;
    }
  }
  @media (max-width: 760px) {
    grid-template-columns: 3.4rem minmax(0, 1fr);
    gap: 0.25rem 0.6rem;
    align-items: start;
    > :nth-child(n + 3) {
      grid-column: 2;
    }
  }
`;
const Number = styled.span`
  font-family: ${fonts.code};
  font-weight: 700;
`;
const Machine = styled(Link)`
  font-weight: 700;
  text-decoration: none;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
`;
const Clip = styled.div`
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow-wrap: anywhere;
`;
const Muted = styled.div`
  color: ${({ theme }) => theme.muted};
  font-size: 0.92rem;
`;
const Overdue = styled.div`
  color: ${({ theme }) => theme.suspicion};
  font-size: 0.92rem;
  font-weight: 700;
`;
const Small = styled(Clip)`
  color: ${({ theme }) => theme.muted};
  font-size: 0.92rem;
`;

const OneLine = styled(Muted)`
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;

/** So often it is looked whether something is overdue or over by now. */
const freshMs = 15_000;

const heads: readonly { readonly words: string; readonly order: CaseOrder | null }[] = [
  { words: 'No.', order: 'number' },
  { words: 'Machine', order: 'machine' },
  { words: 'Complaint', order: null },
  { words: 'Next test', order: 'next' },
  { words: 'Ready first', order: 'ready' },
  { words: 'Last entry', order: 'latest' },
];

/** The cases, one a line; the whole line leads to the case. What was searched for stays as the search has it. */
export function QueueTable({
  cases,
  isSearch,
}: {
  readonly cases: readonly CaseSummary[];
  readonly isSearch: boolean;
}) {
  const [picked, setOrder] = useState<CaseOrder | null>(null);
  const desks = useDeskStore((store) => store.desks);
  const order = picked ?? (isSearch ? null : 'ready');
  const now = useTicking(true, freshMs);
  const rows = order ? sortCases(cases, order, { now, endsAt: (id) => desks[id]?.wait?.endsAt }) : cases;
  return (
    <>
      <Heads role="group" aria-label="Sort by">
        {heads.map((head) =>
          head.order ? (
            <Head
              key={head.words}
              type="button"
              aria-pressed={head.order === order}
              onClick={() => setOrder(head.order)}
            >
              {head.words}
            </Head>
          ) : (
            <span key={head.words}>{head.words}</span>
          ),
        )}
      </Heads>
      <List aria-label="Cases">
        {rows.map((row) => (
          <Row key={row.id}>
            <Number>{caseNumber(row.number)}</Number>
            <div>
              <Clip>
                <Machine to={`/cases/${row.id}`}>{row.machine}</Machine>
              </Clip>
              <Small>{row.owner}</Small>
            </div>
            <Clip>“{row.complaint}”</Clip>
            <Outlook outlook={row.outlook} />
            <div>
              <StageMark stage={row.stage} />
              {row.waitingFor && <Small>for {row.waitingFor}</Small>}
              {row.waitingUntil && <Until iso={row.waitingUntil} now={now} />}
              <RunningWait caseId={row.id} />
            </div>
            <Muted>
              {counted(row.trials, 'test')} · {row.by}
              <br /> {fromNow(row.updatedAt)}
            </Muted>
          </Row>
        ))}
      </List>
    </>
  );
}

/** What is next with its minutes, and who is suspected. */
function Outlook({ outlook }: Pick<CaseSummary, 'outlook'>) {
  if (!outlook) return <span />;
  const { nextTest, minutes, suspect, probability } = outlook;
  const facts = [
    minutes === null ? null : shortMinutes(minutes),
    suspect === null || probability === null ? null : `${shortPercent(probability)} ${uncapitalized(suspect)}`,
  ];
  return (
    <div>
      <Clip>{nextTest ?? 'Nothing left to test'}</Clip>
      <OneLine>{facts.filter((fact) => fact !== null).join(' · ')}</OneLine>
    </div>
  );
}

const Until = ({ iso, now }: { readonly iso: string; readonly now: number }) =>
  isOverdue(iso, now) ? <Overdue>overdue since {dayAndTime(iso)}</Overdue> : <Muted>until {dayAndTime(iso)}</Muted>;
