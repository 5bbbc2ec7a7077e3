import type { CaseEvent } from '../core/casework';
import { isFirmwareWork, parseTrialId } from '../core/trials';
import type { Action } from './roles';

/** Writes firmware, by its own entry or as the repair of a trial: it cannot be taken back. */
const writesFirmware = (trial: string): boolean => {
  const ref = parseTrialId(trial);
  return ref !== null && ref.kind === 'repair' && isFirmwareWork(ref);
};

/** What one must be allowed to do in order to write down a trial. */
export const rightForTrial = (trial: string): Action => (writesFirmware(trial) ? 'flash-firmware' : 'write-cases');

/** What one must be allowed to do in order to write an event that was not there, or to cross it out. */
export function rightForEvent(event: CaseEvent): Action {
  switch (event.kind) {
    case 'case-closed':
    case 'case-reopened':
      return 'close-cases';
    case 'firmware-flashed':
      return event.againstBook === undefined ? 'flash-firmware' : 'flash-against-book';
    case 'trial-done':
      return rightForTrial(event.trial);
    // Nobody knows what it says: only those may cross it out who may do all that an entry can be.
    case 'unread':
      return 'close-cases';
    case 'case-opened':
    case 'configuration-changed':
    case 'note-added':
    case 'entry-struck':
    case 'case-parked':
    case 'case-resumed':
    case 'strategy-chosen':
    case 'lacking-set':
    case 'owner-tried':
    case 'switched-off':
    case 'circumstances-set':
    case 'machine-corrected':
    case 'part-noted':
    case 'board-noted':
    case 'firmware-verified':
    case 'power-noted':
    case 'consent-noted':
    case 'part-lent':
    case 'part-home':
    case 'part-moved':
    case 'charge-noted':
    case 'time-corrected':
    case 'estimate-given':
    case 'decision-noted':
    case 'file-attached':
    case 'picture-marked':
    case 'power-measured':
      return 'write-cases';
  }
}

/** All that is asked of who appends `events` to a log: the right of each, and of what each crosses out. */
export function rightsForEvents(log: readonly CaseEvent[], events: readonly CaseEvent[]): readonly Action[] {
  const all = events.some(({ kind }) => kind === 'entry-struck') ? [...log, ...events] : [];
  const strikes = events.filter((event) => event.kind === 'entry-struck');
  // Crossing out a crossing out brings an entry back: that asks for its right as well.
  const first = all.filter(({ id }) => strikes.some(({ entry }) => entry === id));
  const backAgain = first.flatMap((event) =>
    event.kind === 'entry-struck' ? all.filter(({ id }) => id === event.entry) : [],
  );
  return [...new Set([...events, ...first, ...backAgain].map(rightForEvent))];
}
