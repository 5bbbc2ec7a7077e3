import type { BoardForm, Configuration, Machine, Part } from '../../../../core/machine';
import { isFilled, placementOf, slotOf, socketOf, socketsOff } from '../../../../core/machine';
import type { Box, LeadShape, MachinePlan, Outline, PartShape } from './plan-geometry';
import { layChannels, layM2, layPlugs, laySata, laySlots, sataInRow } from './plan-places';

const planWidth = 368;
const boardWidth: Readonly<Record<BoardForm, number>> = {
  ATX: 180,
  'Micro-ATX': 180,
  'Mini-ITX': 152,
  'palm-size': 152,
};
const rightColumn = 268;
const rightWidth = 100;

/**
 * The drawing of a machine from what it is made of: the board with processor, slots, cards and sockets, the case around
 * it, what hangs outside, and below it what is out. Everything is where it is in the usual machine of that size; the
 * true place of a socket is in the board's manual.
 */
export function layPlan(machine: Machine, configuration: Configuration): MachinePlan {
  const { form } = machine.board;
  const of = (kind: Part['kind']) =>
    machine.parts.filter((part) => part.kind === kind && isFilled(configuration, part.id));
  const board: Box = { x: 10, y: 26, width: boardWidth[form], height: 0 };
  const parts: PartShape[] = [];
  const put = (part: Part | undefined, box: Box, outline: Outline = 'box', label: PartShape['label'] = inside(box)) => {
    if (part) parts.push({ part, outline, label, ...box });
  };

  // Processor under its cooler, memory beside it, the power plugs at the edges.
  const cooler = { x: board.x + 10, y: board.y + 26, width: 76, height: 78 };
  put(of('cooler')[0], cooler, 'box', { x: cooler.x + 38, y: cooler.y + 14, width: 72 });
  put(of('processor')[0], { x: cooler.x + 5, y: cooler.y + 26, width: 66, height: 30 });
  const slots = laySlots(machine, configuration, board);
  for (const module of of('module')) {
    const slot = slots.find(({ id }) => id === slotOf(configuration, module));
    if (slot) put(module, slot, 'bar', null);
  }

  // Cards, M.2 and the other sockets, then the headers, two in a row.
  let y = board.y + 130;
  const cardSlot = { x: board.x + 8, width: board.width - 16, height: 26 };
  for (const card of of('card')) {
    put(card, { ...cardSlot, y });
    y += 32;
  }
  const emptySlots = form === 'palm-size' || of('card').length > 0 ? [] : [{ ...cardSlot, y, height: 14 }];
  y += 20 * emptySlots.length;
  const off = socketsOff(machine, configuration);
  const drives = of('drive');
  const m2 = layM2(machine, configuration, { x: board.x + 8, y, width: board.width - 16, off });
  for (const shape of m2) {
    const drive = drives.find((one) => one.bus === 'm2' && socketOf(configuration, one) === shape.id);
    put(drive, shape);
  }
  y += 29 * Math.ceil(m2.length / 2);
  const sata = laySata(machine, configuration, { x: board.x + 8, y, width: board.width - 16, off });
  y += 32 * Math.ceil(sata.length / sataInRow(board.width - 16));
  const headed = [...of('front-usb'), ...of('front-audio'), ...of('coin-cell')];
  const half = (board.width - 16) / 2;
  headed.forEach((part, i) => {
    const box = { x: board.x + 8 + (i % 2) * half, y: y + Math.floor(i / 2) * 29, width: half - 4, height: 25 };
    put(part, box, part.kind === 'coin-cell' ? 'round' : 'box');
  });
  y += 29 * Math.ceil(headed.length / 2);
  const boardBox: Box = { ...board, height: y + 20 - board.y };
  const boardPart = of('board')[0];
  if (boardPart) parts.unshift({ part: boardPart, outline: 'box', ...boardBox, label: boardLabel(boardBox) });

  // Inside the case and outside the board: drives with leads, fans, the switch.
  const side = { x: board.x + board.width + 6, width: 56 };
  let sideY = board.y + 4;
  const leads: LeadShape[] = [];
  for (const drive of drives.filter((one) => one.bus !== 'm2')) {
    const box = { ...side, y: sideY, height: 30 };
    put(drive, box);
    const socket = sata.find(({ id }) => id === socketOf(configuration, drive));
    if (socket)
      leads.push({
        id: `data-${drive.id}`,
        part: drive.id,
        path: `M ${box.x + 10} ${box.y + 30} C ${box.x - 6} ${socket.y - 40}, ${socket.x + 19} ${socket.y - 30}, ${socket.x + 19} ${socket.y}`,
      });
    sideY += 36;
  }
  for (const fan of of('fan')) {
    put(fan, { ...side, y: sideY, height: 30 });
    sideY += 36;
  }
  const enclosureBottom = Math.max(boardBox.y + boardBox.height + 8, sideY + 76);
  const button = { x: side.x + 8, y: enclosureBottom - 52, width: 42, height: 42 };
  const caseSwitch = of('case-switch')[0];
  put(caseSwitch, button, 'switch', { x: button.x + 21, y: button.y - 9, width: 62 });
  if (caseSwitch)
    leads.push({
      id: 'switch',
      part: caseSwitch.id,
      path: curve(button.x, button.y + 21, board.x + board.width - 8, boardBox.y + boardBox.height - 9),
    });
  const enclosure: Box = { x: 2, y: 2, width: side.x + side.width + 4, height: enclosureBottom };

  // Monitor, its cable, keyboard and whatever else hangs at the ports.
  const monitorBox = { x: rightColumn, y: 24, width: rightWidth, height: 60 };
  put(of('monitor')[0], monitorBox);
  const cable = of('display-cable')[0];
  const cableBox = { x: rightColumn, y: 100, width: rightWidth, height: 30 };
  put(cable, cableBox);
  if (cable) {
    leads.push({ id: 'cable-up', part: cable.id, path: `M ${rightColumn + 50} ${cableBox.y} V ${monitorBox.y + 60}` });
    const end = cableEnd(configuration, cable, parts, boardBox);
    leads.push({ id: 'cable', part: cable.id, path: curve(cableBox.x, cableBox.y + 15, end.x, end.y) });
  }
  const ports: Box[] = [];
  const rear = enclosure.x + enclosure.width - 4;
  if (cable) ports.push({ x: rear, y: cableBox.y + 9, width: 8, height: 12 });
  for (const lead of of('front-usb').concat(of('front-audio'))) {
    const shape = parts.find(({ part }) => part.id === lead.id);
    if (!shape) continue;
    const x = shape.x + shape.width / 2;
    ports.push({ x: x - 6, y: enclosure.y + enclosure.height - 4, width: 12, height: 8 });
    leads.push({
      id: `front-${lead.id}`,
      part: lead.id,
      path: `M ${x} ${shape.y + shape.height} V ${enclosure.y + enclosure.height - 4}`,
    });
  }
  let outsideY = 146;
  for (const part of [...of('keyboard'), ...of('usb-device')]) {
    const box = { x: rightColumn, y: outsideY, width: rightWidth, height: 30 };
    put(part, box);
    leads.push({
      id: `port-${part.id}`,
      part: part.id,
      path: `M ${rightColumn} ${box.y + 15} H ${rear + 8}`,
    });
    ports.push({ x: rear, y: box.y + 9, width: 8, height: 12 });
    outsideY += 36;
  }

  // Power below, its plugs at the edges of the board.
  const powerY = Math.max(enclosure.y + enclosure.height + 12, outsideY);
  const power = [...of('supply'), ...of('adapter')][0];
  put(power, { x: 8, y: powerY, width: 96, height: 36 });
  const plugs = layPlugs(board, machine);
  for (const plug of power ? plugs : [])
    leads.push({
      id: `power-${plug.name}`,
      part: power?.id ?? null,
      path: `M ${plug.x < 60 ? 24 : 80} ${powerY} C ${plug.x < 60 ? -6 : 170} ${powerY - 40}, ${plug.x < 60 ? -6 : plug.x + 30} ${plug.y + 60}, ${plug.x + (plug.x < 60 ? 0 : plug.width)} ${plug.y + plug.height / 2}`,
    });
  const cord = of('cord')[0];
  const outlet = of('outlet')[0];
  put(cord, { x: 120, y: powerY, width: 70, height: 36 });
  put(outlet, { x: 206, y: powerY, width: 76, height: 36 });
  if (power && cord) leads.push({ id: 'cord-in', part: cord.id, path: `M 104 ${powerY + 18} H 120` });
  if (outlet && cord) leads.push({ id: 'cord-out', part: cord.id, path: `M 190 ${powerY + 18} H 206` });

  const out = machine.parts.filter(
    (part) => part.kind !== 'slot' && part.kind !== 'channel' && placementOf(configuration, part.id).state === 'out',
  );
  const bottom = powerY + 36;
  const beside = layBeside(out, { top: outsideY + 10, end: powerY, bottom });
  parts.push(...beside.shapes);
  return {
    width: planWidth,
    height: Math.max(bottom, beside.bottom) + 8,
    board: boardBox,
    enclosure,
    surface: configuration.surface,
    form,
    parts,
    slots,
    sockets: [...m2, ...sata],
    plugs: power ? plugs : [],
    channels: layChannels(machine, slots),
    emptySlots,
    ports,
    leads,
    besideAt: out.length > 0 ? beside.headAt : null,
  };
}

const inside = ({ x, y, width, height }: Box): PartShape['label'] => ({
  x: x + width / 2,
  y: y + height / 2,
  width: width - 6,
});

const boardLabel = ({ x, y, width, height }: Box): PartShape['label'] => ({
  x: x + width / 2,
  y: y + height - 10,
  width: width - 12,
});

/** A lead hangs: out of one end sideways, into the other. */
function curve(x1: number, y1: number, x2: number, y2: number): string {
  const mid = (x1 + x2) / 2;
  return `M ${x1} ${y1} C ${mid} ${y1}, ${mid} ${y2}, ${x2} ${y2}`;
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
