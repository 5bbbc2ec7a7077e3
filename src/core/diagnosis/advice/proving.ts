import {
  applyChanges,
  foundConfiguration,
  isOriginalIn,
  slotId,
  type Configuration,
  type Machine,
  type Part,
} from '../../machine';
import { buildUpSteps, expectedSignals, provingSets } from '../../isolation';
import type { StartOutcome } from '../../startup';
import { findTrial, formatTrialId, setUpMinutes } from '../../trials';
import { observedStart } from '../belief/complaint';
import type { DiagnosisInput } from '../evidence-step';
import { isAsExpected, isUnderLoad, provenBy, verdictsOf, type PartVerdict } from './part-verdicts';

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

const mostAhead = 30;

/**
 * How far the parts on the bench are proven, and what is still to be done: the fewest starts, each with as many parts
 * that are not proven yet as the board takes. The build-up comes first, from its first step, and skips none.
 */
export function provingOf(
  input: Pick<DiagnosisInput, 'machine' | 'steps' | 'configuration'>,
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
  /** Sets that failed as a whole before: their parts go in one by one. */
  readonly failedSets: ReadonlySet<string>;
}

/** Plays the rest of the bench test as if everything that is not known to fail were good. */
function startsAhead(
  { machine, steps, configuration }: Pick<DiagnosisInput, 'machine' | 'steps' | 'configuration'>,
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
    failedSets: new Set(
      steps.flatMap((step) =>
        step.trial.ref.kind === 'set' && isAsExpected(machine, step) === false ? [step.trial.id] : [],
      ),
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
function candidates({ machine, outcome, verdicts, built, failedSets }: Bench): { isStep: boolean; ids: string[] } {
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
  const whole = sets.filter((id) => !failedSets.has(id));
  const attached = whole.filter((id) => id === firstSet);
  return { isStep: false, ids: [...attached, ...load, ...whole, ...machine.parts.filter(open).map(aloneIn(machine))] };
}

/** The start with one part in the place of its kind: a module alone in the first slot. */
export const aloneIn =
  (machine: Machine) =>
  ({ kind, id }: Part): string => {
    const [first] = machine.board.slots;
    return kind === 'module' && first
      ? formatTrialId({ kind: 'only', module: id, slot: slotId(first.name) })
      : formatTrialId({ kind: 'back', part: id });
  };
