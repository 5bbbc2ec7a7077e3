import { useState } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import type { TrialView } from '../../../core/diagnosis';
import { Button as PlainButton } from '../../components/Button';
import { fonts } from '../../theme/tokens';
import { ColumnHead } from './column';

const Pick = styled(Button)`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
  width: 100%;
  min-height: 44px;
  padding: 0.25rem 0.2rem;
  border: 0;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  background: none;
  text-align: left;
  line-height: 1.2;
  cursor: pointer;
  &[data-hovered] {
    background: ${({ theme }) => theme.panel};
  }
  span:last-child {
    font: 500 0.85rem ${fonts.code};
    white-space: nowrap;
  }
`;
const Block = styled.div`
  margin-top: 1rem;
`;

const More = styled(PlainButton)`
  padding: 0.2rem;
  font-weight: 500;
`;

const shown = 6;
/** Below this, in bits, a trial tells nothing worth saying. */
const tellsNothing = 0.004;

/** Other trials, each with its minutes; a trial that tells nothing new says so. */
export function Alternatives({
  trials,
  onPick,
}: {
  readonly trials: readonly TrialView[];
  readonly onPick: (id: string) => void;
}) {
  const [all, setAll] = useState(false);
  return (
    <Block>
      <ColumnHead>
        <h2>Instead</h2>
        <span>what each takes</span>
      </ColumnHead>
      <ul>
        {trials.slice(0, all ? trials.length : shown).map((trial) => (
          <li key={trial.id}>
            <Pick onPress={() => onPick(trial.id)}>
              <span>{trial.title}</span>
              <span>
                {trial.bits < tellsNothing
                  ? 'tells nothing'
                  : `${trial.minutes < 1 ? '< 1' : Math.round(trial.minutes)} min`}
              </span>
            </Pick>
          </li>
        ))}
      </ul>
      {trials.length > shown && (
        <More $kind="quiet" onPress={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${trials.length}`}
        </More>
      )}
    </Block>
  );
}
