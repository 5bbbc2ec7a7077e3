import {
  fittedModules,
  foundConfiguration,
  isFilled,
  isOriginalIn,
  placementOf,
  slotId,
  slotOf,
  socketsOff,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
} from '../machine';
import type { Scene } from './fault-mode';

/** Conditions that fault modes share, named for what they say. */

export const originalAttached = ({ configuration, part }: Scene): boolean => isOriginalIn(configuration, part.id);

/** The mistake is in where the part is or stands: any move or change of it is a way past. */
export const asFoundOnly = ({ configuration, part }: Scene): boolean =>
  placementOf(configuration, part.id).state === 'as-found';

/** A switch that is soldered to the board goes with it. */
export const byTheCaseButton = (scene: Scene): boolean =>
  originalAttached(scene) &&
  scene.configuration.start === 'button' &&
  (!scene.machine.board.switchOnBoard || boardIsOriginal(scene));

/** The switch reaches the board by a lead, which can be on the wrong pins or off. */
export const switchHasLead = ({ board }: Machine): boolean => !board.switchOnBoard;

/** A switch on the board is exchanged with an iron and not with a plug. */
export const solderedSwitch = {
  kind: 'case-switch',
  repair: 'solder-switch',
  when: ({ board }: Machine): boolean => board.switchOnBoard,
} as const;

export const inTheCase = (scene: Scene): boolean => originalAttached(scene) && scene.configuration.surface === 'case';

export const withFoundSettings = (scene: Scene): boolean =>
  originalAttached(scene) && scene.configuration.settings === 'as-found';

/** What many faults ask of the same machine in the same configuration, answered once. */
interface Asked {
  readonly modules: Part[];
  readonly originals: Map<PartKind, boolean>;
}

const asked = new WeakMap<Machine, WeakMap<Configuration, Asked>>();

function askedOf({ machine, configuration }: Scene): Asked {
  const ofMachine = asked.get(machine) ?? new WeakMap<Configuration, Asked>();
  asked.set(machine, ofMachine);
  const known = ofMachine.get(configuration) ?? {
    modules: fittedModules(machine, configuration),
    originals: new Map<PartKind, boolean>(),
  };
  ofMachine.set(configuration, known);
  return known;
}

const fitted = (scene: Scene): Part[] => askedOf(scene).modules;

export const slotInUse = (scene: Scene): boolean =>
  boardIsOriginal(scene) && fitted(scene).some((module) => slotOf(scene.configuration, module) === scene.part.id);

export const channelInUse = (scene: Scene): boolean => {
  const slots = scene.machine.parts.filter((p) => p.kind === 'slot' && p.channel === scene.part.id).map((p) => p.id);
  return boardIsOriginal(scene) && fitted(scene).some((m) => slots.includes(slotOf(scene.configuration, m) ?? ''));
};

export const severalModules = (scene: Scene): boolean => originalAttached(scene) && fitted(scene).length > 1;

export const modulesWhereFound = (scene: Scene): boolean =>
  originalAttached(scene) && fitted(scene).every((m) => placementOf(scene.configuration, m.id).state !== 'moved');

export const boardIsOriginal = (scene: Scene): boolean => isOriginalKind('board', scene);

function isOriginalKind(kind: PartKind, scene: Scene): boolean {
  const { originals } = askedOf(scene);
  const known =
    originals.get(kind) ??
    scene.machine.parts.every((part) => part.kind !== kind || isOriginalIn(scene.configuration, part.id));
  originals.set(kind, known);
  return known;
}

/** The board's own modules are in, one at least. */
export const modulesOwn = (scene: Scene): boolean =>
  boardIsOriginal(scene) && fitted(scene).some((module) => isOriginalIn(scene.configuration, module.id));

/** Something stands on the header where the lead was found: the lead itself, or a good one in its place. */
export const headerInUse = (scene: Scene): boolean =>
  boardIsOriginal(scene) &&
  isFilled(scene.configuration, scene.part.id) &&
  placementOf(scene.configuration, scene.part.id).state !== 'moved';

/** The supply that came with the machine feeds whatever card is in. */
export const supplyFeedsCard = (scene: Scene): boolean =>
  isFilled(scene.configuration, scene.part.id) && isOriginalKind('supply', scene);

/** What is drawn passes what this supply can give: the machine's own, or a spare whose label was noted and is as small. */
export const tooSmallSupplyIn = (scene: Scene): boolean =>
  originalAttached(scene) ||
  (isFilled(scene.configuration, scene.part.id) && (scene.machine.power?.spare?.peakPasses ?? 0) > 0.5);

/** The card hangs on its own leads: those of its supply, or those of a spare that were noted as no better. */
export function overloadedLeadsIn(scene: Scene): boolean {
  if (!originalAttached(scene)) return false;
  if (isOriginalKind('supply', scene)) return true;
  const leads = scene.machine.power?.spare?.leads ?? null;
  return leads === 'overloaded' || leads === 'unsafe';
}

/** A spare processor is one that the board has known from its first firmware. */
export const withOwnProcessor = (scene: Scene): boolean =>
  originalAttached(scene) && isOriginalKind('processor', scene);

/** A channel runs on the processor: its controller, and the pins under it. */
export const channelOnOwnProcessor = (scene: Scene): boolean =>
  channelInUse(scene) && isOriginalKind('processor', scene);

/** The cooler presses the processor as it was mounted. */
export const channelUnderOwnCooler = (scene: Scene): boolean =>
  channelOnOwnProcessor(scene) && isOriginalKind('cooler', scene);

/** The part matters only while another kind of part is in place, for instance a card that switches the board's output off. */
export const whileFilled =
  (kind: PartKind, also: (scene: Scene) => boolean) =>
  (scene: Scene): boolean =>
    also(scene) && scene.machine.parts.some((part) => part.kind === kind && isFilled(scene.configuration, part.id));

export const cableWhereFound = ({ machine, configuration }: Scene): boolean =>
  machine.parts.every((part) => part.kind !== 'display-cable' || placementOf(configuration, part.id).state !== 'moved');

/** The modules were not found in the first slots of the manual's order of filling. */
export function notInManualOrder(machine: Machine): boolean {
  const modules = machine.parts.filter((part) => part.kind === 'module');
  const named = machine.board.slots.slice(0, modules.length).map((slot) => slotId(slot.name));
  return modules.some((module) => !named.includes(module.slot ?? ''));
}

export const machineHas =
  (kind: PartKind) =>
  (machine: Machine): boolean =>
    machine.parts.some((part) => part.kind === kind);

export const count = (machine: Machine, kind: PartKind): number =>
  machine.parts.filter((part) => part.kind === kind).length;

/** A drive whose socket a fitted M.2 card may switch off; where the sharing was looked up, one that it does. */
export function mayShareLanes(machine: Machine, drive: Part): boolean {
  if (drive.bus !== 'sata' || drive.loose) return false;
  const { sharing } = machine.board;
  if (sharing === null) return machine.parts.some((part) => part.bus === 'm2');
  return drive.socket !== undefined && socketsOff(machine, foundConfiguration(machine)).includes(drive.socket);
}
