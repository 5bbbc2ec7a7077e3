import { canAct, type Circumstance } from '../faults';
import { applyChanges, foundConfiguration, type Configuration } from '../machine';
import { reportedStep } from '../casework';
import type { DiagnosisInput, EvidenceStep } from '../diagnosis';
import { answersAfter, startOutcomeIndex } from '../startup';
import { findTrial, handlingOf, misreadProbabilityOf, type PresentFault, type Trial } from '../trials';
import { afterHandling, seeOutcome, type FaultyMachine } from './faulty-machine';

/** A faulty machine on the practice bench: what was done to it, and what is left of its faults. */
export interface PracticeBench {
  readonly faulty: FaultyMachine;
  configuration: Configuration;
  caseOpen: boolean;
  there: readonly PresentFault[];
  minutes: number;
  readonly steps: EvidenceStep[];
  /** What is known so far of the circumstances: some are told late. */
  known: readonly Circumstance[];
}

/** The machine as it came in: what the owner says, and the complaint seen once by the technician. */
export function createPracticeBench(faulty: FaultyMachine): PracticeBench {
  const { machine, reported } = faulty;
  return {
    faulty,
    configuration: foundConfiguration(machine),
    caseOpen: machine.onBench === true,
    there: faulty.faults,
    minutes: 0,
    known: faulty.circumstances,
    // Nobody complains of parts that lie on the bench.
    steps: machine.onBench ? [] : [reportedStep('reported', machine, reported)],
  };
}

/** The start at which the technician saw the complaint. */
export const firstTrialId = ({ underLoad }: FaultyMachine): string => (underLoad ? 'run-under-load' : 'start');

/** What the engine is asked about the machine as it stands. */
export function inputAt(bench: PracticeBench, how: Pick<DiagnosisInput, 'strategy' | 'skipsBelow'>): DiagnosisInput {
  const { machine } = bench.faulty;
  const { steps, configuration, caseOpen, known: circumstances } = bench;
  return { machine, circumstances, steps: [...steps], configuration, caseOpen, ...how };
}

/** The trial of an id on the machine as it stands. Failure: throws where advice asks for what cannot be done. */
export function trialAt({ faulty, configuration }: PracticeBench, id: string): Trial {
  const trial = findTrial(faulty.machine, configuration, id);
  if (!trial) throw new Error(`expected the advised trial ${id} to be possible`);
  return trial;
}

/** Does a trial, and returns what was seen: the outcome that is given, or what the machine's dice say. "could-not" leaves all as it was. */
export function doTrial(bench: PracticeBench, trial: Trial, outcome: string | null = null): string {
  const { faulty, configuration: before } = bench;
  const nth = bench.steps.filter((step) => step.trial.id === trial.id).length;
  const isDone = outcome !== 'could-not';
  const changes = isDone ? trial.changes : [];
  const handling = isDone ? handlingOf(trial, changes) : [];
  if (isDone) bench.there = afterHandling(faulty, bench.there, { ...trial, handling }, nth);
  const during = applyChanges(before, changes);
  bench.caseOpen ||= isDone && trial.inside;
  const seen = outcome ?? (isShutOff(bench, trial) ? 'dead' : seeOutcome(faulty, bench.there, trial, { before, nth }));
  bench.steps.push({
    id: `${bench.steps.length}`,
    trial,
    configuration: during,
    handling,
    outcome: seen,
    volts: null,
    misreadProbability: misreadProbabilityOf(trial),
  });
  // Bridged pins are for one start: the next one is made with the button again.
  bench.configuration = { ...during, start: 'button' };
  return seen;
}

/** It went off at work, and does not answer the button before it is drained, as it is before it is put under load. */
function isShutOff({ faulty, configuration, there, steps }: PracticeBench, trial: Trial): boolean {
  const off = steps.findLastIndex(({ outcome }) => outcome === 'cuts-out');
  if (off < 0 || trial.ref.kind !== 'start') return false;
  const touched = [{ trial, handling: trial.handling }, ...steps.slice(off + 1)];
  if (touched.some((one) => one.trial.changes.length > 0 || one.handling.length > 0)) return false;
  const cause = there.find(
    ({ fault, stops }) => (stops.shows[cutOut] ?? 0) > 0 && canAct(fault, faulty.machine, configuration),
  );
  return (
    cause?.fault.mode.cutsOut !== undefined && faulty.dice(`answers ${off}`) >= answersAfter(cause.fault.mode.cutsOut)
  );
}

const cutOut = startOutcomeIndex('cuts-out');
