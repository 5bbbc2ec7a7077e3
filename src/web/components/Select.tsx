import { useId } from 'react';
import styled from 'styled-components';

const Box = styled.div`
  label {
    display: block;
    margin-bottom: 0.25rem;
    font-weight: 600;
  }
  select {
    width: 100%;
    min-height: 44px;
    padding: 0.4rem 0.7rem;
    border: 1px solid ${({ theme }) => theme.muted};
    border-radius: 6px;
    background: ${({ theme }) => theme.panel};
  }
`;

/** One of many, from the system's own list: quick by keyboard and by touch. */
export function Select({
  label,
  value,
  choices,
  onChange,
  isLabelHidden = false,
}: {
  readonly label: string;
  /** Where the row says already what is chosen. */
  readonly isLabelHidden?: boolean;
  readonly value: string;
  readonly choices: readonly { readonly id: string; readonly label: string }[];
  readonly onChange: (id: string) => void;
}) {
  const id = useId();
  return (
    <Box>
      {!isLabelHidden && <label htmlFor={id}>{label}</label>}
      <select
        id={id}
        {...(isLabelHidden ? { 'aria-label': label } : {})}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {choices.map((choice) => (
          <option key={choice.id} value={choice.id}>
            {choice.label}
          </option>
        ))}
      </select>
    </Box>
  );
}
