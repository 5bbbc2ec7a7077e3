import type { Configuration, Machine, Part } from '../../../../core/machine';
import { isFilled } from '../../../../core/machine';
import type { Box, LeadShape, Outline, PartShape } from './plan-geometry';

/** The column right of the case, for what hangs outside and what is out. */
export const rightColumn = 268;
export const rightWidth = 100;

/** A drawing as it grows: what is put on it, and how to ask for the parts that are in. */
export interface Sketch {
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly parts: PartShape[];
  readonly leads: LeadShape[];
  readonly ports: Box[];
  /** The fitted parts of one kind. */
  readonly of: (kind: Part['kind']) => readonly Part[];
  readonly put: (part: Part | undefined, box: Box, outline?: Outline, label?: PartShape['label']) => void;
}

export function emptySketch(machine: Machine, configuration: Configuration): Sketch {
  const parts: PartShape[] = [];
  return {
    machine,
    configuration,
    parts,
    leads: [],
    ports: [],
    of: (kind) => machine.parts.filter((part) => part.kind === kind && isFilled(configuration, part.id)),
    put(part, box, outline = 'box', label = inside(box)) {
      if (part) parts.push({ part, outline, label, ...box });
    },
  };
}

/** A name in the middle of its box. */
export const inside = ({ x, y, width, height }: Box): PartShape['label'] => ({
  x: x + width / 2,
  y: y + height / 2,
  width: width - 6,
});

/** A lead hangs: out of one end sideways, into the other. */
export function curve(x1: number, y1: number, x2: number, y2: number): string {
  const mid = (x1 + x2) / 2;
  return `M ${x1} ${y1} C ${mid} ${y1}, ${mid} ${y2}, ${x2} ${y2}`;
}
