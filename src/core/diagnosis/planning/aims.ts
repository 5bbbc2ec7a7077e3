import { isAtPart, type FaultInstance } from '../../faults';
import { linkIndex, type LinkId, type StartOutcome } from '../../startup';
import type { Trial } from '../../trials';

/** The links whose faults a trial is about: those it fixes, notices, measures or takes away. */
export function aimsOf(trial: Trial, faults: readonly FaultInstance[]): Set<LinkId> {
  const { observe } = trial;
  const concerns = (fault: FaultInstance): boolean => {
    if (trial.repair) return fault.repairClass.id === trial.repair.id;
    if (!trial.part || !isAtPart(fault, trial.part.id)) return false;
    if (observe.kind === 'look') return fault.mode.sightings?.some(({ look }) => look === observe.look.id) ?? false;
    if (observe.kind === 'measure')
      return fault.mode.readings?.some(({ quantity }) => quantity === observe.quantity.id) ?? false;
    return true;
  };
  const links = new Set(faults.filter(concerns).map(({ link }) => link));
  if (observe.kind === 'look' && observe.look.passes) links.add(observe.look.passes.link);
  return links;
}

/** The last link that can be at fault where a start shows this: what comes later was not reached. */
const lastAtFault: Readonly<Record<StartOutcome, LinkId>> = {
  dead: 'rails',
  twitch: 'processor',
  loop: 'memory',
  'fans-full': 'graphics',
  'at-processor': 'memory',
  'at-memory': 'memory',
  'at-graphics': 'graphics',
  blank: 'picture',
  dark: 'picture',
  'message-fan': 'peripherals',
  'message-usb': 'peripherals',
  'message-keyboard': 'peripherals',
  'message-settings': 'peripherals',
  'no-boot': 'boot',
  'system-stops': 'system',
  'cuts-out': 'load',
  works: 'load',
};

const firstAims = new WeakMap<readonly FaultInstance[], Map<string, number>>();

/** Whether a trial is only about links that a start did not reach, so that it could not explain what was seen. */
export function comesLater(trial: Trial, faults: readonly FaultInstance[], outcome: StartOutcome): boolean {
  const known = firstAims.get(faults) ?? new Map<string, number>();
  firstAims.set(faults, known);
  const first = known.get(trial.id) ?? Math.min(...[...aimsOf(trial, faults)].map(linkIndex), linkIndex('load') + 1);
  known.set(trial.id, first);
  return first <= linkIndex('load') && first > linkIndex(lastAtFault[outcome]);
}
