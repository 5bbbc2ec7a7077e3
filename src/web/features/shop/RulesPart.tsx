import { useState } from 'react';
import styled from 'styled-components';
import { useChangeShop, useShopSettings } from '../../api/shop';
import { Notice } from '../../components/Notice';
import { RatesForm } from './RatesForm';

const Rule = styled.label`
  display: flex;
  gap: 0.7rem;
  align-items: flex-start;
  min-height: 44px;
  max-width: 46rem;
  margin-bottom: 0.8rem;
  cursor: pointer;
  input {
    flex: none;
    width: 1.4rem;
    height: 1.4rem;
    margin-top: 0.1rem;
    accent-color: ${({ theme }) => theme.strong};
  }
  small {
    display: block;
    font-size: 0.93rem;
    color: ${({ theme }) => theme.muted};
  }
`;

type RuleId = 'allowsSupplyBridge' | 'keepsShelf';

const rules = [
  {
    id: 'allowsSupplyBridge',
    title: 'A supply may be started by itself',
    words:
      'By the bridge of its start pin, disconnected from the whole machine, and by those who were trained to. Where it is not allowed, the power bench points to a supply tester.',
  },
  {
    id: 'keepsShelf',
    title: 'The list of the shelf is complete',
    words:
      'A kind of spare of which none on the list is known to be good and free counts as not at hand, in every case. Tests that need it are left out.',
  },
] as const satisfies readonly {
  readonly id: RuleId;
  readonly title: string;
  readonly words: string;
}[];

/** What the shop allows at its benches, and how it works. */
export function RulesPart() {
  const { data, error } = useShopSettings();
  const change = useChangeShop();
  const problem = error ?? change.error;
  // Shown at once: what the query says comes a moment after the press.
  const [pressed, setPressed] = useState<Partial<Record<RuleId, boolean>>>({});
  return (
    <>
      {problem && <Notice kind="danger">{problem.message}</Notice>}
      {data &&
        rules.map(({ id, title, words }) => (
          <Rule key={id}>
            <input
              type="checkbox"
              checked={pressed[id] ?? data[id]}
              disabled={change.isPending}
              onChange={({ target: { checked } }) => {
                setPressed({ [id]: checked });
                change.mutate({ ...data, [id]: checked }, { onSettled: () => setPressed({}) });
              }}
            />
            <span>
              {title}
              <small>{words}</small>
            </span>
          </Rule>
        ))}
      {data && <RatesForm settings={data} isBusy={change.isPending} onSave={change.mutate} />}
      {change.isSuccess && <p role="status">Saved.</p>}
    </>
  );
}
