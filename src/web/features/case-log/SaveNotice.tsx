import type { CaseEvent } from '../../../core/casework';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { outbox, useOutboxStore, useTrouble, useWaiting } from '../../device/outbox-store';

const entries = (count: number): string => (count === 1 ? 'one entry' : `${count} entries`);
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** Who wrote, by name: "Runa", "Runa and Ebbe". */
const writers = (events: readonly CaseEvent[]): string => [...new Set(events.map(({ by }) => by))].join(' and ');

/** What is not stored yet, and why: waiting for the server, crossing with somebody else's, or refused. */
export function SaveNotice({ caseId }: { readonly caseId: string }) {
  const trouble = useTrouble(caseId);
  const waiting = useWaiting(caseId).length;
  const isAway = useOutboxStore((store) => store.isAway);
  if (trouble?.kind === 'crossed')
    return (
      <Notice kind="danger">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} first and changed the machine, as you did.
          Look at the sheet: {entries(waiting)} of yours {waiting === 1 ? 'is' : 'are'} not stored yet.
        </span>
        <span>
          <Button onPress={() => outbox.follow(caseId)}>Add mine after these</Button>
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
          {capital(entries(trouble.events.length))} of yours could not be stored. {trouble.message}
        </span>
        <Button $kind="quiet" onPress={() => outbox.dismiss(caseId)}>
          I have read it
        </Button>
      </Notice>
    );
  if (isAway && waiting > 0)
    return (
      <Notice kind="suspicion">
        <span>
          The server does not answer. {capital(entries(waiting))} {waiting === 1 ? 'waits' : 'wait'} on this device and{' '}
          {waiting === 1 ? 'is' : 'are'} sent when it is back. Work on.
        </span>
        <Button onPress={() => outbox.hurry()}>Try now</Button>
      </Notice>
    );
  if (trouble?.kind === 'followed')
    return (
      <Notice kind="plain">
        <span>
          {writers(trouble.theirs)} wrote {entries(trouble.theirs.length)} meanwhile. Yours came after.
        </span>
        <Button $kind="quiet" onPress={() => outbox.dismiss(caseId)}>
          I have read it
        </Button>
      </Notice>
    );
  return <div />;
}
