import {
  boardOutput,
  applyChanges,
  differ,
  fittedModules,
  isFilled,
  movedTo,
  slotId,
  slotOf,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
} from '../machine';

/** Kinds of part that a start to the picture does not need. */
const needless: readonly PartKind[] = ['front-usb', 'front-audio', 'usb-device', 'drive', 'fan'];

/** The slot that the manual names for a single module. */
export const firstSlot = (machine: Machine): string => slotId(machine.board.slots[0]?.name ?? '');

/** The module that stays: the one that stands in the first slot already, or else the first that is fitted. */
export function moduleThatStays(machine: Machine, configuration: Configuration): Part | null {
  const fitted = fittedModules(machine, configuration);
  return fitted.find((module) => slotOf(configuration, module) === firstSlot(machine)) ?? fitted[0] ?? null;
}

/** True if the machine can start to a picture without the part. */
export function isNeedless(part: Part, machine: Machine, configuration: Configuration): boolean {
  if (needless.includes(part.kind)) return true;
  if (part.kind === 'card') return machine.builtInGraphics;
  return part.kind === 'module' && part.id !== moduleThatStays(machine, configuration)?.id;
}

/**
 * The changes that lead from a configuration to the minimal one: everything out that a start to the picture does not
 * need, one module in the slot that the manual names first, the monitor cable in the board where the card goes out.
 */
export function minimalChanges(machine: Machine, configuration: Configuration): Change[] {
  const outs = machine.parts
    .filter((part) => isNeedless(part, machine, configuration) && isFilled(configuration, part.id))
    .map((part): Change => ({ kind: 'place', part: part.id, to: { state: 'out' } }));
  const cardGoes = machine.parts.some((part) => part.kind === 'card') && machine.builtInGraphics;
  const cables = cardGoes ? machine.parts.filter(({ kind }) => kind === 'display-cable') : [];
  const toBoard = cables.map((part): Change => ({
    kind: 'place',
    part: part.id,
    to: movedTo(configuration, part.id, boardOutput),
  }));
  const wanted = [...outs, ...moduleMove(machine, configuration), ...toBoard];
  return differ(configuration, applyChanges(configuration, wanted));
}

function moduleMove(machine: Machine, configuration: Configuration): Change[] {
  const module = moduleThatStays(machine, configuration);
  const slot = firstSlot(machine);
  if (!module || slotOf(configuration, module) === slot || !machine.parts.some(({ id }) => id === slot)) return [];
  const to = module.slot === slot ? ({ state: 'as-found' } as const) : ({ state: 'moved', to: slot } as const);
  return [{ kind: 'place', part: module.id, to }];
}
