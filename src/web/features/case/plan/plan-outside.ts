import { placementOf, type Configuration, type Part } from '../../../../core/machine';
import type { Box, PartShape } from './plan-geometry';
import { curve, rightColumn, rightWidth, type Sketch } from './plan-sketch';

/** Monitor, its cable, keyboard and whatever else hangs at the ports. Returns the bottom. */
export function layOutside(sketch: Sketch, board: Box, enclosure: Box): number {
  const { of, put, leads, ports } = sketch;
  const rear = enclosure.x + enclosure.width - 4;
  layMonitor(sketch, board, rear);
  layFrontPorts(sketch, enclosure.y + enclosure.height - 4);
  let y = 146;
  for (const part of [...of('keyboard'), ...of('usb-device')]) {
    const box = { x: rightColumn, y, width: rightWidth, height: 30 };
    put(part, box);
    leads.push({ id: `port-${part.id}`, part: part.id, path: `M ${rightColumn} ${box.y + 15} H ${rear + 8}` });
    ports.push({ x: rear, y: box.y + 9, width: 8, height: 12 });
    y += 36;
  }
  return y;
}

function layMonitor({ configuration, of, put, parts, leads, ports }: Sketch, board: Box, rear: number): void {
  const monitor = { x: rightColumn, y: 24, width: rightWidth, height: 60 };
  put(of('monitor')[0], monitor);
  const cable = of('display-cable')[0];
  if (!cable) return;
  const box = { x: rightColumn, y: 100, width: rightWidth, height: 30 };
  put(cable, box);
  leads.push({ id: 'cable-up', part: cable.id, path: `M ${rightColumn + 50} ${box.y} V ${monitor.y + 60}` });
  const end = cableEnd(configuration, cable, parts, board);
  leads.push({ id: 'cable', part: cable.id, path: curve(box.x, box.y + 15, end.x, end.y) });
  ports.push({ x: rear, y: box.y + 9, width: 8, height: 12 });
}

function layFrontPorts({ of, parts, leads, ports }: Sketch, edge: number): void {
  for (const lead of [...of('front-usb'), ...of('front-audio')]) {
    const shape = parts.find(({ part }) => part.id === lead.id);
    if (!shape) continue;
    const x = shape.x + shape.width / 2;
    ports.push({ x: x - 6, y: edge, width: 12, height: 8 });
    leads.push({ id: `front-${lead.id}`, part: lead.id, path: `M ${x} ${shape.y + shape.height} V ${edge}` });
  }
}

/** Where the monitor cable ends: at the card if one is in and the cable was not moved to the board. */
function cableEnd(
  configuration: Configuration,
  cable: Part,
  parts: readonly PartShape[],
  board: Box,
): { x: number; y: number } {
  const placement = placementOf(configuration, cable.id);
  const card = parts.find(({ part }) => part.kind === 'card');
  const toBoard = placement.state === 'moved' && placement.to === 'the board output';
  return card && !toBoard
    ? { x: card.x + card.width, y: card.y + card.height / 2 }
    : { x: board.x + board.width, y: board.y + 30 };
}
