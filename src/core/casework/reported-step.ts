import { foundConfiguration, type Machine } from '../machine';
import { reportedTrialId, type EvidenceStep } from '../diagnosis';
import type { StartOutcome } from '../startup';
import { findTrial } from '../trials';

/** An owner's account is wrong more often than a technician's eyes: engineering judgement. */
const ownerMisreports = 0.08;

/** What the owner reported, as evidence: a start of the machine as found, watched through use. */
export function reportedStep(eventId: string, machine: Machine, outcome: StartOutcome): EvidenceStep {
  const start = findTrial(machine, foundConfiguration(machine), 'run-under-load');
  if (!start) throw new Error('reportedStep: expected the trial run-under-load in every machine');
  return {
    id: eventId,
    trial: {
      ...start,
      ref: { kind: 'reported' },
      id: reportedTrialId,
      title: 'What the owner reported',
      handling: [],
      changes: [],
    },
    configuration: foundConfiguration(machine),
    handling: [],
    outcome,
    volts: null,
    misreadProbability: ownerMisreports,
  };
}
