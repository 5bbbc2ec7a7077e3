import { counted } from '../../components/format';
import styled from 'styled-components';
import type { FlashMethod, MethodChoice } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { minutesInWords } from '../../components/format';
import type { StepProps } from './step-props';
import { Block, Fields, Lead, Muted, Title } from './step-parts';
import { amount, type Firmware } from './use-firmware';
import { NeedsBoard } from './VersionStep';

const Ways = styled.ol`
  display: grid;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  list-style: none;
`;
const Way = styled.li<{ $possible: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.2rem 1rem;
  align-items: center;
  padding: ${({ $possible }) => ($possible ? '0.7rem 0.9rem' : '0.35rem 0.9rem')};
  border: 1px solid ${({ theme, $possible }) => ($possible ? theme.line : 'transparent')};
  border-radius: 6px;
  background: ${({ theme, $possible }) => ($possible ? theme.panel : 'transparent')};
  strong {
    font-size: ${({ $possible }) => ($possible ? '1.1rem' : '1rem')};
  }
  p {
    font-size: 0.96rem;
  }
`;
const More = styled.details`
  max-width: 54rem;
  margin-bottom: 1rem;
  summary {
    cursor: pointer;
    min-height: 36px;
    font-weight: 600;
  }
`;

type Offers = Firmware['desk']['offers'];

const startChoices = [
  { id: 'yes', label: 'Yes, it reaches setup' },
  { id: 'no', label: 'No' },
  { id: 'unknown', label: 'Not known' },
];
const stickChoices = [
  { id: 'yes', label: 'A USB stick is available' },
  { id: 'no', label: 'No stick' },
];

/** By which way the version gets onto the board. */
export function WayStep({ firmware: { desk, change, board, methods }, log }: StepProps) {
  if (!board) return <NeedsBoard onGo={() => change({ step: 'board' })} />;
  const starts = desk.starts ?? log?.known.starts ?? null;
  const { offers } = desk;
  const offer = (part: Partial<typeof offers>) => change({ offers: { ...offers, ...part } });
  const take = (method: FlashMethod) =>
    change({
      method,
      step: method === 'second-image' || method === 'sent-in' || method === 'running-system' ? 'flash' : 'stick',
      gates: [],
    });
  return (
    <>
      <Title>Which method?</Title>
      <Lead>Cheapest first, counting money, work, waiting and the risk of a dead board.</Lead>
      <Fields $columns={1}>
        <ChoiceGrid
          label="Does the machine start?"
          columns={3}
          choices={startChoices}
          value={starts === null ? 'unknown' : starts ? 'yes' : 'no'}
          onChange={(id) => change({ starts: id === 'unknown' ? null : id === 'yes' })}
        />
        <ChoiceGrid
          label="Stick"
          columns={3}
          choices={stickChoices}
          value={desk.hasStick ? 'yes' : 'no'}
          onChange={(id) => change({ hasStick: id === 'yes' })}
        />
      </Fields>
      <OfferFields offers={offers} offer={offer} />
      <Block>
        <Ways aria-label="Methods, cheapest first">
          {methods.map((way, i) => (
            <OneWay key={way.method} way={way} isFirst={i === 0} onTake={() => take(way.method)} />
          ))}
        </Ways>
      </Block>
    </>
  );
}

interface OfferFieldsProps {
  readonly offers: Offers;
  readonly offer: (part: Partial<Offers>) => void;
}

function OfferFields({ offers, offer }: OfferFieldsProps) {
  return (
    <More>
      <summary>What a supported processor would cost</summary>
      <Fields>
        <ChoiceGrid
          label="On the shelf"
          choices={[
            { id: 'yes', label: 'Yes' },
            { id: 'no', label: 'No' },
          ]}
          value={offers.isOnShelf ? 'yes' : 'no'}
          onChange={(id) => offer({ isOnShelf: id === 'yes' })}
        />
        <AmountField label="On loan, in days" value={offers.loanDays} onChange={(loanDays) => offer({ loanDays })} />
        <span />
        <AmountField label="A shop does it for" value={offers.shopFee} onChange={(shopFee) => offer({ shopFee })} />
        <AmountField label="in days" value={offers.shopDays} onChange={(shopDays) => offer({ shopDays })} />
        <span />
        <AmountField label="Bought for" value={offers.price} onChange={(price) => offer({ price })} />
        <AmountField label="sold again for" value={offers.resale} onChange={(resale) => offer({ resale })} />
        <AmountField
          label="here in days"
          value={offers.purchaseDays}
          onChange={(purchaseDays) => offer({ purchaseDays })}
        />
      </Fields>
    </More>
  );
}

function OneWay({
  way,
  isFirst,
  onTake,
}: {
  readonly way: MethodChoice;
  readonly isFirst: boolean;
  readonly onTake: () => void;
}) {
  const { title, why, isPossible, minutes, days, money, risk } = way;
  const facts = [
    minutesInWords(minutes),
    days > 0 ? counted(days, 'day') : null,
    money > 0 ? `costs ${money}` : 'costs nothing',
    `ends worse in ${Math.max(1, Math.round(1000 * risk))} of 1000`,
  ];
  return (
    <Way $possible={isPossible}>
      <div>
        <strong>{title}</strong>
        <p>
          {!isPossible && <Muted>Not possible: </Muted>}
          {why}
        </p>
        {isPossible && <Muted>{facts.filter(Boolean).join(' · ')}</Muted>}
      </div>
      {isPossible && (
        <Button $kind={isFirst ? 'primary' : 'plain'} onPress={onTake} aria-label={`Use this method: ${title}`}>
          Use this method
        </Button>
      )}
    </Way>
  );
}

function AmountField({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (typed: string) => void;
}) {
  const isWrong = value.trim() !== '' && amount(value) === null;
  return (
    <Field label={label} value={value} onChange={onChange} error={isWrong ? 'Enter a number, 0 or more.' : undefined} />
  );
}
