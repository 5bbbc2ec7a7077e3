import type { FirmwarePolicy, Release } from '../boards/release';

/** What planning asks of a board's releases again and again; computed once for each list and policy. */
export interface Course {
  readonly isAllowed: (index: number) => boolean;
  /** Releases to install in turn, the target last; null where a need cannot be met. */
  readonly wayFrom: (from: number, target: number) => readonly number[] | null;
  /** The need on the way to a target that nothing meets. */
  readonly blockedAt: (target: number) => number | null;
  /** The last release up to this one that cannot be undone; -1 where there is none. */
  readonly lastWithoutReturn: (index: number) => number;
}

const courses = new WeakMap<readonly Release[], Map<boolean, Course>>();

/** The course through a list of releases, kept for the next question. */
export function courseOf(releases: readonly Release[], { allowIrreversible }: FirmwarePolicy): Course {
  const known = courses.get(releases) ?? new Map<boolean, Course>();
  courses.set(releases, known);
  const course = known.get(allowIrreversible) ?? layCourse(releases, allowIrreversible);
  known.set(allowIrreversible, course);
  return course;
}

interface WayFromOldest {
  readonly path: readonly number[];
  readonly blockedAt: number | null;
}

/**
 * Upwards: what is newer may always be installed once its least predecessor is there. Backwards from the target the
 * stepping stone is taken that itself asks for the least, so that the way is as short as can be; the way from a newer
 * version is the end of the way from the oldest.
 */
function layCourse(releases: readonly Release[], allowIrreversible: boolean): Course {
  const indexOf = new Map(releases.map(({ version }, i) => [version, i]));
  const needs = releases.map(({ minimumPredecessor }) =>
    minimumPredecessor === undefined ? 0 : (indexOf.get(minimumPredecessor) ?? Number.POSITIVE_INFINITY),
  );
  const need = (i: number): number => needs[i] ?? Number.POSITIVE_INFINITY;
  const isAllowed = (i: number) => allowIrreversible || !releases[i]?.irreversible;
  const ways = new Map<number, WayFromOldest>();
  const walk = (target: number): WayFromOldest => {
    const path = [target];
    for (let least = need(target); least > 0;) {
      let best = -1;
      for (let i = least; i < (path[0] ?? 0); i++)
        if (isAllowed(i) && !releases[i]?.preRelease && (best < 0 || need(i) < need(best))) best = i;
      if (best < 0 || need(best) >= least) return { path, blockedAt: least };
      path.unshift(best);
      least = need(best);
    }
    return { path, blockedAt: null };
  };
  const wayTo = (target: number): WayFromOldest => {
    const way = ways.get(target) ?? walk(target);
    ways.set(target, way);
    return way;
  };
  const withoutReturn: number[] = [];
  releases.forEach(({ irreversible }, i) => withoutReturn.push(irreversible ? i : (withoutReturn[i - 1] ?? -1)));
  return {
    isAllowed,
    wayFrom: (from, target) => {
      const { path, blockedAt } = wayTo(target);
      const begin = path.findLastIndex((i) => need(i) <= from);
      return begin < 0 && blockedAt !== null ? null : path.slice(Math.max(0, begin));
    },
    blockedAt: (target) => wayTo(target).blockedAt,
    lastWithoutReturn: (index) => withoutReturn[index] ?? -1,
  };
}
