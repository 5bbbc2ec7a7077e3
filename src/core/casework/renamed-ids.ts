import { renameBeforePart } from '../faults';
import { parseTrialId, renameInTrialId } from '../trials';

/**
 * Ids that stand in logs and were renamed since, old to new. An old id is never used again for something else. An id
 * that is dropped instead of renamed makes the entries that name it unreadable: they are shown and count for nothing.
 */
export const RENAMED_IDS = {
  faultModes: {
    'module-not-home': 'module-not-seated',
    'card-not-home': 'card-not-seated',
    'm2-not-home': 'm2-not-seated',
    'settings-unlucky': 'settings-unstable',
    'firmware-unlucky-with-memory': 'firmware-memory-regression',
  } as Readonly<Record<string, string>>,
  repairs: {} as Readonly<Record<string, string>>,
  looks: {} as Readonly<Record<string, string>>,
  quantities: {} as Readonly<Record<string, string>>,
  circumstances: {} as Readonly<Record<string, string>>,
  /** Of starts, and by look of what a look can show. */
  startOutcomes: {} as Readonly<Record<string, string>>,
  lookOutcomes: {
    cord: { home: 'seated' },
    'power-plugs': { home: 'seated' },
    'card-seat': { home: 'seated', 'not-home': 'not-seated' },
    'display-cable': { home: 'seated' },
    'drive-leads': { home: 'seated' },
    'm2-seat': { home: 'seated' },
  } as Readonly<Record<string, Readonly<Record<string, string>>>>,
} as const;

const current = (names: Readonly<Record<string, string>>, name: string): string =>
  Object.hasOwn(names, name) ? (names[name] ?? name) : name;

/** A fault id as it is called today. */
export const currentFaultId = (id: string): string =>
  renameBeforePart(id, (mode) => current(RENAMED_IDS.faultModes, mode));

/** A trial id as it is called today. */
export const currentTrialId = (id: string): string =>
  renameInTrialId(id, {
    look: (look) => current(RENAMED_IDS.looks, look),
    quantity: (quantity) => current(RENAMED_IDS.quantities, quantity),
    repair: (repair) => current(RENAMED_IDS.repairs, repair),
  });

/** An outcome of a trial, whose id may be an old one, as it is called today. */
export function currentOutcome(trialId: string, outcome: string): string {
  const ref = parseTrialId(currentTrialId(trialId));
  if (ref?.kind !== 'look') return current(RENAMED_IDS.startOutcomes, outcome);
  return current(RENAMED_IDS.lookOutcomes[ref.look] ?? {}, outcome);
}

export const currentCircumstance = (name: string): string => current(RENAMED_IDS.circumstances, name);
export const currentStartOutcome = (outcome: string): string => current(RENAMED_IDS.startOutcomes, outcome);
