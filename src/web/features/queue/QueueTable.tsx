import { isPast } from 'date-fns';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { CaseSummary } from '../../../contracts';
import { caseNumber, dayAndTime, counted, fromNow } from '../../components/format';
import { fonts } from '../../theme/tokens';
import { RunningWait } from './RunningWait';
import { StageMark } from '../case-log/StageMark';

const List = styled.ul`
  border-top: 1px solid ${({ theme }) => theme.line};
`;
const Row = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: 4rem minmax(0, 1.1fr) minmax(0, 2fr) 10.5rem 7.5rem;
  gap: 0 1.1rem;
  align-items: center;
  min-height: 62px;
  padding: 0.5rem 0.6rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  &:hover {
    background: ${({ theme }) => theme.panel};
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
const Owner = styled(Clip)`
  color: ${({ theme }) => theme.muted};
  font-size: 0.92rem;
`;

/** The cases, one a line; the whole line leads to the case. */
export function QueueTable({ cases }: { readonly cases: readonly CaseSummary[] }) {
  return (
    <List aria-label="Cases">
      {cases.map((row) => (
        <Row key={row.id}>
          <Number>{caseNumber(row.number)}</Number>
          <div>
            <Clip>
              <Machine to={`/cases/${row.id}`}>{row.machine}</Machine>
            </Clip>
            <Owner>{row.owner}</Owner>
          </div>
          <Clip>“{row.complaint}”</Clip>
          <div>
            <StageMark stage={row.stage} />
            {row.waitingFor && <Muted>for {row.waitingFor}</Muted>}
            {row.waitingUntil && <Until iso={row.waitingUntil} />}
            <RunningWait caseId={row.id} />
          </div>
          <Muted>
            {counted(row.trials, 'test')}
            <br /> {fromNow(row.updatedAt)}
          </Muted>
        </Row>
      ))}
    </List>
  );
}

function Until({ iso }: { readonly iso: string }) {
  return isPast(new Date(iso)) ? (
    <Overdue>expected by {dayAndTime(iso)}</Overdue>
  ) : (
    <Muted>until {dayAndTime(iso)}</Muted>
  );
}
