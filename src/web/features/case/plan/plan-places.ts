import { slotOf, socketOf, type Configuration, type Machine } from '../../../../core/machine';
import type { Box, ChannelShape, PlaceShape } from './plan-geometry';

/** Where a row of the board begins, and how wide it is. */
export interface Row {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

export const slotHeight = 96;

/** Slots stand beside the processor in the order of their names: those of one channel alternate on most boards. */
export function laySlots(machine: Machine, configuration: Configuration, { x, y, width }: Row): PlaceShape[] {
  const slots = machine.parts.filter(({ kind }) => kind === 'slot').sort((a, b) => a.name.localeCompare(b.name));
  const taken = machine.parts.filter(({ kind }) => kind === 'module').map((module) => slotOf(configuration, module));
  const pitch = Math.min(26, width / Math.max(1, slots.length));
  const lift = (index: number) => (pitch < 20 && index % 2 === 1 ? 12 : 0);
  return slots.map((slot, index) => {
    const size = Math.min(19, pitch - 3);
    const left = x + index * pitch;
    return {
      id: slot.id,
      name: slot.name.replace('slot ', ''),
      x: left,
      y,
      width: size,
      height: slotHeight,
      isFilled: taken.includes(slot.id),
      isOff: false,
      nameAt: { x: left + size / 2, y: y + slotHeight + 9 + lift(index) },
    };
  });
}

function socketShape(
  machine: Machine,
  configuration: Configuration,
  name: string,
  box: Box,
  off: readonly string[],
): PlaceShape {
  const isTaken = machine.parts.some((part) => part.kind === 'drive' && socketOf(configuration, part) === name);
  return {
    id: name,
    name,
    isFilled: isTaken,
    isOff: off.includes(name),
    nameAt: { x: box.x + box.width / 2, y: box.y + box.height / 2 },
    ...box,
  };
}

const hasBus = (machine: Machine, bus: 'sata' | 'm2') => machine.parts.some((part) => part.bus === bus);

export interface SocketRow extends Row {
  readonly off: readonly string[];
}

export const m2Height = 32;
export const m2Pitch = 36;

export function layM2(machine: Machine, configuration: Configuration, { x, y, width, off }: SocketRow): PlaceShape[] {
  if (!hasBus(machine, 'm2')) return [];
  return machine.board.sockets.m2.map((name, i) => {
    const box = {
      x: x + (i % 2) * (width / 2 + 2),
      y: y + Math.floor(i / 2) * m2Pitch,
      width: width / 2 - 2,
      height: m2Height,
    };
    return socketShape(machine, configuration, name, box, off);
  });
}

const sataWidth = 47;
export const sataHeight = 18;
export const sataPitch = 26;

export function laySata(machine: Machine, configuration: Configuration, { x, y, width, off }: SocketRow): PlaceShape[] {
  if (!hasBus(machine, 'sata') || machine.board.form === 'palm-size') return [];
  const inRow = sataInRow(width);
  const pitch = width / inRow;
  return machine.board.sockets.sata.map((name, i) => {
    const box = {
      x: x + (i % inRow) * pitch,
      y: y + Math.floor(i / inRow) * sataPitch,
      width: pitch - 3,
      height: sataHeight,
    };
    return socketShape(machine, configuration, name, box, off);
  });
}

/** How many sockets stand side by side in a row of a width. */
export const sataInRow = (width: number): number => Math.max(1, Math.floor(width / sataWidth));

/** A bracket under the slots of each channel that has more than one. */
export function layChannels(machine: Machine, slots: readonly PlaceShape[]): ChannelShape[] {
  const channels = machine.parts.filter(({ kind }) => kind === 'channel');
  return channels.flatMap((channel): ChannelShape[] => {
    const own = slots.filter((slot) =>
      machine.parts.some(({ id, channel: of }) => id === slot.id && of === channel.id),
    );
    const [first] = own;
    const last = own.at(-1);
    if (!first || !last || own.length < 2) return [];
    const y = Math.max(...own.map(({ nameAt }) => nameAt.y)) + 9;
    return [{ id: channel.id, from: first.x, to: last.x + last.width, y }];
  });
}
