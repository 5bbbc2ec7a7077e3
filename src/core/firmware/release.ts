/** One firmware release of a board revision, as its maker lists it. */
export interface Release {
  readonly version: string;
  /** ISO 8601 date. */
  readonly date: string;
  readonly notes?: string | undefined;
  /** The least version that must be installed before this one. */
  readonly minimumPredecessor?: string | undefined;
  /** Once it is on, no older one can be put back. */
  readonly irreversible?: boolean | undefined;
  readonly preRelease?: boolean | undefined;
  /** It closes a security hole. */
  readonly security?: boolean | undefined;
  /** Complaints that it mends, in the words of the notes. */
  readonly fixes?: readonly string[] | undefined;
  /** Processors that it is the first to know. */
  readonly processorsAdded?: readonly string[] | undefined;
  readonly file?: string | undefined;
  readonly bytes?: number | undefined;
  readonly sha256?: string | undefined;
}

/** One revision of a board: names differ by a letter, and so do the releases. */
export interface BoardRevision {
  readonly revision: string;
  /** Processors that the first firmware knew. */
  readonly processors: readonly string[];
  /** Oldest first. */
  readonly releases: readonly Release[];
}

export interface BoardBookEntry {
  readonly model: string;
  readonly revisions: readonly BoardRevision[];
}

/** What the update is for. */
export type FirmwareGoal =
  | { readonly kind: 'newest' }
  | { readonly kind: 'support'; readonly processor: string }
  | { readonly kind: 'fix'; readonly complaint: string }
  | { readonly kind: 'version'; readonly version: string };

export interface FirmwarePolicy {
  /** Only releases at least so old, unless a security notice forces a newer one. */
  readonly soakDays: number;
  /** The person said that a step which cannot be undone may be taken. */
  readonly allowIrreversible: boolean;
  /** ISO 8601 date. */
  readonly today: string;
}
