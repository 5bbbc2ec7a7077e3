import type { CaseState } from '../../../core/casework';
import { proofOfCause } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import { Button } from '../../components/Button';
import { CardText, CardTitle } from '../../components/CardText';
import { ColumnHead } from './column';

/** Nothing left to do: the machine is right, or the complaint does not show. */
export function ReadyToClose({
  advice,
  onClose,
}: {
  readonly advice: Diagnosis['advice'];
  readonly onClose: () => void;
}) {
  const isMended = advice.kind === 'close';
  return (
    <div>
      <ColumnHead>
        <h2>Done</h2>
      </ColumnHead>
      <CardTitle>{isMended ? 'The machine is right' : 'Nothing is wrong to see'}</CardTitle>
      <CardText>
        {advice.why}{' '}
        {isMended
          ? 'Write down what it was and what was done.'
          : 'Close it so, park it until it shows again, or go on with another trial.'}
      </CardText>
      <Button $kind="primary" onPress={onClose}>
        Close the case
      </Button>
    </div>
  );
}

export function ParkedCard({ waitingFor, onResume }: { readonly waitingFor: string; readonly onResume: () => void }) {
  return (
    <div>
      <ColumnHead>
        <h2>Parked</h2>
      </ColumnHead>
      <CardTitle>Waiting for {waitingFor}</CardTitle>
      <CardText>Everything stays as it is on the sheet.</CardText>
      <Button $kind="primary" onPress={onResume}>
        Take it up again
      </Button>
    </div>
  );
}

/** A closed case: what it was, how far it is proven, what was done. */
export function ClosedCard({ state, onReopen }: { readonly state: CaseState; readonly onReopen: () => void }) {
  const { closed } = state;
  if (!closed) return null;
  return (
    <div>
      <ColumnHead>
        <h2>Closed by {closed.by}</h2>
        <span>cause {proofOfCause(state, closed.fault)}</span>
      </ColumnHead>
      <CardTitle>{closed.cause}</CardTitle>
      <CardText>{closed.done}</CardText>
      <Button onPress={onReopen}>Open it again</Button>
    </div>
  );
}
