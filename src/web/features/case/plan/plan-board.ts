import { slotOf, socketOf, socketsOff } from '../../../../core/machine';
import type { Box, PlaceShape, PlugShape } from './plan-geometry';
import { layM2, laySata, laySlots, m2Pitch, sataInRow, sataPitch, slotHeight, type Row } from './plan-places';
import type { Sketch } from './plan-sketch';

export interface BoardDrawn {
  readonly box: Box;
  readonly slots: readonly PlaceShape[];
  readonly m2: readonly PlaceShape[];
  readonly sata: readonly PlaceShape[];
  readonly emptySlots: readonly Box[];
  /** The pins to which the switch goes. */
  readonly frontHeader: PlugShape;
}

export const boardLeft = 34;
const boardTop = 24;
const boardWidth = 210;
/** As far as the rear ports reach onto the board. */
const portsWide = 16;

/** The board with all that sits on it, as high as that needs. */
export function layBoard(sketch: Sketch): BoardDrawn {
  const { of } = sketch;
  const slots = layProcessorAndMemory(sketch);
  const row = { x: boardLeft + 7, width: boardWidth - 14 };
  const top = Math.max(...slots.map(({ nameAt }) => nameAt.y), boardTop + slotHeight + 20) + 16;
  const cards = layCards(sketch, { ...row, y: top });
  const drives = layDriveSockets(sketch, { ...row, y: cards.bottom });
  const headers = layHeaders(sketch, { ...row, y: drives.bottom });
  const frontHeader = { name: 'front header', x: row.x + row.width - 88, y: headers, width: 88, height: 22 };
  const box: Box = { x: boardLeft, y: boardTop, width: boardWidth, height: headers + 28 - boardTop };
  const part = of('board')[0];
  // Drawn first, under what sits on it.
  if (part)
    sketch.parts.unshift({
      part,
      outline: 'box',
      ...box,
      label: { x: row.x + (row.width - 92) / 2, y: headers + 11, width: row.width - 96, lines: 1 },
    });
  return { box, slots, emptySlots: cards.emptySlots, m2: drives.m2, sata: drives.sata, frontHeader };
}

/** Processor under its cooler, memory beside it. */
function layProcessorAndMemory({ machine, configuration, of, put }: Sketch) {
  const cooler = { x: boardLeft + portsWide + 6, y: boardTop + 26, width: 84, height: 84 };
  put(of('cooler')[0], cooler, 'box', { x: cooler.x + 42, y: cooler.y + 14, width: 83, lines: 1 });
  put(of('processor')[0], { x: cooler.x + 5, y: cooler.y + 28, width: 74, height: 46 });
  const x = cooler.x + cooler.width + 7;
  const slots = laySlots(machine, configuration, {
    x,
    y: boardTop + 8,
    width: boardLeft + boardWidth - 16 - x,
  });
  for (const module of of('module')) {
    const slot = slots.find(({ id }) => id === slotOf(configuration, module));
    if (slot)
      put(module, slot, 'bar', { x: slot.x + slot.width / 2, y: slot.y + slotHeight / 2, width: slotHeight, lines: 1 });
  }
  return slots;
}

function layCards({ machine, of, put }: Sketch, row: Row) {
  let { y } = row;
  for (const card of of('card')) {
    put(card, { ...row, y, height: 32 });
    y += 37;
  }
  const hasNone = machine.board.form !== 'palm-size' && of('card').length === 0;
  const emptySlots: Box[] = hasNone ? [{ ...row, y, height: 20 }] : [];
  return { emptySlots, bottom: y + 26 * emptySlots.length };
}

function layDriveSockets({ machine, configuration, of, put }: Sketch, row: Row) {
  const off = socketsOff(machine, configuration);
  const m2 = layM2(machine, configuration, { ...row, off });
  for (const shape of m2)
    put(
      of('drive').find((one) => one.bus === 'm2' && socketOf(configuration, one) === shape.id),
      shape,
    );
  const y = row.y + m2Pitch * Math.ceil(m2.length / 2);
  const sata = laySata(machine, configuration, { ...row, y, off });
  return { m2, sata, bottom: y + sataPitch * Math.ceil(sata.length / sataInRow(row.width)) };
}

/** Front leads and coin cell, two in a row. Returns the bottom. */
function layHeaders({ of, put }: Sketch, { x, y, width }: Row): number {
  const headed = [...of('coin-cell'), ...of('front-usb'), ...of('front-audio')];
  headed.forEach((part, i) => {
    const box = { x: x + (i % 2) * (width / 2 + 2), y: y + Math.floor(i / 2) * 36, width: width / 2 - 2, height: 32 };
    put(part, box, part.kind === 'coin-cell' ? 'round' : 'box');
  });
  return y + 36 * Math.ceil(headed.length / 2);
}
