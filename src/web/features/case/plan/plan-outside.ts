import { placementOf } from '../../../../core/machine';
import type { Box, PartShape } from './plan-geometry';
import { bottomOf, middle, route, type Sketch } from './plan-sketch';

export const outsideInRow = 4;
const gap = 6;
const width = 84;
const height = 34;
export const outsidePitch = 40;

/** The place of the nth box in rows from a top on. */
export const outsideBox = (nth: number, top: number): Box => ({
  x: 2 + (nth % outsideInRow) * (width + gap),
  y: top + Math.floor(nth / outsideInRow) * outsidePitch,
  width,
  height,
});

/** What hangs outside: the way of the mains, the monitor, keyboard and devices, each with its lead to the rear ports. */
export function layOutside(sketch: Sketch, enclosure: Box): { readonly bottom: number } {
  const { of, put } = sketch;
  const power = [...of('outlet'), ...of('cord'), ...of('adapter')];
  const screen = [...of('display-cable'), ...of('monitor')];
  const devices = [...of('keyboard'), ...of('usb-device')];
  // Cable and monitor stay side by side.
  const shown =
    power.length % outsideInRow === outsideInRow - 1
      ? [...power, ...devices.slice(0, 1), ...screen, ...devices.slice(1)]
      : [...power, ...screen, ...devices];
  const top = bottomOf(enclosure) + 14;
  shown.forEach((part, i) => put(part, outsideBox(i, top)));
  joinPower(sketch, top);
  joinScreen(sketch, top);
  joinDevices(sketch, top);
  return { bottom: top + Math.ceil(shown.length / outsideInRow) * outsidePitch };
}

/** Outlet to cord, cord to supply or adapter, adapter to the board. */
function joinPower({ of, at, leads, ports }: Sketch, top: number): void {
  const cord = at(of('cord')[0]);
  const outlet = at(of('outlet')[0]);
  const supply = at(of('supply')[0]);
  const adapter = at(of('adapter')[0]);
  if (cord && outlet) leads.push({ id: 'cord-out', parts: [cord.part.id], path: sideBySide(outlet, cord) });
  if (cord && adapter) leads.push({ id: 'cord-in', parts: [cord.part.id], path: sideBySide(cord, adapter) });
  if (cord && supply && !adapter)
    leads.push({
      id: 'cord-in',
      parts: [cord.part.id, supply.part.id],
      path: route([
        [middle(cord), cord.y],
        [middle(cord), top - 7],
        [supply.x + supply.width - 16, top - 7],
        [supply.x + supply.width - 16, bottomOf(supply)],
      ]),
    });
  if (!adapter) return;
  const port = addPort(ports, 'DC');
  leads.push({ id: 'power-DC', parts: [adapter.part.id], path: roundTheLeft(port, adapter, top, 0) });
}

/** Where the monitor cable ends: at the card if one is in and the cable was not moved to the board. */
function joinScreen({ configuration, of, at, leads, ports }: Sketch, top: number): void {
  const cable = at(of('display-cable')[0]);
  const monitor = at(of('monitor')[0]);
  if (!cable) return;
  if (monitor)
    leads.push({ id: 'cable-up', parts: [cable.part.id, monitor.part.id], path: sideBySide(cable, monitor) });
  const card = at(of('card')[0]);
  const placement = placementOf(configuration, cable.part.id);
  const toBoard = placement.state === 'moved' && placement.to === 'the board output';
  const board = addPort(ports, 'out');
  const end = card && !toBoard ? { ...board, y: card.y + (card.height - portHeight) / 2 } : board;
  if (end !== board) ports.push(end);
  leads.push({ id: 'cable', parts: [cable.part.id], path: roundTheLeft(end, cable, top, 1) });
}

/** Keyboard and devices, each in a port of its own as far as there are any. */
function joinDevices({ of, at, leads, ports }: Sketch, top: number): void {
  [...of('keyboard'), ...of('usb-device')].forEach((part, i) => {
    const shape = at(part);
    const port = addPort(ports, 'USB');
    if (shape) leads.push({ id: `port-${part.id}`, parts: [part.id], path: roundTheLeft(port, shape, top, 2 + i) });
  });
}

const portHeight = 21;
const portPitch = 24;
const portLeft = 12;
const firstPort = 50;
const mostPorts = 4;

/** One more rear port below the others; the last one stands for all that have no room. */
function addPort(ports: Sketch['ports'], name: string): Box & { readonly name: string } {
  const rear = ports.filter(({ x }) => x === portLeft);
  const nth = Math.min(rear.length, mostPorts - 1);
  const port = { name, x: portLeft, y: firstPort + nth * portPitch, width: 34, height: portHeight };
  if (rear.length < mostPorts) ports.push(port);
  return port;
}

/** Between two neighbours; from the end of a row down into the next. */
const sideBySide = (from: PartShape, to: PartShape) =>
  from.y === to.y
    ? `M ${from.x + from.width} ${from.y + from.height / 2} H ${to.x}`
    : route([
        [middle(from), bottomOf(from)],
        [middle(from), to.y - 3],
        [middle(to), to.y - 3],
        [middle(to), to.y],
      ]);

/** From a rear port down the left of the case, along under it, and into the box from above. */
function roundTheLeft(port: Box, to: Box, top: number, nth: number): string {
  const lane = 10 - (nth % 5) * 2;
  const under = top - 4 - (nth % 4) * 2.5;
  const y = port.y + port.height / 2;
  const entry = middle(to) - 12 + (nth % 3) * 12;
  const start = [
    [port.x, y],
    [lane, y],
    [lane, under],
  ] as const;
  if (to.y === top) return route([...start, [entry, under], [entry, to.y]]);
  // Between two boxes of the rows above.
  const between = to.x - gap / 2;
  return route([...start, [between, under], [between, to.y - 3], [entry, to.y - 3], [entry, to.y]]);
}
