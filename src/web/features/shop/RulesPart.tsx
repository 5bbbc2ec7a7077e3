import styled from 'styled-components';
import { useChangeShop, useShopSettings } from '../../api/shop';
import { Notice } from '../../components/Notice';

const Rule = styled.label`
  display: flex;
  gap: 0.7rem;
  align-items: flex-start;
  min-height: 44px;
  max-width: 46rem;
  cursor: pointer;
  input {
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

/** What the shop allows at its benches. */
export function RulesPart() {
  const { data, error } = useShopSettings();
  const change = useChangeShop();
  const problem = error ?? change.error;
  return (
    <>
      {problem && <Notice kind="danger">{problem.message}</Notice>}
      {data && (
        <Rule>
          <input
            type="checkbox"
            checked={(change.isPending ? change.variables : data).allowsSupplyBridge}
            disabled={change.isPending}
            onChange={({ target }) => change.mutate({ ...data, allowsSupplyBridge: target.checked })}
          />
          <span>
            A supply may be started by itself
            <small>
              By the bridge of its start pin, disconnected from the whole machine, and by those who were trained to.
              Where it is not allowed, the power bench points to a supply tester.
            </small>
          </span>
        </Rule>
      )}
    </>
  );
}
