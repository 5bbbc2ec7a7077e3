import type { CaseEvent } from '../../../core/casework';
import { Button } from '../../components/Button';
import { counted, listOf, plural } from '../../components/format';
import { Notice } from '../../components/Notice';
import { outbox, useOutboxStore, useTrouble, useWaiting } from '../../device/outbox-store';

const entries = (count: number): string => counted(count, 'entry', 'entries');

/** Who wrote, by name: "Runa", "Runa and Ebbe". */
const writers = (events: readonly CaseEvent[]): string => listOf([...new Set(events.map(({ by }) => by))]);

/** What is not stored yet, and why: waiting for the server, in conflict with somebody else's, or refused. */
export function SaveNotice({ caseId }: { readonly caseId: string }) {
  const trouble = useTrouble(caseId);
  const waiting = useWaiting(caseId).length;
  const isAway = useOutboxStore((store) => store.isAway);
  const awayReason = useOutboxStore((store) => store.awayReason);
  if (trouble?.kind === 'conflict')
    return (
      <Notice kind="danger">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} first and changed the machine, as you did.
          Look at the sheet: {entries(waiting)} of yours {plural(waiting, 'is', 'are')} not stored yet.
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
        <Button $kind="quiet" onPress={() => outbox.dismiss(caseId)}>
          Dismiss
        </Button>
      </Notice>
    );
  if (isAway && waiting > 0)
    return (
      <Notice kind="suspicion">
        <span>
          {awayReason ?? 'The server does not answer.'} {entries(waiting)} {plural(waiting, 'is', 'are')} kept on this
          device and sent when it is back. You can go on working.
        </span>
        <Button onPress={() => outbox.hurry()}>Try now</Button>
      </Notice>
    );
  if (trouble?.kind === 'appended-after')
    return (
      <Notice kind="plain">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} meanwhile. Yours came after.
        </span>
        <Button $kind="quiet" onPress={() => outbox.dismiss(caseId)}>
          Dismiss
        </Button>
      </Notice>
    );
  return <div />;
}
