import { Timer } from 'lucide-react';
import styled from 'styled-components';
import { clock } from '../../components/format';
import { useSecondsLeft } from '../../components/use-seconds-left';
import { useDesk } from '../../stores/desk-store';
import { fonts } from '../../theme/tokens';

const Line = styled.div<{ $over: boolean }>`
  display: flex;
  align-items: center;
  gap: 0.35rem;
  font-size: 0.92rem;
  font-weight: ${({ $over }) => ($over ? 700 : 500)};
  color: ${({ theme, $over }) => ($over ? theme.suspicion : theme.ink)};
  output {
    font-family: ${fonts.code};
  }
`;

/** The wait that runs at one machine while another is in hand. */
export function RunningWait({ caseId }: { readonly caseId: string }) {
  const { wait } = useDesk(caseId);
  const left = useSecondsLeft(wait?.endsAt ?? null);
  if (!wait) return null;
  return (
    <Line $over={left <= 0}>
      <Timer size={15} aria-hidden />
      {left > 0 ? (
        <>
          wait <output aria-label="Wait left">{clock(left)}</output>
        </>
      ) : (
        'wait is over'
      )}
    </Line>
  );
}
