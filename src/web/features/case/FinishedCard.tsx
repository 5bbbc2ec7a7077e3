import styled from 'styled-components';
import type { CaseState } from '../../../core/casework';
import { proofOfCause } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import { Button } from '../../components/Button';
import { ColumnHead } from './column';

const Title = styled.h1`
  font-size: 1.75rem;
  line-height: 1.15;
`;
const Text = styled.p`
  margin: 0.5rem 0 1rem;
  font-size: 1.08rem;
`;

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
      <Title>{isMended ? 'The machine is right' : 'Nothing is wrong to see'}</Title>
      <Text>
        {advice.why}{' '}
        {isMended
          ? 'Write down what it was and what was done.'
          : 'Close it so, park it until it shows again, or go on with another trial.'}
      </Text>
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
      <Title>Waiting for {waitingFor}</Title>
      <Text>Everything stays as it is on the sheet.</Text>
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
      <Title>{closed.cause}</Title>
      <Text>{closed.done}</Text>
      <Button onPress={onReopen}>Open it again</Button>
    </div>
  );
}
