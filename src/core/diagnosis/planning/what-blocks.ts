import { applyChanges, asFound, type Configuration } from '../../machine';
import type { FaultInstance } from '../../faults';
import { isSilent, whyNotMet, type Trial } from '../../trials';
import { observedStart, signalOf } from '../belief/complaint';
import { configurationKey, isWork } from '../belief/same-evidence';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import { comesLater } from './aims';
import { endsHazard, hazardsOf } from './hazards';

/** Why a trial is not proposed now, in a sentence; null where nothing stands against it. */
export type WhatBlocks = (trial: Trial) => string | null;

/** What stands against trials at a machine as it is: safety, what the machine cannot do, what was tried in vain. */
export function whatBlocks(input: DiagnosisInput, faults: readonly FaultInstance[]): WhatBlocks {
  const { steps, configuration } = input;
  const last =
    steps
      .map(observedStart)
      .filter((outcome) => outcome !== null)
      .at(-1) ?? signalOf(steps);
  const silent = silentOnes(steps, stateKey(configuration));
  // What was burnt may be out now, and a trial may put it back.
  const mayBeUnsafe = hazardsOf(input, asFound).length > 0;
  return (trial) => {
    if (mayBeUnsafe && trial.needs !== null) {
      const hazard = hazardsOf(input, applyChanges(configuration, trial.changes)).find(
        (one) => !endsHazard(trial, one),
      );
      if (hazard) return hazard.why;
    }
    const unmet = last !== null && trial.needs !== null ? whyNotMet(trial.needs, last) : null;
    if (unmet !== null) return unmet;
    const isAbout = trial.repair !== null || trial.observe.kind !== 'start';
    if (isAbout && last !== null && comesLater(trial, faults, last)) return 'The start does not get as far as that.';
    return silent.get(trial.id) ?? null;
  };
}

const vain = {
  'could-not': 'It could not be done, and nothing has changed since.',
  'not-sure': 'It left you unsure, and nothing has changed since.',
} as const;

/** What stands where; how it is started makes nothing possible that was not. */
const stateKey = (configuration: Configuration): string => configurationKey({ ...configuration, start: 'button' });

/** By trial: what was tried without an answer, with nothing done to the machine since. */
function silentOnes(steps: readonly EvidenceStep[], nowKey: string): Map<string, string> {
  const silent = new Map<string, string>();
  steps.forEach(({ trial, outcome, configuration }, k) => {
    silent.delete(trial.id);
    if (!isSilent(outcome)) return;
    const changedSince =
      stateKey(configuration) !== nowKey ||
      steps.slice(k + 1).some((later) => later.outcome !== 'could-not' && isWork(later.trial));
    if (!changedSince) silent.set(trial.id, outcome === 'could-not' ? vain['could-not'] : vain['not-sure']);
  });
  return silent;
}
