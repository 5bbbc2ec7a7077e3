import { Camera, ChevronUp, Undo2 } from 'lucide-react';
import { memo, useCallback, useEffect, useRef } from 'react';
import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { reportedAndObserved, type CaseEvent, type CaseState, type Entry } from '../../../../core/casework';
import type { EntryFit } from '../../../../core/diagnosis';
import { may, rightForEvent, type Role } from '../../../../contracts';
import { Allowed } from '../../../shell/Allowed';
import { useMe } from '../../../shell/me';
import { counted, timeOf } from '../../../components/format';
import { AddingNotice, PhotosTrigger } from '../../case-log/attachments/AddFilesButtons';
import { useAddFiles, type AddFiles } from '../../case-log/attachments/use-attachments';
import { useFileDrop } from '../../case-log/attachments/use-file-drop';
import { usePhotos, type Photos } from '../../case-log/attachments/use-photos';
import { Button } from '../../../components/Button';
import { fonts } from '../../../theme/tokens';
import { entryWords } from '../../../../core/record';
import { useCaseKeys } from '../../case-log/use-case-keys';
import { canStrike, WholeSheet, type OnStrike } from './WholeSheet';

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
  grid-template-columns: auto auto auto;
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
const Wide = styled.div`
  grid-column: 1 / -1;
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
/** Crossings out, and what stands at the entry that it belongs to. */
const hidden = new Set(['entry-struck', 'picture-marked', 'file-attached']);
/** The last entry that can still be crossed out: what undo takes back. Null where it is not for this role to do. */
export function lastEntryToStrike(state: CaseState, role: Role): Entry | null {
  if (state.stage === 'closed') return null;
  const last = [...state.entries].reverse().find(canStrike);
  return last && may(role, rightForEvent(last.event)) ? last : null;
}

/** The reason that stands with an undo: it was pressed at once. */
export const undoneWords = 'Undone at the bench';

/** The log as a strip of trials; it opens upward to the whole sheet. */
export function BenchSheet({
  caseId,
  state,
  doubts,
  onStrike,
  waiting,
}: {
  readonly caseId: string;
  readonly state: CaseState;
  /** Entries that are only on this device yet. */
  readonly waiting: readonly CaseEvent[];
  /** Entries that fit badly with the rest. */
  readonly doubts: readonly EntryFit[];
  readonly onStrike: OnStrike;
}) {
  const photos = usePhotos(caseId, state);
  const adding = useAddFiles();
  const addTo = (of: string, files: readonly File[]) => void adding.add(caseId, files, { of });
  const strip = useRef<HTMLOListElement>(null);
  const shown = state.entries.filter(({ event }) => !hidden.has(event.kind));
  useFileDrop(strip, (files, on) => {
    const entry = on.closest<HTMLElement>('[data-entry]')?.dataset['entry'];
    if (entry) addTo(entry, files);
  });
  const lastShown = shown.at(-1)?.event.id;
  useEffect(() => {
    if (strip.current) strip.current.scrollLeft = strip.current.scrollWidth;
  }, [shown.length]);
  const last = lastEntryToStrike(state, useMe().role);
  const told = reportedAndObserved(state);
  return (
    <Strip aria-label="Bench sheet">
      <SheetTools
        caseId={caseId}
        state={state}
        last={last}
        photos={photos}
        adding={adding}
        onStrike={onStrike}
        onPhotos={(files) => lastShown !== undefined && addTo(lastShown, files)}
      />
      <Cards ref={strip} tabIndex={0} aria-label="Entries">
        {shown.map((entry) => (
          <SheetCard
            key={entry.event.id}
            entry={entry}
            photos={photos.photos.filter(({ of }) => of === entry.event.id).length}
            isWaiting={waiting.some(({ id }) => id === entry.event.id)}
            isOtherwise={told?.differs === true && told.entry === entry.event.id}
            isDoubtful={doubts.some(({ eventId }) => eventId === entry.event.id)}
          />
        ))}
      </Cards>
      {(adding.busy > 0 || adding.problems.length > 0) && (
        <Wide>
          <AddingNotice {...adding} />
        </Wide>
      )}
      {photos.viewer}
    </Strip>
  );
}

interface SheetToolsProps {
  readonly caseId: string;
  readonly state: CaseState;
  /** What undo takes back; null for nothing. */
  readonly last: Entry | null;
  readonly photos: Photos;
  readonly adding: AddFiles;
  readonly onStrike: OnStrike;
  /** Photos of the last entry. */
  readonly onPhotos: (files: readonly File[]) => void;
}

/** The whole sheet, undo, and photos of what was just done. */
function SheetTools({ caseId, state, last, photos, adding, onStrike, onPhotos }: SheetToolsProps) {
  const input = useRef<HTMLInputElement>(null);
  useCaseKeys(
    useCallback((key) => {
      if (key !== 'p' || !input.current) return false;
      input.current.click();
      return true;
    }, []),
  );
  return (
    <Side>
      <h2>Bench sheet</h2>
      <DialogTrigger>
        <Button aria-label="Open the whole bench sheet">
          <ChevronUp size={16} aria-hidden /> Open
        </Button>
        <WholeSheet
          caseId={caseId}
          entries={state.entries}
          isClosed={state.stage === 'closed'}
          photos={photos}
          adding={adding}
          onStrike={onStrike}
        />
      </DialogTrigger>
      <Allowed action="write-cases">
        <Button
          aria-label="Undo the last entry"
          isDisabled={!last}
          onPress={() => last && onStrike(last.event.id, undoneWords)}
        >
          <Undo2 size={16} aria-hidden /> Undo
        </Button>
        <PhotosTrigger input={input} onFiles={onPhotos}>
          <Button aria-label="Photos of the last entry">
            <Camera size={18} aria-hidden />
          </Button>
        </PhotosTrigger>
      </Allowed>
    </Side>
  );
}

/** A start that stays up, a look that finds all in order, a reading within limits. */
function speaksWell({ event, trial }: Entry): boolean {
  if (event.kind !== 'trial-done' || !trial) return event.kind !== 'case-opened';
  return event.outcome === (trial.observe.kind === 'start' ? 'works' : trial.outcomes[0]?.id);
}

const SheetCard = memo(function SheetCard({
  entry,
  photos,
  isWaiting,
  isDoubtful,
  isOtherwise,
}: {
  readonly entry: Entry;
  /** How many belong to it. */
  readonly photos: number;
  readonly isWaiting: boolean;
  readonly isDoubtful: boolean;
  /** Seen otherwise than told. */
  readonly isOtherwise: boolean;
}) {
  const { done, seen } = entryWords(entry);
  const good = speaksWell(entry);
  return (
    <Card $struck={entry.struckBy !== null} $good={good} data-entry={entry.event.id}>
      <Time>
        {timeOf(entry.event.at)}
        {photos > 0 && ` · ${counted(photos, 'photo')}`}
        {isWaiting && <Doubt> waiting</Doubt>}
        {isDoubtful && <Doubt>check this </Doubt>}
        {isOtherwise && ' · differs from the report'}
        {entry.struckBy ? ' · crossed out' : entry.changes ? ` · ${entry.changes}` : ''}
      </Time>
      <Body>
        <b>{done}.</b> {seen}
        {entry.event.kind === 'trial-done' && entry.event.note ? `. ${entry.event.note}` : ''}
      </Body>
    </Card>
  );
});
