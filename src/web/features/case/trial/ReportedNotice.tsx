import styled from 'styled-components';
import { reportedAndObserved, type CaseState } from '../../../../core/casework';
import { START_OUTCOME_LABELS } from '../../../../core/startup';
import { Notice } from '../../../components/Notice';

const Gap = styled.div`
  margin-bottom: 0.7rem;
`;

/** Right after the first start: what is seen is not what was told. Both stay on the sheet. */
export function ReportedNotice({ state }: { readonly state: CaseState }) {
  const both = reportedAndObserved(state);
  if (!both?.differs || state.steps.at(-1)?.id !== both.entry) return null;
  return (
    <Gap>
      <Notice kind="suspicion">
        <span>
          <strong>Not as told.</strong> Told: {START_OUTCOME_LABELS[both.reported].toLowerCase()}. Seen:{' '}
          {START_OUTCOME_LABELS[both.observed].toLowerCase()}. Both are kept; what you saw weighs more.
        </span>
      </Notice>
    </Gap>
  );
}
