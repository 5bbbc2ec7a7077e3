import styled from 'styled-components';
import { expectedAt, type CaseState } from '../../../core/casework';
import { START_OUTCOME_LABELS } from '../../../core/startup';
import { useBoardDetail } from '../../api/boards';
import { alternativesOf, uncapitalized } from '../../components/format';
import { BoardSignalsLine } from './BoardSignalsLine';

const Block = styled.div`
  margin-bottom: 0.8rem;
  padding: 0.4rem 0.9rem;
  border-left: 5px solid ${({ theme }) => theme.strong};
  background: ${({ theme }) => theme.panel};
  > span {
    display: flex;
  }
`;

/** What a sound machine shows at this start, and how this very board shows and sounds it. */
export function ExpectedNote({ state, trial }: { readonly state: CaseState; readonly trial: string }) {
  const { data } = useBoardDetail(state.firmware.board?.board ?? null);
  const expected = expectedAt(state, trial).map(({ outcome }) => outcome);
  if (expected.length === 0) return null;
  const board = state.firmware.board ? data?.board : undefined;
  return (
    <Block>
      <strong>Expect:</strong> {alternativesOf(expected.map((one) => uncapitalized(START_OUTCOME_LABELS[one])))}.
      {board && expected.map((one) => <BoardSignalsLine key={one} board={board} outcome={one} />)}
    </Block>
  );
}
