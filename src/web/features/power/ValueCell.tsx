import { useId, useState } from 'react';
import styled from 'styled-components';
import { fonts } from '../../theme/tokens';

const Box = styled.div`
  min-width: 0;
  label {
    display: grid;
    gap: 0.1rem;
  }
  span {
    font-size: 0.86rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Input = styled.input`
  width: 100%;
  min-width: 0;
  min-height: 38px;
  padding: 0.15rem 0.45rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 5px;
  background: ${({ theme }) => theme.panel};
  font-family: ${fonts.code};
  &[data-text] {
    font-family: inherit;
  }
  &::placeholder {
    color: ${({ theme }) => theme.muted};
    opacity: 1;
  }
  &[aria-invalid='true'] {
    border: 2px solid ${({ theme }) => theme.danger};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Wrong = styled.em`
  font-style: normal;
  font-size: 0.86rem;
  font-weight: 600;
  color: ${({ theme }) => theme.danger};
`;

export interface ValueCellProps {
  readonly label: string;
  /** The label is said and not shown: a head of a column stands above. */
  readonly isBare?: boolean;
  readonly isText?: boolean;
  readonly shown: string;
  /** What holds while the cell is empty. */
  readonly placeholder?: string;
  /** Takes what was typed; returns why it does not, and then nothing has changed. */
  readonly onEnter: (text: string) => string | null;
}

/** One figure in its place: what is typed counts at once where it can, and stays with its error where it cannot. */
export function ValueCell({ label, isBare = false, isText = false, shown, placeholder, onEnter }: ValueCellProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const errorId = useId();
  const enter = (text: string) => {
    setTyped(text);
    const problem = onEnter(text);
    // An error is shown when the cell is left: half a number is none yet.
    if (!problem || error) setError(problem);
  };
  const leave = () => {
    if (typed === null) return;
    const problem = onEnter(typed);
    setError(problem);
    if (!problem) setTyped(null);
  };
  return (
    <Box>
      <label>
        {!isBare && <span>{label}</span>}
        <Input
          {...(isText ? { 'data-text': true } : { inputMode: 'decimal' })}
          {...(isBare ? { 'aria-label': label } : {})}
          value={typed ?? shown}
          placeholder={placeholder}
          aria-invalid={error !== null}
          aria-describedby={error ? errorId : undefined}
          autoComplete="off"
          onChange={(event) => enter(event.target.value)}
          onBlur={leave}
          onKeyDown={(event) => {
            if (event.key === 'Enter') leave();
          }}
        />
      </label>
      {error && (
        <Wrong id={errorId} role="alert">
          {error}
        </Wrong>
      )}
    </Box>
  );
}
