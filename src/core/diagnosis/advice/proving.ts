import {
  applyChanges,
  foundConfiguration,
  isOriginalIn,
  slotId,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
} from '../../machine';
import { buildUpSteps, expectedSignals, isProvable, provingSets } from '../../isolation';
import { linkIndex, START_OUTCOMES, type LinkId, type StartOutcome } from '../../startup';
import { findTrial, formatTrialId, setUpMinutes, type Trial } from '../../trials';
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

/** A start that is still to be made, and the parts that it proves if it is good. */
export interface ProvingStart {
  readonly trial: string;
  readonly title: string;
  readonly minutes: number;
  /** Ids of parts. */
  readonly proves: readonly string[];
}

/** How far the parts on the bench are proven, and the starts ahead if all of them are good. */
export interface Proving {
  readonly verdicts: Readonly<Record<string, PartVerdict>>;
  readonly ahead: readonly ProvingStart[];
  /** The last start showed less than a sound machine does, and no part is known to fail that explains it. */
  readonly isFailing: boolean;
}

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
const mostAhead = 30;

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

const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/** What one good start says of the parts in it. */
function provenBy(
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
  return share >= asGoodAsCertain || (share >= likely && failed.length >= 2 && without);
}

/**
 * How far the parts on the bench are proven, and what is still to be done: the fewest starts, each with as many parts
 * that are not proven yet as the board takes. The build-up comes first, from its first step, and skips none.
 */
export function provingOf(
  input: Pick<DiagnosisInput, 'machine' | 'steps' | 'configuration' | 'caseOpen'>,
  shares: Readonly<Record<string, number>>,
): Proving {
  const { machine, steps } = input;
  const verdicts = verdictsOf(input, shares);
  const last = steps.findLast((step) => observedStart(step) !== null);
  const failing = Object.keys(verdicts).filter((id) => verdicts[id] === 'fails');
  const isExplained = last !== undefined && failing.some((id) => isOriginalIn(last.configuration, id));
  return {
    verdicts,
    ahead: startsAhead(input, verdicts),
    isFailing: last !== undefined && isAsExpected(machine, last) === false && !isExplained,
  };
}

interface Bench {
  readonly machine: Machine;
  configuration: Configuration;
  /** The last start; null before the first. */
  outcome: StartOutcome | null;
  verdicts: Record<string, PartVerdict>;
  /** Kinds of which a build-up step was passed. */
  readonly built: Set<string>;
}

/** Plays the rest of the bench test as if everything that is not known to fail were good. */
function startsAhead(
  { machine, steps, configuration }: Pick<DiagnosisInput, 'machine' | 'steps' | 'configuration' | 'caseOpen'>,
  verdicts: Record<string, PartVerdict>,
): ProvingStart[] {
  const last = steps.findLast((step) => observedStart(step) !== null);
  const bench: Bench = {
    machine,
    configuration,
    outcome: last && isAsExpected(machine, last) ? observedStart(last) : null,
    verdicts: { ...verdicts },
    built: new Set(
      steps.filter((step) => isAsExpected(machine, step)).flatMap(({ configuration: c }) => filledKinds(machine, c)),
    ),
  };
  const ahead: ProvingStart[] = [];
  while (ahead.length < mostAhead) {
    const next = nextStart(bench);
    if (!next) break;
    ahead.push(next);
  }
  return ahead;
}

/** The kinds of which something stands on the board: a step that adds one of them is built up. */
const filledKinds = (machine: Machine, configuration: Configuration): string[] => [
  ...new Set(machine.parts.filter((part) => isOriginalIn(configuration, part.id)).map(({ kind }) => kind)),
];

/** The next start that proves something, made on the bench; null where none is left. */
function nextStart(bench: Bench): ProvingStart | null {
  const { isStep, ids } = candidates(bench);
  for (const id of ids) {
    const trial = findTrial(bench.machine, bench.configuration, id);
    if (!trial) continue;
    const after = applyChanges(bench.configuration, trial.changes);
    if (bench.machine.parts.some((part) => bench.verdicts[part.id] === 'fails' && isOriginalIn(after, part.id)))
      continue;
    const outcome = expectedSignals(bench.machine, after)[0]?.outcome ?? 'works';
    const proven = provenBy(bench.machine, after, { outcome, underLoad: isUnderLoad(trial) });
    const isNew = (part: string, verdict: PartVerdict) => better(verdict, bench.verdicts[part] ?? 'not-tested');
    const proves = [...proven].filter(([part, verdict]) => isNew(part, verdict)).map(([part]) => part);
    if (proves.length === 0 && !isStep) continue;
    for (const part of proves) bench.verdicts[part] = proven.get(part) ?? 'not-tested';
    for (const kind of filledKinds(bench.machine, after)) bench.built.add(kind);
    const minutes = trial.minutes + setUpMinutes(bench.machine, trial, { caseOpen: true });
    bench.configuration = after;
    bench.outcome = outcome;
    return { trial: id, title: trial.title, minutes, proves };
  }
  return null;
}

const firstSet = formatTrialId({ kind: 'set', number: '1' });

const order: readonly PartVerdict[] = ['fails', 'not-tested', 'not-loaded', 'works'];
const better = (a: PartVerdict, b: PartVerdict): boolean => b !== 'fails' && order.indexOf(a) > order.indexOf(b);

/** What could come next, best first: the build-up, the rest of what came attached, load where a system runs, then set by set and part by part. */
function candidates({ machine, outcome, verdicts, built }: Bench): { isStep: boolean; ids: string[] } {
  const step = buildUpSteps(machine, foundConfiguration(machine)).find(
    ({ id, adds }) => !(id === 'processor' ? built.size > 0 : adds.every(({ kind }) => built.has(kind))),
  );
  const bad = step?.adds.find(({ id }) => verdicts[id] === 'fails');
  if (step && !bad) return { isStep: true, ids: [formatTrialId({ kind: 'build', step: step.id })] };
  const open = ({ id }: Part) => verdicts[id] === 'not-tested';
  // A step whose part fails is made with another of its kind, if there is one.
  if (bad)
    return {
      isStep: true,
      ids: machine.parts.filter((part) => part.kind === bad.kind && open(part)).map(aloneIn(machine)),
    };
  const load = outcome === 'works' ? [formatTrialId({ kind: 'run-under-load' })] : [];
  const sets = provingSets(machine).flatMap((set, index) =>
    set.some(open) ? [formatTrialId({ kind: 'set', number: `${index + 1}` })] : [],
  );
  const attached = sets.filter((id) => id === firstSet);
  return { isStep: false, ids: [...attached, ...load, ...sets, ...machine.parts.filter(open).map(aloneIn(machine))] };
}

/** The start with one part in the place of its kind: a module alone in the first slot. */
const aloneIn =
  (machine: Machine) =>
  ({ kind, id }: Part): string => {
    const [first] = machine.board.slots;
    return kind === 'module' && first
      ? formatTrialId({ kind: 'only', module: id, slot: slotId(first.name) })
      : formatTrialId({ kind: 'back', part: id });
  };
