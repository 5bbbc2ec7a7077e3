import { Label, RadioButton, RadioField, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { StyledFieldError } from '../../components/Field';
import { notKnown, reportedGroups } from './reported-choices';

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0.9rem;
  margin-top: 0.4rem;
  @media (max-width: 1000px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  @media (max-width: 560px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Column = styled.div`
  display: grid;
  gap: 0.4rem;
  align-content: start;
`;
const ColumnTitle = styled.div`
  /* A bench tag: a hole for the string, one corner cut by its round edge. */
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 34px;
  padding: 0 0.8rem;
  border-radius: 17px 4px 4px 17px;
  background: ${({ theme }) => theme.sunk};
  font-weight: 600;
  &::before {
    content: '';
    flex: none;
    width: 9px;
    height: 9px;
    border: 2px solid ${({ theme }) => theme.muted};
    border-radius: 50%;
    background: ${({ theme }) => theme.ground};
  }
`;
const Tile = styled(RadioButton)`
  display: flex;
  align-items: center;
  min-height: 48px;
  padding: 0.35rem 0.8rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-left-width: 6px;
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  line-height: 1.2;
  cursor: pointer;
  &[data-hovered] {
    border-color: ${({ theme }) => theme.ink};
  }
  &[data-selected] {
    background: ${({ theme }) => theme.strong};
    border-color: ${({ theme }) => theme.strong};
    color: ${({ theme }) => theme.onStrong};
    font-weight: 600;
  }
`;
const GroupLabel = styled(Label)`
  font-weight: 600;
`;

/** What happens on pressing the button: a few large choices along the chain. */
export function ReportedChoices({
  value,
  onChange,
  error,
}: {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
}) {
  return (
    <RadioGroup value={value || null} onChange={onChange} isInvalid={Boolean(error)} validationBehavior="aria">
      <GroupLabel>What happens when the button is pressed?</GroupLabel>
      <Columns>
        {reportedGroups.map(({ title, choices }, index) => (
          <Column key={title}>
            <ColumnTitle>{title}</ColumnTitle>
            {[...choices, ...(index === 0 ? [notKnown] : [])].map((choice) => (
              <RadioField key={choice.id} value={choice.id}>
                <Tile>{choice.label}</Tile>
              </RadioField>
            ))}
          </Column>
        ))}
      </Columns>
      <StyledFieldError>{error}</StyledFieldError>
    </RadioGroup>
  );
}
