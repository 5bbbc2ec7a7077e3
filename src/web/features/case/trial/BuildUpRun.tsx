import { alternativesOf } from '../../../components/format';
import type { BuildStepId } from '../../../../core/isolation';
import styled from 'styled-components';
import { buildUpRunOf, type CaseState } from '../../../../core/casework';
import type { BuildUpRow } from '../../../../core/isolation';
import { START_OUTCOME_LABELS } from '../../../../core/startup';

const Table = styled.table`
  width: 100%;
  margin-bottom: 0.8rem;
  border-collapse: collapse;
  font-size: 0.92rem;
  line-height: 1.3;
  th {
    padding: 0.2rem 0.6rem 0.2rem 0;
    text-align: left;
    font-weight: 600;
    color: ${({ theme }) => theme.muted};
  }
  td {
    padding: 0.3rem 0.6rem 0.3rem 0;
    vertical-align: top;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;
const Row = styled.tr<{ $now: boolean }>`
  td:first-child {
    padding-left: 0.5rem;
    border-left: 4px solid ${({ theme, $now }) => ($now ? theme.strong : 'transparent')};
    font-weight: ${({ $now }) => ($now ? 700 : 500)};
  }
`;
const Meaning = styled.div<{ $kind: BuildUpRow['verdict'] }>`
  color: ${({ theme, $kind }) => ($kind === 'as-expected' ? theme.ink : theme.suspicion)};
`;

const marks: Readonly<Record<BuildUpRow['verdict'], string>> = {
  'as-expected': '✓ ',
  'too-early': '✕ ',
  further: '? ',
  open: '',
};

/** The build-up step by step: the signal to expect, what was seen, what the difference means. */
export function BuildUpRun({ state, step }: { readonly state: CaseState; readonly step: BuildStepId }) {
  return (
    <Table aria-label="Build-up">
      <thead>
        <tr>
          <th scope="col">Step</th>
          <th scope="col">Expect</th>
          <th scope="col">Seen</th>
        </tr>
      </thead>
      <tbody>
        {buildUpRunOf(state).map((row) => (
          <Row key={row.step.id} $now={step === row.step.id}>
            <td>{row.step.title}</td>
            <td>{alternativesOf(row.expected.map((outcome) => START_OUTCOME_LABELS[outcome]))}</td>
            <td>
              {row.seen === null ? '–' : `${marks[row.verdict]}${START_OUTCOME_LABELS[row.seen]}`}
              {row.meaning && <Meaning $kind={row.verdict}>{row.meaning}</Meaning>}
            </td>
          </Row>
        ))}
      </tbody>
    </Table>
  );
}
