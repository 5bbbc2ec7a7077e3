import { differenceInCalendarDays } from 'date-fns';
import { firstWith } from '../boards/clues';
import type { BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from '../boards/release';
import { courseOf } from './release-course';
import type { RuledOut } from './update-plan';

const ageDays = (release: Release, today: string): number => differenceInCalendarDays(today, release.date);

export interface Choice {
  /** Index of the release to aim at; null where there is none. */
  readonly target: number | null;
  readonly why: string;
  readonly ruledOut: () => readonly RuledOut[];
}

/** Says for each installed release (by its index) which one to aim at. */
export type Aim = (from: number) => Choice;

const nothing = (): readonly RuledOut[] => [];

/** What the goal asks for, from wherever the board is. */
export function aimOf(board: BoardRevision, goal: FirmwareGoal, policy: FirmwarePolicy): Aim {
  const { releases } = board;
  switch (goal.kind) {
    case 'newest':
      return aimAtNewest(releases, policy);
    case 'support':
      return aimAtSupport(board, goal.processor);
    case 'fix':
      return aimAtFix(releases, goal.complaint);
    case 'version': {
      const target = releases.findIndex(({ version }) => version === goal.version);
      return () =>
        target < 0
          ? { target: null, why: `Version ${goal.version} is not listed for this revision.`, ruledOut: nothing }
          : { target, why: 'The version you asked for.', ruledOut: nothing };
    }
  }
}

/**
 * The newest that has soaked long enough; a security notice cuts the wait short. Where that lies beyond a step that
 * cannot be undone, the newest before it.
 */
export function aimAtNewest(releases: readonly Release[], policy: FirmwarePolicy): Aim {
  const course = courseOf(releases);
  const isAllowed = releases.map((release) => whyNot(release, policy) === null);
  const newest = isAllowed.lastIndexOf(true);
  const ruledOutAbove = (above: number, barrier: number | null) => () =>
    releases
      .slice(above + 1)
      .map((release, k) => {
        const beyond =
          barrier !== null && above + 1 + k >= barrier ? beyondBarrier(releases, above + 1 + k, barrier) : null;
        return { version: release.version, why: whyNot(release, policy) ?? beyond ?? 'No allowed path leads there.' };
      })
      .reverse();
  return (from) => {
    const barrier = policy.allowIrreversible ? null : course.withoutReturn(from, newest);
    let target = barrier === null ? newest : barrier - 1;
    while (target > from && !(isAllowed[target] && course.firstOnWay(from, target) !== null)) target -= 1;
    target = Math.max(target, from);
    const why =
      target > from
        ? releases[target]?.security
          ? 'The newest; it fixes a security problem.'
          : barrier === null
            ? 'The newest allowed version.'
            : `The newest before ${releases[barrier]?.version ?? ''}, which cannot be undone.`
        : barrier === null || newest <= from
          ? 'The newest allowed version is already installed.'
          : `Nothing newer can be had without ${releases[barrier]?.version ?? ''}, which cannot be undone.`;
    return { target, why, ruledOut: ruledOutAbove(target, barrier) };
  };
}

const beyondBarrier = (releases: readonly Release[], index: number, barrier: number): string =>
  index === barrier
    ? 'It cannot be undone.'
    : `It lies beyond ${releases[barrier]?.version ?? ''}, which cannot be undone.`;

function whyNot(release: Release, { soakDays, today }: FirmwarePolicy): string | null {
  if (release.preRelease) return 'A pre-release, and nothing requires it.';
  const age = ageDays(release, today);
  return age < soakDays && !release.security ? `Only ${Math.max(0, age)} days old; ${soakDays} are asked for.` : null;
}

/** The least version that knows the processor: nothing newer than needed. */
function aimAtSupport(board: BoardRevision, processor: string): Aim {
  const { releases } = board;
  const first = firstWith(board, processor);
  if (first === null)
    return () => ({ target: null, why: `No version for this revision supports ${processor}.`, ruledOut: nothing });
  if (first < 0) return (from) => ({ target: from, why: `Every version supports ${processor}.`, ruledOut: nothing });
  const proper = releases.findIndex(({ preRelease }, i) => i >= first && !preRelease);
  const passedOver = () =>
    releases
      .slice(first, proper)
      .map(({ version }) => ({ version, why: 'A pre-release; a later version supports the processor as well.' }));
  return (from) => {
    if (first <= from) return { target: from, why: `The installed version supports ${processor}.`, ruledOut: nothing };
    return proper < 0
      ? { target: first, why: `The only versions that support ${processor} are pre-releases.`, ruledOut: nothing }
      : { target: proper, why: `The first version that supports ${processor}.`, ruledOut: passedOver };
  };
}

/** The first release that is said to fix the complaint; a pre-release only if nothing else does. */
function aimAtFix(releases: readonly Release[], complaint: string): Aim {
  const words = complaint.toLowerCase();
  const fixing = releases.flatMap(({ fixes }, i) =>
    fixes?.some((fix) => fix.toLowerCase().includes(words)) ? [i] : [],
  );
  const proper = fixing.filter((i) => !releases[i]?.preRelease);
  return (from) => {
    const target = proper.find((i) => i > from) ?? fixing.find((i) => i > from);
    return target === undefined
      ? { target: null, why: `No newer version is said to fix "${complaint}".`, ruledOut: nothing }
      : { target, why: `The first version that is said to fix "${complaint}".`, ruledOut: nothing };
  };
}
