import type { Change, Machine, PartKind } from '../machine';
import type { Trial } from './trial';

/**
 * Minutes to take a part out or put one in, by kind: engineering judgement. A spare supply or board is not built in for a
 * test: it stands beside the machine; plugs are changed, and what sits on the board moves over.
 */
const handlingMinutes: Readonly<Partial<Record<PartKind, number>>> = {
  supply: 6,
  adapter: 1,
  processor: 16,
  cooler: 12,
  board: 24,
  card: 2.5,
  module: 1,
  drive: 1.5,
  'case-switch': 3,
  'front-usb': 0.7,
  'front-audio': 0.7,
  monitor: 3,
  fan: 0.7,
};
const otherMinutes = 0.5;
/** To find a spare on the shelf, and to bring it home: it never costs less than seating the part that is there. */
const spareMinutes = 3;
const openCaseMinutes = 3;
const benchMinutes = 20;
const defaultsMinutes = 4;

/**
 * Minutes to get from the machine as it stands to the trial: its changes, and opening the case once.
 */
export function setUpMinutes(
  machine: Machine,
  trial: Pick<Trial, 'inside' | 'repair' | 'changes'>,
  { caseOpen }: { readonly caseOpen: boolean },
): number {
  const opening = trial.inside && !caseOpen ? openCaseMinutes : 0;
  // The minutes of a repair are its own; what was away and has to be fitted for it comes on top.
  const own = trial.repair ? trial.changes.filter(isFitting) : trial.changes;
  return own.reduce((sum, change) => sum + minutesOfChange(machine, change), opening);
}

const isFitting = (change: Change): boolean => change.kind === 'place' && change.to.state === 'as-found';

function minutesOfChange(machine: Machine, change: Change): number {
  switch (change.kind) {
    case 'place': {
      const kind = machine.parts.find((part) => part.id === change.part)?.kind;
      return ((kind && handlingMinutes[kind]) ?? otherMinutes) + (change.to.state === 'spare' ? spareMinutes : 0);
    }
    case 'surface':
      return benchMinutes;
    case 'settings':
      return defaultsMinutes;
    case 'start':
      return 0;
  }
}
