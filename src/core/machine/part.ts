/** Kinds of part that a person declares. */
export const DECLARED_KINDS = [
  'outlet',
  'cord',
  'supply',
  'adapter',
  'case-switch',
  'board',
  'coin-cell',
  'processor',
  'cooler',
  'module',
  'card',
  'monitor',
  'display-cable',
  'keyboard',
  'usb-device',
  'front-usb',
  'front-audio',
  'drive',
  'fan',
] as const;

/** Kinds that follow from the board: its memory slots and their channels. */
export const DERIVED_KINDS = ['slot', 'channel'] as const;

export const PART_KINDS = [...DECLARED_KINDS, ...DERIVED_KINDS] as const;

export type DeclaredKind = (typeof DECLARED_KINDS)[number];
export type PartKind = (typeof PART_KINDS)[number];

/** One physical thing that can be looked at, taken out, swapped or blamed. */
export interface Part {
  readonly id: string;
  readonly kind: PartKind;
  /** What a person calls it at this bench, for instance "module 2". */
  readonly name: string;
  /** For a module: the id of the slot part it was found in. For a slot: none. */
  readonly slot?: string;
  /** For a slot: the id of its channel. */
  readonly channel?: string;
  /** For a drive: how it is attached. */
  readonly bus?: 'sata' | 'm2';
  /** For a drive: the socket it was found in, as the board names it. */
  readonly socket?: string;
  /** It lies beside the machine and is not attached as found: one of several to be proven. */
  readonly loose?: boolean;
}

/** Board sizes by their standards' names, and those that follow none. */
export const BOARD_FORMS = ['ATX', 'Micro-ATX', 'Mini-ITX', 'palm-size'] as const;
export type BoardForm = (typeof BOARD_FORMS)[number];

/** Sockets that are switched off while another one is filled: they share its lanes. */
export interface LaneSharing {
  readonly filled: string;
  readonly switchesOff: readonly string[];
}

/** A memory slot as the board's manual names it. */
export interface SlotFacts {
  readonly name: string;
  readonly channel: string;
}

/** What the board has and can show, from its profile in the board book. */
export interface BoardFacts {
  /** In the manual's order of filling: the slot for a single module comes first. */
  readonly slots: readonly SlotFacts[];
  readonly stageLights: boolean;
  readonly checkpointDisplay: boolean;
  readonly speaker: boolean;
  readonly standbyLight: boolean;
  /** Memory training makes a first start slow. */
  readonly trainsMemory: boolean;
  /** The power switch is soldered to it: no lead, and no header that the lead could miss. */
  readonly switchOnBoard: boolean;
  readonly form: BoardForm;
  /** Data sockets for drives, by bus, as the board names them. */
  readonly sockets: Readonly<Record<'sata' | 'm2', readonly string[]>>;
  /** Null: nobody has looked it up. */
  readonly sharing: readonly LaneSharing[] | null;
}

/** How the supply and its leads stand to what the machine draws; null for what nobody noted. */
export interface PowerStanding {
  /** Probability, 0 to 1, that a peak overloads a limit of the label. */
  readonly peakPasses: number | null;
  /** The same of the sustained load. */
  readonly sustainedPasses: number | null;
  /** The same of what a start draws. */
  readonly startPasses: number | null;
  /** "overloaded": one carries more than it may. "unsafe": a card is fed in a way that it should not be. */
  readonly leads: 'overloaded' | 'unsafe' | 'sound' | null;
}

/** What was noted of a machine's power: with its own supply, and with the spare that is in or was. */
export interface MachinePower {
  readonly own: PowerStanding | null;
  readonly spare: PowerStanding | null;
  /** Of a DC adapter: what its label says; null where nobody noted it. */
  readonly adapterVolts: number | null;
}

/** A complete machine: every declared, implied and derived part, and the board's facts. */
export interface Machine {
  readonly name: string;
  readonly parts: readonly Part[];
  readonly board: BoardFacts;
  /** The processor can make a picture by itself. */
  readonly builtInGraphics: boolean;
  /** Parts that lie on the bench to be proven: no case, no switch. */
  readonly onBench?: true;
  /** Left out where nothing was noted. */
  readonly power?: MachinePower;
}

/**
 * A part's name within a sentence: with its article, unless the name ends in its own number or letter.
 * @example nameInWords({ name: 'processor' }) // => 'the processor'
 * @example nameInWords({ name: 'slot A2' }) // => 'slot A2'
 */
export function nameInWords({ name }: Pick<Part, 'name'>): string {
  return /^(the|a|an|[A-Z]\w*'s) /.test(name) || /\s([A-Z]{0,3}\d+|[A-Z])$/.test(name) ? name : `the ${name}`;
}
