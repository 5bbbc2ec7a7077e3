import { EVENT_VERSION, type CaseEvent, type Recorded } from '../../core/casework';
import type { Actor } from './actor';

/** A device's clock may be this far ahead of the server's. */
const aheadMs = 2 * 60_000;
/** And what was written while the server was away is kept on a device for as long as this. */
const behindMs = 7 * 24 * 3_600_000;

export interface Stamp {
  /** Null for the program itself, as when it loads the demo: then the event stays as it is. */
  readonly actor: Actor | null;
  readonly now: Date;
  /** The log of another bench: it says who and when. */
  readonly isImport: boolean;
}

/** A written event as the log takes it: by whom it is and when, as the server knows it. */
export function stampEvent(written: CaseEvent, { actor, now, isImport }: Stamp): CaseEvent {
  const event: CaseEvent = { ...written, v: EVENT_VERSION };
  delete (event as { recorded?: Recorded }).recorded;
  if (!actor) return event;
  const at = new Date(event.at).getTime() - now.getTime();
  const canBe = at <= aheadMs && (isImport || at >= -behindMs);
  const recorded: Recorded = {
    at: now.toISOString(),
    by: actor.name,
    person: actor.personId,
    ...(isImport ? { imported: true } : {}),
    ...(canBe ? {} : { deviceAt: event.at }),
  };
  return {
    ...event,
    at: canBe ? event.at : now.toISOString(),
    by: isImport ? event.by : actor.name,
    recorded,
  };
}
