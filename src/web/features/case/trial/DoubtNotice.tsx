import styled from 'styled-components';
import type { CaseState, Entry } from '../../../../core/casework';
import type { Diagnosis } from '../../../../core/diagnosis';
import { uncapitalized } from '../../../components/format';
import { Notice } from '../../../components/Notice';
import { entryWords } from '../../../../core/record';

const Gap = styled.div`
  margin-bottom: 0.7rem;
`;

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
  const isNamed = worst !== undefined && entry !== undefined;
  if (!isNamed && !surprise.isUnusual) return null;
  return (
    <Gap>
      <Notice kind="suspicion">
        <span>
          <strong>{surprise.isUnusual ? 'The record as a whole is unusual.' : 'One entry may be mistaken.'}</strong>{' '}
          {isNamed
            ? doubtWords(entry)
            : 'No single entry explains it: there may be two faults, or one that is not in the catalogue.'}
        </span>
      </Notice>
    </Gap>
  );
}

function doubtWords(entry: Entry): string {
  const { done, seen } = entryWords(entry);
  const what = `${done}: ${uncapitalized(seen)}`;
  return entry.event.kind === 'case-opened'
    ? `The owner's report does not fit. ${what}.`
    : `${what}. Without it, the others fit better. Look again, or cross it out.`;
}
