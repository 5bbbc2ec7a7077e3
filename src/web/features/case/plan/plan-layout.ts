import { layOutside } from './plan-outside';
import { curve, emptySketch, inside, rightColumn, rightWidth, type Sketch } from './plan-sketch';
import type { BoardForm, Configuration, Machine, Part } from '../../../../core/machine';
import { placementOf, slotOf, socketOf, socketsOff } from '../../../../core/machine';
import type { Box, MachinePlan, PartShape, PlaceShape } from './plan-geometry';
import { layChannels, layM2, layPlugs, laySata, laySlots, sataInRow } from './plan-places';

const planWidth = 368;
const boardWidth: Readonly<Record<BoardForm, number>> = {
  ATX: 180,
  'Micro-ATX': 180,
  'Mini-ITX': 152,
  'palm-size': 152,
};

/**
 * The drawing of a machine from what it is made of: the board with processor, slots, cards and sockets, the case around
 * it, what hangs outside, and below it what is out. Everything is where it is in the usual machine of that size; the
 * true place of a socket is in the board's manual.
 */
export function layPlan(machine: Machine, configuration: Configuration): MachinePlan {
  const sketch = emptySketch(machine, configuration);
  const board = layBoard(sketch);
  const enclosure = layEnclosure(sketch, board);
  const outsideY = layOutside(sketch, board.box, enclosure);
  const power = layPower(sketch, board.box, Math.max(enclosure.y + enclosure.height + 12, outsideY));
  const out = machine.parts.filter(
    (part) => part.kind !== 'slot' && part.kind !== 'channel' && placementOf(configuration, part.id).state === 'out',
  );
  const beside = layBeside(out, { top: outsideY + 10, end: power.top, bottom: power.bottom });
  return {
    width: planWidth,
    height: Math.max(power.bottom, beside.bottom) + 8,
    board: board.box,
    enclosure,
    surface: configuration.surface,
    form: machine.board.form,
    parts: [...sketch.parts, ...beside.shapes],
    slots: board.slots,
    sockets: [...board.m2, ...board.sata],
    plugs: power.plugs,
    channels: layChannels(machine, board.slots),
    emptySlots: board.emptySlots,
    ports: sketch.ports,
    leads: sketch.leads,
    besideAt: out.length > 0 ? beside.headAt : null,
  };
}

/** The board with all that sits on it, as high as that needs. */
function layBoard(sketch: Sketch) {
  const { machine, of } = sketch;
  const at = { x: 10, y: 26, width: boardWidth[machine.board.form] };
  const slots = layProcessorAndMemory(sketch, at);
  const row = { x: at.x + 8, width: at.width - 16 };
  const cards = layCards(sketch, { ...row, y: at.y + 130 });
  const drives = layDriveSockets(sketch, { ...row, y: cards.bottom });
  const box: Box = { ...at, height: layHeaders(sketch, { ...row, y: drives.bottom }) + 20 - at.y };
  const part = of('board')[0];
  // Drawn first, under what sits on it.
  if (part) sketch.parts.unshift({ part, outline: 'box', ...box, label: boardLabel(box) });
  return { box, slots, emptySlots: cards.emptySlots, m2: drives.m2, sata: drives.sata };
}

/** Where a row of the board begins. */
interface Row {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

/** Processor under its cooler, memory beside it. */
function layProcessorAndMemory({ machine, configuration, of, put }: Sketch, board: Row) {
  const cooler = { x: board.x + 10, y: board.y + 26, width: 76, height: 78 };
  put(of('cooler')[0], cooler, 'box', { x: cooler.x + 38, y: cooler.y + 14, width: 72 });
  put(of('processor')[0], { x: cooler.x + 5, y: cooler.y + 26, width: 66, height: 30 });
  const slots = laySlots(machine, configuration, board);
  for (const module of of('module')) {
    const slot = slots.find(({ id }) => id === slotOf(configuration, module));
    if (slot) put(module, slot, 'bar', null);
  }
  return slots;
}

function layCards({ machine, of, put }: Sketch, row: Row) {
  let { y } = row;
  for (const card of of('card')) {
    put(card, { ...row, y, height: 26 });
    y += 32;
  }
  const hasNone = machine.board.form !== 'palm-size' && of('card').length === 0;
  const emptySlots: Box[] = hasNone ? [{ ...row, y, height: 14 }] : [];
  return { emptySlots, bottom: y + 20 * emptySlots.length };
}

function layDriveSockets({ machine, configuration, of, put }: Sketch, row: Row) {
  const off = socketsOff(machine, configuration);
  const m2 = layM2(machine, configuration, { ...row, off });
  for (const shape of m2)
    put(
      of('drive').find((one) => one.bus === 'm2' && socketOf(configuration, one) === shape.id),
      shape,
    );
  const y = row.y + 29 * Math.ceil(m2.length / 2);
  const sata = laySata(machine, configuration, { ...row, y, off });
  return { m2, sata, bottom: y + 32 * Math.ceil(sata.length / sataInRow(row.width)) };
}

/** Front leads and coin cell, two in a row. Returns the bottom. */
function layHeaders({ of, put }: Sketch, { x, y, width }: Row): number {
  const headed = [...of('front-usb'), ...of('front-audio'), ...of('coin-cell')];
  const half = width / 2;
  headed.forEach((part, i) => {
    const box = { x: x + (i % 2) * half, y: y + Math.floor(i / 2) * 29, width: half - 4, height: 25 };
    put(part, box, part.kind === 'coin-cell' ? 'round' : 'box');
  });
  return y + 29 * Math.ceil(headed.length / 2);
}

/** Inside the case and beside the board: drives with leads, fans, the switch; and the case around it all. */
function layEnclosure(
  { configuration, of, put, leads }: Sketch,
  { box: board, sata }: { readonly box: Box; readonly sata: readonly PlaceShape[] },
): Box {
  const side = { x: board.x + board.width + 6, width: 56 };
  let y = board.y + 4;
  for (const drive of of('drive').filter((one) => one.bus !== 'm2')) {
    const box = { ...side, y, height: 30 };
    put(drive, box);
    const socket = sata.find(({ id }) => id === socketOf(configuration, drive));
    if (socket)
      leads.push({
        id: `data-${drive.id}`,
        part: drive.id,
        path: `M ${box.x + 10} ${box.y + 30} C ${box.x - 6} ${socket.y - 40}, ${socket.x + 19} ${socket.y - 30}, ${socket.x + 19} ${socket.y}`,
      });
    y += 36;
  }
  for (const fan of of('fan')) {
    put(fan, { ...side, y, height: 30 });
    y += 36;
  }
  const bottom = Math.max(board.y + board.height + 8, y + 76);
  const button = { x: side.x + 8, y: bottom - 52, width: 42, height: 42 };
  const caseSwitch = of('case-switch')[0];
  put(caseSwitch, button, 'switch', { x: button.x + 21, y: button.y - 9, width: 62 });
  if (caseSwitch)
    leads.push({
      id: 'switch',
      part: caseSwitch.id,
      path: curve(button.x, button.y + 21, board.x + board.width - 8, board.y + board.height - 9),
    });
  return { x: 2, y: 2, width: side.x + side.width + 4, height: bottom };
}

/** The supply below with its plugs at the edges of the board, then cord and outlet. */
function layPower({ machine, of, put, leads }: Sketch, board: Box, top: number) {
  const power = [...of('supply'), ...of('adapter')][0];
  put(power, { x: 8, y: top, width: 96, height: 36 });
  const plugs = power ? layPlugs(board, machine) : [];
  for (const plug of plugs)
    leads.push({ id: `power-${plug.name}`, part: power?.id ?? null, path: powerLead(plug, top) });
  const cord = of('cord')[0];
  const outlet = of('outlet')[0];
  put(cord, { x: 120, y: top, width: 70, height: 36 });
  put(outlet, { x: 206, y: top, width: 76, height: 36 });
  if (power && cord) leads.push({ id: 'cord-in', part: cord.id, path: `M 104 ${top + 18} H 120` });
  if (outlet && cord) leads.push({ id: 'cord-out', part: cord.id, path: `M 190 ${top + 18} H 206` });
  return { top, bottom: top + 36, plugs };
}

/** Around the near side of the board: a plug at its left edge is reached from the left. */
function powerLead(plug: Box, top: number): string {
  const y = plug.y + plug.height / 2;
  return plug.x < 60
    ? `M 24 ${top} C -6 ${top - 40}, -6 ${plug.y + 60}, ${plug.x} ${y}`
    : `M 80 ${top} C 170 ${top - 40}, ${plug.x + 30} ${plug.y + 60}, ${plug.x + plug.width} ${y}`;
}

const boardLabel = ({ x, y, width, height }: Box): PartShape['label'] => ({
  x: x + width / 2,
  y: y + height - 10,
  width: width - 12,
});

/** What is out, or lies loose: stacked beside the machine as far as the row of power reaches, then below it. */
function layBeside(
  out: readonly Part[],
  { top, end, bottom }: { readonly top: number; readonly end: number; readonly bottom: number },
) {
  const height = 30;
  const pitch = 35;
  const room = Math.max(0, Math.floor((end - 4 - (top + 6) + (pitch - height)) / pitch));
  const below = Math.max(0, out.length - room);
  const belowTop = bottom + (room === 0 ? 24 : 10);
  const shapes = out.map((part, i): PartShape => {
    const j = i - room;
    const box =
      i < room
        ? { x: rightColumn, y: top + 6 + i * pitch, width: rightWidth, height }
        : { x: 8 + (j % 3) * 120, y: belowTop + Math.floor(j / 3) * pitch, width: 114, height };
    return { part, outline: 'box', label: inside(box), ...box };
  });
  return {
    shapes,
    headAt: room > 0 ? { x: rightColumn, y: top } : { x: 8, y: bottom + 16 },
    bottom: below > 0 ? belowTop + Math.ceil(below / 3) * pitch : bottom,
  };
}
