import type { StickProfile } from '../stick/stick-source';

/** One firmware release of a board revision, as its maker lists it. */
export interface Release {
  readonly version: string;
  /** ISO 8601 date. */
  readonly date: string;
  readonly notes?: string | undefined;
  /** The least version that must be installed before this one. */
  readonly minimumPredecessor?: string | undefined;
  /** Once it is on, no older one can be put back. */
  readonly irreversible?: boolean | undefined;
  readonly preRelease?: boolean | undefined;
  /** It closes a security hole. */
  readonly security?: boolean | undefined;
  /** Complaints that it fixes, in the words of the notes. */
  readonly fixes?: readonly string[] | undefined;
  /** Processors that it is the first to know. */
  readonly processorsAdded?: readonly string[] | undefined;
  readonly file?: string | undefined;
  readonly bytes?: number | undefined;
  readonly sha256?: string | undefined;
}

/** One revision of a board: names differ by a letter, and so do the releases. */
export interface BoardRevision {
  readonly revision: string;
  /** Processors that the first firmware knew. */
  readonly processors: readonly string[];
  /** Oldest first. */
  readonly releases: readonly Release[];
}

/** Names of processors are typed in many ways: letter case and spaces do not count. */
export const isSameProcessor = (a: string, b: string): boolean => plainName(a) === plainName(b);

const plainName = (name: string): string => name.toLowerCase().replace(/\s+/g, '');

/** How often a light goes on: `blink` has a period, `steady` and `off` have none. */
export const LIGHTS = ['blink', 'steady', 'off'] as const;
export type Light = (typeof LIGHTS)[number];

export const FLASH_PHASES = ['reading', 'writing', 'finished'] as const;
export type FlashPhase = (typeof FLASH_PHASES)[number];

/** What the light does in one phase of a bare-board flash, and how long that usually takes. */
export interface LightPhase {
  readonly phase: FlashPhase;
  readonly light: Light;
  /** From one blink to the next; left out where nobody has timed it. */
  readonly periodSeconds?: number | undefined;
  /** Usual time, from and to; left out for what stays. */
  readonly fromSeconds?: number | undefined;
  readonly toSeconds?: number | undefined;
}

/** How a board flashes itself without a processor. */
export interface BareFlash {
  /** The one port that works, in the words of the manual. */
  readonly port: string;
  readonly button: string;
  readonly holdSeconds: number;
  /** The exact name that it looks for in the root of the stick. */
  readonly fileName: string;
  /** Other names that it accepts as well. */
  readonly otherFileNames?: readonly string[] | undefined;
  /** What sticks it is known to read. */
  readonly reads?: StickProfile | undefined;
  /** Power plugs that must be connected, no more and no less than it needs. */
  readonly plugs: readonly string[];
  readonly phases: readonly LightPhase[];
  /** After this time the flash has failed. */
  readonly worstSeconds: number;
  /** A light that stops within this time of its first blink means that the board refused. */
  readonly gaveUpWithinSeconds: number;
  /** Other lights that may stay on meanwhile, and mean nothing. */
  readonly harmlessLights?: string | undefined;
}

/** Every name under which a board finds the image, the usual one first. */
export const acceptedNames = ({ fileName, otherFileNames = [] }: BareFlash): readonly string[] => [
  fileName,
  ...otherFileNames,
];

export const RESET_WAYS = ['menu', 'pins', 'button', 'coin-cell'] as const;
export type ResetWayKind = (typeof RESET_WAYS)[number];

/** One way to clear the settings. */
export interface ResetWay {
  readonly how: ResetWayKind;
  /** Where it is on the board. */
  readonly where: string;
  readonly seconds: number;
}

/** What a light that stays or blinks says of its stage. */
export const LIGHT_SAYS = ['failed', 'busy', 'passed'] as const;
export type LightSays = (typeof LIGHT_SAYS)[number];

export interface StageLight {
  /** As printed beside it. */
  readonly label: string;
  /** The link of the start-up chain that it stands for. */
  readonly link: 'processor' | 'memory' | 'graphics' | 'load';
  readonly colour?: string | undefined;
  /** What it says while it stays on. Default: failed there. */
  readonly stays?: LightSays | undefined;
  /** What it says while it blinks. Default: busy there. */
  readonly blinks?: LightSays | undefined;
  /** How often of ten times it names the right stage. Default: 9. */
  readonly rightOfTen?: number | undefined;
}

/** How the lights of a board lie: in their order from left to right, or from top to bottom. */
export const LIGHTS_RUN = ['across', 'down'] as const;

export interface LightsPlace {
  /** In words: "upper right edge". */
  readonly where: string;
  readonly run: (typeof LIGHTS_RUN)[number];
}

/** Whether the board can sound at all as it comes. */
export interface BoardSpeaker {
  /** A speaker is soldered to it; otherwise a small one is plugged onto the header for the test. */
  readonly fitted: boolean;
  /** The header for one, as printed. */
  readonly header?: string | undefined;
}

/** What a signal of a board stands for: a stage at which it stands, or that all is well; null where it is neither. */
export const SIGNAL_STAGES = ['processor', 'memory', 'graphics', 'boot', 'all-well'] as const;
export type SignalStage = (typeof SIGNAL_STAGES)[number];

/** What two digits on the display of a board mean. */
export interface BoardCode {
  /** As it is shown, two hexadecimal digits. */
  readonly code: string;
  readonly meaning: string;
  readonly stage?: SignalStage | undefined;
  /** It may stay so long while all is well. */
  readonly waitSeconds?: number | undefined;
}

/** What a pattern of beeps means. */
export interface BoardBeep {
  /** S for a short tone, L for a long one, with blanks between. */
  readonly pattern: string;
  readonly meaning: string;
  readonly stage?: SignalStage | undefined;
  /** It sounds again and again until the machine is switched off. */
  readonly repeats?: boolean | undefined;
}

/** One pin of a header, counted from 1 in row and column as the board lies with its ports to the left. */
export interface HeaderPin {
  readonly row: number;
  readonly column: number;
  /** Empty for the place without a pin. */
  readonly label: string;
}

export interface BoardHeader {
  readonly name: string;
  readonly purpose: string;
  readonly rows: number;
  readonly columns: number;
  readonly pins: readonly HeaderPin[];
}

/** Seconds from pressing the button to a picture, the first time after a flash. */
export interface FirstStartTimes {
  readonly usualSeconds: number;
  readonly worstSeconds: number;
}

/** A board as the shop's book has it: what the diagnosis and the firmware bay need to know of it. */
export interface BoardBookEntry {
  readonly model: string;
  readonly revisions: readonly BoardRevision[];
  /** Opens the firmware's menu. */
  readonly setupKey?: string | undefined;
  /** The way to the update in that menu, for instance "Tools, then Update firmware". */
  readonly menuPath?: string | undefined;
  /** It belongs to a complete PC: images come from the maker of that machine. */
  readonly completePc?: string | undefined;
  /** How long its first start after a flash takes. */
  readonly firstStart?: FirstStartTimes | undefined;
  /** Firmware can be updated from its own menu. Default: true. */
  readonly menuFlash?: boolean | undefined;
  readonly flash?: BareFlash | undefined;
  /** How to start from a second image; left out where there is none. */
  readonly secondImage?: string | undefined;
  readonly resets?: readonly ResetWay[] | undefined;
  /** In the manual's order of filling: the slot for a single module comes first. */
  readonly memorySlots?: readonly { readonly name: string; readonly channel: string }[] | undefined;
  readonly sharing?: readonly { readonly filled: string; readonly switchesOff: readonly string[] }[] | undefined;
  readonly stageLights?: readonly StageLight[] | undefined;
  readonly lightsPlace?: LightsPlace | undefined;
  readonly speaker?: BoardSpeaker | undefined;
  readonly codes?: readonly BoardCode[] | undefined;
  readonly beeps?: readonly BoardBeep[] | undefined;
  readonly headers?: readonly BoardHeader[] | undefined;
}

/** What the update is for. */
export type FirmwareGoal =
  | { readonly kind: 'newest' }
  | { readonly kind: 'support'; readonly processor: string }
  | { readonly kind: 'fix'; readonly complaint: string }
  | { readonly kind: 'version'; readonly version: string };

export interface FirmwarePolicy {
  /** Only releases at least so old, unless a security notice forces a newer one. */
  readonly soakDays: number;
  /** The person said that a step which cannot be undone may be taken. */
  readonly allowIrreversible: boolean;
  /** The image on the board is broken: what is on it already is written again. Default: false. */
  readonly rewrite?: boolean | undefined;
  /** ISO 8601 date. */
  readonly today: string;
}
