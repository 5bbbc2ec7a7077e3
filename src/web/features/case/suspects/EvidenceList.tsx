import styled from 'styled-components';
import type { SuspectView } from '../../../../core/diagnosis';
import type { CaseState } from '../../../../core/casework';
import { decibans } from '../../../components/format';
import { fonts } from '../../../theme/tokens';
import { entryWords } from '../../../../core/record';

const List = styled.dl`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.1rem 0.6rem;
  padding: 0.1rem 0 0.6rem;
  font-size: 0.9rem;
  line-height: 1.3;
  dt {
    font: 700 0.85rem ${fonts.code};
    text-align: right;
  }
`;
const Why = styled.p`
  padding-bottom: 0.35rem;
  font-size: 0.9rem;
  line-height: 1.3;
  color: ${({ theme }) => theme.muted};
`;

/** Below this, in decibans, an entry says nothing about the suspect. */
const worthSaying = 0.2;

/** The evidence for and against one suspect, with its weight in decibans; prior and weights add up to the rank. */
export function EvidenceList({ suspect, state }: { readonly suspect: SuspectView; readonly state: CaseState }) {
  const weighty = suspect.evidence.filter(({ decibans: weight }) => Math.abs(weight) >= worthSaying);
  const quiet = suspect.evidence.filter((e) => !weighty.includes(e)).reduce((sum, e) => sum + e.decibans, 0);
  const total = suspect.priorDecibans + suspect.evidence.reduce((sum, e) => sum + e.decibans, 0);
  return (
    <>
      <Why>
        {suspect.reason}
        {suspect.confirmation !== 'suggested' && <strong> The log: {suspect.confirmation}.</strong>}
      </Why>
      <List aria-label={`Evidence on: ${suspect.title}`}>
        <dt>{decibans(suspect.priorDecibans)}</dt>
        <dd>at the start ({suspect.priorSource})</dd>
        {weighty.map(({ eventId, decibans: weight }) => (
          <EvidenceLine key={eventId} weight={weight} words={wordsOf(state, eventId)} />
        ))}
        {Math.abs(quiet) >= 0.05 && <EvidenceLine weight={quiet} words="the rest together" />}
        <dt>{decibans(total)}</dt>
        <dd>
          <strong>now, in decibans</strong>
        </dd>
      </List>
    </>
  );
}

function EvidenceLine({ weight, words }: { readonly weight: number; readonly words: string }) {
  return (
    <>
      <dt>{decibans(weight)}</dt>
      <dd>
        {weight > 0 ? 'for: ' : 'against: '}
        {words}
      </dd>
    </>
  );
}

function wordsOf(state: CaseState, eventId: string): string {
  const entry = state.entries.find(({ event }) => event.id === eventId);
  if (!entry) return eventId;
  const { done, seen } = entryWords(entry);
  return `${done}: ${seen.charAt(0).toLowerCase()}${seen.slice(1)}`;
}
