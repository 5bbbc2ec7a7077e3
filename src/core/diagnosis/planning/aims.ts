import { isAtPart, type FaultInstance } from '../../faults';
import { linkIndex, type LinkId, type StartOutcome } from '../../startup';
import { looksAt, sightingsOf, type Trial } from '../../trials';

/** The faults that a trial is about: those it fixes, notices, measures or takes away. */
function concernOf(trial: Trial, faults: readonly FaultInstance[]): FaultInstance[] {
  const { observe } = trial;
  const concerns = (fault: FaultInstance): boolean => {
    if (trial.repair) return fault.repairClass.id === trial.repair.id;
    if (!trial.part) return false;
    if (observe.kind === 'look')
      return looksAt(observe.look, trial.part, fault) && sightingsOf(fault.mode, observe.look).length > 0;
    if (!isAtPart(fault, trial.part.id)) return false;
    if (observe.kind === 'measure')
      return fault.mode.readings?.some(({ quantity }) => quantity === observe.quantity.id) ?? false;
    return true;
  };
  return faults.filter(concerns);
}

/** The links whose faults a trial is about. */
export function aimsOf(trial: Trial, faults: readonly FaultInstance[]): Set<LinkId> {
  const { observe } = trial;
  const links = new Set(concernOf(trial, faults).map(({ link }) => link));
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

interface Aims {
  /** Index of the first link that it is about. */
  readonly first: number;
  /** How the faults that it is about may show. */
  readonly shown: ReadonlySet<string>;
}

const knownAims = new WeakMap<readonly FaultInstance[], Map<string, Aims>>();

/**
 * Whether a trial is only about links that a start did not reach, so that it could not explain what was seen. A fault of
 * a later link that may show just so is no such.
 */
export function comesLater(trial: Trial, faults: readonly FaultInstance[], outcome: StartOutcome): boolean {
  const { first, shown } = aimsAmong(faults, trial);
  const isLater = first <= linkIndex('load') && first > linkIndex(lastAtFault[outcome]);
  return isLater && !shown.has(outcome);
}

/** What a trial is about, found once among the faults of a machine. */
function aimsAmong(faults: readonly FaultInstance[], trial: Trial): Aims {
  let known = knownAims.get(faults);
  if (!known) knownAims.set(faults, (known = new Map<string, Aims>()));
  let aims = known.get(trial.id);
  if (!aims) {
    aims = {
      first: Math.min(...[...aimsOf(trial, faults)].map(linkIndex), linkIndex('load') + 1),
      shown: new Set(concernOf(trial, faults).flatMap(({ mode }) => mode.presentations.map(({ as }) => as))),
    };
    known.set(trial.id, aims);
  }
  return aims;
}
