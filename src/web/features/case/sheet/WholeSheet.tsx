import { useMemo, useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { checkChain, isAttachmentEvent, type Entry, type Recorded } from '../../../../core/casework';
import { rightForEvent } from '../../../../contracts';
import { useCaseDetail } from '../../../api/cases';
import { Allowed } from '../../../shell/Allowed';
import { counted, dateAndTime } from '../../../components/format';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { ModalSheet, Overlay } from '../../../components/Sheet';
import { entryWords } from '../../../../core/record';
import { AddingNotice } from '../../case-log/attachments/AddFilesButtons';
import type { AddFiles } from '../../case-log/attachments/use-attachments';
import type { Photos } from '../../case-log/attachments/use-photos';
import { AddRowPhotos, RowPhotos } from './RowPhotos';

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

const Reasons = styled.div`
  display: grid;
  gap: 0.35rem;
  min-width: 13rem;
`;
const Small = styled.div`
  font-size: 0.88rem;
  color: ${({ theme }) => theme.muted};
`;
const Whole = styled.p`
  font-size: 0.92rem;
  color: ${({ theme }) => theme.muted};
`;

/** The id of the entry that is crossed out, and why. */
export type OnStrike = (entry: string, reason: string) => void;

/** Everything but the opening and the corrections themselves can be struck, once. */
export const canStrike = ({ event, struckBy }: Entry): boolean =>
  struckBy === null && event.kind !== 'case-opened' && event.kind !== 'entry-struck';

/** The whole bench sheet over the screen: who, when, what was done and seen, and the way to strike it. */
export function WholeSheet({
  caseId,
  entries,
  isClosed,
  photos,
  adding,
  onStrike,
}: {
  readonly caseId: string;
  readonly entries: readonly Entry[];
  readonly isClosed: boolean;
  readonly photos: Photos;
  readonly adding: AddFiles;
  readonly onStrike: OnStrike;
}) {
  return (
    <Overlay isDismissable>
      <Sheet>
        <Dialog>
          {({ close }) => (
            <>
              <Head>
                <Heading slot="title">Bench sheet</Heading>
                <Button onPress={close}>Back to the test</Button>
              </Head>
              <RecordCheck caseId={caseId} />
              <AddingNotice {...adding} />
              <table>
                <tbody>
                  {entries.map((entry) => (
                    <SheetRow
                      key={entry.event.id}
                      entry={entry}
                      caseId={caseId}
                      isClosed={isClosed}
                      photos={photos}
                      onFiles={(files) => void adding.add(caseId, files, { of: entry.event.id })}
                      onStrike={(struck, reason) => {
                        close();
                        onStrike(struck, reason);
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

/** Whether the stored log is as it was written, computed here from its hashes. */
function RecordCheck({ caseId }: { readonly caseId: string }) {
  const { data } = useCaseDetail(caseId);
  const check = useMemo(() => (data ? checkChain(data.events) : null), [data]);
  if (!check) return null;
  return check.ok ? (
    <Whole>
      Record intact: {counted(check.length, 'entry', 'entries')}, last hash{' '}
      <code title={check.last}>{check.last.slice(0, 12)}</code>
    </Whole>
  ) : (
    <Notice kind="danger">
      Record not intact: from entry {check.sequence} on it is not as it was written. Tell a lead of your shop.
    </Notice>
  );
}

/** What is worth knowing of how an entry was recorded; most need no word. */
function RecordedNote({ recorded }: { readonly recorded: Recorded | undefined }) {
  if (!recorded) return null;
  return (
    <>
      {recorded.imported && (
        <Small>
          imported by {recorded.by}, {dateAndTime(recorded.at)}
        </Small>
      )}
      {recorded.deviceAt && <Small>the clock of the device said {dateAndTime(recorded.deviceAt)}</Small>}
    </>
  );
}

/** Crossing out asks why; what is crossed out can be taken back. Neither on a closed case: it is opened again first. */
function Strike({
  entry,
  done,
  isClosed,
  onStrike,
}: {
  readonly entry: Entry;
  readonly done: string;
  readonly isClosed: boolean;
  readonly onStrike: OnStrike;
}) {
  const [isAsked, setAsked] = useState(false);
  const [why, setWhy] = useState('');
  if (isClosed) return null;
  if (entry.struckBy !== null && entry.event.kind !== 'entry-struck')
    return (
      <Button onPress={() => onStrike(entry.struckBy ?? '', 'Taken back')} aria-label={`Take back: ${done}`}>
        Take back
      </Button>
    );
  if (!canStrike(entry)) return null;
  const strike = (reason: string) => onStrike(entry.event.id, reason);
  return isAsked ? (
    <Reasons role="group" aria-label={`Why cross out: ${done}`}>
      {usualReasons.map((reason) => (
        <Button key={reason} onPress={() => strike(reason)}>
          {reason}
        </Button>
      ))}
      <Field label="Another reason" value={why} onChange={setWhy} maxLength={200} />
      <Button isDisabled={why.trim() === ''} onPress={() => strike(why.trim())}>
        Cross out
      </Button>
    </Reasons>
  ) : (
    <Button onPress={() => setAsked(true)} aria-label={`Cross out: ${done}`}>
      Cross out
    </Button>
  );
}

const usualReasons = ['Pressed by mistake', 'Seen wrongly', 'Another part was meant'];

interface SheetRowProps {
  readonly caseId: string;
  readonly entry: Entry;
  readonly isClosed: boolean;
  readonly photos: Photos;
  readonly onFiles: (files: readonly File[]) => void;
  readonly onStrike: OnStrike;
}

function SheetRow({ caseId, entry, isClosed, photos, onFiles, onStrike }: SheetRowProps) {
  const { done, seen } = entryWords(entry);
  const note = entry.event.kind === 'trial-done' ? entry.event.note : undefined;
  return (
    <tr style={entry.struckBy ? { textDecoration: 'line-through' } : undefined}>
      <td>{dateAndTime(entry.event.at)}</td>
      <td>
        {entry.event.by}
        <RecordedNote recorded={entry.event.recorded} />
      </td>
      <td>
        <strong>{done}</strong>
        {entry.changes && <div>{entry.changes}</div>}
      </td>
      <td>
        {seen}
        {entry.unread !== null && (
          <div>This version of Jovial Probe cannot read it. It is kept and counts for nothing.</div>
        )}
        {note && <div>{note}</div>}
        <RowPhotos caseId={caseId} entry={entry.event.id} photos={photos} />
      </td>
      <td>
        <Allowed action="write-cases">
          {entry.struckBy === null && !isAttachmentEvent(entry.event) && <AddRowPhotos to={done} onFiles={onFiles} />}
        </Allowed>
        <Allowed action={rightForEvent(entry.event)}>
          <Strike entry={entry} done={done} isClosed={isClosed} onStrike={onStrike} />
        </Allowed>
      </td>
    </tr>
  );
}
