import styled from 'styled-components';
import type { Diagnosis } from '../../../../core/diagnosis';
import { minutesInWords } from '../../../components/format';

const Line = styled.p`
  margin-top: 0.4rem;
  font-size: 0.92rem;
  color: ${({ theme }) => theme.muted};
`;

/** Whether one more test pays, in the shop's money turned into minutes. */
export function StopLine({
  stopRule,
  kind,
}: { readonly kind: Diagnosis['advice']['kind'] } & Pick<Diagnosis, 'stopRule'>) {
  const words = stopWords(stopRule, kind);
  return words ? <Line>{words}</Line> : null;
}

/** Said only where the choice is between another test and a repair. */
export function stopWords(
  { savesMinutes, test, tryNow }: Pick<Diagnosis['stopRule'], 'savesMinutes' | 'test' | 'tryNow'>,
  kind: Diagnosis['advice']['kind'],
): string | null {
  const isRepair = kind === 'repair';
  if (!isRepair && kind !== 'test') return null;
  if (test === null) return 'No available test can separate the rest.';
  if (isRepair)
    return savesMinutes <= 0 || tryNow !== null ? 'Repair now: more testing costs more than it saves.' : null;
  return savesMinutes > 0 ? `Worth one more test: saves about ${minutesInWords(savesMinutes)} on average.` : null;
}
