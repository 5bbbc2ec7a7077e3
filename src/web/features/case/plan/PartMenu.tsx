import { Dialog, Heading, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../../core/casework';
import { movesOf, type Move, type Part } from '../../../../core/machine';
import { Button } from '../../../components/Button';
import { percent } from '../../../components/format';
import { worthShowing } from './PlanShapes';
import { PartLabel } from './PartLabel';
import { identityWords } from '../../../../core/record';
import { standing } from './plan-words';

const Sheet = styled(Popover)`
  width: 16rem;
  padding: 0.7rem 0.8rem 0.8rem;
  border: 1px solid ${({ theme }) => theme.muted};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  color: ${({ theme }) => theme.ink};
  h3 {
    font-size: 1rem;
  }
  p {
    margin: 0.1rem 0 0.5rem;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Moves = styled.div`
  display: grid;
  gap: 0.35rem;
`;

/** What can be done with one part, hanging from where it was pressed. */
export function PartMenu({
  part,
  at,
  state,
  share,
  canMove,
  onMove,
  onNote,
  onClose,
}: {
  readonly part: Part;
  readonly at: Element;
  readonly state: CaseState;
  readonly share: number;
  readonly canMove: boolean;
  readonly onMove: (move: Move) => void;
  readonly onNote: (body: EventBody) => void;
  readonly onClose: () => void;
}) {
  const moves = canMove ? movesOf(state.machine, state.configuration, part) : [];
  const noted = state.partFacts[part.id];
  const facts = [
    standing(state.configuration, part) ?? 'as found',
    share >= worthShowing ? `fault at it: ${percent(share)}` : null,
  ];
  return (
    <Sheet triggerRef={{ current: at }} isOpen onOpenChange={(open) => !open && onClose()} placement="right top">
      <Dialog>
        <Heading slot="title" level={3}>
          {part.name}
        </Heading>
        <p>{[...facts, ...identityWords(noted ?? {})].filter(Boolean).join(' · ')}</p>
        <Moves>
          {moves.map((move) => (
            <Button
              key={move.id}
              onPress={() => {
                onClose();
                onMove(move);
              }}
            >
              {move.words}
            </Button>
          ))}
        </Moves>
        {moves.length === 0 && <p>Nothing to change here.</p>}
        {canMove && (
          <PartLabel
            part={part}
            facts={noted}
            onNote={(body) => {
              onClose();
              onNote(body);
            }}
          />
        )}
      </Dialog>
    </Sheet>
  );
}
