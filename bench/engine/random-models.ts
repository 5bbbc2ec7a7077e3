import { applyChanges, asFound, completeMachine, type Configuration, type Machine } from '../../src/core/machine';
import { instantiateFaults } from '../../src/core/faults';
import { handlingOf, SILENT_OUTCOMES, trialsFor, type Trial } from '../../src/core/trials';
import { priorBelief, updateBelief } from '../../src/core/diagnosis/belief/belief';
import type { EvidenceStep } from '../../src/core/diagnosis/evidence-step';
import { createSpace, type HypothesisSpace } from '../../src/core/diagnosis/model/hypothesis-space';
import { readLog } from '../../src/core/diagnosis/belief/read-log';
import { withoutRepeats } from '../../src/core/diagnosis/belief/same-evidence';
import { probabilityByFault } from '../../src/core/diagnosis/belief/suspects';
import { enumeratePosterior } from '../../src/core/diagnosis/belief/testing-enumeration';
import { diceOf, PRACTICE_MACHINES, type Dice } from '../../src/core/practice';

/** Models of about a dozen faults with random logs: the posterior against the enumeration written apart. */

const faultsKept = 12;
const longestLog = 7;

/** The largest difference of a probability over so many random models. */
export function exactMaxError(models: number, seed: number): number {
  let worst = 0;
  for (let m = 0; m < models; m++) worst = Math.max(worst, errorOf(diceOf(seed + m)));
  return worst;
}

function errorOf(dice: Dice): number {
  const practice = PRACTICE_MACHINES[Math.floor(dice('machine') * PRACTICE_MACHINES.length)];
  const completed = practice && completeMachine(practice.machine);
  if (!completed?.ok) throw new Error('expected a practice machine');
  const { machine } = completed;
  const all = instantiateFaults(machine, practice?.circumstances);
  const chosen = new Set(
    all
      .map(({ id }) => ({ id, at: dice(`keep ${id}`) }))
      .sort((a, b) => a.at - b.at)
      .slice(0, faultsKept)
      .map(({ id }) => id),
  );
  const space = createSpace(machine, practice?.circumstances ?? [], { keeps: ({ id }) => chosen.has(id) });
  const log = readLog(machine, randomLog(machine, space, dice));
  const expected = enumeratePosterior(machine, log, space);
  const belief = withoutRepeats(log).reduce(
    (before, step) => updateBelief(before, space, step, machine),
    priorBelief(space),
  );
  const found = probabilityByFault(space, belief);
  return Math.max(...space.faults.map(({ id }, f) => Math.abs((found[f] ?? 0) - (expected.get(id) ?? 0))));
}

/** Trials that concern the model's faults, or are starts, with any outcome whatever. */
function randomLog(machine: Machine, space: HypothesisSpace, dice: Dice): EvidenceStep[] {
  const parts = new Set(space.faults.map(({ part }) => part.id));
  const steps: EvidenceStep[] = [];
  let configuration: Configuration = asFound;
  const length = 1 + Math.floor(dice('length') * longestLog);
  for (let k = 0; k < length; k++) {
    const possible = trialsFor(machine, configuration).filter(
      ({ id, part }) => id === 'start' || id === 'run-under-load' || (part !== null && parts.has(part.id)),
    );
    const trial = possible[Math.floor(dice(`trial ${k}`) * possible.length)];
    if (!trial) continue;
    const outcome = randomOutcome(trial, (name) => dice(`${name} ${k}`));
    if (outcome !== 'could-not') configuration = applyChanges(configuration, trial.changes);
    steps.push({
      id: `${k}`,
      trial,
      configuration,
      handling: outcome === 'could-not' ? [] : handlingOf(trial, trial.changes),
      outcome,
      volts: readingOf(trial, outcome, dice(`volts ${k}`)),
      misreadProbability: 0.01 + 0.07 * dice(`misread ${k}`),
    });
  }
  return steps;
}

function randomOutcome({ outcomes }: Trial, dice: Dice): string {
  const from = dice('silent') < 0.1 ? SILENT_OUTCOMES : outcomes;
  return from[Math.floor(dice('outcome') * from.length)]?.id ?? 'not-sure';
}

/** Half of the measurements come as a reading. */
function readingOf({ observe }: Trial, outcome: string, at: number): number | null {
  if (observe.kind !== 'measure' || at < 0.5 || SILENT_OUTCOMES.some(({ id }) => id === outcome)) return null;
  return 1.2 * observe.quantity.nominalVolts * (2 * at - 1);
}
