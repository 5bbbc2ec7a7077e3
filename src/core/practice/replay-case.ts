import type { Machine } from '../machine';
import { canAct, type Circumstance } from '../faults';
import { createDiagnoser, type Diagnosis, type Strategy, type SuspectView } from '../diagnosis';
import { machineWithFaults } from './faulty-machine';
import { createPracticeBench, doTrial, firstTrialId, inputAt, trialAt } from './practice-bench';
import { diceOf } from './random';

/** One piece of advice, what was seen of it, and what was thought then. */
export interface ReplayTurn {
  readonly advice: Diagnosis['advice'];
  /** What was seen, in the words of the screen; null where there was nothing left to do. */
  readonly seen: string | null;
  /** Minutes up to then, this trial's with them. */
  readonly minutes: number;
  /** The first few after it, likeliest first. */
  readonly suspects: readonly SuspectView[];
  /** Entries that were called doubtful after it: the title of the trial, and what was seen. */
  readonly doubts: readonly string[];
}

/** The whole conversation that the engine has with a technician at a faulty machine. */
export interface ReplayedCase {
  readonly machine: string;
  readonly faults: readonly string[];
  readonly reported: string;
  readonly turns: readonly ReplayTurn[];
  /** Faults that can still act in the machine as it stands at the end. */
  readonly left: readonly string[];
}

export interface ReplayOptions {
  readonly machine: Machine;
  readonly circumstances: readonly Circumstance[];
  /** Ids such as "rocker-off@supply". */
  readonly faults: readonly string[];
  readonly strategy: Strategy;
  readonly seed: number;
}

const mostTurns = 60;
const suspectsShown = 3;

/**
 * Plays a machine with given faults by the engine's own advice, and keeps each piece of advice as the card says it.
 * Deterministic in the seed. Failure: the first fault that the machine cannot have.
 */
export function replayCase({
  machine,
  circumstances,
  faults,
  strategy,
  seed,
}: ReplayOptions):
  { readonly ok: true; readonly replayed: ReplayedCase } | { readonly ok: false; readonly problem: string } {
  const made = machineWithFaults({ machine, circumstances }, faults, diceOf(seed));
  if (!made.ok) return made;
  const { faulty } = made;
  const bench = createPracticeBench(faulty);
  const diagnose = createDiagnoser();
  const labelOf = (trialId: string, outcome: string) =>
    trialAt(bench, trialId).outcomes.find(({ id }) => id === outcome)?.label ?? outcome;
  const reported = labelOf('start', faulty.reported);
  const turns: ReplayTurn[] = [];
  let diagnosis = diagnose(inputAt(bench, { strategy }));
  while (turns.length < mostTurns) {
    const { advice } = diagnosis;
    if (advice.trial === null) {
      turns.push({ advice, seen: null, minutes: bench.minutes, suspects: topOf(diagnosis), doubts: [] });
      break;
    }
    const trial = trialAt(bench, advice.trial.id);
    const isFirst = turns.length === 0 && !machine.onBench && trial.id === firstTrialId(faulty);
    bench.minutes += advice.trial.minutes;
    const seen = doTrial(bench, trial, isFirst ? faulty.complaint : null);
    diagnosis = diagnose(inputAt(bench, { strategy }));
    turns.push({
      advice,
      seen: trial.outcomes.find(({ id }) => id === seen)?.label ?? seen,
      minutes: bench.minutes,
      suspects: topOf(diagnosis),
      doubts: diagnosis.doubts.flatMap(({ eventId }) => {
        const step = bench.steps.find(({ id }) => id === eventId);
        const label = step?.trial.outcomes.find(({ id }) => id === step.outcome)?.label;
        return step && label ? [`${step.trial.title}: ${label}`] : [];
      }),
    });
  }
  const left = bench.there.flatMap(({ fault }) => (canAct(fault, machine, bench.configuration) ? [fault.id] : []));
  return { ok: true, replayed: { machine: machine.name, faults, reported, turns, left } };
}

const topOf = ({ suspects }: Diagnosis): SuspectView[] => suspects.slice(0, suspectsShown);
