import type { CaseState } from '../../../../core/casework';
import { parseTrialId } from '../../../../core/trials';
import { SpareLine } from '../../case-log/SpareLine';
import { useCaseActions } from '../../case-log/use-case-actions';

interface SpareForTrialProps {
  readonly caseId: string;
  readonly state: CaseState;
  readonly trial: string;
}

/** Of a test with a spare: which one of the shelf it is. */
export function SpareForTrial({ caseId, state, trial }: SpareForTrialProps) {
  const { record } = useCaseActions(caseId);
  const ref = parseTrialId(trial);
  const isSwap = ref?.kind === 'spare' || ref?.kind === 'load-with-spare';
  const part = isSwap ? state.machine.parts.find(({ id }) => id === ref.part) : undefined;
  return part ? <SpareLine key={part.id} state={state} part={part} onLend={(lent) => void record(lent)} /> : null;
}
