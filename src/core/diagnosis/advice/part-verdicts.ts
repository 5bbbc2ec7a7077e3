import { isOriginalIn, type Configuration, type Machine, type PartKind } from '../../machine';
import { expectedSignals, isProvable } from '../../isolation';
import { linkIndex, START_OUTCOMES, type LinkId, type StartOutcome } from '../../startup';
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

/** The link that a start must pass before it says anything good of a part. */
export const provenPast: Readonly<Partial<Record<PartKind, LinkId>>> = {
  cord: 'rails',
  'case-switch': 'start',
  supply: 'peripherals',
  adapter: 'peripherals',
  board: 'peripherals',
  processor: 'peripherals',
  cooler: 'peripherals',
  module: 'peripherals',
  card: 'picture',
  monitor: 'picture',
  'display-cable': 'picture',
  keyboard: 'peripherals',
  drive: 'boot',
};

/** Parts that full load can bring down; all others work or do not. */
const loaded: readonly PartKind[] = ['supply', 'adapter', 'board', 'processor', 'cooler', 'module', 'card'];

/** From this probability of a fault at a part on it counts as failing, unless it was seen to work. */
const asGoodAsCertain = 0.9;
const likely = 0.5;

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
  const passed = linkIndex(lastLinkPassed(outcome, underLoad));
  const proven = new Map<string, PartVerdict>();
  for (const part of machine.parts) {
    const link = provenPast[part.kind];
    if (!link || !isProvable(part) || !isOriginalIn(configuration, part.id) || passed < linkIndex(link)) continue;
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
  for (const [id, verdict] of Object.entries(verdicts))
    if (verdict === 'not-tested' && isBlamed({ machine, steps }, id, shares[id] ?? 0)) verdicts[id] = 'fails';
  return verdicts;
}

/**
 * Whether a part that was never seen to work is to blame for starts that failed: as good as certainly, or likely and
 * swapped for another with which the start was good.
 */
function isBlamed({ machine, steps }: Pick<DiagnosisInput, 'machine' | 'steps'>, id: string, share: number): boolean {
  const starts = steps.flatMap((step) => {
    const outcome = observedStart(step);
    const isGood = isAsExpected(machine, step);
    return outcome === null || isGood === null
      ? []
      : [{ isGood, isIn: isOriginalIn(step.configuration, id), reached: rank(outcome) }];
  });
  const failed = starts.filter(({ isGood, isIn }) => isIn && !isGood).map(({ reached }) => reached);
  if (failed.length === 0) return false;
  const without = starts.some(({ isGood, isIn, reached }) => !isIn && isGood && reached > Math.max(...failed));
  return (
    share >= asGoodAsCertain ||
    (share >= likely && failed.length >= 2 && without) ||
    isOnlyDifference({ machine, steps }, id)
  );
}

/** Whether a start with the part failed, and one with all the same but another in its place was good. */
function isOnlyDifference({ machine, steps }: Pick<DiagnosisInput, 'machine' | 'steps'>, id: string): boolean {
  const inOf = ({ configuration }: EvidenceStep) =>
    machine.parts.filter((part) => isProvable(part) && isOriginalIn(configuration, part.id)).map((part) => part.id);
  const failed = steps.filter((step) => isAsExpected(machine, step) === false).map(inOf);
  const good = steps.filter((step) => isAsExpected(machine, step) === true).map(inOf);
  const kindOf = (part: string) => machine.parts.find((one) => one.id === part)?.kind;
  return failed.some((bad) =>
    good.some((fine) => {
      const gone = bad.filter((part) => !fine.includes(part));
      const come = fine.filter((part) => !bad.includes(part));
      return gone.join() === id && come.length === 1 && kindOf(come[0] ?? '') === kindOf(id);
    }),
  );
}
