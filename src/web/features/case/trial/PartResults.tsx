import styled from 'styled-components';
import { partResults, totalPaid, type CaseState, type Judged, type PartResult } from '../../../../core/casework';
import { fonts } from '../../../theme/tokens';

const Table = styled.table`
  width: 100%;
  margin: 0.8rem 0;
  border-collapse: collapse;
  caption {
    padding-bottom: 0.3rem;
    text-align: left;
    font-weight: 700;
  }
  td {
    padding: 0.25rem 0.6rem 0.25rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  td:last-child {
    padding-right: 0;
    text-align: right;
    font-family: ${fonts.code};
  }
`;

const words: Readonly<Record<PartResult['result'], string>> = {
  proven: '✓ works',
  'not-loaded': '✓ works, not loaded',
  failed: '✕ fails',
  open: 'not tested',
};

/** Parts that came in to be proven, each with its result and what was paid. Nothing where none did. */
export function PartResults({ state, judged }: { readonly state: CaseState; readonly judged: Judged }) {
  const results = partResults(state, judged);
  const isCheck =
    state.machine.onBench === true ||
    state.machine.parts.some(({ loose }) => loose) ||
    (state.opened.machine.bare === true && state.circumstances.includes('used-parts')) ||
    results.some(({ paid }) => paid !== null);
  if (!isCheck) return null;
  const paid = totalPaid(results);
  return (
    <Table>
      <caption>Parts</caption>
      <tbody>
        {results.map(({ part, result, paid: price }) => (
          <tr key={part.id}>
            <td>{part.name}</td>
            <td>{words[result]}</td>
            <td>{price === null ? '' : `paid ${price}`}</td>
          </tr>
        ))}
        {paid > 0 && (
          <tr>
            <td colSpan={2}>Paid for all of them</td>
            <td>{paid}</td>
          </tr>
        )}
      </tbody>
    </Table>
  );
}
