import styled from 'styled-components';
import { reportedAndObserved, type CaseState } from '../../../../core/casework';
import { START_OUTCOME_LABELS } from '../../../../core/startup';
import { uncapitalized } from '../../../components/format';
import { Notice } from '../../../components/Notice';

const Gap = styled.div`
  margin-bottom: 0.7rem;
`;

/** Right after the first start: what was observed is not what was reported. Both stay on the sheet. */
export function ReportedNotice({ state }: { readonly state: CaseState }) {
  const both = reportedAndObserved(state);
  if (!both?.differs || state.steps.at(-1)?.id !== both.entry) return null;
  return (
    <Gap>
      <Notice kind="suspicion">
        <span>
          <strong>Differs from the report.</strong> The owner says: {uncapitalized(START_OUTCOME_LABELS[both.reported])}
          . You saw: {uncapitalized(START_OUTCOME_LABELS[both.observed])}. Both are kept; what you saw counts more.
        </span>
      </Notice>
    </Gap>
  );
}
