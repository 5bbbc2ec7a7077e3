import type { Release } from '../boards/release';

/** What planning asks of a board's releases again and again; computed once for each list. Releases are named by index. */
export interface Course {
  /**
   * Releases to install in turn, the target last: as few pre-releases as possible, then as few releases. Null where a
   * need cannot be met. What cannot be undone is not its concern.
   */
  readonly wayFrom: (from: number, target: number) => readonly number[] | null;
  /** The first release of that way; null where there is none. */
  readonly firstOnWay: (from: number, target: number) => number | null;
  /** The release on the way to a target whose need nothing meets. */
  readonly blockedAt: (target: number) => number;
  /** The index of the least version that must be on before this one; infinite where it is not listed. */
  readonly need: (index: number) => number;
  /** The first release from `from` (not counted) to `to` (counted) that cannot be undone; null where there is none. */
  readonly withoutReturn: (from: number, to: number) => number | null;
}

const courses = new WeakMap<readonly Release[], Course>();

/** The course through a list of releases, kept for the next question. */
export function courseOf(releases: readonly Release[]): Course {
  const known = courses.get(releases) ?? layCourse(releases);
  courses.set(releases, known);
  return known;
}

interface WaysTo {
  /** The next release on the way from one below the target; -1 where no way leads on. */
  next: (from: number) => number;
  blockedAt: () => number;
}

/** More than any chain of releases is long. */
const perPreRelease = 1_000_000;
const keptTargets = 64;

function layCourse(releases: readonly Release[]): Course {
  const indexOf = new Map(releases.map(({ version }, i) => [version, i]));
  const needs = Float64Array.from(releases, ({ minimumPredecessor }) =>
    minimumPredecessor === undefined ? 0 : (indexOf.get(minimumPredecessor) ?? Number.POSITIVE_INFINITY),
  );
  const named = new Set(releases.map(({ minimumPredecessor }) => minimumPredecessor));
  const ways = new Map<number, WaysTo>();
  const waysTo = (target: number): WaysTo => {
    const known = ways.get(target) ?? layWays(target, { releases, needs, named });
    if (ways.size >= keptTargets) ways.clear();
    ways.set(target, known);
    return known;
  };
  const following = new Int32Array(releases.length).fill(releases.length);
  for (let i = releases.length - 2; i >= 0; i--)
    following[i] = releases[i + 1]?.irreversible ? i + 1 : (following[i + 1] ?? releases.length);
  return {
    need: (index) => needs[index] ?? Number.POSITIVE_INFINITY,
    wayFrom: (from, target) => {
      const { next } = waysTo(target);
      const way: number[] = [];
      for (let at = from; at !== target;) {
        at = next(at);
        if (at < 0) return null;
        way.push(at);
      }
      return way;
    },
    firstOnWay: (from, target) => {
      const first = waysTo(target).next(from);
      return first < 0 ? null : first;
    },
    blockedAt: (target) => waysTo(target).blockedAt(),
    withoutReturn: (from, to) => {
      const at = from < 0 ? -1 : (following[from] ?? -1);
      return at >= 0 && at <= to ? at : null;
    },
  };
}

interface Listed {
  readonly releases: readonly Release[];
  readonly needs: Float64Array;
  /** Versions that a release asks for by name: a pre-release is a stepping stone only if it is among them. */
  readonly named: ReadonlySet<string | undefined>;
}

/**
 * The best way on from every release below the target, from the target downwards. A newer release never has a longer
 * way left than an older one, so the best stone is the newest whose need is met; and a need that is not met from here is
 * not met from anything older, so each pointer only ever moves down. Worked out only as far down as is asked.
 */
function layWays(target: number, { releases, needs, named }: Listed): WaysTo {
  const next = new Int32Array(target).fill(-1);
  const cost = new Float64Array(target + 1).fill(Number.POSITIVE_INFINITY);
  cost[target] = 0;
  const isProper = (i: number) => i === target || !releases[i]?.preRelease;
  const isNamed = (i: number) => !isProper(i) && named.has(releases[i]?.version);
  const newest = (from: number, at: number, fits: (i: number) => boolean): number => {
    let i = at;
    while (i > from && !(fits(i) && (needs[i] ?? 0) <= from && Number.isFinite(cost[i] ?? 0))) i -= 1;
    return i;
  };
  let blockedAt = target;
  let done = target;
  let [proper, preRelease] = [target, target];
  const workDownTo = (least: number): void => {
    for (; done > least; done--) {
      const from = done - 1;
      proper = newest(from, Math.max(proper, from), isProper);
      preRelease = newest(from, Math.max(preRelease, from), isNamed);
      const byProper = proper > from ? 1 + (cost[proper] ?? 0) : Number.POSITIVE_INFINITY;
      const byPreRelease = preRelease > from ? perPreRelease + 1 + (cost[preRelease] ?? 0) : Number.POSITIVE_INFINITY;
      cost[from] = Math.min(byProper, byPreRelease);
      if (!Number.isFinite(cost[from] ?? 0)) continue;
      next[from] = byProper <= byPreRelease ? proper : preRelease;
      if (isProper(from) || isNamed(from)) blockedAt = from;
    }
  };
  return {
    next: (from) => {
      workDownTo(from);
      return next[from] ?? -1;
    },
    blockedAt: () => {
      workDownTo(0);
      return blockedAt;
    },
  };
}
