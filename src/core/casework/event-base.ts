import type { EVENT_VERSION } from './event-record';

/** What the server adds to an event that it takes: it stands in the chain of hashes. */
export interface Recorded {
  /** When it was taken, by the server's clock: ISO 8601. */
  readonly at: string;
  /** Who was signed in: the name, and the id of the person. */
  readonly by: string;
  readonly person: string;
  /** It came with the log of another bench: who did it and when is as that log says. */
  readonly imported?: true;
  /** What the clock of the device said, where that cannot be: `at` of the event is then when it was taken. */
  readonly deviceAt?: string;
}

/** Who did what when. */
export interface EventBase {
  /** A UUID made by the writer of the event, so that a repeat is harmless. */
  readonly id: string;
  /** When it happened: ISO 8601 with zone. */
  readonly at: string;
  /** Who did it. */
  readonly by: string;
  /** Left out before a server has taken it, and in logs of version 2 and before. */
  readonly recorded?: Recorded;
  /** The version of its shape; see EVENT_VERSION. */
  readonly v?: typeof EVENT_VERSION;
}
