import { listOf } from '../wording';
import type { Change } from './configuration';
import type { Machine, Part } from './part';

/** The name of a part, or its id where the machine does not have it. */
export function nameOf(machine: Machine, partId: string): string {
  return machine.parts.find((part) => part.id === partId)?.name ?? partId;
}

/** Parts that are unplugged; the others are taken out. */
const unplugged: readonly Part['kind'][] = [
  'cord',
  'adapter',
  'case-switch',
  'monitor',
  'display-cable',
  'keyboard',
  'usb-device',
  'front-usb',
  'front-audio',
  'drive',
  'fan',
];

/** What is done to parts that are changed in the same way, as a participle; null for settings and the like. */
function deedOf(machine: Machine, change: Change): string | null {
  if (change.kind !== 'place') return null;
  const kind = machine.parts.find(({ id }) => id === change.part)?.kind;
  const isUnplugged = kind !== undefined && unplugged.includes(kind);
  switch (change.to.state) {
    case 'as-found':
      return 'put back as found';
    case 'out':
      return isUnplugged ? 'unplugged' : 'taken out';
    case 'spare':
      return 'swapped for a spare';
    case 'new':
      return 'replaced';
    case 'moved':
      return `moved to ${nameOf(machine, change.to.to)}`;
  }
}

function describeOther(change: Exclude<Change, { kind: 'place' }>): string {
  switch (change.kind) {
    case 'settings':
      return change.to === 'defaults' ? 'settings reset to defaults' : 'settings as found';
    case 'start':
      return change.to === 'bridge' ? 'started by bridging the switch pins' : 'started with the case button';
    case 'surface':
      return change.to === 'bench' ? 'board on the bench' : 'board in the case';
  }
}

/**
 * Changes in one line, as it stands on the test card and the bench sheet; parts that are changed alike are named
 * together. "as it is" when there are none.
 *
 * @example describeChanges(machine, [out('drive-1'), out('drive-2')]) // => 'drive 1 and drive 2 unplugged'
 */
export function describeChanges(machine: Machine, changes: readonly Change[]): string {
  const byDeed = new Map<string, string[]>();
  const others: string[] = [];
  for (const change of changes) {
    const deed = deedOf(machine, change);
    if (change.kind !== 'place') others.push(describeOther(change));
    else if (deed !== null) byDeed.set(deed, [...(byDeed.get(deed) ?? []), nameOf(machine, change.part)]);
  }
  const parts = [...byDeed].map(([deed, names]) => `${listOf(names)} ${deed}`);
  return changes.length === 0 ? 'as it is' : [...parts, ...others].join('; ');
}
