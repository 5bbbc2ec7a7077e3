import { Search } from 'lucide-react';
import { Input, Label, SearchField } from 'react-aria-components';
import styled from 'styled-components';

const Find = styled(SearchField)`
  flex: 1 1 16rem;
  position: relative;
  label {
    position: absolute;
    clip-path: inset(50%);
  }
  svg {
    position: absolute;
    left: 0.75rem;
    top: 0.8rem;
    color: ${({ theme }) => theme.muted};
  }
  input {
    width: 100%;
    min-height: 44px;
    padding: 0.4rem 0.7rem 0.4rem 2.4rem;
    border: 1px solid ${({ theme }) => theme.line};
    border-radius: 6px;
    background: ${({ theme }) => theme.panel};
  }
`;

/** A line to search by. */
export function SearchBox({
  value,
  onChange,
  placeholder,
  autoFocus = false,
}: {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly placeholder: string;
  readonly autoFocus?: boolean;
}) {
  return (
    <Find value={value} onChange={onChange} autoFocus={autoFocus}>
      <Label>Search</Label>
      <Search size={18} aria-hidden />
      <Input placeholder={placeholder} />
    </Find>
  );
}
