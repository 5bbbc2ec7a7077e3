import styled from 'styled-components';
import { Link } from 'react-router';
import { useBoardList } from '../../api/boards';
import { Select } from '../../components/Select';

const Line = styled.div`
  position: relative;
  a {
    position: absolute;
    z-index: 1;
    top: -0.7rem;
    right: 0;
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
`;

export interface ChosenBoard {
  readonly id: string;
  readonly model: string;
  readonly revision: string;
}

export interface BoardChoiceProps {
  /** Null where it is not known, or not in the book. */
  readonly board: { readonly id: string; readonly revision: string } | null;
  readonly onChoose: (board: ChosenBoard | null) => void;
}

const none = 'none';

/** Which board of the book it is: its lists are what signals are read by. */
export function BoardChoice({ board, onChoose }: BoardChoiceProps) {
  const { data } = useBoardList();
  const listed = (data?.boards ?? []).flatMap(({ id, model, revisions }) =>
    revisions.map(({ revision }) => ({ id, model, revision })),
  );
  const keyOf = ({ id, revision }: { id: string; revision: string }) => `${id} ${revision}`;
  return (
    <Line>
      {board && <Link to={`/boards/${board.id}`}>In the board book</Link>}
      <Select
        label="Board"
        value={board ? keyOf(board) : none}
        choices={[
          { id: none, label: 'Not known, or not in the book' },
          ...listed.map((one) => ({ id: keyOf(one), label: `${one.model}, revision ${one.revision}` })),
        ]}
        onChange={(key) => onChoose(listed.find((one) => keyOf(one) === key) ?? null)}
      />
    </Line>
  );
}
