import { memo } from 'react';
import { Button, Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { nameInWords } from '../../../../core/machine';
import { SILENT_OUTCOMES } from '../../../../core/trials';
import type { OutcomeView } from '../../../../core/diagnosis';
import { percent, shortPercent, uncapitalized } from '../../../components/format';
import { ModalSheet, Overlay } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';
import type { OutcomeChoices } from '../../case-log/outcome-choices';

const Outcome = styled(Button)<{ $silent?: boolean }>`
  display: grid;
  grid-template-columns: 2.5rem minmax(0, 1fr) minmax(0, max-content);
  align-items: stretch;
  width: 100%;
  min-height: ${({ $silent }) => ($silent ? '44px' : '46px')};
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
const Label = styled.span<{ $silent?: boolean }>`
  align-self: center;
  padding: ${({ $silent }) => ($silent ? '0.3rem 0.5rem 0.3rem 0.7rem' : '0.3rem 0.8rem')};
  font-size: ${({ $silent }) => ($silent ? '0.95rem' : '1rem')};
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
  max-width: 15.5rem;
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
  gap: 0.35rem;
  [aria-busy='true'] & {
    opacity: 0.6;
  }
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9.5rem, 1fr));
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
            <Label $silent>{label}</Label>
          </Outcome>
        ))}
        {choices.others.length > 0 && <OtherOutcomes others={choices.others} onOutcome={onOutcome} />}
      </Pair>
    </List>
  );
});

function Telling({ outcome: { probability, then } }: { readonly outcome: OutcomeView }) {
  if (probability === null) return null;
  const leads = then && leaderOf(then);
  return (
    <Then title={then ? `then ${percent(then.probability)} ${uncapitalized(then.title)}` : undefined}>
      {shortPercent(probability)}
      {leads && (
        <>
          {' '}
          · then <b>{shortPercent(leads.probability)}</b> {leads.name}
        </>
      )}
    </Then>
  );
}

/** One suspect where it makes up most of what is at its part; else the part, with all that can be wrong there. */
function leaderOf({ title, probability, part }: NonNullable<OutcomeView['then']>) {
  return part && part.probability > 1.25 * probability
    ? { name: nameInWords(part), probability: part.probability }
    : { name: uncapitalized(title), probability };
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
        <Label $silent>Something else</Label>
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
