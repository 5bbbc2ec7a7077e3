import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';

const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 0.4rem;
  margin-top: 0.6rem;
`;

const maxPaid = 1_000_000;

/** What was paid for a part: noted once, for parts that are bought to be proven. */
export function PaidEntry({ paid, onPaid }: { readonly paid: number | null; readonly onPaid: (paid: number) => void }) {
  const [text, setText] = useState(paid === null ? '' : String(paid));
  const [error, setError] = useState<string | undefined>();
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const amount = Number(text.trim().replace(',', '.'));
        if (text.trim() === '' || !(amount >= 0 && amount <= maxPaid)) return setError('Enter an amount, 0 or more.');
        onPaid(amount);
      }}
    >
      <Field label="Price paid" value={text} onChange={setText} error={error} />
      <Button type="submit">Note</Button>
    </Form>
  );
}
