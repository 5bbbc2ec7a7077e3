import fc from 'fast-check';
import type { BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from '../boards/release';
import { planUpdate } from './plan-update';

/** Plans by trying every chain, written apart from the planner: indexes to install in turn, or null where there is none. */
type Found = readonly number[] | null;

interface Question {
  readonly board: BoardRevision;
  readonly goal: FirmwareGoal;
  readonly policy: FirmwarePolicy;
}

const indexOf = (releases: readonly Release[], version: string | undefined): number =>
  version === undefined ? 0 : releases.findIndex((one) => one.version === version);

const crosses = (releases: readonly Release[], from: number, to: number): boolean =>
  releases.some(({ irreversible }, i) => irreversible && i > from && i <= to);

/** Every chain upwards, the best first: fewest pre-releases, fewest releases, the newest stones. */
function bestChain(releases: readonly Release[], from: number, target: number): Found {
  const between = Array.from({ length: target - from - 1 }, (_, k) => from + 1 + k);
  const isStone = (i: number) =>
    !releases[i]?.preRelease || releases.some((one) => one.minimumPredecessor === releases[i]?.version);
  const chains: number[][] = [];
  for (let bits = 0; bits < 2 ** between.length; bits++) {
    const chain = [...between.filter((_, k) => bits & (1 << k)), target];
    const isMet = chain.every((i, k) => {
      const version = releases[i]?.minimumPredecessor;
      const least = indexOf(releases, version);
      return (i === target || isStone(i)) && least >= 0 && least <= (chain[k - 1] ?? from);
    });
    if (isMet) chains.push(chain);
  }
  const preReleases = (chain: readonly number[]) => chain.filter((i) => i !== target && releases[i]?.preRelease).length;
  const newestFirst = (a: readonly number[], b: readonly number[]) => {
    const at = a.findIndex((i, k) => i !== b[k]);
    return at < 0 ? 0 : (b[at] ?? 0) - (a[at] ?? 0);
  };
  chains.sort((a, b) => preReleases(a) - preReleases(b) || a.length - b.length || newestFirst(a, b));
  return chains[0] ?? null;
}

function targetFrom({ board: { releases, processors }, goal, policy }: Question, from: number): number | null {
  switch (goal.kind) {
    case 'version': {
      const at = indexOf(releases, goal.version);
      return at < 0 ? null : at;
    }
    case 'support': {
      if (processors.includes(goal.processor)) return from;
      const first = releases.findIndex(({ processorsAdded }) => processorsAdded?.includes(goal.processor));
      if (first < 0) return null;
      if (from >= first) return from;
      const proper = releases.findIndex(({ preRelease }, i) => i >= first && !preRelease);
      return proper < 0 ? first : proper;
    }
    case 'newest':
    case 'fix': {
      for (let i = releases.length - 1; i > from; i--) {
        const { preRelease, security, date = '' } = releases[i] ?? {};
        const days = (Date.parse(policy.today) - Date.parse(date)) / 86_400_000;
        const isWanted = !preRelease && (days >= policy.soakDays || security);
        if (isWanted && (policy.allowIrreversible || !crosses(releases, from, i)) && bestChain(releases, from, i))
          return i;
      }
      return from;
    }
  }
}

function fromKnown(question: Question, from: number, rewrite: boolean): Found {
  const { releases } = question.board;
  const target = targetFrom(question, from);
  if (target === null) return null;
  if (target === from) return rewrite ? [target] : [];
  if (target < from) return crosses(releases, target, from) ? null : [target];
  return !question.policy.allowIrreversible && crosses(releases, from, target)
    ? null
    : bestChain(releases, from, target);
}

/** "ask" where no flash is right for every version that may be installed. */
export function searchPlan(question: Question, installed: number | null): Found | 'ask' {
  const { board, policy } = question;
  const rewrite = policy.rewrite ?? false;
  if (installed !== null) return fromKnown(question, installed, rewrite);
  const { releases } = board;
  const own = releases.map((_, from) => fromKnown(question, from, rewrite));
  if (new Set(own.map((one) => JSON.stringify(one))).size === 1) return own[0] ?? null;
  const isRight = (first: number) =>
    releases.every((_, from) => {
      if (from === first) return true;
      if (from > first) return !crosses(releases, first, from);
      const least = indexOf(releases, releases[first]?.minimumPredecessor);
      return least >= 0 && least <= from && (policy.allowIrreversible || !crosses(releases, from, first));
    });
  const stones = [...new Set(own.flatMap((one) => one ?? []))].sort((a, b) => a - b);
  const plans = stones.filter(isRight).flatMap((first) => {
    const rest = fromKnown(question, first, false);
    return rest ? [[first, ...rest]] : [];
  });
  return plans.sort((a, b) => a.length - b.length)[0] ?? 'ask';
}

/** The planner's answer in the same shape. */
export function plannedBy({ board, goal, policy }: Question, installed: number | null): Found | 'ask' {
  const version = installed === null ? null : (board.releases[installed]?.version ?? '');
  const plan = planUpdate(board, version, goal, policy);
  if (plan.kind === 'ask') return 'ask';
  return plan.kind === 'none' ? null : plan.steps.map((step) => indexOf(board.releases, step.version));
}

const releaseAt = (i: number): fc.Arbitrary<Release> =>
  fc.record({
    version: fc.constant(`V${i}`),
    date: fc.constantFrom('2025-01-01', '2026-01-01'),
    minimumPredecessor: fc.option(
      fc.nat(Math.max(0, i - 1)).map((k) => `V${k}`),
      { nil: undefined, freq: 2 },
    ),
    irreversible: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
    preRelease: fc.integer({ min: 0, max: 3 }).map((n) => n === 0),
    security: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
    processorsAdded: fc.integer({ min: 0, max: 4 }).map((n) => (n === 0 ? ['Kestrel 4'] : [])),
  });

/** Random boards of up to eight releases, with what is asked of them, and what is installed: null for unknown. */
export const questions: fc.Arbitrary<readonly [Question, number | null]> = fc.integer({ min: 1, max: 8 }).chain((n) =>
  fc.tuple(
    fc.record({
      board: fc
        .tuple(...Array.from({ length: n }, (_, i) => releaseAt(i)))
        .map((releases): BoardRevision => ({ revision: '1', processors: [], releases })),
      goal: fc.constantFrom<FirmwareGoal>(
        { kind: 'newest' },
        { kind: 'support', processor: 'Kestrel 4' },
        { kind: 'version', version: 'V2' },
      ),
      policy: fc.record({
        soakDays: fc.constantFrom(0, 30),
        allowIrreversible: fc.boolean(),
        rewrite: fc.boolean(),
        today: fc.constant('2026-01-05'),
      }),
    }),
    fc.option(fc.nat(n - 1), { nil: null }),
  ),
);
