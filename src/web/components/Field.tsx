import type { ReactNode } from 'react';
import {
  FieldError,
  Input,
  Label,
  NumberField,
  Text,
  TextArea,
  TextField,
  Group,
  Button as AriaButton,
} from 'react-aria-components';
import styled, { css } from 'styled-components';

const control = css`
  width: 100%;
  min-height: 44px;
  padding: 0.5rem 0.7rem;
  border: 1px solid ${({ theme }) => theme.muted};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  &[data-invalid] {
    border: 2px solid ${({ theme }) => theme.danger};
  }
`;

const StyledInput = styled(Input)`
  ${control}
`;
const StyledTextArea = styled(TextArea)`
  ${control}
  resize: vertical;
`;
export const FieldLabel = styled(Label)`
  display: block;
  margin-bottom: 0.25rem;
  font-weight: 600;
`;
const Hint = styled(Text)`
  display: block;
  margin-top: 0.2rem;
  font-size: 0.9rem;
  color: ${({ theme }) => theme.muted};
`;
export const StyledFieldError = styled(FieldError)`
  display: block;
  margin-top: 0.25rem;
  color: ${({ theme }) => theme.danger};
  font-weight: 600;
`;

export interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  readonly error?: string | undefined;
  readonly hint?: ReactNode;
  readonly rows?: number;
  readonly autoFocus?: boolean;
  readonly maxLength?: number;
  readonly autoComplete?: string;
  readonly isSecret?: boolean;
}

/** A labelled line or area of text, its error beside it. */
export function Field(props: FieldProps) {
  const { label, value, onChange, onBlur, error, hint, rows, autoFocus, maxLength } = props;
  const { autoComplete = 'off', isSecret = false } = props;
  return (
    <TextField
      value={value}
      onChange={onChange}
      isInvalid={Boolean(error)}
      validationBehavior="aria"
      {...(onBlur ? { onBlur } : {})}
      {...(maxLength ? { maxLength } : {})}
      autoFocus={autoFocus ?? false}
      type={isSecret ? 'password' : 'text'}
    >
      <FieldLabel>{label}</FieldLabel>
      {rows ? <StyledTextArea rows={rows} /> : <StyledInput autoComplete={autoComplete} />}
      {hint && <Hint slot="description">{hint}</Hint>}
      <StyledFieldError>{error}</StyledFieldError>
    </TextField>
  );
}

const StepGroup = styled(Group)`
  display: inline-flex;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  overflow: hidden;
  background: ${({ theme }) => theme.panel};
`;
const Step = styled(AriaButton)`
  flex: none;
  width: 44px;
  height: 44px;
  border: 0;
  background: ${({ theme }) => theme.sunk};
  font-size: 1.2rem;
  cursor: pointer;
  &[data-disabled] {
    opacity: 0.4;
  }
`;
const Count = styled(Input)`
  width: 3rem;
  border: 0;
  text-align: center;
  background: transparent;
  font-weight: 600;
`;
const CountField = styled(NumberField)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0 1rem;
`;

/** A small number with large steps. */
export function Stepper({
  label,
  value,
  onChange,
  min = 0,
  max,
  error,
}: {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly min?: number;
  readonly max: number;
  readonly error?: string | undefined;
}) {
  return (
    <CountField
      value={value}
      onChange={onChange}
      minValue={min}
      maxValue={max}
      isInvalid={Boolean(error)}
      validationBehavior="aria"
    >
      <Label>{label}</Label>
      <StepGroup>
        <Step slot="decrement" aria-label={`Fewer: ${label}`}>
          −
        </Step>
        <Count />
        <Step slot="increment" aria-label={`More: ${label}`}>
          +
        </Step>
      </StepGroup>
      <StyledFieldError>{error}</StyledFieldError>
    </CountField>
  );
}
