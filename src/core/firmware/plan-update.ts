import { differenceInCalendarDays } from 'date-fns';
import type { BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from './release';

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
  readonly target: number | null;
  readonly why: string;
  readonly ruledOut: readonly RuledOut[];
}

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
  if (installed !== null) return planFrom(board, installed, goal, policy);
  const possible = board.releases.map(({ version }) => ({ version, plan: planFrom(board, version, goal, policy) }));
  const groups = new Map<string, { versions: string[]; plan: UpdatePlan }>();
  for (const { version, plan } of possible) {
    const key = plan.kind === 'plan' ? plan.steps.map((step) => step.version).join(' ') : `${plan.kind}`;
    const group = groups.get(key);
    if (group) group.versions.push(version);
    else groups.set(key, { versions: [version], plan });
  }
  const answers = [...groups.values()];
  const [only] = answers;
  if (!only) return { kind: 'none', why: 'No release is known for this board.', ruledOut: [] };
  return answers.length === 1 ? only.plan : { kind: 'ask', question: 'Which version is installed now?', answers };
}

function planFrom(board: BoardRevision, installed: string, goal: FirmwareGoal, policy: FirmwarePolicy): UpdatePlan {
  const { releases } = board;
  const from = releases.findIndex(({ version }) => version === installed);
  if (from < 0)
    return {
      kind: 'none',
      why: `Version ${installed} is on no list of revision ${board.revision}: look whether it is another revision.`,
      ruledOut: [],
    };
  const { target, why, ruledOut } = chooseTarget(board, from, goal, policy);
  if (target === null) return { kind: 'none', why, ruledOut };
  if (target === from) return { kind: 'plan', steps: [], target: installed, why, ruledOut };
  return target > from
    ? upgrade(releases, { from, target, why, ruledOut }, policy)
    : rollBack(releases, { from, target, why, ruledOut });
}

function chooseTarget(board: BoardRevision, from: number, goal: FirmwareGoal, policy: FirmwarePolicy): Choice {
  switch (goal.kind) {
    case 'newest':
      return chooseNewest(board.releases, from, policy);
    case 'support':
      return chooseSupport(board, from, goal.processor);
    case 'fix':
      return chooseFix(board.releases, from, goal.complaint);
    case 'version': {
      const target = board.releases.findIndex(({ version }) => version === goal.version);
      return target < 0
        ? { target: null, why: `Version ${goal.version} is on no list of this revision.`, ruledOut: [] }
        : { target, why: 'The version that was asked for.', ruledOut: [] };
    }
  }
}

/** The newest that has soaked long enough; a security notice cuts the wait short. */
function chooseNewest(releases: readonly Release[], from: number, policy: FirmwarePolicy): Choice {
  const ruledOut: RuledOut[] = [];
  for (let i = releases.length - 1; i > from; i--) {
    const release = releases[i];
    if (!release) continue;
    const why = whyNot(release, policy);
    if (why === null)
      return {
        target: i,
        why: release.security ? 'The newest, and it closes a security hole.' : 'The newest that may be installed.',
        ruledOut,
      };
    ruledOut.push({ version: release.version, why });
  }
  return { target: from, why: 'The installed version is the newest that may be installed.', ruledOut };
}

function whyNot(release: Release, { soakDays, today }: FirmwarePolicy): string | null {
  if (release.preRelease) return 'A pre-release, and no complaint asks for it.';
  const age = ageDays(release, today);
  return age < soakDays && !release.security ? `Only ${Math.max(0, age)} days old; ${soakDays} are asked for.` : null;
}

/** The least version that knows the processor: nothing newer than needed. */
function chooseSupport({ processors, releases }: BoardRevision, from: number, processor: string): Choice {
  if (processors.includes(processor)) return { target: from, why: `Every version knows ${processor}.`, ruledOut: [] };
  const first = releases.findIndex(({ processorsAdded }) => processorsAdded?.includes(processor));
  if (first < 0) return { target: null, why: `No version of this revision knows ${processor}.`, ruledOut: [] };
  if (first <= from) return { target: from, why: `The installed version knows ${processor}.`, ruledOut: [] };
  const ruledOut: RuledOut[] = [];
  for (let i = first; i < releases.length; i++) {
    const release = releases[i];
    if (!release) continue;
    if (!release.preRelease) return { target: i, why: `The least version that knows ${processor}.`, ruledOut };
    ruledOut.push({ version: release.version, why: 'A pre-release; a later one knows the processor as well.' });
  }
  return { target: first, why: `The only versions that know ${processor} are pre-releases.`, ruledOut: [] };
}

/** The newest release that is said to mend the complaint; a pre-release only if nothing else does. */
function chooseFix(releases: readonly Release[], from: number, complaint: string): Choice {
  const mends = ({ fixes }: Release) => fixes?.some((fix) => fix.toLowerCase().includes(complaint.toLowerCase()));
  const indexes = releases.flatMap((release, i) => (i > from && mends(release) ? [i] : []));
  const target = indexes.find((i) => !releases[i]?.preRelease) ?? indexes[0];
  return target === undefined
    ? { target: null, why: `No newer version is said to mend "${complaint}".`, ruledOut: [] }
    : { target, why: `The first that is said to mend "${complaint}".`, ruledOut: [] };
}

interface Way {
  readonly from: number;
  readonly target: number;
  readonly why: string;
  readonly ruledOut: readonly RuledOut[];
}

/**
 * Upwards: what is newer may always be installed once its least predecessor is there, so that each round of steps is
 * decided by the newest stepping stone reached so far. Linear in the releases for each round.
 */
function upgrade(
  releases: readonly Release[],
  { from, target, why, ruledOut }: Way,
  policy: FirmwarePolicy,
): UpdatePlan {
  const indexOf = new Map(releases.map(({ version }, i) => [version, i]));
  const needs = (i: number): number => {
    const least = releases[i]?.minimumPredecessor;
    return least === undefined ? 0 : (indexOf.get(least) ?? Number.POSITIVE_INFINITY);
  };
  const isAllowed = (i: number) => policy.allowIrreversible || !releases[i]?.irreversible;
  const wanted = releases[target];
  if (!wanted) throw new Error('expected a target among the releases');
  if (!isAllowed(target))
    return { kind: 'none', why: `${wanted.version} cannot be undone. Allow it, or choose another.`, ruledOut };
  const path = [target];
  // Backwards from the target: the stepping stone that itself asks for the least.
  for (let need = needs(target); need > from;) {
    let best = -1;
    for (let i = need; i < (path[0] ?? 0); i++)
      if (isAllowed(i) && !releases[i]?.preRelease && (best < 0 || needs(i) < needs(best))) best = i;
    if (best < 0 || needs(best) >= need)
      return {
        kind: 'none',
        why: `${wanted.version} needs ${releases[need]?.version ?? 'a version that is on no list'} first, and there is no way there that may be taken.`,
        ruledOut,
      };
    path.unshift(best);
    need = needs(best);
  }
  const steps = path.map((i, k): UpdateStep => {
    const next = releases[path[k + 1] ?? -1];
    return {
      version: releases[i]?.version ?? '',
      why: next ? `A stepping stone: ${next.version} needs it or newer.` : why,
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
