import type { Change, Configuration, Machine, Part } from '../../machine';
import { fittedModules, isReplaced, placementOf, slotOf } from '../../machine';
import { instantiateFaults, repairOf, type RepairClass, type RepairId } from '../../faults';
import type { CautionId } from '../caution';
import { startAndWatch } from '../memory-training';
import type { Handling, Trial } from '../trial';
import { formatTrialId } from '../trial-id';
import { repairMovements } from './repair-movements';
import { isInside, outcomesOfStart, seatedBySwap, seatedWith } from './start-trial';

const runUnderLoad = { step: 'Start it and run it under full load for five minutes.', minutes: 6 };

/** Every repair that the machine's possible faults call for, carried out and followed by a start. */
export function repairTrials(machine: Machine, configuration: Configuration): Trial[] {
  return repairClassesOf(machine)
    .filter((repair) => !isReplaced(configuration, repair.part.id))
    .filter(
      (repair) => repair.repair !== 'leave-slot-empty' || otherPlace(repair.part, machine, configuration) !== null,
    )
    .map((repair) => repairTrial(repair, machine, configuration));
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

function repairTrial(repairClass: RepairClass, machine: Machine, configuration: Configuration): Trial {
  const repair = repairOf(repairClass.repair);
  const { part } = repairClass;
  const ref = { kind: 'repair', repair: repairClass.repair, part: part.id } as const;
  const isUnderLoad = part.id === 'link-load' || isLoadRepair(repairClass);
  const changes = changesOf(repairClass, machine, configuration);
  const watch = isUnderLoad ? runUnderLoad : startAndWatch(machine, changes);
  return {
    ref,
    id: formatTrialId(ref),
    title: `${repairClass.title}, then ${isUnderLoad ? 'run it under full load' : 'start'}`,
    purpose:
      repair.stake === 'nothing' ? 'Quick to try, and it may be all that is needed.' : 'Fixes it if this is the cause.',
    steps: [
      ...(isInsideWork(repairClass) ? ['Switch off and pull the cord.'] : []),
      ...movementsOf(repairClass, machine, configuration),
      watch.step,
    ],
    part,
    observe: { kind: 'start', depth: isUnderLoad ? 'load' : 'start' },
    changes,
    handling: handlingWith(repairClass, machine),
    repair: repairClass,
    commits: repair.stake === 'for-good' || repair.stake === 'part',
    minutes: repairClass.minutes + watch.minutes,
    tools: [],
    spares: [],
    needs: 'start',
    cautions: cautionsOf(repairClass),
    inside: isInsideWork(repairClass),
    outcomes: outcomesOfStart(),
  };
}

/** What is named after a part inside and done from outside: at the back, by the button, in setup, from the menu, at the keyboard. */
const fromOutside: readonly RepairId[] = [
  'set-rocker',
  'drain-latch',
  'hold-button',
  'wait-training',
  'set-boot',
  'confirm-message',
  'update-firmware',
  'roll-back-firmware',
  'enter-recovery-key',
  'restore-system',
  'install-system',
];

const isInsideWork = ({ part, repair }: RepairClass): boolean =>
  (isInside(part) || part.kind === 'board') && !fromOutside.includes(repair);

/** What is done, in order. */
function movementsOf(repairClass: RepairClass, machine: Machine, configuration: Configuration): string[] {
  const { repair, part, title } = repairClass;
  if (repair !== 'leave-slot-empty')
    return repairMovements(repair, { machine, configuration, part, board: null }).map(({ text }) => text);
  const moves = (otherPlace(part, machine, configuration) ?? []).flatMap((change) => {
    if (change.kind !== 'place') return [];
    const nameOf = (id: string) => machine.parts.find((one) => one.id === id)?.name ?? id;
    const to = change.to.state === 'moved' ? change.to.to : machine.parts.find(({ id }) => id === change.part)?.slot;
    return [`Move ${nameOf(change.part)} from ${part.name} to ${nameOf(to ?? '')}. Both sides click.`];
  });
  return moves.length > 0 ? moves : [`${title}: put nothing into it.`];
}

function handlingWith({ repair, part }: RepairClass, machine: Machine): Handling[] {
  const { handling: act, replaces } = repairOf(repair);
  if (replaces) return seatedBySwap(machine, part);
  if (!act) return [];
  return [{ act, part: part.id }, ...(act === 'reseat' ? seatedWith(machine, part) : [])];
}

/** What these put right shows only at work. */
const underLoad: readonly RepairId[] = ['separate-leads', 'clean-cooling', 'straight-from-wall'];
const isLoadRepair = ({ repair }: RepairClass): boolean => underLoad.includes(repair);

function changesOf({ repair, part }: RepairClass, machine: Machine, configuration: Configuration): Change[] {
  if (repairOf(repair).replaces) return [{ kind: 'place', part: part.id, to: { state: 'new' } }];
  // A kit is whole, and stands where the modules were found.
  if (repair === 'match-modules')
    return machine.parts
      .filter(({ kind, loose }) => kind === 'module' && !loose)
      .filter(({ id }) => ['out', 'moved'].includes(placementOf(configuration, id).state))
      .map(({ id }) => ({ kind: 'place', part: id, to: { state: 'as-found' } }));
  if (repair === 'other-header')
    return [{ kind: 'place', part: part.id, to: { state: 'moved', to: 'another header' } }];
  if (repair === 'leave-unplugged') return [{ kind: 'place', part: part.id, to: { state: 'out' } }];
  if (repair === 'leave-slot-empty') return otherPlace(part, machine, configuration) ?? [];
  if (repair === 'reset-settings') return [{ kind: 'settings', to: 'defaults' }];
  const { state } = placementOf(configuration, part.id);
  return state === 'out' || state === 'spare' ? [{ kind: 'place', part: part.id, to: { state: 'as-found' } }] : [];
}

/**
 * What leaves a slot empty: its module goes to a free slot, best to one from which no other was taken; null if none is
 * free, [] if none stands in it.
 */
function otherPlace(slot: Part, machine: Machine, configuration: Configuration): Change[] | null {
  const fitted = fittedModules(machine, configuration);
  const own = fitted.find((module) => slotOf(configuration, module) === slot.id);
  if (!own) return [];
  const taken = new Set(fitted.map((module) => slotOf(configuration, module)));
  const all = machine.parts.filter(({ kind, id }) => kind === 'slot' && !taken.has(id));
  const others = new Set(machine.parts.flatMap((part) => (part.id !== own.id && part.slot ? [part.slot] : [])));
  const free = all.find(({ id }) => !others.has(id)) ?? all[0];
  if (!free) return null;
  const to = own.slot === free.id ? ({ state: 'as-found' } as const) : ({ state: 'moved', to: free.id } as const);
  return [{ kind: 'place', part: own.id, to }];
}

function cautionsOf({ repair, part }: RepairClass): CautionId[] {
  if (repair === 'update-firmware' || repair === 'recover-firmware' || repair === 'roll-back-firmware')
    return ['firmware-power'];
  if (repair === 'clear-password') return ['unplug', 'static', 'owner-proof'];
  if (repair === 'clean-slot') return ['unplug', 'static', 'spray'];
  if (repair === 'restore-system' || repair === 'install-system') return ['owner-data'];
  if (repair === 'hold-button') return ['unplug'];
  if (fromOutside.includes(repair)) return [];
  if (repair === 'own-leads') return ['unplug', 'supply-closed'];
  if (repair === 'clean-switch') return ['unplug', 'spray'];
  if (repair === 'dry-board') return ['liquid', 'spray'];
  if (repair === 'use-live-outlet' || repair === 'straight-from-wall') return ['building-wiring'];
  if (repair === 'seat-processor') return ['unplug', 'static', 'socket-pins', 'no-run-without-cooler'];
  return cautionsOfPart(part);
}

function cautionsOfPart(part: Part): CautionId[] {
  if (part.kind === 'supply') return ['unplug', 'supply-closed'];
  if (part.kind === 'coin-cell') return ['unplug', 'coin-cell'];
  if (part.kind === 'module') return ['unplug', 'static', 'module-way-round'];
  return isInside(part) || part.kind === 'board' ? ['unplug', 'static'] : [];
}
