import { nameInWords, type Machine, type Part } from '../machine';
import { LINKS, linkIndex, type LinkId } from '../startup';
import { FAULT_MODES } from './catalogue';
import { formatFaultId, formatRepairClassId } from './fault-id';
import { judged, type Presentation, type Circumstance, type FaultMode } from './fault-mode';
import { isPriced, minutesOfRepair, PART_PRICES, repairOf, type PricedKind, type RepairId } from './repair';

/** Faults repaired by the same repair on the same part. */
export interface RepairClass {
  readonly id: string;
  readonly repair: RepairId;
  readonly part: Part;
  readonly title: string;
  readonly minutes: number;
  /** In the shop's currency. */
  readonly price: number;
  /** The kind of part that is bought for it; null where none is. */
  readonly buys: PricedKind | null;
}

/** One fault mode at one part of one machine. */
export interface FaultInstance {
  readonly id: string;
  readonly mode: FaultMode;
  readonly part: Part;
  readonly link: LinkId;
  readonly title: string;
  readonly repairClass: RepairClass;
  /** Unnormalised; see Prior. */
  readonly weight: number;
  /** Probability, 0 to 1, that it stops one attempt. */
  readonly stopProbability: number;
  /** Of one at load: the same of a start that is not watched under load; 0 of any other. */
  readonly stopsStart: number;
  /** Stands for whatever the catalogue does not know at this link. */
  readonly somethingElse: boolean;
}

const smallPrice = 5;
/** A thousandth of all cases at each link, times this: engineering judgement. */
const somethingElseWeight = 4;

/** Whether a fault sits at a part: where it shows, or where it is seen and repaired. */
export const isAtPart = ({ part, repairClass }: FaultInstance, id: string): boolean =>
  part.id === id || repairClass.part.id === id;

const fill = (template: string, part: Part): string => {
  const text = template.replaceAll('{part}', nameInWords(part));
  return text.charAt(0).toUpperCase() + text.slice(1);
};

/** The repair class of a repair on a part. */
export function repairClassOf(id: RepairId, part: Part): RepairClass {
  const repair = repairOf(id);
  const buys = repair.price === 'part' && isPriced(part.kind) ? part.kind : null;
  const price = buys ? PART_PRICES[buys] : repair.price === 'small' ? smallPrice : 0;
  return {
    id: formatRepairClassId({ repair: id, part: part.id }),
    repair: id,
    part,
    title: fill((part.bus === 'm2' ? repair.titleOnBoard : undefined) ?? repair.title, part),
    minutes: minutesOfRepair(id, part.kind),
    price,
    buys,
  };
}

/**
 * Every fault that the machine can have: one instance of each mode at each part that fits, weighted for the case's
 * circumstances, and "something else" at every link.
 * @returns at least twelve instances with positive weights; ids are unique.
 */
export function instantiateFaults(
  machine: Machine,
  circumstances: readonly Circumstance[] = [],
): readonly FaultInstance[] {
  const ofMachine = instances.get(machine) ?? new Map<string, readonly FaultInstance[]>();
  instances.set(machine, ofMachine);
  const key = circumstances.join(' ');
  const known = ofMachine.get(key) ?? instantiateAll(machine, circumstances);
  ofMachine.set(key, known);
  return known;
}

/** A machine's faults never change; a case asks for them at several places. */
const instances = new WeakMap<Machine, Map<string, readonly FaultInstance[]>>();

function instantiateAll(machine: Machine, circumstances: readonly Circumstance[]): readonly FaultInstance[] {
  const known = FAULT_MODES.flatMap((mode) =>
    machine.parts
      .filter((part) => part.kind === mode.at && (mode.existsIn?.(machine, part) ?? true))
      .map((part) => instantiate(mode, part, { circumstances, machine })),
  );
  return [...known, ...LINKS.map((link) => somethingElseAt(machine, link.id, link.name))];
}

interface Case {
  readonly machine: Machine;
  readonly circumstances: readonly Circumstance[];
}

function instantiate(mode: FaultMode, part: Part, { machine, circumstances }: Case): FaultInstance {
  const factor = circumstances.reduce((product, name) => product * (mode.prior.times?.[name] ?? 1), 1);
  return {
    id: formatFaultId({ kind: 'mode', mode: mode.id, part: part.id }),
    mode,
    part,
    link: mode.link,
    title: titleOf(mode.title, part, machine),
    repairClass: repairFor(mode, part, machine),
    weight: mode.prior.weight * factor * (mode.prior.inMachine?.(machine) ?? 1),
    stopProbability: mode.stopsIn?.(machine) ?? mode.stopProbability ?? 1,
    stopsStart: mode.stopsStartIn?.(machine) ?? 0,
    somethingElse: false,
  };
}

/** A title that speaks of "the supply" says which one where the machine has several. */
function titleOf(template: string, part: Part, machine: Machine): string {
  const isOneOfMany = machine.parts.filter(({ kind }) => kind === part.kind).length > 1;
  return fill(isOneOfMany && !template.includes('{part}') ? `${template}: {part}` : template, part);
}

function repairFor({ repair, repairedAt }: FaultMode, part: Part, machine: Machine): RepairClass {
  const applies = repairedAt && (repairedAt.when?.(machine) ?? true);
  const elsewhere = applies ? machine.parts.find(({ kind }) => kind === repairedAt.kind) : undefined;
  return repairedAt && elsewhere ? repairClassOf(repairedAt.repair, elsewhere) : repairClassOf(repair, part);
}

function somethingElseAt(machine: Machine, link: LinkId, linkName: string): FaultInstance {
  const mode: FaultMode = {
    id: formatFaultId({ kind: 'something-else', link }),
    link,
    at: 'board',
    title: `Something else at ${linkName.toLowerCase()}`,
    reason: 'The catalogue does not know everything.',
    presentations: elsePresentations(link),
    actsIn: () => true,
    repair: 'look-deeper',
    prior: judged(somethingElseWeight),
  };
  const part: Part = { id: `link-${link}`, kind: 'board', name: linkName.toLowerCase() };
  return { ...instantiate(mode, part, { machine, circumstances: [] }), id: mode.id, somethingElse: true };
}

function elsePresentations(link: LinkId): Presentation[] {
  if (linkIndex(link) < linkIndex('rails')) return [{ as: 'dead', weight: 1 }];
  switch (link) {
    case 'rails':
      return [
        { as: 'twitch', weight: 0.6 },
        { as: 'dead', weight: 0.25 },
        { as: 'loop', weight: 0.15 },
      ];
    case 'picture':
      return [{ as: 'no-picture', weight: 1 }];
    case 'peripherals':
      return (['message-fan', 'message-usb', 'message-keyboard', 'message-settings'] as const).map((as) => ({
        as,
        weight: 1,
      }));
    case 'boot':
      return [{ as: 'no-boot', weight: 1 }];
    case 'system':
      return [{ as: 'system-stops', weight: 1 }];
    case 'load':
      return [{ as: 'cuts-out', weight: 1 }];
    default:
      return [
        { as: 'stage', weight: 0.6 },
        { as: 'loop', weight: 0.25 },
        { as: 'fans-full', weight: 0.15 },
      ];
  }
}
