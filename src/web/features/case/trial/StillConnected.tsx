import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { ModalSheet, Overlay } from '../../../components/Sheet';

const Sheet = styled(ModalSheet)`
  h2 {
    margin-bottom: 0.4rem;
    font-size: 1.2rem;
  }
  ul {
    margin: 0.4rem 0 0.8rem 1.2rem;
    list-style: disc;
  }
`;
const Answers = styled.div`
  display: grid;
  gap: 0.4rem;
  button {
    white-space: normal;
  }
`;

/** Asked before a stripped start is written while leads are left unticked: the answer stands in the log. */
export function StillConnected({
  names,
  onAnswer,
  onClose,
}: {
  readonly names: readonly string[];
  readonly onAnswer: (isOn: boolean) => void;
  readonly onClose: () => void;
}) {
  return (
    <Overlay isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Sheet>
        <Dialog>
          <Heading slot="title">Still connected?</Heading>
          <p>Nobody ticked these as off. One forgotten lead spoils the test.</p>
          <ul>
            {names.map((name) => (
              <li key={name}>{name}</li>
            ))}
          </ul>
          <Answers>
            <Button $kind="primary" autoFocus onPress={() => onAnswer(false)}>
              No, all of these are off or not fitted
            </Button>
            <Button onPress={() => onAnswer(true)}>Yes, they are still connected: write it so</Button>
            <Button $kind="quiet" onPress={onClose}>
              Back, to take them off first
            </Button>
          </Answers>
        </Dialog>
      </Sheet>
    </Overlay>
  );
}
