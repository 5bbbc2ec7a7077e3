import { applyChanges, asFound, type Configuration } from '../../src/core/machine';
import { reportedStep } from '../../src/core/casework';
import type { EvidenceStep, Replay } from '../../src/core/diagnosis';
import { doubtfulEntries } from '../../src/core/diagnosis/belief/doubt';
import { fitEntries } from '../../src/core/diagnosis/belief/fit-entries';
import { readLog } from '../../src/core/diagnosis/belief/read-log';
import { replay } from '../../src/core/diagnosis/belief/replay';
import { findTrial, handlingOf, misreadProbabilityOf } from '../../src/core/trials';
import {
  diceOf,
  drawFaultyMachine,
  playCase,
  PRACTICE_MACHINES,
  usualEyes,
  type FaultyMachine,
} from '../../src/core/practice';

/**
 * Played cases without a misreading, each of whose entries is flipped in turn to another outcome. Of the flips that
 * change the first repair: how many does the engine name among the first two entries that it doubts? And in how many of
 * the cases does it doubt what the technician saw, though nothing was flipped?
 */
export function doubtfulFirstTwo(cases: number, seed: number) {
  let [flips, named, unflipped] = [0, 0, 0];
  for (const [kind, practice] of PRACTICE_MACHINES.entries()) {
    let known: Replay | null = null;
    for (let n = kind; n < cases; n += PRACTICE_MACHINES.length) {
      const dice = diceOf(seed * 7919 + n);
      const faulty = drawFaultyMachine(practice, dice, {
        eyes: { ...usualEyes, misreadFactor: 0, falseAlarmFactor: 0 },
      });
      const result: ReturnType<typeof playCase> = playCase(faulty, { known });
      known = result.known;
      const log = logOf(faulty, result.played.trials);
      const whole = judge(faulty, log, known);
      unflipped += whole.doubts.some(({ eventId }) => eventId !== 'reported') ? 1 : 0;
      for (const entry of log.steps.slice(1)) {
        const others = entry.trial.outcomes.filter(({ id }) => id !== entry.outcome);
        const outcome = others[Math.floor(dice(`flip ${entry.id}`) * others.length)]?.id ?? entry.outcome;
        const steps = log.steps.map((step) => (step === entry ? { ...step, outcome } : step));
        const { first, doubts } = judge(faulty, { ...log, steps }, known);
        if (first === whole.first) continue;
        flips += 1;
        if (doubts.slice(0, 2).some(({ eventId }) => eventId === entry.id)) named += 1;
      }
    }
  }
  return { flips, share: flips === 0 ? 0 : named / flips, falseAlarmShare: unflipped / cases };
}

interface Log {
  readonly steps: readonly EvidenceStep[];
  readonly configuration: Configuration;
}

function judge({ machine, circumstances }: FaultyMachine, { steps, configuration }: Log, known: Replay | null) {
  const now = replay({ machine, circumstances, steps: readLog(machine, steps), configuration, caseOpen: true }, known);
  const { space, byFault, compiled, belief } = now;
  const probabilities = byFault.at(-1) ?? new Float64Array(1);
  const first = space.faults[probabilities.indexOf(Math.max(...probabilities))]?.repairClass.id;
  return { first, doubts: doubtfulEntries(now, fitEntries(space, now.steps, compiled, belief)) };
}

/** The log of a played case, as evidence. */
function logOf(faulty: FaultyMachine, trials: readonly { readonly trial: string; readonly outcome: string }[]): Log {
  const { machine } = faulty;
  const steps: EvidenceStep[] = [reportedStep('reported', machine, faulty.reported)];
  let configuration = asFound;
  for (const { trial: id, outcome } of trials) {
    const trial = findTrial(machine, configuration, id);
    if (!trial) throw new Error(`expected the trial ${id}`);
    configuration = applyChanges(configuration, trial.changes);
    steps.push({
      id: `${steps.length}`,
      trial,
      configuration,
      handling: handlingOf(trial, trial.changes),
      outcome,
      volts: null,
      misreadProbability: misreadProbabilityOf(trial),
    });
  }
  return { steps, configuration };
}
