import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';

const Group = styled(ToggleButtonGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
`;
const Toggle = styled(ToggleButton)`
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  cursor: pointer;
  &[data-selected] {
    background: ${({ theme }) => theme.strong};
    border-color: ${({ theme }) => theme.strong};
    color: ${({ theme }) => theme.onStrong};
    font-weight: 600;
  }
`;

/** One of a few views of a list, side by side. */
export function Toggles({
  label,
  choices,
  value,
  onChange,
}: {
  readonly label: string;
  readonly choices: readonly { readonly id: string; readonly label: string }[];
  readonly value: string;
  readonly onChange: (id: string) => void;
}) {
  return (
    <Group
      aria-label={label}
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[value]}
      onSelectionChange={(keys) => {
        const chosen = choices.find(({ id }) => keys.has(id));
        if (chosen) onChange(chosen.id);
      }}
    >
      {choices.map(({ id, label: words }) => (
        <Toggle key={id} id={id}>
          {words}
        </Toggle>
      ))}
    </Group>
  );
}
