import {
  applyChanges,
  asFound,
  crowdsSlot,
  goesBackWithCard,
  isOriginalIn,
  placementOf,
  type Configuration,
} from '../../machine';
import { repairOf, type FaultInstance } from '../../faults';
import { apartAfter, isSilent, whyNotMet, type Trial } from '../../trials';
import { isRunning, lookThatComplains, observedStart, signalOf } from '../belief/complaint';
import { isShutOff } from '../belief/pressed-again';
import { configurationKey, isWork } from '../belief/same-evidence';
import { isPutRight } from '../belief/saw-fault';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import { comesLater } from './aims';
import { goesOffHot, runsAsItIs } from './goes-off-hot';
import { drivesNotLookedAt } from './other-drives';
import { endsHazard, hazardsOf } from './hazards';
import { isCounted, nothingToCount } from './nothing-to-count';

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
  const shutOff = isShutOff(steps);
  const isHot = goesOffHot(steps);
  const ranSince = hasRunSince(steps);
  const runs = isRunning(steps);
  const isFoundPutRight = foundPutRight(steps, faults);
  const isProcessorOut = apartAfter(steps).has('processor');
  const silent = silentOnes(input);
  // What was burnt may be out now, and a trial may put it back.
  const mayBeUnsafe = hazardsOf(input, asFound).length > 0;
  const bentPins = boardWithBentPins(steps);
  const uncounted = nothingToCount(input);
  return (trial) => {
    if (mayBeUnsafe && trial.needs !== null) {
      const hazard = hazardsOf(input, applyChanges(configuration, trial.changes)).find(
        (one) => !endsHazard(trial, one),
      );
      if (hazard) return hazard.why;
    }
    if (bentPins && fitsAnotherProcessor(trial) && isOriginalIn(applyChanges(configuration, trial.changes), bentPins))
      return 'Pins in the socket are bent: they would hurt another processor.';
    const asked = trial.repair ? (input.asks?.(trial.repair) ?? null) : null;
    if (asked !== null) return asked;
    const unmet = last !== null && trial.needs !== null ? whyNotMet(trial.needs, last) : null;
    if (unmet !== null) return unmet;
    const isAbout = trial.repair !== null || trial.observe.kind !== 'start';
    if (isAbout && !isCounted(trial) && last !== null && comesLater(trial, faults, last))
      return 'The start does not get as far as that.';
    if (isAbout && trial.needs !== null && isOut(trial, configuration)) return 'It is not in the machine.';
    if (ranSince && (['start', 'start-and-wait'].includes(trial.ref.kind) || isSign(trial)))
      return 'It has run since it cut out.';
    if (last === 'cuts-out' && isSign(trial)) return 'It ran before it cut out.';
    if (runs && isSign(trial)) return 'It works as it stands: a start shows the same.';
    if (isHot && runsAsItIs(trial))
      return 'It went off within two minutes and answers the button again, which points at heat: look at the cooler first.';
    if (shutOff && trial.ref.kind === 'start')
      return 'It has shut itself off, and does not answer before it is drained.';
    if (trial.ref.kind === 'back' && trial.part && goesBackWithCard(input.machine, configuration, trial.part))
      return 'It goes back with the graphics card.';
    if (trial.repair?.repair === 'install-system' && drivesNotLookedAt(input, trial.repair.part).length > 0)
      return 'Another drive may hold the system: look at it first.';
    if (crowdsSlot(input.machine, configuration, trial.changes)) return 'Another module stands in its slot.';
    if (trial.observe.kind === 'look' && trial.observe.look.sees) return 'A start shows the same.';
    if (isProcessorOut && trial.ref.kind === 'look' && trial.ref.look === 'processor-seat')
      return 'The processor is out of its socket.';
    if (isFoundPutRight(trial)) return 'You have put right what this looks for.';
    return uncounted(trial) ?? silent.get(trial.id) ?? null;
  };
}

/** A spare or a new processor goes into the socket. */
export const fitsAnotherProcessor = ({ ref, part, repair }: Trial): boolean =>
  part?.kind === 'processor' && (ref.kind === 'spare' || repair?.repair === 'replace');

/** The id of the board at which bent pins were seen last; null where they were seen straight or not at all, or it was replaced. */
function boardWithBentPins(steps: readonly EvidenceStep[]): string | null {
  const last = steps.findLast(
    ({ trial: { ref, repair }, outcome }) =>
      !isSilent(outcome) && (isSocketLook(ref) || (repair?.repair === 'replace' && repair.part.kind === 'board')),
  );
  return last?.outcome === 'bent' ? (last.trial.part?.id ?? null) : null;
}

const isSocketLook = (ref: Trial['ref']): boolean => ref.kind === 'look' && ref.look === 'socket-pins';

/** A glance at what a start shows anyway. */
const isSign = ({ observe }: Trial): boolean =>
  observe.kind === 'look' && observe.look.passes !== undefined && observe.look.times === undefined;

/** It cut out, and with nothing done to it since something was seen or measured that needs a machine which runs. */
function hasRunSince(steps: readonly EvidenceStep[]): boolean {
  const last = steps.findLastIndex((step) => observedStart(step) !== null || isWork(step.trial));
  if (steps[last]?.outcome !== 'cuts-out') return false;
  return steps
    .slice(last + 1)
    .some(
      ({ trial: { needs }, outcome }) => needs !== null && !['cord', 'start'].includes(needs) && !isSilent(outcome),
    );
}

/** Whether a look was made, and what it found has been repaired since: the same look would find nothing more. */
function foundPutRight(steps: readonly EvidenceStep[], faults: readonly FaultInstance[]): (trial: Trial) => boolean {
  const complains = lookThatComplains(steps);
  return ({ id, observe }) => {
    // What was complained of is seen to be gone where it was seen.
    if (observe.kind !== 'look' || observe.look.passes || id === complains) return false;
    const seen = steps.findLast(({ trial, outcome }) => trial.id === id && !isSilent(outcome));
    return seen !== undefined && isPutRight(seen, faults, steps);
  };
}

/** A part that is out shows nothing of itself under power, unless the trial puts it back. */
const isOut = ({ part, changes }: Trial, configuration: Configuration): boolean =>
  part !== null &&
  placementOf(configuration, part.id).state === 'out' &&
  !changes.some((change) => change.kind === 'place' && change.part === part.id);

const vain = {
  'could-not': 'It could not be done, and nothing has changed since.',
  'no-part': 'It could not be done, and no part has come in since.',
  'not-sure': 'It left you unsure, and nothing has changed since.',
} as const;

/** What stands where; how it is started, and with which settings, makes nothing possible that was not. */
const stateKey = (configuration: Configuration): string =>
  configurationKey({ ...configuration, start: 'button', settings: 'as-found' });

/** It takes a spare, or a new part. */
const wantsAnother = ({ spares, repair }: Trial): boolean =>
  spares.length > 0 || (repair !== null && repairOf(repair.repair).replaces === true);

/** By trial: what was tried without an answer, with nothing done to the machine since. */
function silentOnes({ steps, configuration: now, partsCameAfter }: DiagnosisInput): Map<string, string> {
  const silent = new Map<string, string>();
  const nowKey = stateKey(now);
  const came = steps.findIndex(({ id }) => id === partsCameAfter);
  steps.forEach(({ trial, outcome, configuration }, k) => {
    silent.delete(trial.id);
    if (!isSilent(outcome)) return;
    // What another piece is wanted for waits for that piece, whatever is done to the rest of the machine.
    if (outcome === 'could-not' && wantsAnother(trial)) {
      if (k > came) silent.set(trial.id, vain['no-part']);
      return;
    }
    const isMoved = stateKey(configuration) !== nowKey;
    const isWorkedOn = steps.slice(k + 1).some((later) => later.outcome !== 'could-not' && isWork(later.trial));
    if (!isMoved && !isWorkedOn) silent.set(trial.id, outcome === 'could-not' ? vain['could-not'] : vain['not-sure']);
  });
  return silent;
}
