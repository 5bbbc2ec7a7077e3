import { CheckboxButton, CheckboxField, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import type { FlashGate } from '../../../core/firmware';
import type { StickFacts } from '../../stores/firmware-desk-store';

const List = styled(CheckboxGroup)`
  display: grid;
  gap: 0.35rem;
  max-width: 54rem;
  margin-bottom: 1rem;
`;
const Name = styled(Label)`
  font-weight: 700;
`;
const Gate = styled(CheckboxButton)`
  display: grid;
  grid-template-columns: 1.7rem minmax(0, 1fr);
  align-items: start;
  min-height: 44px;
  padding: 0.55rem 0.8rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  cursor: pointer;
  &::before {
    content: '';
    width: 1.1rem;
    height: 1.1rem;
    margin-top: 0.15rem;
    border: 2px solid ${({ theme }) => theme.muted};
    border-radius: 3px;
  }
  &[data-selected]::before {
    border-color: ${({ theme }) => theme.strong};
    background: ${({ theme }) => theme.strong};
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.panel};
  }
  small {
    display: block;
    color: ${({ theme }) => theme.muted};
    font-size: 0.92rem;
  }
`;

/** What must be so before the button is pressed, each to be confirmed. */
export function Gates({
  gates,
  confirmed,
  stick,
  onChange,
}: {
  readonly gates: readonly FlashGate[];
  readonly confirmed: readonly string[];
  readonly stick: StickFacts | null;
  readonly onChange: (confirmed: string[]) => void;
}) {
  const done = gates.filter(({ id }) => confirmed.includes(id)).length;
  return (
    <List value={[...confirmed]} onChange={onChange}>
      <Name>
        {done === gates.length ? 'All confirmed. You can flash.' : `${done} of ${gates.length} confirmed: no go yet.`}
      </Name>
      {gates.map(({ id, say, why }) => (
        <CheckboxField key={id} value={id}>
          <Gate>
            <span>
              {say}
              {why && <small>{why}</small>}
              {id === 'stick' && <small>{stickWords(stick)}</small>}
            </span>
          </Gate>
        </CheckboxField>
      ))}
    </List>
  );
}

function stickWords(stick: StickFacts | null): string {
  if (!stick) return 'It was not checked here.';
  const image = stick.isListedImage ? ', with the image named in the board book' : '';
  const format = stick.isFormatChecked ? '' : ' Only name and content were checked, not the format.';
  return `Checked here: ${stick.verdict.replaceAll('-', ' ')}${image}.${format}`;
}
