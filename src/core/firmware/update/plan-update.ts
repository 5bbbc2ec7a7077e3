import { possibleVersions, type VersionClues } from '../boards/clues';
import type { BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from '../boards/release';
import { aimAtNewest, aimOf, type Aim, type Choice } from './aims';
import { firstFlashForAll } from './first-flash';
import { courseOf, type Course } from './release-course';
import type { NoPlan, Planned, RuledOut, UpdatePlan, UpdateStep } from './update-plan';

/** Longer lists are no board's: a question about every version of them would take too long. */
const maxReleases = 5000;
/** More possible plans than a person would read. */
const maxAnswers = 100;

interface Planning {
  readonly board: BoardRevision;
  readonly course: Course;
  readonly aim: Aim;
  readonly policy: FirmwarePolicy;
}

/**
 * The shortest admissible chain of releases from the version that is installed to the one that the goal asks for,
 * through the stepping stones that releases name, never past a step that cannot be undone unless that was allowed.
 * With the version unknown (null) the clues narrow what it can be; then it is the plan that is right for every
 * possibility, or the first flash that is right for all of them and what follows it, or the one question to ask first.
 * Failure: kind "none" with the reason, and what can be had instead.
 */
export function planUpdate(
  board: BoardRevision,
  installed: string | null,
  goal: FirmwareGoal,
  policy: FirmwarePolicy,
  clues: VersionClues = {},
): UpdatePlan {
  const { releases } = board;
  if (releases.length > maxReleases)
    return refused(`The list has ${releases.length} versions; ${maxReleases} at most can be planned.`);
  const course = courseOf(releases);
  const planning = { board, course, aim: aimOf(board, goal, policy), policy };
  if (installed === null) return planForAll(planning, possibleVersions(board, clues));
  const from = releases.findIndex(({ version }) => version === installed);
  return from < 0
    ? refused(
        `Version ${installed} is not listed for revision ${board.revision}: check whether it is another revision.`,
      )
    : planFrom(planning, from);
}

const refused = (why: string): NoPlan => ({ kind: 'none', why, ruledOut: [] });

/** Versions that lead to the same steps are one answer; only one of each is planned whole. */
function planForAll(planning: Planning, possible: readonly number[]): UpdatePlan {
  const { board, policy } = planning;
  if (board.releases.length === 0) return refused('No release is known for this board.');
  const groups = new Map<string, number[]>();
  for (const from of possible) {
    const key = keyOf(planning, from);
    const group = groups.get(key);
    if (group) group.push(from);
    else groups.set(key, [from]);
  }
  const [only] = groups.values();
  if (!only) return refused('The clues contradict the list of this revision: check whether it is another revision.');
  if (groups.size === 1) return planFrom(planning, only[0] ?? 0);
  // What was flashed is not damaged.
  const written = { ...planning, policy: { ...policy, rewrite: false } };
  const first = firstFlashForAll(possible, {
    course: planning.course,
    allowIrreversible: policy.allowIrreversible,
    stones: stonesOf(planning, possible),
    wayFrom: (from) => wayOf(written, from),
  });
  if (first !== null) return flashThenRead(written, first);
  const question = 'Which version is installed now?';
  if (groups.size > maxAnswers)
    return {
      kind: 'ask',
      question: `${question} What to do has ${groups.size} answers: too many to list.`,
      answers: [],
    };
  return {
    kind: 'ask',
    question,
    answers: [...groups.values()].map((group) => ({
      versions: group.map((from) => board.releases[from]?.version ?? ''),
      plan: planFrom(planning, group[0] ?? 0),
    })),
  };
}

/** Everything that stands on the way from any of these: ways to the same target end alike, so each is walked once. */
function stonesOf({ course, aim, policy }: Planning, possible: readonly number[]): Set<number> {
  const stones = new Set<number>();
  const walked = new Set<string>();
  for (const from of possible) {
    const { target } = aim(from);
    if (target === null || (target > from && isBarred(course, policy, from, target))) continue;
    if (target < from) stones.add(target);
    if (target === from && policy.rewrite) stones.add(from);
    let at = from < target ? course.firstOnWay(from, target) : null;
    while (at !== null && !walked.has(`${at} ${target}`)) {
      walked.add(`${at} ${target}`);
      stones.add(at);
      at = at < target ? course.firstOnWay(at, target) : null;
    }
  }
  return stones;
}

/** One flash that is right whatever is on the board, then on from there. */
function flashThenRead(planning: Planning, first: number): Planned {
  const version = planning.board.releases[first]?.version ?? '';
  const rest = planFrom(planning, first);
  const steps = rest.kind === 'plan' ? rest.steps : [];
  const next = steps[0]?.version;
  const why = next
    ? `Stepping stone that is right whatever is installed now: ${next} needs it or a newer version first.`
    : 'Right whatever is installed now: the same version again does no harm.';
  return {
    kind: 'plan',
    steps: [{ version, why }, ...steps],
    target: rest.kind === 'plan' ? rest.target : version,
    why: steps.length > 0 ? rest.why : why,
    ruledOut: rest.ruledOut,
    readAfterFirst: true,
  };
}

/** The releases to install from one that is on, by index: none where nothing is to be done, null where there is no way. */
function wayOf({ course, aim, policy }: Planning, from: number): readonly number[] | null {
  const { target } = aim(from);
  if (target === null) return null;
  if (target === from) return policy.rewrite ? [target] : [];
  if (target < from) return course.withoutReturn(target, from) === null ? [target] : null;
  return isBarred(course, policy, from, target) ? null : course.wayFrom(from, target);
}

const isBarred = (course: Course, { allowIrreversible }: FirmwarePolicy, from: number, target: number): boolean =>
  !allowIrreversible && course.withoutReturn(from, target) !== null;

/** What a plan does, without planning it: the same first step towards the same target is the same steps. */
function keyOf({ course, aim, policy }: Planning, from: number): string {
  const { target } = aim(from);
  if (target === null) return 'none';
  if (target === from) return policy.rewrite ? `${target} ${target}` : 'stay';
  if (target < from) return course.withoutReturn(target, from) === null ? `${target} ${target}` : 'none';
  const first = isBarred(course, policy, from, target) ? null : course.firstOnWay(from, target);
  return first === null ? 'none' : `${first} ${target}`;
}

function planFrom(planning: Planning, from: number): Planned | NoPlan {
  const { board, aim, policy } = planning;
  const choice = aim(from);
  const { target, why, ruledOut } = choice;
  if (target === null) return { kind: 'none', why, ruledOut: ruledOut() };
  if (target === from) return stay(board.releases[from]?.version ?? '', choice, policy);
  const way: Way = { from, target, why, ruledOut: ruledOut() };
  return target > from ? upgrade(planning, way) : rollBack(board.releases, way);
}

/** Nothing is to be installed, unless what is on the board is broken. */
function stay(version: string, { why, ruledOut }: Choice, { rewrite }: FirmwarePolicy): Planned {
  const again: UpdateStep = { version, why: 'Written again: the installed image is damaged.' };
  return { kind: 'plan', steps: rewrite ? [again] : [], target: version, why, ruledOut: ruledOut() };
}

interface Way {
  readonly from: number;
  readonly target: number;
  readonly why: string;
  readonly ruledOut: readonly RuledOut[];
}

function upgrade(planning: Planning, { from, target, why, ruledOut }: Way): Planned | NoPlan {
  const {
    board: { releases },
    course,
    policy,
  } = planning;
  const nameOf = (i: number) => releases[i]?.version ?? '';
  const wanted = nameOf(target);
  if (isBarred(course, policy, from, target)) {
    const barrier = course.withoutReturn(from, target) ?? target;
    const whole =
      barrier === target
        ? `${wanted} cannot be undone. Allow it, or choose another.`
        : `${wanted} lies beyond ${nameOf(barrier)}, which cannot be undone. Allow it, or choose another.`;
    return { kind: 'none', why: whole, ruledOut, ...insteadOf(planning, from) };
  }
  const path = course.wayFrom(from, target);
  if (path === null) {
    const blocked = course.blockedAt(target);
    const needed = releases[blocked]?.minimumPredecessor ?? 'an unlisted version';
    return {
      kind: 'none',
      why: `${nameOf(blocked)} needs ${needed} first, and no allowed path leads there.`,
      ruledOut,
      ...insteadOf(planning, from),
    };
  }
  const steps = path.map((i, k): UpdateStep => ({ version: nameOf(i), why: whyStep(releases, i, path[k + 1]) ?? why }));
  return { kind: 'plan', steps, target: wanted, why, ruledOut };
}

/** Why a stepping stone is installed; null for the target. */
function whyStep(releases: readonly Release[], at: number, next: number | undefined): string | null {
  const [stone, wanted] = [releases[at], next === undefined ? undefined : releases[next]];
  if (!stone || !wanted) return null;
  return stone.preRelease
    ? `A pre-release, taken only as a stepping stone: ${wanted.version} asks for it by name and nothing else will do.`
    : `Stepping stone: ${wanted.version} needs it or a newer version first.`;
}

/** What can be had without what bars the way: the newest that may be reached, if it is newer than what is on. */
function insteadOf({ board, course, policy }: Planning, from: number): { readonly instead?: Planned } {
  const plan = planFrom({ board, course, policy, aim: aimAtNewest(board.releases, policy) }, from);
  return plan.kind === 'plan' && plan.steps.length > 0 && plan.target !== board.releases[from]?.version
    ? { instead: plan }
    : {};
}

/** Downwards in one step, unless something on the way up cannot be undone. */
function rollBack(releases: readonly Release[], { from, target, why, ruledOut }: Way): Planned | NoPlan {
  const barrier = releases.slice(target + 1, from + 1).find(({ irreversible }) => irreversible);
  const wanted = releases[target]?.version ?? '';
  return barrier
    ? { kind: 'none', why: `${barrier.version} cannot be undone: there is no way back to ${wanted}.`, ruledOut }
    : { kind: 'plan', steps: [{ version: wanted, why }], target: wanted, why, ruledOut };
}

/** The revisions on whose list a version stands: where it is only one, that settles which board it is. */
export const revisionsWith = (revisions: readonly BoardRevision[], version: string): BoardRevision[] =>
  revisions.filter(({ releases }) => releases.some((release) => release.version === version));
