import type { Configuration, Machine, Part } from '../../../../core/machine';
import { isFilled } from '../../../../core/machine';
import { lineHeight } from './plan-words';
import type { Box, LeadShape, Outline, PartShape, PortShape } from './plan-geometry';

/** How wide the plan is, in its own units. */
export const planWidth = 358;

/** A drawing as it grows: what is put on it, and how to ask for the parts that are in. */
export interface Sketch {
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly parts: PartShape[];
  readonly leads: LeadShape[];
  readonly ports: PortShape[];
  /** The fitted parts of one kind. */
  readonly of: (kind: Part['kind']) => readonly Part[];
  readonly put: (part: Part | undefined, box: Box, outline?: Outline, label?: PartShape['label']) => void;
  /** Where a part was put; undefined where it was not. */
  readonly at: (part: Part | undefined) => PartShape | undefined;
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
    at: (part) => parts.find((shape) => shape.part.id === part?.id),
  };
}

/** A name in the middle of its box, on as many lines as fit. */
export const inside = ({ x, y, width, height }: Box): PartShape['label'] => ({
  x: x + width / 2,
  y: y + height / 2,
  width: width - 6,
  lines: Math.max(1, Math.floor((height - 2) / lineHeight)),
});

export const middle = ({ x, width }: Box): number => x + width / 2;
export const bottomOf = ({ y, height }: Box): number => y + height;

type Point = readonly [number, number];

/** A lead along straight runs from point to point, its bends rounded, so that the eye can follow it. */
export function route(points: readonly Point[], radius = 6): string {
  const [start, ...rest] = points;
  if (!start) return '';
  const runs = rest.map((point, i): string => {
    const next = rest[i + 1];
    if (!next) return `L ${point.join(' ')}`;
    const from = towards(point, points[i] ?? start, radius);
    const to = towards(point, next, radius);
    return `L ${from.join(' ')} Q ${point.join(' ')} ${to.join(' ')}`;
  });
  return [`M ${start.join(' ')}`, ...runs].join(' ');
}

/** The point at a distance from one to another, at most half way. */
function towards([x, y]: Point, [toX, toY]: Point, distance: number): Point {
  const length = Math.hypot(toX - x, toY - y) || 1;
  const share = Math.min(distance, length / 2) / length;
  return [round(x + (toX - x) * share), round(y + (toY - y) * share)];
}

const round = (value: number) => Math.round(value * 10) / 10;
