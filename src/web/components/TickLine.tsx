import styled from 'styled-components';

const Tick = styled.label`
  display: inline-flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 44px;
  align-self: end;
  input {
    width: 1.3rem;
    height: 1.3rem;
    accent-color: ${({ theme }) => theme.strong};
  }
`;

interface TickLineProps {
  readonly isTicked: boolean;
  readonly onChange: (isTicked: boolean) => void;
  readonly label: string;
}

/** A box to tick with its words beside it. */
export function TickLine({ isTicked, onChange, label }: TickLineProps) {
  return (
    <Tick>
      <input type="checkbox" checked={isTicked} onChange={(event) => onChange(event.target.checked)} />
      {label}
    </Tick>
  );
}
