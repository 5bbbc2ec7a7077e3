import { Timer } from 'lucide-react';
import { useEffect } from 'react';
import styled from 'styled-components';
import type { TrialView } from '../../../../core/diagnosis';
import { Button } from '../../../components/Button';
import { clock } from '../../../components/format';
import { useChimeWhenOver } from '../../../components/use-chime-when-over';
import { useSecondsLeft } from '../../../components/use-seconds-left';
import { useDesk, useDeskStore } from '../../../stores/desk-store';
import { fonts } from '../../../theme/tokens';

const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 0.8rem;
  @media (max-width: 600px) {
    flex-wrap: wrap;
    gap: 0.2rem 0.8rem;
  }
  font-size: 0.95rem;
  color: ${({ theme }) => theme.muted};
  output {
    min-width: 3.6rem;
    font: 700 1.2rem ${fonts.code};
    color: ${({ theme }) => theme.ink};
  }
`;
const Small = styled(Button)`
  padding: 0.2rem 0.8rem;
`;

/** The recommended wait of a start: starts on T, goes on when the tab is left, and says by title and sound when it is over. */
export function WaitTimer({
  caseId,
  trial,
  start,
}: {
  readonly caseId: string;
  readonly trial: TrialView;
  readonly start: () => void;
}) {
  const { wait } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const running = wait?.trial === trial.id ? wait : null;
  const left = useSecondsLeft(running?.endsAt ?? null);
  useTitleWhenOver(running !== null && left <= 0);
  useChimeWhenOver(running?.endsAt ?? null);
  if (!trial.wait) return null;
  return (
    <Row>
      <Small onPress={() => (running ? change(caseId, { wait: null }) : start())}>
        <Timer size={18} aria-hidden />
        {running ? 'Stop' : 'Start the wait'}
      </Small>
      <output aria-label="Wait left">{clock(running ? left : trial.wait.seconds)}</output>
      <span role="status">{running && left <= 0 ? 'The wait is over. What do you see?' : trial.wait.reason}</span>
    </Row>
  );
}

function useTitleWhenOver(over: boolean): void {
  useEffect(() => {
    if (!over) return;
    const before = document.title;
    document.title = `Wait over · ${before}`;
    return () => {
      document.title = before;
    };
  }, [over]);
}
