import type { ReactNode } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { ModalSheet, Overlay } from './Sheet';

const Form = styled.form`
  display: grid;
  gap: 0.8rem;
  margin-top: 0.8rem;
`;
const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  justify-content: flex-end;
`;

interface FormSheetProps {
  readonly title: string;
  /** What pressing the main button does. */
  readonly submit: string;
  readonly isBusy?: boolean;
  /** Further buttons, left of the main one. */
  readonly actions?: ReactNode;
  readonly onSubmit: () => void;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A form in a sheet over the screen: its heading, its fields, and what can be done with them. */
export function FormSheet({ title, submit, isBusy = false, actions, onSubmit, onClose, children }: FormSheetProps) {
  return (
    <Overlay isOpen isDismissable={!isBusy} onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label={title}>
          <Heading slot="title">{title}</Heading>
          <Form
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              onSubmit();
            }}
          >
            {children}
            <Actions>
              <Button $kind="quiet" onPress={onClose}>
                Cancel
              </Button>
              {actions}
              <Button type="submit" $kind="primary" isDisabled={isBusy}>
                {submit}
              </Button>
            </Actions>
          </Form>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}
