import type { Change, Configuration, Machine, Part } from '../../machine';
import { placementOf } from '../../machine';
import { instantiateFaults, repairOf, type RepairClass } from '../../faults';
import type { CautionId } from '../caution';
import type { Trial } from '../trial';
import { isInside, outcomesOfStart } from './start-trial';

const startAfterMinutes = 1;

/** Every repair that the machine's possible faults call for, carried out and followed by a start. */
export function repairTrials(machine: Machine, configuration: Configuration): Trial[] {
  return repairClassesOf(machine)
    .filter((repair) => placementOf(configuration, repair.part.id).state !== 'new')
    .map(repairTrial);
}

/** A machine's repair classes never change; a log asks for them at every entry. */
const classesByMachine = new WeakMap<Machine, RepairClass[]>();

function repairClassesOf(machine: Machine): RepairClass[] {
  const known = classesByMachine.get(machine);
  if (known) return known;
  const classes = new Map(instantiateFaults(machine).map(({ repairClass }) => [repairClass.id, repairClass]));
  classesByMachine.set(machine, [...classes.values()]);
  return [...classes.values()];
}

function repairTrial(repairClass: RepairClass): Trial {
  const repair = repairOf(repairClass.repair);
  const { part } = repairClass;
  return {
    id: `fix/${repairClass.id}`,
    title: `${repairClass.title}, then start`,
    purpose: repair.reversible ? 'Quick to try, and it may be all that is needed.' : 'Mends it if this is the cause.',
    steps: [
      ...(isInside(part) ? ['Switch off and pull the cord.'] : []),
      `${repairClass.title}.`,
      'Start it and watch for a minute.',
    ],
    part,
    observe: { kind: 'start', depth: part.id === 'link-load' || isLoadRepair(repairClass) ? 'load' : 'start' },
    changes: changesOf(repairClass),
    handling: repair.handling ? [{ act: repair.handling, part: part.id }] : [],
    repair: repairClass,
    commits: !repair.reversible,
    minutes: repair.minutes + startAfterMinutes,
    tools: [],
    spares: [],
    cautions: cautionsOf(repairClass),
    inside: isInside(part) || part.kind === 'board',
    outcomes: outcomesOfStart(),
  };
}

const isLoadRepair = ({ repair }: RepairClass): boolean => repair === 'separate-leads' || repair === 'clean-cooling';

function changesOf({ repair, part }: RepairClass): Change[] {
  if (repairOf(repair).replaces) return [{ kind: 'place', part: part.id, to: { state: 'new' } }];
  if (repair === 'leave-unplugged') return [{ kind: 'place', part: part.id, to: { state: 'out' } }];
  if (repair === 'reset-settings') return [{ kind: 'settings', to: 'defaults' }];
  return [];
}

function cautionsOf({ repair, part }: RepairClass): CautionId[] {
  if (repair === 'update-firmware' || repair === 'recover-firmware') return ['firmware-power'];
  if (repair === 'restore-system') return ['owner-data'];
  if (repair === 'clean-switch') return ['unplug', 'spray'];
  if (repair === 'dry-board') return ['liquid', 'spray'];
  if (repair === 'use-live-outlet') return ['building-wiring'];
  if (repair === 'seat-processor') return ['unplug', 'static', 'socket-pins', 'no-run-without-cooler'];
  return cautionsOfPart(part);
}

function cautionsOfPart(part: Part): CautionId[] {
  if (part.kind === 'supply') return ['unplug', 'supply-closed'];
  if (part.kind === 'coin-cell') return ['unplug', 'coin-cell'];
  if (part.kind === 'module') return ['unplug', 'static', 'module-way-round'];
  return isInside(part) || part.kind === 'board' ? ['unplug', 'static'] : [];
}
