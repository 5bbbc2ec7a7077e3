import { foundConfiguration, applyChanges, nameInWords, type Machine } from '../machine';
import { isOwnersWord, type EvidenceStep } from '../diagnosis';
import { findTrial, formatTrialId, handlingOf, trialsFor, type Trial } from '../trials';
import type { OwnerTried } from './event';

/** What an owner may have tried on a machine before it came in. */
export interface OwnerTry {
  /** The id of the trial of the machine as found that does the same. */
  readonly trial: string;
  /** What it was: "Without the drive", "Another monitor". */
  readonly label: string;
}

/** Nobody watched it, and what was put in may itself be bad: an engineering judgement. */
const ownerMisjudges = 0.2;

/** Everything that owners try and that ends with a start of the machine. */
export const ownerTries = (machine: Machine): OwnerTry[] =>
  trialsFor(machine, foundConfiguration(machine)).flatMap((trial) => {
    const label = labelOf(trial);
    return label === null ? [] : [{ trial: trial.id, label }];
  });

/** The try that a trial id names, if owners try such a thing. */
export function ownerTryOf(machine: Machine, trialId: string): (OwnerTry & { readonly done: Trial }) | null {
  const done = findTrial(machine, foundConfiguration(machine), trialId);
  const label = done ? labelOf(done) : null;
  return done && label !== null ? { trial: trialId, label, done } : null;
}

function labelOf({ ref, title, commits, observe, part }: Trial): string | null {
  if (observe.kind !== 'start' || observe.depth !== 'start' || commits) return null;
  switch (ref.kind) {
    case 'out':
      return part && `Without ${nameInWords(part)}`;
    case 'spare':
      return part && `Another ${nameInWords(part).replace(/^the /, '')}`;
    case 'out-all':
      return title.replace(/^Start without/, 'Without');
    case 'repair':
      return ref.repair === 'recover-firmware' ? null : title.replace(/, then start$/, '');
    default:
      return null;
  }
}

/**
 * What the owner tried, as evidence: a start in that set-up whose outcome the owner tells. What was moved may have been
 * cured by it; that it was a repair does not count, since nobody saw it done.
 */
export function ownerTryStep(
  { id, outcome }: OwnerTried,
  machine: Machine,
  { done, label }: { readonly done: Trial; readonly label: string },
): EvidenceStep {
  const handling = handlingOf(done, done.changes);
  return {
    id,
    trial: {
      ...done,
      ref: { kind: 'tried' },
      id: formatTrialId({ kind: 'tried' }),
      title: `The owner tried: ${label}`,
      handling,
      changes: [],
      repair: null,
    },
    configuration: applyChanges(foundConfiguration(machine), done.changes),
    handling,
    outcome,
    volts: null,
    misreadProbability: ownerMisjudges,
  };
}

/** It was before everything that was done at the bench, whenever it is told: behind what the owner told before. */
export function withOwnerTry(steps: readonly EvidenceStep[], step: EvidenceStep): readonly EvidenceStep[] {
  const at = steps.findIndex((one) => !isOwnersWord(one));
  return at < 0 ? [...steps, step] : [...steps.slice(0, at), step, ...steps.slice(at)];
}
