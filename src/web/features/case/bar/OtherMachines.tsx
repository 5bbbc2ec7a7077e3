import { Link } from 'react-router';
import styled from 'styled-components';
import { useCaseList } from '../../../api/case-list';
import { caseNumber, clock } from '../../../components/format';
import { useSecondsLeft } from '../../../components/use-seconds-left';
import { useDesk } from '../../../stores/desk-store';
import { fonts } from '../../../theme/tokens';

const Row = styled.nav`
  display: flex;
  gap: 0;
  /* Beside the rooms of the case there is place for two. */
  @media (min-width: 900px) and (max-width: 1450px) {
    a:nth-child(n + 3) {
      display: none;
    }
  }
`;
const Chip = styled(Link)<{ $over: boolean }>`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.25rem;
  font: 600 0.92rem ${fonts.code};
  text-decoration: none;
  white-space: nowrap;
  span {
    padding: 0.2rem 0.4rem;
    border: 1px solid ${({ theme, $over }) => ($over ? theme.suspicion : theme.line)};
    border-radius: 6px;
    background: ${({ theme, $over }) => ($over ? theme.suspicionSoft : theme.panel)};
  }
`;

const maxShown = 3;

/** The other machines on the bench, longest touched last: one press to go over, their waits in sight. */
export function useOtherMachines(caseId: string) {
  const { data } = useCaseList({ stage: 'on-bench', search: '' });
  return (data?.cases ?? []).filter(({ id }) => id !== caseId);
}

export function OtherMachines({ caseId }: { readonly caseId: string }) {
  const others = useOtherMachines(caseId).slice(0, maxShown);
  if (others.length === 0) return null;
  return (
    <Row aria-label="Also on the bench">
      {others.map(({ id, number, machine }) => (
        <OtherMachine key={id} id={id} number={number} machine={machine} />
      ))}
    </Row>
  );
}

function OtherMachine({
  id,
  number,
  machine,
}: {
  readonly id: string;
  readonly number: number;
  readonly machine: string;
}) {
  const { wait } = useDesk(id);
  const left = useSecondsLeft(wait?.endsAt ?? null);
  const over = wait !== null && left <= 0;
  const words = wait === null ? '' : over ? ' over' : ` ${clock(left)}`;
  return (
    <Chip
      to={`/cases/${id}`}
      title={machine}
      aria-label={`Go to ${caseNumber(number)} ${machine}${words}`}
      $over={over}
    >
      <span>
        {caseNumber(number)}
        {words}
      </span>
    </Chip>
  );
}
