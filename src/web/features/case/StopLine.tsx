import styled from 'styled-components';
import type { Diagnosis } from '../../../core/diagnosis';
import { minutesInWords } from '../../components/format';

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
  { savesMinutes, test }: Pick<Diagnosis['stopRule'], 'savesMinutes' | 'test'>,
  kind: Diagnosis['advice']['kind'],
): string | null {
  if (kind !== 'test' && kind !== 'repair') return null;
  if (test === null) return 'No test at hand tells the rest apart.';
  return savesMinutes > 0
    ? `One more test pays: it saves about ${minutesInWords(savesMinutes)} of repair on average.`
    : 'Testing on costs more than it saves.';
}
