import styled from 'styled-components';
import type { CaseView } from '../../case-log/case-view';
import { describeChanges, differ, warningsOf } from '../../../../core/machine';
import { Button } from '../../../components/Button';

const Note = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.6rem;
  margin-top: 0.6rem;
  padding: 0.3rem 0.3rem 0.3rem 0.8rem;
  border-left: 5px solid ${({ theme }) => theme.strong};
  background: ${({ theme }) => theme.panel};
  font-size: 0.95rem;
  line-height: 1.35;
`;
const Warning = styled.p`
  margin-top: 0.3rem;
  padding: 0.3rem 0.7rem;
  font-size: 0.92rem;
  line-height: 1.3;
  border-left: 5px solid ${({ theme }) => theme.suspicionFill};
  background: ${({ theme }) => theme.suspicionSoft};
`;
const Back = styled(Button)`
  padding: 0.2rem 0.6rem;
`;

/** What the changes on the plan make of the next start, in words, and what is unwise about them. */
export function SetUpNote({
  view: { logged, drafted: state },
  onClear,
}: {
  readonly view: CaseView;
  readonly onClear: () => void;
}) {
  const changes = differ(logged.configuration, state.configuration);
  const warnings = warningsOf(state.machine, state.configuration, changes);
  return (
    <div aria-live="polite">
      {changes.length > 0 && (
        <Note>
          <span>
            <strong>For the next start:</strong> {describeChanges(state.machine, changes)}.
          </span>
          <Back onPress={onClear}>Undo these</Back>
        </Note>
      )}
      {warnings.map((warning) => (
        <Warning key={warning}>{warning}</Warning>
      ))}
    </div>
  );
}
