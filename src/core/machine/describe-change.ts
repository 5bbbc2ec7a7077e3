import type { Change, Placement } from './configuration';
import type { Machine } from './part';

/** The name of a part, or its id where the machine does not have it. */
export function nameOf(machine: Machine, partId: string): string {
  return machine.parts.find((part) => part.id === partId)?.name ?? partId;
}

/**
 * One change in words, as it stands on the trial card and the bench sheet.
 *
 * @example describeChange(machine, { kind: 'place', part: 'drive', to: { state: 'out' } }) // => 'out: drive'
 */
export function describeChange(machine: Machine, change: Change): string {
  switch (change.kind) {
    case 'place':
      return describePlacement(machine, change.part, change.to);
    case 'settings':
      return change.to === 'defaults' ? 'settings reset to defaults' : 'settings as found';
    case 'start':
      return change.to === 'bridge' ? 'started by bridging the switch pins' : 'started with the case button';
    case 'surface':
      return change.to === 'bench' ? 'board on the bench' : 'board in the case';
  }
}

function describePlacement(machine: Machine, partId: string, to: Placement): string {
  const name = nameOf(machine, partId);
  switch (to.state) {
    case 'as-found':
      return `back in: ${name}`;
    case 'out':
      return `out: ${name}`;
    case 'spare':
      return `spare in: ${name}`;
    case 'new':
      return `new: ${name}`;
    case 'moved':
      return `${name} to ${nameOf(machine, to.to)}`;
  }
}

/** Several changes in one line; "as it stands" when there are none. */
export function describeChanges(machine: Machine, changes: readonly Change[]): string {
  return changes.length === 0 ? 'as it stands' : changes.map((change) => describeChange(machine, change)).join('; ');
}
