import { useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { ModalSheet, Overlay } from '../../../components/Sheet';

const Sheet = styled(ModalSheet)`
  h2 {
    margin-bottom: 0.6rem;
    font-size: 1.2rem;
  }
`;
const Reasons = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.4rem;
  margin-bottom: 0.8rem;
`;
const Own = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 0.5rem;
`;

const reasons = [
  'Tool not available',
  'Spare not available',
  'Cannot get to it',
  'Not safe to do',
  'The owner does not want it',
];

/** Why a trial could not be done: one press for the usual reasons, or a few words. It stands on the sheet. */
export function WhyNot({
  onReason,
  onClose,
}: {
  readonly onReason: (reason: string) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  return (
    <Overlay isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Sheet>
        <Dialog>
          <Heading slot="title">Why could you not do it?</Heading>
          <Reasons>
            {reasons.map((reason, i) => (
              <Button key={reason} autoFocus={i === 0} onPress={() => onReason(reason)}>
                {reason}
              </Button>
            ))}
          </Reasons>
          <Own
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              if (!text.trim()) return setError('Enter the reason, or choose one.');
              onReason(text.trim());
            }}
          >
            <Field label="Another reason" value={text} onChange={setText} error={error} maxLength={400} />
            <Button type="submit" $kind="primary">
              Save
            </Button>
          </Own>
        </Dialog>
      </Sheet>
    </Overlay>
  );
}
