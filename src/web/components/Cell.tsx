import type { ReactNode } from 'react';
import { Input } from 'react-aria-components';
import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import styled, { css } from 'styled-components';

const cell = css`
  width: 100%;
  min-height: 40px;
  padding: 0.3rem 0.5rem;
  @media (pointer: coarse) {
    min-height: 44px;
  }
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 5px;
  background: ${({ theme }) => theme.panel};
`;
const CellInput = styled(Input)`
  ${cell}
  &[aria-invalid='true'] {
    border: 2px solid ${({ theme }) => theme.danger};
  }
`;
const CellSelect = styled.select`
  ${cell}
`;
/** Around a tick in a table: a press beside the box counts as well. */
export const TickPlace = styled.label`
  display: inline-grid;
  place-items: center;
  min-width: 44px;
  min-height: 44px;
  cursor: pointer;
`;
const Tick = styled.input`
  width: 1.4rem;
  height: 1.4rem;
  accent-color: ${({ theme }) => theme.strong};
`;
const Wrong = styled.span`
  display: block;
  margin-top: 0.15rem;
  color: ${({ theme }) => theme.danger};
  font-size: 0.88rem;
  font-weight: 600;
`;

export interface CellProps<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: FieldPath<T>;
  readonly label: string;
}

/** One text of a table row in a form, its error below it. */
export function TextCell<T extends FieldValues>({ control, name, label }: CellProps<T>) {
  const { field, fieldState } = useController({ control, name });
  return (
    <>
      <CellInput
        {...field}
        value={asText(field.value)}
        aria-label={label}
        aria-invalid={fieldState.invalid}
        autoComplete="off"
      />
      <CellError message={fieldState.error?.message} />
    </>
  );
}

/** A tick in a table row of a form. */
export function TickCell<T extends FieldValues>({ control, name, label }: CellProps<T>) {
  const {
    field: { ref, name: fieldName, value, onChange, onBlur },
  } = useController({ control, name });
  return (
    <Tick
      type="checkbox"
      ref={ref}
      name={fieldName}
      checked={Boolean(value)}
      onChange={(event) => onChange(event.target.checked)}
      onBlur={onBlur}
      aria-label={label}
    />
  );
}

/** One of a few words in a table row of a form. */
export function ChoiceCell<T extends FieldValues>({
  control,
  name,
  label,
  choices,
}: CellProps<T> & { readonly choices: readonly (readonly [id: string, words: string])[] }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <>
      <CellSelect {...field} value={asText(field.value)} aria-label={label} aria-invalid={fieldState.invalid}>
        {choices.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </CellSelect>
      <CellError message={fieldState.error?.message} />
    </>
  );
}

function CellError({ message }: { readonly message: ReactNode }) {
  return message ? <Wrong role="alert">{message}</Wrong> : null;
}

/** What a text field shows of a value of a form. */
export const asText = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : '';
