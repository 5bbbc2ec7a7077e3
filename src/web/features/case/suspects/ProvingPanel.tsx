import styled from 'styled-components';
import type { CaseState } from '../../../../core/casework';
import type { PartVerdict, Proving, ProvingStart } from '../../../../core/diagnosis';
import { counted, minutesInWords } from '../../../components/format';
import { fonts } from '../../../theme/tokens';
import { ColumnHead } from '../column';

const Table = styled.table`
  width: 100%;
  margin-bottom: 1rem;
  border-collapse: collapse;
  line-height: 1.3;
  td {
    padding: 0.32rem 0.6rem 0.32rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  td:last-child {
    padding-right: 0;
    text-align: right;
  }
`;
const Verdict = styled.td<{ $verdict: PartVerdict }>`
  font-weight: ${({ $verdict }) => ($verdict === 'not-tested' ? 400 : 600)};
  color: ${({ theme, $verdict }) =>
    $verdict === 'fails' ? theme.suspicion : $verdict === 'not-tested' ? theme.muted : theme.ink};
`;
const Ahead = styled.ol`
  display: grid;
  gap: 0.4rem;
  margin: 0 0 1rem;
  padding: 0;
  list-style: none;
  line-height: 1.3;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.6rem;
  }
  span {
    font-family: ${fonts.code};
    font-size: 0.88rem;
    color: ${({ theme }) => theme.muted};
    white-space: nowrap;
  }
`;

const words: Readonly<Record<PartVerdict, string>> = {
  works: '✓ works',
  'not-loaded': '✓ works, not loaded',
  fails: '✕ fails',
  'not-tested': 'not tested',
};
const startsShown = 5;

/** Parts on the bench: the starts that are still ahead if all of them are good, and the verdict of each part. */
export function ProvingPanel({ state, proving }: { readonly state: CaseState; readonly proving: Proving }) {
  const { verdicts, ahead } = proving;
  const parts = state.machine.parts.filter(({ id }) => verdicts[id] !== undefined);
  const done = parts.filter(({ id }) => verdicts[id] !== 'not-tested').length;
  // The first is the card itself.
  const then = ahead.slice(1);
  return (
    <section aria-label="Parts to prove">
      {then.length > 0 && <Then starts={then} />}
      <ColumnHead>
        <h2>Parts to prove</h2>
        <span>
          {done} of {parts.length}
        </span>
      </ColumnHead>
      <Table>
        <tbody>
          {parts.map(({ id, name }) => {
            const verdict = verdicts[id] ?? 'not-tested';
            return (
              <tr key={id}>
                <td>{name}</td>
                <Verdict $verdict={verdict}>{words[verdict]}</Verdict>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </section>
  );
}

function Then({ starts }: { readonly starts: readonly ProvingStart[] }) {
  const minutes = starts.reduce((sum, start) => sum + start.minutes, 0);
  const more = starts.length - startsShown;
  return (
    <>
      <ColumnHead>
        <h2>Then, if all is good</h2>
        <span>about {minutesInWords(minutes)}</span>
      </ColumnHead>
      <Ahead>
        {starts.slice(0, startsShown).map((start, index) => (
          <li key={`${index}-${start.trial}`}>
            {start.title}
            <span>{minutesInWords(start.minutes)}</span>
          </li>
        ))}
        {more > 0 && <li>and {counted(more, 'more start')}</li>}
      </Ahead>
    </>
  );
}
