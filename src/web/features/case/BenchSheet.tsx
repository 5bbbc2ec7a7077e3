import { format } from 'date-fns';
import { ChevronUp, Undo2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState, Entry } from '../../../core/casework';
import type { EntryFit } from '../../../core/diagnosis';
import { Button } from '../../components/Button';
import { ModalSheet, Overlay } from '../../components/Sheet';
import { fonts } from '../../theme/tokens';
import { entryWords } from './entry-words';

const Strip = styled.footer`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.8rem;
  padding: 0.6rem 1rem;
  background: ${({ theme }) => theme.sunk};
  border-top: 1px solid ${({ theme }) => theme.line};
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Side = styled.div`
  display: grid;
  grid-template-columns: auto auto;
  align-content: start;
  gap: 0.3rem 0.4rem;
  h2 {
    grid-column: 1 / -1;
    font-size: 0.95rem;
  }
  button {
    padding: 0.2rem 0.7rem;
  }
`;
const Cards = styled.ol`
  display: flex;
  gap: 0.5rem;
  overflow-x: auto;
  list-style: none;
`;
const Card = styled.li<{ $struck: boolean; $good: boolean }>`
  flex: none;
  width: max(12rem, calc((100% - 2rem) / 5));
  height: 5.4rem;
  overflow: hidden;
  padding: 0.4rem 0.6rem;
  border-top: 4px solid ${({ theme, $good }) => ($good ? theme.strong : theme.suspicionFill)};
  background: ${({ theme }) => theme.panel};
  font-size: 0.9rem;
  line-height: 1.25;
  text-decoration: ${({ $struck }) => ($struck ? 'line-through' : 'none')};
  opacity: ${({ $struck }) => ($struck ? 0.65 : 1)};
  overflow-wrap: anywhere;
  b {
    font-weight: 600;
  }
`;
const Body = styled.div`
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
`;
const Time = styled.div`
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font: 500 0.8rem ${fonts.code};
  color: ${({ theme }) => theme.muted};
`;
const Doubt = styled.b`
  color: ${({ theme }) => theme.suspicion};
`;
const Sheet = styled(ModalSheet)`
  align-self: end;
  width: 100vw;
  padding: 1.2rem max(1rem, calc(50vw - 36rem));
  border-radius: 0;
  h2 {
    font-size: 1.3rem;
  }
  table {
    width: 100%;
    margin-top: 0.6rem;
    border-collapse: collapse;
  }
  td {
    padding: 0.4rem 0.6rem 0.4rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    vertical-align: top;
  }
`;
const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
`;

const hidden = new Set(['entry-struck']);
/** Milder doubts are ranked but not shown: a sound log has some too. */
const worthAMark = 0.15;
const canStrike = ({ event, struckBy }: Entry): boolean =>
  struckBy === null && event.kind !== 'case-opened' && event.kind !== 'entry-struck';

/** The last entry that can still be struck: what undo takes back. */
export const lastEntryToStrike = (state: CaseState): Entry | null =>
  [...state.entries].reverse().find(canStrike) ?? null;

/** The log as a strip of trials; it opens upward to the whole sheet. */
export function BenchSheet({
  state,
  doubts,
  isSaving,
  onStrike,
}: {
  readonly state: CaseState;
  /** Entries that fit badly with the rest. */
  readonly doubts: readonly EntryFit[];
  readonly isSaving: boolean;
  readonly onStrike: (entry: Entry) => void;
}) {
  const strip = useRef<HTMLOListElement>(null);
  const shown = state.entries.filter(({ event }) => !hidden.has(event.kind));
  useEffect(() => {
    if (strip.current) strip.current.scrollLeft = strip.current.scrollWidth;
  }, [shown.length]);
  const last = lastEntryToStrike(state);
  return (
    <Strip aria-label="Bench sheet">
      <Side>
        <h2>Bench sheet</h2>
        <DialogTrigger>
          <Button aria-label="Open the whole bench sheet">
            <ChevronUp size={16} aria-hidden /> Open
          </Button>
          <WholeSheet entries={state.entries} isSaving={isSaving} onStrike={onStrike} />
        </DialogTrigger>
        <Button aria-label="Undo the last entry" isDisabled={!last || isSaving} onPress={() => last && onStrike(last)}>
          <Undo2 size={16} aria-hidden /> Undo
        </Button>
      </Side>
      <Cards ref={strip} tabIndex={0} aria-label="Entries">
        {shown.map((entry) => (
          <SheetCard
            key={entry.event.id}
            entry={entry}
            isDoubtful={doubts.some(
              ({ eventId, probability }) => eventId === entry.event.id && probability < worthAMark,
            )}
          />
        ))}
      </Cards>
    </Strip>
  );
}

/** A start that stays up, a look that finds all in order, a reading within limits. */
function speaksWell({ event, trial }: Entry): boolean {
  if (event.kind !== 'trial-done' || !trial) return event.kind !== 'case-opened';
  return event.outcome === (trial.observe.kind === 'start' ? 'works' : trial.outcomes[0]?.id);
}

function SheetCard({ entry, isDoubtful }: { readonly entry: Entry; readonly isDoubtful: boolean }) {
  const { done, seen } = entryWords(entry);
  const good = speaksWell(entry);
  return (
    <Card $struck={entry.struckBy !== null} $good={good}>
      <Time>
        {format(new Date(entry.event.at), 'HH:mm')}
        {isDoubtful && <Doubt>doubtful? </Doubt>}
        {entry.struckBy ? ' · struck' : entry.changes ? ` · ${entry.changes}` : ''}
      </Time>
      <Body>
        <b>{done}.</b> {seen}
        {entry.event.kind === 'trial-done' && entry.event.note ? `. ${entry.event.note}` : ''}
      </Body>
    </Card>
  );
}

function WholeSheet({
  entries,
  isSaving,
  onStrike,
}: {
  readonly entries: readonly Entry[];
  readonly isSaving: boolean;
  readonly onStrike: (entry: Entry) => void;
}) {
  return (
    <Overlay isDismissable>
      <Sheet>
        <Dialog>
          {({ close }) => (
            <>
              <Head>
                <Heading slot="title">Bench sheet</Heading>
                <Button onPress={close}>Back to the trial</Button>
              </Head>
              <table>
                <tbody>
                  {entries.map((entry) => (
                    <SheetRow
                      key={entry.event.id}
                      entry={entry}
                      isSaving={isSaving}
                      onStrike={(struck) => {
                        close();
                        onStrike(struck);
                      }}
                    />
                  ))}
                </tbody>
              </table>
            </>
          )}
        </Dialog>
      </Sheet>
    </Overlay>
  );
}

function SheetRow({
  entry,
  isSaving,
  onStrike,
}: {
  readonly entry: Entry;
  readonly isSaving: boolean;
  readonly onStrike: (entry: Entry) => void;
}) {
  const { done, seen } = entryWords(entry);
  const note = entry.event.kind === 'trial-done' ? entry.event.note : undefined;
  return (
    <tr style={entry.struckBy ? { textDecoration: 'line-through' } : undefined}>
      <td>{format(new Date(entry.event.at), 'd MMM HH:mm')}</td>
      <td>{entry.event.by}</td>
      <td>
        <strong>{done}</strong>
        {entry.changes && <div>{entry.changes}</div>}
      </td>
      <td>
        {seen}
        {note && <div>{note}</div>}
      </td>
      <td>
        {canStrike(entry) && (
          <Button isDisabled={isSaving} onPress={() => onStrike(entry)} aria-label={`Strike: ${done}`}>
            Strike
          </Button>
        )}
      </td>
    </tr>
  );
}
