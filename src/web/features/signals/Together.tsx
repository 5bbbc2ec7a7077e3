import styled from 'styled-components';
import type { BoardBookEntry } from '../../../core/firmware';
import { patternInWords, type Decoded, type Meaning } from '../../../core/signals';
import { decibansOfSignals, START_OUTCOME_LABELS, type StartOutcome } from '../../../core/startup';
import { alternativesOf, decibans, uncapitalized } from '../../components/format';
import { fonts } from '../../theme/tokens';
import { BoardSignalsLine } from '../case-log/BoardSignalsLine';
import { Head } from './parts';

const Verdict = styled.div<{ $isAgainst: boolean }>`
  padding: 0.6rem 0.9rem;
  border-left: 5px solid ${({ theme, $isAgainst }) => ($isAgainst ? theme.suspicion : theme.strong)};
  background: ${({ theme, $isAgainst }) => ($isAgainst ? theme.suspicionSoft : theme.panel)};
  h1 {
    font-size: 1.25rem;
    line-height: 1.25;
  }
  p {
    margin-top: 0.25rem;
  }
`;
const Table = styled.table`
  width: 100%;
  margin-top: 0.5rem;
  border-collapse: collapse;
  td,
  th {
    padding: 0.45rem 0.7rem 0.45rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  thead th {
    padding: 0.1rem 0.7rem 0.1rem 0;
    border: 0;
    font-size: 0.87rem;
    font-weight: 500;
    color: ${({ theme }) => theme.muted};
  }
  th:last-child {
    padding-right: 0;
    text-align: right;
  }
  td:last-child {
    padding-right: 0;
    text-align: right;
    font: 600 1rem ${fonts.code};
    white-space: nowrap;
  }
`;

const kindWords: Readonly<Record<Meaning['kind'], string>> = { light: 'Lights', code: 'Code', beeps: 'Beeps' };
const sourceWords: Readonly<Record<Meaning['source'], string>> = {
  board: "this board's list",
  general: 'what many boards mean; not from the book',
  unknown: 'in no list',
};

export interface TogetherProps {
  readonly decoded: Decoded;
  /** What a sound machine would show at this test, likeliest first; empty where nothing is known of that. */
  readonly expected: readonly StartOutcome[];
  /** The test in hand, in words. */
  readonly at: string | null;
  readonly board: BoardBookEntry | null;
}

/** What lights, code and beeps say together, beside what is expected here. */
export function Together({ decoded, expected, at, board }: TogetherProps) {
  const { outcome, signs, contradictions } = decoded;
  const read = [decoded.light, decoded.code, decoded.beeps].filter((one) => one !== null);
  const weights = outcome ? decibansOfSignals(signs, outcome) : [];
  return (
    <section aria-label="What they say together">
      <Head>
        <h2>What they say together</h2>
        {at && <span>{at}</span>}
      </Head>
      <Verdict $isAgainst={contradictions.length > 0} role="status" aria-live="polite">
        <h1>{titleOf(decoded, expected)}</h1>
        {contradictions.map((one) => (
          <p key={one}>{one}</p>
        ))}
        <p>{contradictions.length === 0 ? noteOf(decoded) : 'None of them decides alone: each weighs less now.'}</p>
        {expected.length > 0 && (
          <p>
            Expected here of a sound machine:{' '}
            {alternativesOf(expected.map((one) => uncapitalized(START_OUTCOME_LABELS[one])))}.
          </p>
        )}
        {board && expected.length > 0 && (
          <p>
            {expected.map((one) => (
              <BoardSignalsLine key={one} board={board} outcome={one} />
            ))}
          </p>
        )}
      </Verdict>
      {read.length > 0 && (
        <Table aria-label="Signals">
          <thead>
            <tr>
              <th scope="col">Signal</th>
              <th scope="col">Seen or heard</th>
              <th scope="col">Means</th>
              <th scope="col">{outcome === null ? '' : `For "${shortLabel(outcome)}"`}</th>
            </tr>
          </thead>
          <tbody>
            {read.map((one) => (
              <tr key={one.kind}>
                <th scope="row">{kindWords[one.kind]}</th>
                <td>{one.kind === 'beeps' ? patternInWords(one.seen) : one.seen}</td>
                <td>
                  {one.meaning} ({sourceWords[one.source]})
                </td>
                <td title="Decibans for this outcome against the next">
                  {decibans(weights.find(({ kind }) => kind === one.kind)?.decibans ?? 0)}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </section>
  );
}

function titleOf({ outcome, contradictions, light, code, beeps }: Decoded, expected: readonly StartOutcome[]): string {
  if (outcome === null) return 'Nothing entered yet';
  if (contradictions.length > 0) return 'They contradict each other';
  const words = shortLabel(outcome);
  const read = [light, code, beeps].filter((one) => one !== null);
  if (read.length > 0 && read.every(({ isBusy }) => isBusy) && light?.seen.includes('→') !== true)
    return 'It is still at work: wait';
  return expected.includes(outcome) ? `As expected: it ${verbOf(words)}` : `It ${verbOf(words)}`;
}

/** Without what stands in brackets. */
const shortLabel = (outcome: StartOutcome): string =>
  uncapitalized(START_OUTCOME_LABELS[outcome].replace(/ \(.*\)$/, ''));

/** "stops at memory" stands as it is; what has no verb of its own is shown. */
const verbOf = (words: string): string =>
  /^(stops|starts|restarts|runs)/.test(words) ? words : `shows this: ${words}`;

function noteOf({ outcome, beeps, code, light }: Decoded): string {
  if (outcome === null) return 'Press the lights, enter the code, or let the beeps be heard.';
  const count = [beeps, code, light].filter((one) => one !== null && one.stage !== null && !one.isBusy).length;
  const proof = beeps ? 'A tone proves that the processor works and that supply and speaker do.' : '';
  const agree = count > 1 ? 'All that was seen names the same stage.' : '';
  return (
    [agree, proof].filter(Boolean).join(' ') || 'One signal alone can be wrong: note others where the board has them.'
  );
}
