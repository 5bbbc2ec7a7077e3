import { Check } from 'lucide-react';
import styled from 'styled-components';
import type { CheckPoint } from '../../../core/casework';
import { Button } from '../../components/Button';
import { counted } from '../../components/format';

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(20rem, 1fr));
  gap: 0.1rem 1.2rem;
  li {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    min-height: 44px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    flex: 1;
    min-height: 44px;
    cursor: pointer;
  }
  input {
    width: 1.4rem;
    height: 1.4rem;
    accent-color: ${({ theme }) => theme.strong};
  }
  small {
    margin-left: auto;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  margin-bottom: 0.3rem;
  h2 {
    font-size: 1rem;
  }
`;
const Open = styled.p`
  margin-top: 0.5rem;
  color: ${({ theme }) => theme.muted};
`;

interface LastCheckProps {
  readonly points: readonly CheckPoint[];
  /** Ids of what was ticked. */
  readonly ticked: readonly string[];
  readonly onTick: (ticked: readonly string[]) => void;
}

/** What is looked at before the machine leaves: shown by the log, ticked, or accepted as open by who closes. */
export function LastCheck({ points, ticked, onTick }: LastCheckProps) {
  if (points.length === 0) return null;
  const open = points.filter(({ id, isShown }) => !isShown && !ticked.includes(id));
  return (
    <section aria-labelledby="last-check">
      <Head>
        <h2 id="last-check">Last check</h2>
        {open.length > 1 && (
          <Button onPress={() => onTick(points.filter(({ isShown }) => !isShown).map(({ id }) => id))}>
            All of it is checked
          </Button>
        )}
      </Head>
      <List>
        {points.map(({ id, label, isShown }) => (
          <li key={id}>
            {isShown ? (
              <>
                <Check size={20} aria-hidden />
                {label}
                <small>in the log</small>
              </>
            ) : (
              <label>
                <input
                  type="checkbox"
                  checked={ticked.includes(id)}
                  onChange={({ target }) =>
                    onTick(target.checked ? [...ticked, id] : ticked.filter((one) => one !== id))
                  }
                />
                {label}
              </label>
            )}
          </li>
        ))}
      </List>
      {open.length > 0 && (
        <Open role="status">
          {counted(open.length, 'point')} open. Closing as it is accepts {open.length === 1 ? 'it' : 'them'} under your
          name.
        </Open>
      )}
    </section>
  );
}
