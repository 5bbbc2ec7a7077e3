import type { Course } from './release-course';

interface Question {
  readonly course: Course;
  readonly allowIrreversible: boolean;
  /** The releases that stand on the way from any of the possible ones. */
  readonly stones: ReadonlySet<number>;
  /** The releases to install from one that was just flashed, by index; null where there is no way. */
  readonly wayFrom: (from: number) => readonly number[] | null;
}

/**
 * Of a board on which any of `possible` (indexes, oldest first) may be installed: the release that may be flashed
 * whatever is on it, and from which the goal is reached with the fewest flashes; null where there is none. Flashing what
 * is on already does no harm, and going back does none unless a step between cannot be undone.
 */
export function firstFlashForAll(
  possible: readonly number[],
  { course, allowIrreversible, stones, wayFrom }: Question,
): number | null {
  const [oldest = 0, newest = 0] = [possible[0], possible.at(-1)];
  const isRight = (first: number): boolean => {
    const suitsOlder =
      oldest >= first ||
      (course.need(first) <= oldest && (allowIrreversible || course.withoutReturn(oldest, first) === null));
    return suitsOlder && (newest <= first || course.withoutReturn(first, newest) === null);
  };
  let best: { readonly first: number; readonly flashes: number } | null = null;
  for (const first of [...stones].sort((a, b) => a - b)) {
    const rest = isRight(first) ? wayFrom(first) : null;
    if (rest && (best === null || rest.length + 1 < best.flashes)) best = { first, flashes: rest.length + 1 };
  }
  return best?.first ?? null;
}
