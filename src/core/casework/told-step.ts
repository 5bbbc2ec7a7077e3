import { foundConfiguration, type Machine } from '../machine';
import { toldTrialId, type EvidenceStep } from '../diagnosis';
import type { StartOutcome } from '../startup';
import { findTrial } from '../trials';

/** An owner's account is wrong more often than a technician's eyes: starting judgement. */
const ownerMisreports = 0.08;

/** What the owner told, as evidence: a start of the machine as found, watched through use. */
export function toldStep(eventId: string, machine: Machine, outcome: StartOutcome): EvidenceStep {
  const start = findTrial(machine, foundConfiguration(machine), 'run-under-load');
  if (!start) throw new Error('toldStep: expected the trial run-under-load in every machine');
  return {
    id: eventId,
    trial: { ...start, id: toldTrialId, title: 'What the owner told', handling: [], changes: [] },
    configuration: foundConfiguration(machine),
    handling: [],
    outcome,
    volts: null,
    misreadChance: ownerMisreports,
  };
}
