import { differenceInCalendarDays } from 'date-fns';
import { courseOf } from './release-course';
import type { BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from '../boards/release';

/** One installation on the way, and why it is needed. */
export interface UpdateStep {
  readonly version: string;
  readonly why: string;
}

export interface RuledOut {
  readonly version: string;
  readonly why: string;
}

export type UpdatePlan =
  | {
      readonly kind: 'plan';
      /** In order; empty where nothing is to be done. */
      readonly steps: readonly UpdateStep[];
      readonly target: string;
      readonly why: string;
      /** Newer or better-looking releases, and why they are not the target. */
      readonly ruledOut: readonly RuledOut[];
    }
  | { readonly kind: 'none'; readonly why: string; readonly ruledOut: readonly RuledOut[] }
  | {
      readonly kind: 'ask';
      readonly question: string;
      /** What would be done for each answer. */
      readonly answers: readonly { readonly versions: readonly string[]; readonly plan: UpdatePlan }[];
    };

const ageDays = (release: Release, today: string): number => differenceInCalendarDays(today, release.date);

interface Choice {
  /** Index of the release to aim at; null where there is none. */
  readonly target: number | null;
  readonly why: string;
  readonly ruledOut: () => readonly RuledOut[];
}

/** Says for each installed release (by its index) which one to aim at. */
type Aim = (from: number) => Choice;

const nothing = (): readonly RuledOut[] => [];

/**
 * The shortest admissible chain of releases from the version that is installed to the one that the goal asks for,
 * through the stepping stones that releases name, never through a step that cannot be undone unless that was allowed.
 * With the version unknown (null) the plan that is right for every possibility, or the one question to ask first.
 * Failure: kind "none" with the reason.
 */
export function planUpdate(
  board: BoardRevision,
  installed: string | null,
  goal: FirmwareGoal,
  policy: FirmwarePolicy,
): UpdatePlan {
  const { releases } = board;
  const aim = aimOf(board, goal, policy);
  if (installed === null) return planForAll(releases, aim, policy);
  const from = releases.findIndex(({ version }) => version === installed);
  return from < 0
    ? {
        kind: 'none',
        why: `Version ${installed} is not listed for revision ${board.revision}: check whether it is another revision.`,
        ruledOut: [],
      }
    : planFrom(releases, from, aim(from), policy);
}

/** Versions that lead to the same steps are one answer; only one of each is planned whole. */
function planForAll(releases: readonly Release[], aim: Aim, policy: FirmwarePolicy): UpdatePlan {
  const groups = new Map<string, { versions: string[]; plan: UpdatePlan }>();
  for (const [from, { version }] of releases.entries()) {
    const choice = aim(from);
    const key = keyOf(releases, from, choice, policy);
    const group = groups.get(key);
    if (group) group.versions.push(version);
    else groups.set(key, { versions: [version], plan: planFrom(releases, from, choice, policy) });
  }
  const answers = [...groups.values()];
  const [only] = answers;
  if (!only) return { kind: 'none', why: 'No release is known for this board.', ruledOut: [] };
  return answers.length === 1 ? only.plan : { kind: 'ask', question: 'Which version is installed now?', answers };
}

/** What a plan does, without planning it: the same key is the same steps. */
function keyOf(releases: readonly Release[], from: number, { target }: Choice, policy: FirmwarePolicy): string {
  if (target === null) return 'none';
  if (target === from) return policy.rewrite ? String(target) : 'stay';
  const course = courseOf(releases, policy);
  if (target < from) return course.lastWithoutReturn(from) > target ? 'none' : String(target);
  const way = course.isAllowed(target) ? course.wayFrom(from, target) : null;
  return way === null ? 'none' : way.join(' ');
}

function planFrom(releases: readonly Release[], from: number, choice: Choice, policy: FirmwarePolicy): UpdatePlan {
  const { target, why, ruledOut } = choice;
  if (target === null) return { kind: 'none', why, ruledOut: ruledOut() };
  if (target === from) return stay(releases[from]?.version ?? '', choice, policy);
  const way: Way = { from, target, why, ruledOut: ruledOut() };
  return target > from ? upgrade(releases, way, policy) : rollBack(releases, way);
}

/** Nothing is to be installed, unless what is on the board is broken. */
function stay(version: string, { why, ruledOut }: Choice, { rewrite }: FirmwarePolicy): UpdatePlan {
  const again: UpdateStep = { version, why: 'Written again: the installed image is damaged.' };
  return { kind: 'plan', steps: rewrite ? [again] : [], target: version, why, ruledOut: ruledOut() };
}

function aimOf({ processors, releases }: BoardRevision, goal: FirmwareGoal, policy: FirmwarePolicy): Aim {
  switch (goal.kind) {
    case 'newest':
      return aimAtNewest(releases, policy);
    case 'support':
      return processors.includes(goal.processor)
        ? (from) => ({ target: from, why: `Every version supports ${goal.processor}.`, ruledOut: nothing })
        : aimAtSupport(releases, goal.processor);
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

/** The newest that has soaked long enough; a security notice cuts the wait short. */
function aimAtNewest(releases: readonly Release[], policy: FirmwarePolicy): Aim {
  const newest = releases.findLastIndex((release) => whyNot(release, policy) === null);
  const ruledOutAbove = (above: number) => () =>
    releases
      .slice(above + 1)
      .map((release) => ({ version: release.version, why: whyNot(release, policy) ?? '' }))
      .reverse();
  const why = releases[newest]?.security ? 'The newest; it fixes a security problem.' : 'The newest allowed version.';
  return (from) =>
    newest > from
      ? { target: newest, why, ruledOut: ruledOutAbove(newest) }
      : {
          target: from,
          why: 'The newest allowed version is already installed.',
          ruledOut: ruledOutAbove(from),
        };
}

function whyNot(release: Release, { soakDays, today }: FirmwarePolicy): string | null {
  if (release.preRelease) return 'A pre-release, and nothing requires it.';
  const age = ageDays(release, today);
  return age < soakDays && !release.security ? `Only ${Math.max(0, age)} days old; ${soakDays} are asked for.` : null;
}

/** The least version that knows the processor: nothing newer than needed. */
function aimAtSupport(releases: readonly Release[], processor: string): Aim {
  const first = releases.findIndex(({ processorsAdded }) => processorsAdded?.includes(processor));
  const proper = first < 0 ? -1 : releases.findIndex(({ preRelease }, i) => i >= first && !preRelease);
  const passedOver = () =>
    releases
      .slice(first, proper)
      .map(({ version }) => ({ version, why: 'A pre-release; a later version supports the processor as well.' }));
  return (from) => {
    if (first < 0)
      return { target: null, why: `No version for this revision supports ${processor}.`, ruledOut: nothing };
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

interface Way {
  readonly from: number;
  readonly target: number;
  readonly why: string;
  readonly ruledOut: readonly RuledOut[];
}

function upgrade(
  releases: readonly Release[],
  { from, target, why, ruledOut }: Way,
  policy: FirmwarePolicy,
): UpdatePlan {
  const { isAllowed, wayFrom, blockedAt } = courseOf(releases, policy);
  const wanted = releases[target];
  if (!wanted) throw new Error('expected a target among the releases');
  if (!isAllowed(target))
    return { kind: 'none', why: `${wanted.version} cannot be undone. Allow it, or choose another.`, ruledOut };
  const path = wayFrom(from, target);
  if (path === null)
    return {
      kind: 'none',
      why: `${wanted.version} needs ${releases[blockedAt(target) ?? -1]?.version ?? 'an unlisted version'} first, and no allowed path leads there.`,
      ruledOut,
    };
  const steps = path.map((i, k): UpdateStep => {
    const next = releases[path[k + 1] ?? -1];
    return {
      version: releases[i]?.version ?? '',
      why: next ? `Stepping stone: ${next.version} needs it or a newer version first.` : why,
    };
  });
  return { kind: 'plan', steps, target: wanted.version, why, ruledOut };
}

/** Downwards in one step, unless something on the way up cannot be undone. */
function rollBack(releases: readonly Release[], { from, target, why, ruledOut }: Way): UpdatePlan {
  const barrier = releases.slice(target + 1, from + 1).find(({ irreversible }) => irreversible);
  const wanted = releases[target]?.version ?? '';
  return barrier
    ? { kind: 'none', why: `${barrier.version} cannot be undone: there is no way back to ${wanted}.`, ruledOut }
    : { kind: 'plan', steps: [{ version: wanted, why }], target: wanted, why, ruledOut };
}

/** The revisions on whose list a version stands: where it is only one, that settles which board it is. */
export const revisionsWith = (revisions: readonly BoardRevision[], version: string): BoardRevision[] =>
  revisions.filter(({ releases }) => releases.some((release) => release.version === version));
