import { useEffect } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import type { TrialView } from '../../../../core/diagnosis';
import { clock } from '../../../components/format';
import { useChimeWhenOver } from '../../../components/use-chime-when-over';
import { useSecondsLeft } from '../../../components/use-seconds-left';
import { useDesk, useDeskStore } from '../../../stores/desk-store';
import { fonts } from '../../../theme/tokens';

const Dial = styled(Button)`
  position: relative;
  display: grid;
  flex: none;
  align-content: start;
  justify-items: center;
  width: 84px;
  padding: 0;
  border: 0;
  border-radius: 8px;
  background: none;
  color: inherit;
  font-size: 0.85rem;
  cursor: pointer;
  svg {
    width: 66px;
    height: 66px;
  }
  circle {
    fill: none;
    stroke-width: 6;
    stroke: ${({ theme }) => theme.line};
  }
  circle + circle {
    stroke: ${({ theme }) => theme.strong};
    transition: stroke-dashoffset 0.9s linear;
  }
  output {
    position: absolute;
    top: 21px;
    font: 700 1rem ${fonts.code};
    letter-spacing: -0.03em;
  }
  span {
    color: ${({ theme }) => theme.muted};
  }
  &[data-hovered] circle {
    stroke: ${({ theme }) => theme.muted};
  }
`;
const Over = styled.p`
  margin: 0.1rem 0 0.3rem;
  font-size: 0.95rem;
  color: ${({ theme }) => theme.muted};
`;

const around = 2 * Math.PI * 28;

interface WaitTimerProps {
  readonly caseId: string;
  readonly trial: TrialView;
  readonly start: () => void;
}

/** The recommended wait of a start as a dial: starts on T, goes on when the tab is left, and says by title and sound when it is over. */
export function WaitTimer({ caseId, trial, start }: WaitTimerProps) {
  const { wait } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const running = wait?.trial === trial.id ? wait : null;
  const left = useSecondsLeft(running?.endsAt ?? null);
  useTitleWhenOver(running !== null && left <= 0);
  useChimeWhenOver(running?.endsAt ?? null);
  if (!trial.wait) return null;
  const { seconds } = trial.wait;
  const shown = running ? left : seconds;
  return (
    <Dial
      aria-label={running ? 'Stop the wait' : 'Start the wait'}
      onPress={() => (running ? change(caseId, { wait: null }) : start())}
    >
      <svg viewBox="0 0 66 66" aria-hidden>
        <circle cx={33} cy={33} r={28} />
        <circle
          cx={33}
          cy={33}
          r={28}
          transform="rotate(-90 33 33)"
          strokeDasharray={around}
          strokeDashoffset={running ? around * (1 - Math.min(1, Math.max(0, left) / seconds)) : 0}
        />
      </svg>
      <output aria-label="Wait left">{clock(shown)}</output>
      <span>{running ? 'stop, T' : 'wait, T'}</span>
    </Dial>
  );
}

/** Why that long; once it is over, what comes now. */
export function WaitWords({ caseId, trial }: Pick<WaitTimerProps, 'caseId' | 'trial'>) {
  const { wait } = useDesk(caseId);
  const running = wait?.trial === trial.id ? wait : null;
  const left = useSecondsLeft(running?.endsAt ?? null);
  if (!trial.wait) return null;
  return <Over role="status">{running && left <= 0 ? 'The wait is over. What do you see?' : trial.wait.reason}</Over>;
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
