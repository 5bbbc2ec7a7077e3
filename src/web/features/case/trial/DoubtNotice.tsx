import styled from 'styled-components';
import type { CaseState, Entry } from '../../../../core/casework';
import type { Diagnosis } from '../../../../core/diagnosis';
import { percent, uncapitalized } from '../../../components/format';
import { Notice } from '../../../components/Notice';
import { entryWords } from '../../case-log/entry-words';

const Gap = styled.div`
  margin-bottom: 0.7rem;
`;

/** Below this one entry is worth a word over the card; milder doubts are marked on the sheet alone. */
const worthAWord = 0.04;

/** Says plainly when the record does not fit together, and which entry fits worst with all the others. */
export function DoubtNotice({
  diagnosis: { doubts, surprise },
  state,
}: {
  readonly diagnosis: Diagnosis;
  readonly state: CaseState;
}) {
  const [worst] = doubts;
  const entry = state.entries.find(({ event }) => event.id === worst?.eventId);
  const isNamed = worst !== undefined && entry !== undefined && (worst.probability < worthAWord || surprise.isUnusual);
  if (!isNamed && !surprise.isUnusual) return null;
  return (
    <Gap>
      <Notice kind="suspicion">
        <span>
          <strong>
            {surprise.isUnusual ? 'The record as a whole is unusual.' : 'One entry does not fit the others.'}
          </strong>{' '}
          {isNamed
            ? doubtWords(entry, worst.probability)
            : 'No single entry explains it: there may be two faults, or one that is not in the catalogue.'}
        </span>
      </Notice>
    </Gap>
  );
}

function doubtWords(entry: Entry, probability: number): string {
  const { done, seen } = entryWords(entry);
  const what = `${done}: ${uncapitalized(seen)}`;
  return entry.event.kind === 'case-opened'
    ? `The owner's report may be wrong. ${what}: ${percent(probability)} likely given the other entries.`
    : `${what}: ${percent(probability)} likely given the other entries. Unexpected. Check again, or cross it out.`;
}
