import { memo } from 'react';
import { Button, Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { SILENT_OUTCOMES } from '../../../../core/trials';
import type { OutcomeView } from '../../../../core/diagnosis';
import { percent } from '../../../components/format';
import { ModalSheet, Overlay } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';
import type { OutcomeChoices } from '../../case-log/outcome-choices';

const Outcome = styled(Button)<{ $silent?: boolean }>`
  display: grid;
  grid-template-columns: 2.5rem minmax(45%, max-content) minmax(0, 1fr);
  align-items: stretch;
  width: 100%;
  min-height: ${({ $silent }) => ($silent ? '44px' : '48px')};
  padding: 0;
  border: 1px solid ${({ theme, $silent }) => ($silent ? theme.line : theme.strong)};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  text-align: left;
  cursor: pointer;
  overflow: hidden;
  @media (max-width: 600px) {
    grid-template-columns: 2.5rem minmax(0, 1fr);
  }
  &[data-hovered] {
    border-color: ${({ theme }) => theme.ink};
  }
`;
const Key = styled.span<{ $silent?: boolean }>`
  @media (max-width: 600px) {
    grid-row: ${({ $silent }) => ($silent ? 'auto' : '1 / span 2')};
  }
  display: grid;
  place-items: center;
  background: ${({ theme, $silent }) => ($silent ? theme.sunk : theme.strong)};
  color: ${({ theme, $silent }) => ($silent ? theme.ink : theme.onStrong)};
  font: 700 1rem ${fonts.code};
`;
const Label = styled.span`
  align-self: center;
  padding: 0.3rem 0.8rem;
  font-weight: 600;
  line-height: 1.2;
`;
const Then = styled.span`
  align-self: center;
  justify-self: end;
  padding: 0.25rem 0.8rem 0.25rem 0;
  font-size: 0.88rem;
  line-height: 1.2;
  text-align: right;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  @media (max-width: 600px) {
    justify-self: start;
    padding: 0 0.8rem 0.35rem;
    text-align: left;
  }
  color: ${({ theme }) => theme.muted};
  b {
    color: ${({ theme }) => theme.ink};
    white-space: nowrap;
  }
`;
const List = styled.div`
  display: grid;
  gap: 0.4rem;
  [aria-busy='true'] & {
    opacity: 0.6;
  }
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
  gap: 0.4rem;
`;
const Sheet = styled(ModalSheet)`
  h2 {
    margin-bottom: 0.8rem;
    font-size: 1.2rem;
  }
`;

/**
 * What can be seen, one press each, with what each would tell. They stay as they are while an outcome is on its way: a
 * press meanwhile is left unheard by `onOutcome`.
 */
export const OutcomeButtons = memo(function OutcomeButtons({
  choices,
  onOutcome,
}: {
  readonly choices: OutcomeChoices;
  readonly onOutcome: (id: string) => void;
}) {
  return (
    <List role="group" aria-label="What do you see?">
      {choices.likely.map((outcome, index) => (
        <Outcome key={outcome.id} onPress={() => onOutcome(outcome.id)}>
          <Key>{index + 1}</Key>
          <Label>{outcome.label}</Label>
          <Telling outcome={outcome} />
        </Outcome>
      ))}
      <Pair>
        {SILENT_OUTCOMES.map(({ id, label }, index) => (
          <Outcome key={id} $silent onPress={() => onOutcome(id)}>
            <Key $silent>{choices.likely.length + index + 1}</Key>
            <Label>{label}</Label>
          </Outcome>
        ))}
        {choices.others.length > 0 && <OtherOutcomes others={choices.others} onOutcome={onOutcome} />}
      </Pair>
    </List>
  );
});

function Telling({ outcome: { probability, then } }: { readonly outcome: OutcomeView }) {
  if (probability === null) return null;
  return (
    <Then title={then ? `then ${percent(then.probability)} ${then.title}` : undefined}>
      {percent(probability)}
      {then && (
        <>
          {' '}
          · then <b>{percent(then.probability)}</b> {then.title.charAt(0).toLowerCase() + then.title.slice(1)}
        </>
      )}
    </Then>
  );
}

function OtherOutcomes({
  others,
  onOutcome,
}: {
  readonly others: readonly OutcomeView[];
  readonly onOutcome: (id: string) => void;
}) {
  return (
    <DialogTrigger>
      <Outcome $silent>
        <Key $silent>…</Key>
        <Label>Something else</Label>
      </Outcome>
      <Overlay isDismissable>
        <Sheet>
          <Dialog>
            {({ close }) => (
              <>
                <Heading slot="title">What do you see?</Heading>
                <List>
                  {others.map((outcome) => (
                    <Outcome
                      key={outcome.id}
                      $silent
                      onPress={() => {
                        close();
                        onOutcome(outcome.id);
                      }}
                    >
                      <Key $silent>·</Key>
                      <Label>{outcome.label}</Label>
                      {outcome.probability !== null && <Then>{percent(outcome.probability)}</Then>}
                    </Outcome>
                  ))}
                </List>
              </>
            )}
          </Dialog>
        </Sheet>
      </Overlay>
    </DialogTrigger>
  );
}
