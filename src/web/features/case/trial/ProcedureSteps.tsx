import { Hand } from 'lucide-react';
import styled from 'styled-components';
import type { TrialView } from '../../../../core/diagnosis';
import type { BoardFacts } from '../../../../core/machine';
import { parseTrialId, type Movement } from '../../../../core/trials';
import { Button } from '../../../components/Button';
import { MovementFigure } from '../../../components/drawings/MovementFigure';
import type { ShownProcedure } from '../../case-log/use-procedure';

const Split = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  margin-bottom: 0.7rem;
  > ol {
    flex: 1 1 14rem;
  }
`;
const Steps = styled.ol`
  margin: 0 0 0 1.4rem;
  font-size: 1.08rem;
  line-height: 1.4;
`;
const Full = styled.div`
  margin-bottom: 0.7rem;
  h3 {
    margin: 0.5rem 0 0.15rem;
    font-size: 0.92rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Line = styled.li`
  padding: 0.25rem 0;
  > div {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.3rem 1rem;
    > div {
      flex: 1 1 15rem;
    }
  }
  small {
    display: block;
    font-size: 0.95rem;
    line-height: 1.35;
    color: ${({ theme }) => theme.muted};
  }
  small + small {
    color: ${({ theme }) => theme.suspicion};
  }
  small[data-avoid] {
    color: ${({ theme }) => theme.suspicion};
    font-weight: 600;
  }
`;
const More = styled(Button)`
  min-height: 32px;
  margin: -0.4rem 0 -0.4rem 0.4rem;
  padding: 0.2rem 0.5rem;
  font-size: inherit;
  white-space: nowrap;
  color: ${({ theme }) => theme.ink};
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

interface ProcedureStepsProps {
  readonly trial: TrialView;
  readonly shown: ShownProcedure;
  readonly slots: BoardFacts['slots'];
}

/** What is done: in short with the one picture that helps most, or movement by movement. */
export function ProcedureSteps({ trial, shown, slots }: ProcedureStepsProps) {
  const { procedure, board, isFull } = shown;
  const drawing = procedure?.movements.find((movement) => movement.drawing)?.drawing;
  return (
    <>
      {procedure && isFull ? (
        <Full>
          <Part title="Before" movements={procedure.preparation} slots={slots} board={board} />
          <Part title="Do" movements={procedure.movements} slots={slots} board={board} />
          {procedure.doneWhen && <p>{procedure.doneWhen}</p>}
          <Part title="Afterwards" movements={procedure.afterwards} slots={slots} board={board} />
        </Full>
      ) : (
        <Split>
          <Steps>
            {shortSteps(trial, shown).map((step) => (
              <li key={step}>{step}</li>
            ))}
          </Steps>
          {drawing && <MovementFigure drawing={drawing} slots={slots} board={board} />}
        </Split>
      )}
    </>
  );
}

/** From the short form to every movement, and back. */
export function ShowHow({ shown: { procedure, isFull, toggle } }: Pick<ProcedureStepsProps, 'shown'>) {
  return (
    procedure && (
      <More $kind="quiet" onPress={toggle} aria-expanded={isFull}>
        <Hand size={17} aria-hidden /> {isFull ? 'In short · F' : 'Show how · F'}
      </More>
    )
  );
}

/** The short form of a repair is its movements; of anything else its own steps, as this board has them where it is known. */
function shortSteps({ id, steps, kind }: TrialView, { procedure, board }: ShownProcedure): readonly string[] {
  if (!board || !procedure) return steps;
  const movements = procedure.movements.map(({ text }) => text);
  if (kind !== 'start') return movements;
  const ref = parseTrialId(id)?.kind;
  return ref === 'repair' || ref === 'bridge-pins'
    ? [...steps.slice(0, 1).filter((step) => step.startsWith('Switch off')), ...movements]
    : steps;
}

function Part({
  title,
  movements,
  slots,
  board,
}: {
  readonly title: string;
  readonly movements: readonly Movement[];
} & Pick<ProcedureStepsProps, 'slots'> &
  Pick<ShownProcedure, 'board'>) {
  if (movements.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <Steps>
        {movements.map(({ text, feel, avoid, drawing }, i) => (
          <Line key={`${i} ${text}`}>
            <div>
              <div>
                {text}
                {feel && <small>Right when: {feel}</small>}
                {avoid && <small data-avoid>{avoid}</small>}
              </div>
              {drawing && !isShownBefore(movements, i) && (
                <MovementFigure drawing={drawing} slots={slots} board={board} />
              )}
            </div>
          </Line>
        ))}
      </Steps>
    </>
  );
}

/** The same picture stands once. */
const isShownBefore = (movements: readonly Movement[], at: number): boolean =>
  movements
    .slice(0, at)
    .some(({ drawing }) => drawing !== undefined && JSON.stringify(drawing) === JSON.stringify(movements[at]?.drawing));
