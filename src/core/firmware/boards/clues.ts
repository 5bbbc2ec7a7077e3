import { isSameProcessor, type BoardRevision, type Release } from './release';

/** What may be known of a board whose version cannot be read. */
export interface VersionClues {
  /** A sticker on the box says that it is ready for this processor. */
  readonly readyFor?: string | undefined;
  /** A processor that has already run on it. */
  readonly ran?: string | undefined;
  /** When it was made, ISO 8601: for a new board that nobody has updated since. */
  readonly made?: string | undefined;
}

/** The least release that knows a processor: -1 where every release does; null where none does. */
export function firstWith({ processors, releases }: BoardRevision, processor: string): number | null {
  if (processors.some((one) => isSameProcessor(one, processor))) return -1;
  const first = releases.findIndex((release) => knows(release, processor));
  return first < 0 ? null : first;
}

const knows = ({ processorsAdded }: Release, processor: string): boolean =>
  processorsAdded?.some((one) => isSameProcessor(one, processor)) ?? false;

/** Indexes of the releases that can be on the board, oldest first; empty where the clues contradict the list. */
export function possibleVersions(revision: BoardRevision, { readyFor, ran, made }: VersionClues): number[] {
  const least = [readyFor, ran].map((processor) => (processor ? firstWith(revision, processor) : -1));
  return revision.releases.flatMap(({ date }, i) =>
    least.every((first) => first !== null && i >= first) && (!made || date <= made) ? [i] : [],
  );
}
