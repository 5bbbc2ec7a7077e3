/**
 * The version in which this program writes events. Raise it when the shape of a stored event changes, and say in
 * `upcast-event.ts` how the shape before becomes the new one.
 */
export const EVENT_VERSION = 3;

/**
 * An event as it stands in a database or a file, in whatever version it was written. Its hash is over just these
 * bytes, so a record is kept and handed on as it is; `upcastEvent` tells what it means today.
 */
export interface EventRecord {
  readonly id: string;
  /** ISO 8601 with zone. */
  readonly at: string;
  readonly by: string;
  readonly kind: string;
  /** Left out in version 1. */
  readonly v?: number;
}
