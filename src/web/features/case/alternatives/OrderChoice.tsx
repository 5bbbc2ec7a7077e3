import { ArrowDownWideNarrow } from 'lucide-react';
import { Button, Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { STRATEGY_NAMES, type Strategy, type StrategyPrice } from '../../../../core/diagnosis';
import { minutesInWords } from '../../../components/format';
import { PopoverSheet } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';
import { HeadButton } from './HeadButton';

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

/** The six test orders, with what each would take from here. */
export function OrderChoice({
  strategy,
  prices,
  onChoose,
}: {
  readonly strategy: Strategy;
  readonly prices: readonly StrategyPrice[] | null;
  readonly onChoose: (strategy: Strategy) => void;
}) {
  return (
    <DialogTrigger>
      <HeadButton $kind="quiet" aria-label={`Test order: ${STRATEGY_NAMES[strategy]}`}>
        <ArrowDownWideNarrow size={16} aria-hidden /> {STRATEGY_NAMES[strategy]}
      </HeadButton>
      <Sheet placement="bottom end">
        <Dialog>
          {({ close }) => (
            <>
              <Heading slot="title">Test order</Heading>
              <p>The same tests in a different order, with the estimated testing time from here.</p>
              {(prices ?? []).map((price) => (
                <Way
                  key={price.strategy}
                  $chosen={price.strategy === strategy}
                  aria-pressed={price.strategy === strategy}
                  onPress={() => {
                    close();
                    if (price.strategy !== strategy) onChoose(price.strategy);
                  }}
                >
                  <b>{STRATEGY_NAMES[price.strategy]}</b>
                  <span>{priceWords(price)}</span>
                  <small>{price.next ? `next: ${price.next.title}` : 'nothing left that tells'}</small>
                </Way>
              ))}
              {!prices && <p>Calculating …</p>}
            </>
          )}
        </Dialog>
      </Sheet>
    </DialogTrigger>
  );
}

function priceWords({ strategy, minutes, extraMinutes }: StrategyPrice): string {
  if (strategy === 'best-value') return `about ${minutesInWords(minutes)}`;
  return extraMinutes < 1 ? 'no more' : `+${Math.round(extraMinutes)} min`;
}
