import { ArrowDownWideNarrow } from 'lucide-react';
import { Button, Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { SCHOOL_NAMES, type School, type SchoolPrice } from '../../../../core/diagnosis';
import { Button as PlainButton } from '../../../components/Button';
import { minutesInWords } from '../../../components/format';
import { PopoverSheet } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';

const Opener = styled(PlainButton)`
  padding: 0.2rem 0.5rem;
  font-size: 0.92rem;
`;
const Sheet = styled(PopoverSheet)`
  width: 23rem;
  max-width: 94vw;
  h2 {
    font-size: 1.05rem;
  }
  p {
    margin: 0.2rem 0 0.6rem;
    font-size: 0.88rem;
    line-height: 1.35;
    color: ${({ theme }) => theme.muted};
  }
`;
const Way = styled(Button)<{ $chosen: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 0.8rem;
  width: 100%;
  min-height: 48px;
  padding: 0.3rem 0.6rem;
  border: 0;
  border-left: 5px solid ${({ theme, $chosen }) => ($chosen ? theme.strong : 'transparent')};
  border-bottom: 1px solid ${({ theme }) => theme.line};
  background: none;
  text-align: left;
  cursor: pointer;
  &[data-hovered] {
    background: ${({ theme }) => theme.sunk};
  }
  b {
    font-weight: 600;
  }
  span {
    font: 500 0.88rem ${fonts.code};
    white-space: nowrap;
  }
  small {
    grid-column: 1 / -1;
    font-size: 0.85rem;
    line-height: 1.2;
    color: ${({ theme }) => theme.muted};
  }
`;

/** The six ways of ordering the same trials, with what each would take from here. */
export function OrderChoice({
  school,
  prices,
  onChoose,
}: {
  readonly school: School;
  readonly prices: readonly SchoolPrice[] | null;
  readonly onChoose: (school: School) => void;
}) {
  return (
    <DialogTrigger>
      <Opener $kind="quiet" aria-label={`Order of trials: ${SCHOOL_NAMES[school]}`}>
        <ArrowDownWideNarrow size={16} aria-hidden /> {SCHOOL_NAMES[school]}
      </Opener>
      <Sheet placement="bottom end">
        <Dialog>
          {({ close }) => (
            <>
              <Heading slot="title">Order of trials</Heading>
              <p>The same trials, in another order. Testing that each would take from here, estimated.</p>
              {(prices ?? []).map((price) => (
                <Way
                  key={price.school}
                  $chosen={price.school === school}
                  aria-pressed={price.school === school}
                  onPress={() => {
                    close();
                    if (price.school !== school) onChoose(price.school);
                  }}
                >
                  <b>{SCHOOL_NAMES[price.school]}</b>
                  <span>{priceWords(price)}</span>
                  <small>{price.next ? `next: ${price.next.title}` : 'nothing left that tells'}</small>
                </Way>
              ))}
              {!prices && <p>Being reckoned.</p>}
            </>
          )}
        </Dialog>
      </Sheet>
    </DialogTrigger>
  );
}

function priceWords({ school, minutes, extraMinutes }: SchoolPrice): string {
  if (school === 'best-value') return `about ${minutesInWords(minutes)}`;
  return extraMinutes < 1 ? 'no more' : `+${Math.round(extraMinutes)} min`;
}
