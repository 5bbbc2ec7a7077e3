import { memo, useRef, useEffect } from 'react';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { useDesk, useDeskStore } from '../../../stores/desk-store';

const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: end;
  margin-top: 0.8rem;
`;

/** A note: with the outcome of the trial if one is pressed next, or by itself. The draft stays with the case. */
export const NoteEntry = memo(function NoteEntry({
  caseId,
  isOpen,
  onAdd,
}: {
  readonly caseId: string;
  readonly isOpen: boolean;
  readonly onAdd: (text: string) => void;
}) {
  const { note } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (isOpen) form.current?.querySelector('input')?.focus();
  }, [isOpen]);
  return (
    <Form
      ref={form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (note.trim()) onAdd(note.trim());
      }}
    >
      <Field label="Note" value={note} onChange={(text) => change(caseId, { note: text })} maxLength={1000} />
      <Button type="submit" isDisabled={!note.trim()}>
        Add
      </Button>
    </Form>
  );
});
