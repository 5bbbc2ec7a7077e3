import styled from 'styled-components';
import type { CaseState } from '../../../core/casework';
import type { EntryFit } from '../../../core/diagnosis';
import { percent } from '../../components/format';
import { Notice } from '../../components/Notice';
import { entryWords } from './entry-words';

const Gap = styled.div`
  margin-bottom: 0.7rem;
`;

/** Says which entry fits worst with all the others, if one fits badly: it may be mistaken. */
export function DoubtNotice({ doubts, state }: { readonly doubts: readonly EntryFit[]; readonly state: CaseState }) {
  const [worst] = doubts;
  const entry = state.entries.find(({ event }) => event.id === worst?.eventId);
  if (!worst || !entry) return null;
  const { done, seen } = entryWords(entry);
  const told = entry.event.kind === 'case-opened';
  return (
    <Gap>
      <Notice kind="suspicion">
        <span>
          <strong>The record does not fit together.</strong>{' '}
          {told ? 'What was told may be wrong' : 'This entry may be mistaken'}: {done}, {seen.toLowerCase()}. Given all
          the others it is {percent(worst.probability)} likely. {told ? '' : 'Strike it on the sheet if so.'}
        </span>
      </Notice>
    </Gap>
  );
}
