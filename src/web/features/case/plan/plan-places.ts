import { slotOf, socketOf, type Configuration, type Machine } from '../../../../core/machine';
import type { Box, ChannelShape, PlaceShape, PlugShape } from './plan-geometry';

/** Slots stand beside the processor in the order of their names: those of one channel alternate on most boards. */
export function laySlots(
  machine: Machine,
  configuration: Configuration,
  board: Pick<Box, 'x' | 'y' | 'width'>,
): PlaceShape[] {
  const slots = machine.parts.filter(({ kind }) => kind === 'slot').sort((a, b) => a.name.localeCompare(b.name));
  const taken = machine.parts.filter(({ kind }) => kind === 'module').map((module) => slotOf(configuration, module));
  const left = board.x + 94;
  const room = board.x + board.width - 14 - left;
  const pitch = Math.min(20, room / Math.max(1, slots.length));
  const lift = (index: number) => (pitch < 17 && index % 2 === 1 ? 10 : 0);
  return slots.map((slot, index) => {
    const x = left + index * pitch;
    const width = Math.min(14, pitch - 3);
    return {
      id: slot.id,
      name: slot.name.replace('slot ', ''),
      x,
      y: board.y + 14,
      width,
      height: 86,
      isFilled: taken.includes(slot.id),
      isOff: false,
      nameAt: { x: x + width / 2, y: board.y + 108 + lift(index) },
    };
  });
}

interface SocketRow {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly off: readonly string[];
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

export function layM2(machine: Machine, configuration: Configuration, { x, y, width, off }: SocketRow): PlaceShape[] {
  if (!hasBus(machine, 'm2')) return [];
  return machine.board.sockets.m2.map((name, i) => {
    const box = { x: x + (i % 2) * (width / 2), y: y + Math.floor(i / 2) * 29, width: width / 2 - 4, height: 25 };
    return socketShape(machine, configuration, name, box, off);
  });
}

export function laySata(machine: Machine, configuration: Configuration, { x, y, width, off }: SocketRow): PlaceShape[] {
  if (!hasBus(machine, 'sata') || machine.board.form === 'palm-size') return [];
  const inRow = sataInRow(width);
  return machine.board.sockets.sata.map((name, i) => {
    const box = { x: x + (i % inRow) * 41, y: y + Math.floor(i / inRow) * 32 + 2, width: 38, height: 12 };
    const shape = socketShape(machine, configuration, name, box, off);
    return { ...shape, nameAt: { x: box.x + box.width / 2, y: box.y + 19 } };
  });
}

/** The power plugs of the board: 24-pin and processor plug, or the barrel plug of an adapter. */
export function layPlugs(board: Box, machine: Machine): PlugShape[] {
  if (machine.parts.some(({ kind }) => kind === 'adapter'))
    return [{ name: 'DC', x: board.x, y: board.y + 112, width: 26, height: 12 }];
  return [
    { name: 'EPS', x: board.x + 10, y: board.y + 6, width: 34, height: 13 },
    { name: '24-pin', x: board.x + board.width - 10, y: board.y + 30, width: 10, height: 56 },
  ];
}

/** How many sockets stand side by side in a row of a width. */
export const sataInRow = (width: number): number => Math.max(1, Math.floor((width + 3) / 41));

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
    const y = Math.max(...own.map(({ nameAt }) => nameAt.y)) + 8;
    return [{ id: channel.id, from: first.x, to: last.x + last.width, y }];
  });
}
