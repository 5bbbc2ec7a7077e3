import {
  CheckboxButton,
  CheckboxField,
  CheckboxGroup,
  Label,
  RadioButton,
  RadioField,
  RadioGroup,
} from 'react-aria-components';
import styled, { css } from 'styled-components';
import { StyledFieldError } from './Field';

const tile = css`
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 44px;
  padding: 0.45rem 0.8rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  cursor: pointer;
  line-height: 1.25;
  &::before {
    content: '';
    flex: none;
    width: 1.05rem;
    height: 1.05rem;
    border: 2px solid ${({ theme }) => theme.muted};
    background: ${({ theme }) => theme.panel};
  }
  &[data-hovered] {
    border-color: ${({ theme }) => theme.ink};
  }
  &[data-selected] {
    border-color: ${({ theme }) => theme.strong};
    box-shadow: inset 0 0 0 1px ${({ theme }) => theme.strong};
    font-weight: 600;
  }
  &[data-selected]::before {
    border-color: ${({ theme }) => theme.strong};
    background: ${({ theme }) => theme.strong};
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.panel};
  }
`;

const RadioTile = styled(RadioButton)`
  ${tile}
  &::before {
    border-radius: 50%;
  }
`;
const CheckTile = styled(CheckboxButton)`
  ${tile}
  &::before {
    border-radius: 3px;
  }
`;
const Grid = styled.div<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(0, 1fr));
  gap: 0.5rem;
  margin-top: 0.35rem;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const GroupLabel = styled(Label)`
  font-weight: 600;
`;

export interface Choice {
  readonly id: string;
  readonly label: string;
}

/** One of a few large choices. */
export function ChoiceGrid({
  label,
  choices,
  value,
  onChange,
  columns = 2,
  error,
}: {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly value: string;
  readonly onChange: (id: string) => void;
  readonly columns?: number;
  readonly error?: string | undefined;
}) {
  return (
    <RadioGroup value={value || null} onChange={onChange} isInvalid={Boolean(error)} validationBehavior="aria">
      <GroupLabel>{label}</GroupLabel>
      <Grid $columns={columns}>
        {choices.map((choice) => (
          <RadioField key={choice.id} value={choice.id}>
            <RadioTile>{choice.label}</RadioTile>
          </RadioField>
        ))}
      </Grid>
      <StyledFieldError>{error}</StyledFieldError>
    </RadioGroup>
  );
}

/** Any of a few large choices. */
export function CheckGrid({
  label,
  choices,
  values,
  onChange,
  columns = 2,
}: {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly values: readonly string[];
  readonly onChange: (ids: string[]) => void;
  readonly columns?: number;
}) {
  return (
    <CheckboxGroup value={[...values]} onChange={onChange}>
      <GroupLabel>{label}</GroupLabel>
      <Grid $columns={columns}>
        {choices.map((choice) => (
          <CheckboxField key={choice.id} value={choice.id}>
            <CheckTile>{choice.label}</CheckTile>
          </CheckboxField>
        ))}
      </Grid>
    </CheckboxGroup>
  );
}
