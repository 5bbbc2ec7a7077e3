import type { CaseEvent } from '../../../core/casework';
import { Button } from '../../components/Button';
import { counted, listOf, plural } from '../../components/format';
import { Notice } from '../../components/Notice';
import { SaveEntries } from '../../components/SaveEntries';
import { fileQueue, useFileQueueStore, useQueuedFiles } from '../../device/file-queue-store';
import { outbox, useOutboxStore, useTrouble, useUnkept, useWaiting } from '../../device/outbox-store';

const entries = (count: number): string => counted(count, 'entry', 'entries');

const photos = (count: number): string => counted(count, 'photo or file', 'photos and files');

/** Photos and files of a case that wait, and whether nobody answers for them. */
function useWaitingFiles(caseId: string) {
  const count = useQueuedFiles(caseId).filter(({ refused }) => refused === undefined).length;
  return { count, isAway: useFileQueueStore((store) => store.isAway) };
}

/** Who wrote, by name: "Runa", "Runa and Ebbe". */
const writers = (events: readonly CaseEvent[]): string => listOf([...new Set(events.map(({ by }) => by))]);

/** What is not stored yet, and why: waiting for the server, in conflict with somebody else's, or refused. */
export function SaveNotice({ caseId }: { readonly caseId: string }) {
  const trouble = useTrouble(caseId);
  const waiting = useWaiting(caseId);
  const unkept = useUnkept(waiting);
  const isAway = useOutboxStore((store) => store.isAway);
  const awayReason = useOutboxStore((store) => store.awayReason);
  const files = useWaitingFiles(caseId);
  if (trouble?.kind === 'conflict')
    return (
      <Notice kind="danger">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} first and changed the machine, as you did.
          Look at the sheet: {entries(waiting.length)} of yours {plural(waiting.length, 'is', 'are')} not stored yet.
        </span>
        <span>
          <Button onPress={() => void outbox.appendAfter(caseId)}>Add mine after these</Button>
          <Button $kind="quiet" onPress={() => void outbox.leaveOut(caseId)}>
            Leave mine out
          </Button>
        </span>
      </Notice>
    );
  if (trouble?.kind === 'refused')
    return (
      <Notice kind="danger">
        <span>
          {entries(trouble.events.length)} of yours could not be stored. {trouble.message}
        </span>
        <span>
          <SaveEntries name={caseId.slice(0, 8)} content={{ case: caseId, events: trouble.events }} />{' '}
          <Dismiss caseId={caseId} />
        </span>
      </Notice>
    );
  if (unkept > 0) return <OnlyInThisTab caseId={caseId} events={waiting} count={unkept} />;
  if ((isAway && waiting.length > 0) || (files.isAway && files.count > 0))
    return <KeptHere why={awayReason} waiting={waiting.length} files={files.count} />;
  if (trouble?.kind === 'appended-after')
    return (
      <Notice kind="plain">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} meanwhile. Yours came after.
        </span>
        <Dismiss caseId={caseId} />
      </Notice>
    );
  return <div />;
}

interface KeptHereProps {
  /** What the server says; null where nobody answers. */
  readonly why: string | null;
  readonly waiting: number;
  readonly files: number;
}

/** What is safe on this device for now. */
function KeptHere({ why, waiting, files }: KeptHereProps) {
  const kept = [...(waiting > 0 ? [entries(waiting)] : []), ...(files > 0 ? [photos(files)] : [])];
  return (
    <Notice kind="suspicion">
      <span>
        {why ?? 'The server does not answer.'} {listOf(kept)} {plural(waiting + files, 'is', 'are')} kept on this device
        and sent when it is back. You can go on working.
      </span>
      <TryNow />
    </Notice>
  );
}

function TryNow() {
  const hurry = () => {
    outbox.hurry();
    fileQueue.hurry();
  };
  return <Button onPress={hurry}>Try now</Button>;
}

function Dismiss({ caseId }: { readonly caseId: string }) {
  return (
    <Button $kind="quiet" onPress={() => void outbox.dismiss(caseId)}>
      Dismiss
    </Button>
  );
}

interface OnlyInThisTabProps {
  readonly caseId: string;
  readonly events: readonly CaseEvent[];
  /** How many of them the device could not keep. */
  readonly count: number;
}

function OnlyInThisTab({ caseId, events, count }: OnlyInThisTabProps) {
  const { isAway, awayReason } = useOutboxStore();
  const why = isAway ? (awayReason ?? 'The server does not answer.') : 'Sending …';
  return (
    <Notice kind="danger">
      <span>
        {why} This browser keeps nothing on the device: {entries(count)} {plural(count, 'is', 'are')} lost if you close
        the tab before {plural(count, 'it is', 'they are')} sent.
      </span>
      <span>
        <SaveEntries name={caseId.slice(0, 8)} content={{ case: caseId, events }} /> <TryNow />
      </span>
    </Notice>
  );
}
