import { isOriginalIn, type Configuration, type Machine, type Part, type PartKind } from '../../machine';
import { expectedSignals, isProvable, provenPast } from '../../isolation';
import { linkIndex, START_OUTCOMES, type StartOutcome } from '../../startup';
import type { Trial } from '../../trials';
import { lastLinkPassed } from '../belief/link-states';
import { observedStart } from '../belief/complaint';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';

/** What a bench test says of one part. `not-loaded`: it works, and was not under full load. */
export type PartVerdict = 'works' | 'not-loaded' | 'fails' | 'not-tested';

/** The verdicts in the order in which they are read out, and what each is called. */
export const PART_VERDICTS: readonly (readonly [PartVerdict, string])[] = [
  ['fails', 'Fails'],
  ['works', 'Works'],
  ['not-loaded', 'Works, not loaded'],
  ['not-tested', 'Not tested'],
];

/** Parts that full load can bring down; all others work or do not. */
const loaded: readonly PartKind[] = ['supply', 'adapter', 'board', 'processor', 'cooler', 'module', 'card'];

/** From this probability of a fault at a part on it counts as failing, unless it was seen to work. */
const asGoodAsCertain = 0.9;
const likely = 0.5;
/** Beyond doubt: that it once started with it says less. */
const certain = 0.97;

const rank = (outcome: StartOutcome): number => START_OUTCOMES.indexOf(outcome);

/** Whether a start showed what a sound machine with just these parts shows, or more. */
export function isAsExpected(machine: Machine, step: EvidenceStep): boolean | null {
  const seen = observedStart(step);
  if (seen === null) return null;
  const least = Math.min(
    ...expectedSignals(machine, step.configuration).map(({ outcome }) => rank(outcome)),
    rank('works'),
  );
  return rank(seen) >= least;
}

export const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/** What one good start says of the parts in it. */
export function provenBy(
  machine: Machine,
  configuration: Configuration,
  { outcome, underLoad }: { outcome: StartOutcome; underLoad: boolean },
): Map<string, PartVerdict> {
  const proven = new Map<string, PartVerdict>();
  const last = lastLinkPassed(outcome, underLoad);
  if (last === null) return proven;
  const passed = linkIndex(last);
  for (const part of machine.parts) {
    const link = provenPast[part.kind];
    if (!link || !isOriginalIn(configuration, part.id) || passed < linkIndex(link)) continue;
    proven.set(part.id, underLoad || !loaded.includes(part.kind) ? 'works' : 'not-loaded');
  }
  return proven;
}

/** The verdict of each part that is to be proven, by part id. `shares`: by part, how likely it has to be replaced. */
export function verdictsOf(
  { machine, steps }: Pick<DiagnosisInput, 'machine' | 'steps'>,
  shares: Readonly<Record<string, number>>,
): Record<string, PartVerdict> {
  const verdicts: Record<string, PartVerdict> = {};
  for (const part of machine.parts.filter(isProvable)) verdicts[part.id] = 'not-tested';
  for (const step of steps) {
    const outcome = observedStart(step);
    if (outcome === null) continue;
    for (const [id, verdict] of provenBy(machine, step.configuration, { outcome, underLoad: isUnderLoad(step.trial) }))
      if (verdicts[id] !== 'works') verdicts[id] = verdict;
  }
  const seen = startsOf({ machine, steps });
  for (const part of machine.parts)
    if (fails(part, verdicts[part.id], { seen, share: shares[part.id] ?? 0 })) verdicts[part.id] = 'fails';
  return verdicts;
}

/** What ran under load is good; what only started may still have been found out since. */
function fails(
  part: Part,
  verdict: PartVerdict | undefined,
  { seen, share }: { readonly seen: readonly SeenStart[]; readonly share: number },
): boolean {
  if (verdict === 'not-loaded') return share >= certain;
  return verdict === 'not-tested' && isBlamed(part, seen, share);
}

/** A start, whether it was as expected, and the parts that stood in it. */
interface SeenStart {
  readonly isGood: boolean;
  readonly reached: number;
  readonly parts: readonly Part[];
}

const startsOf = ({ machine, steps }: Pick<DiagnosisInput, 'machine' | 'steps'>): SeenStart[] =>
  steps.flatMap((step) => {
    const outcome = observedStart(step);
    const isGood = isAsExpected(machine, step);
    if (outcome === null || isGood === null) return [];
    const parts = machine.parts.filter((part) => isProvable(part) && isOriginalIn(step.configuration, part.id));
    return [{ isGood, reached: rank(outcome), parts }];
  });

/**
 * Whether a part that was never seen to work is to blame for starts that failed: as good as certainly, or likely and
 * swapped for another with which the start was good, or the one difference between a bad start and a good one.
 */
function isBlamed(part: Part, starts: readonly SeenStart[], share: number): boolean {
  const failed = starts.filter(({ isGood, parts }) => !isGood && parts.includes(part));
  if (failed.length === 0) return false;
  const furthest = Math.max(...failed.map(({ reached }) => reached));
  const without = starts.filter(({ isGood, parts }) => isGood && !parts.includes(part));
  return (
    share >= asGoodAsCertain ||
    (share >= likely && failed.length >= 2 && without.some(({ reached }) => reached > furthest)) ||
    failed.some((bad) => without.some((good) => isOnlyDifference(part, bad, good)))
  );
}

/** Whether the good start has all the same parts, and another of its kind in the place of this one. */
function isOnlyDifference(part: Part, bad: SeenStart, good: SeenStart): boolean {
  const gone = bad.parts.filter((one) => !good.parts.includes(one));
  const [come, ...more] = good.parts.filter((one) => !bad.parts.includes(one));
  return gone.length === 1 && gone[0] === part && come?.kind === part.kind && more.length === 0;
}
