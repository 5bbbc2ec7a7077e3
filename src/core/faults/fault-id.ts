import { LINKS, type LinkId } from '../startup';
import { REPAIRS, type RepairId } from './repair';

/** Which fault of a machine is meant: a fault mode at a part, or whatever else the catalogue does not know at a link. */
export type FaultRef =
  | { readonly kind: 'mode'; readonly mode: string; readonly part: string }
  | { readonly kind: 'something-else'; readonly link: LinkId };

/** Which repair class is meant: one repair carried out on one part. */
export interface RepairClassRef {
  readonly repair: RepairId;
  readonly part: string;
}

const elsePrefix = 'else-';

/**
 * The id of a fault as it stands in logs.
 * @example formatFaultId({ kind: 'mode', mode: 'rocker-off', part: 'supply' }) // => 'rocker-off@supply'
 */
export function formatFaultId(ref: FaultRef): string {
  switch (ref.kind) {
    case 'mode':
      return `${ref.mode}@${ref.part}`;
    case 'something-else':
      return `${elsePrefix}${ref.link}`;
  }
}

/** The fault that an id names; null where it is no fault id. Whether the machine can have it is another question. */
export function parseFaultId(id: string): FaultRef | null {
  const atPart = splitAtPart(id);
  if (atPart) return { kind: 'mode', mode: atPart.name, part: atPart.part };
  const link = LINKS.find((one) => id === `${elsePrefix}${one.id}`);
  return link ? { kind: 'something-else', link: link.id } : null;
}

/**
 * The id of a repair class.
 * @example formatRepairClassId({ repair: 'replace', part: 'supply' }) // => 'replace@supply'
 */
export const formatRepairClassId = ({ repair, part }: RepairClassRef): string => `${repair}@${part}`;

/** The repair class that an id names; null where there is no such repair. */
export function parseRepairClassId(id: string): RepairClassRef | null {
  const atPart = splitAtPart(id);
  return atPart && isRepairId(atPart.name) ? { repair: atPart.name, part: atPart.part } : null;
}

const isRepairId = (name: string): name is RepairId => Object.hasOwn(REPAIRS, name);

function splitAtPart(id: string): { readonly name: string; readonly part: string } | null {
  const [name, part, ...more] = id.split('@');
  return name && part && more.length === 0 ? { name, part } : null;
}

/** The same id of a fault or a repair class with what stands before its part renamed; what is no such id comes back as it is. */
export function renameBeforePart(id: string, rename: (mode: string) => string): string {
  const atPart = splitAtPart(id);
  return atPart ? `${rename(atPart.name)}@${atPart.part}` : id;
}
