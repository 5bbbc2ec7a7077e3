import { useState } from 'react';
import styled from 'styled-components';
import { overdueOptions, type BareFlash, type FlashWatch } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { percent } from '../../components/format';
import { Foot } from './step-parts';
import type { useFlashLog } from './use-flash-log';

const Reasons = styled.ol`
  margin: 0.3rem 0 1rem;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    gap: 0.8rem;
    padding: 0.35rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  b {
    color: ${({ theme }) => theme.suspicion};
  }
`;
const Small = styled.h2`
  margin-top: 0.9rem;
  font-size: 1.1rem;
`;

/** Why it gave up, the likeliest first. */
export function LikelyReasons({ reasons }: { readonly reasons: FlashWatch['reasons'] }) {
  return (
    <>
      <Small>Most likely reasons</Small>
      <Reasons aria-label="Most likely reasons">
        {reasons.map(({ code, probability, title, fix }) => (
          <li key={code}>
            <b>{percent(probability)}</b>
            <span>
              <strong>{title}.</strong> {fix}
            </span>
          </li>
        ))}
      </Reasons>
    </>
  );
}

/** A word or two at least: it goes on record. */
const leastReason = 8;

/** What to do about a flash that blinks on past its time; giving it up is a person's decision, with a reason. */
export function Overdue({
  flash,
  watch,
  onDecide,
}: {
  readonly flash: BareFlash;
  readonly watch: FlashWatch;
  readonly onDecide: ReturnType<typeof useFlashLog>;
}) {
  const [reason, setReason] = useState('');
  const decided = reason.trim();
  return (
    <>
      <Small>What to do, in this order</Small>
      <Options aria-label="What to do, in this order">
        {overdueOptions(flash, watch.elapsedSeconds).map(({ title, risk }) => (
          <li key={title}>
            <strong>{title}</strong> <span>{risk}</span>
          </li>
        ))}
      </Options>
      <Field label="Given up: who decided it, and why" value={reason} onChange={setReason} maxLength={300} />
      <Foot>
        <Button
          isDisabled={decided.length < leastReason}
          onPress={() => void onDecide('unsure', { seconds: Math.round(watch.elapsedSeconds), reason: decided })}
        >
          Record the decision
        </Button>
      </Foot>
    </>
  );
}

const Options = styled.ol`
  margin: 0.3rem 0 0.8rem 1.3rem;
  li {
    margin-bottom: 0.3rem;
  }
  span {
    color: ${({ theme }) => theme.muted};
  }
`;
