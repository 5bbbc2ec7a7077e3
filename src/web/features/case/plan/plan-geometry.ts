import type { BoardForm, Configuration, Part } from '../../../../core/machine';

/** A rectangle on the plan, in the plan's own units: a little under one pixel at the size of the case screen. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export type Outline = 'box' | 'round' | 'bar' | 'switch';

/** A power plug or header of the board; it belongs to the board as a part. */
export interface PlugShape extends Box {
  readonly name: string;
}

/** A part as it is drawn. */
export interface PartShape extends Box {
  readonly part: Part;
  readonly outline: Outline;
  /** Where the middle of its name is written, and the room for it. */
  readonly label: { readonly x: number; readonly y: number; readonly width: number; readonly lines: number };
}

/** A slot or socket in which something can stand. */
export interface PlaceShape extends Box {
  readonly id: string;
  readonly name: string;
  readonly isFilled: boolean;
  /** Switched off by another that shares its lanes. */
  readonly isOff: boolean;
  /** Where its name is written: inside or below it. */
  readonly nameAt: { readonly x: number; readonly y: number };
}

/** A lead, as a path from one end to the other. */
export interface LeadShape {
  readonly id: string;
  readonly path: string;
  /** The parts that it belongs to: it is drawn only while they are in, and stands out with each of them. */
  readonly parts: readonly string[];
}

/** The slots of one memory channel, as a bracket under them. */
export interface ChannelShape {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  readonly y: number;
}

/** A port at the rear or the front of the case in which a lead ends. */
export interface PortShape extends Box {
  readonly name: string;
}

export interface MachinePlan {
  readonly width: number;
  readonly height: number;
  readonly board: Box;
  readonly enclosure: Box;
  readonly surface: Configuration['surface'];
  readonly form: BoardForm;
  readonly parts: readonly PartShape[];
  readonly slots: readonly PlaceShape[];
  readonly sockets: readonly PlaceShape[];
  readonly plugs: readonly PlugShape[];
  readonly channels: readonly ChannelShape[];
  /** Card slots with nothing in them. */
  readonly emptySlots: readonly Box[];
  readonly ports: readonly PortShape[];
  readonly leads: readonly LeadShape[];
  /** Heading over parts that are out or lie beside the machine; null where there are none. */
  readonly besideAt: { readonly x: number; readonly y: number } | null;
}
