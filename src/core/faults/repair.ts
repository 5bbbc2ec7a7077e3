import type { PartKind } from '../machine';
import type { HandlingAct } from './handling-act';

/** What a repair costs in parts. "part" is priced by the kind of part. */
export type PriceClass = 'nothing' | 'small' | 'part';

/**
 * What is at stake if it turns out not to be the cause. "nothing": free and undone at once. "work": minutes for nothing,
 * no harm. "for-good": writes firmware, erases or unlocks. "part": a part is bought. The first two may serve as trials.
 */
export type RepairStake = 'nothing' | 'work' | 'for-good' | 'part';

export interface Repair {
  /** What to do; {part} stands for the part's name. */
  readonly title: string;
  /** The same of a drive that stands on the board itself and has no leads. */
  readonly titleOnBoard?: string;
  readonly minutes: number;
  readonly price: PriceClass;
  readonly stake: RepairStake;
  /** Handling of the part that comes with it. */
  readonly handling?: HandlingAct;
  /** The original part goes out for good. */
  readonly replaces?: boolean;
  /** Nobody can undo it to see the fault come back: it is proven by counting starts. */
  readonly noWayBack?: boolean;
}

const free = (title: string, minutes: number, handling?: HandlingAct): Repair => ({
  title,
  minutes,
  price: 'nothing',
  stake: 'nothing',
  ...(handling ? { handling } : {}),
});

/** Faults that share a repair on the same part form a repair class: no use telling them apart. */
export const REPAIRS = {
  'use-live-outlet': free('Use a working outlet, straight from the wall', 2),
  'straight-from-wall': free('Plug the machine straight into the wall, without strip or extension', 2),
  'switch-strip-on': free('Switch the power strip or wall switch on', 0.3),
  'push-cord': free('Push {part} fully in at both ends', 0.5, 'reseat'),
  'set-rocker': free('Set the rocker switch of {part} to I', 0.3),
  'drain-latch': free('Drain the supply', 2, 'drain'),
  'correct-header': free('Put the switch leads on the right pins of the front header', 4),
  'free-reset': free('Free the reset switch, or leave its lead off', 3),
  'clean-switch': {
    title: 'Clean {part} with contact cleaner, let it dry',
    minutes: 15,
    price: 'small',
    stake: 'work',
    handling: 'clean',
    noWayBack: true,
  },
  'solder-switch': {
    title: 'Have a new power switch soldered to the board',
    minutes: 40,
    price: 'small',
    stake: 'part',
  },
  'push-power-plugs': free('Push the 24-pin and processor plugs fully in at both ends', 2, 'reseat'),
  'right-plug': free('Plug the right lead into the processor socket', 3),
  'clear-short': free('Lift the board, remove what shorts it, correct the stand-offs', 25),
  'seat-front-lead': free('Plug {part} onto its header again, no pin left free', 2, 'reseat'),
  'leave-unplugged': free('Leave {part} unplugged, agreed with the owner', 2),
  'seat-processor': {
    title: 'Reseat {part} and check the pins',
    minutes: 15,
    price: 'small',
    stake: 'work',
    handling: 'reseat',
  },
  'mount-cooler': {
    title: 'Remount {part}: film off, new paste, screws tightened crosswise',
    minutes: 12,
    price: 'small',
    stake: 'work',
    handling: 'reseat',
    noWayBack: true,
  },
  'plug-cooler-fan': free('Plug the fan of {part} into the processor-fan header', 2),
  'plug-pump': free('Plug the pump of {part} into a header that gives full voltage, and see that it runs', 3),
  'update-firmware': {
    title: 'Update the firmware of {part}',
    minutes: 20,
    price: 'nothing',
    stake: 'for-good',
    noWayBack: true,
  },
  // Writes the image that belongs there: done on a board that does not start anyway.
  'recover-firmware': {
    title: 'Recover the firmware of {part}',
    minutes: 25,
    price: 'nothing',
    stake: 'work',
    noWayBack: true,
  },
  'roll-back-firmware': {
    title: 'Go back to the previous firmware version on {part}',
    minutes: 20,
    price: 'nothing',
    stake: 'for-good',
    noWayBack: true,
  },
  'reset-settings': free('Reset the settings to defaults', 5, 'reset'),
  'confirm-message': free('Confirm the message in setup, and see that it stays away', 2),
  'clear-password': {
    title: "Clear the password with the board's own jumper, proof of ownership on record",
    minutes: 8,
    price: 'nothing',
    stake: 'for-good',
  },
  'seat-module': free('Reseat {part} until both sides click', 1.5, 'reseat'),
  'clean-slot': {
    title: 'Clean {part} with air and a brush',
    minutes: 4,
    price: 'small',
    stake: 'work',
    handling: 'clean',
    noWayBack: true,
  },
  'leave-slot-empty': free('Leave {part} empty', 2),
  'right-slots': free('Move the modules to the slots that the manual lists', 2),
  'wait-training': free('Wait three minutes for memory training', 3, 'wait'),
  'match-modules': {
    title: 'Use a matched kit from the compatibility list',
    minutes: 5,
    price: 'small',
    stake: 'work',
  },
  'seat-card': free('Reseat {part}', 3, 'reseat'),
  'plug-card-power': free('Push the power leads of {part} fully in', 2, 'reseat'),
  'push-supply-leads': free('Push the leads fully in at the supply as well', 2, 'reseat'),
  'own-leads': { title: 'Use only the leads that came with {part}', minutes: 8, price: 'small', stake: 'work' },
  'without-extension': free('Leave the extension out', 3),
  'other-card-lead': free('Use another lead of the supply for {part}', 3),
  'other-header': free('Put {part} on another header', 3),
  'card-to-first-slot': free('Put {part} into the first slot for a card', 4, 'reseat'),
  'without-riser': free('Put {part} straight into its slot, without the riser', 6, 'reseat'),
  'wake-monitor': free('Wake {part}: press its button, unplug it for ten seconds', 0.5),
  'lower-resolution': free('Start with the lowest resolution, then set one that {part} can show', 4),
  'hold-button': free('Hold the button ten seconds, pull the cord, wait', 1.5, 'drain'),
  'select-input': free('Select the input that the cable is in', 0.5),
  'switch-monitor-on': free('Switch {part} on', 0.3),
  'cable-to-card': free('Plug {part} into the card, not the board', 1, 'reseat'),
  'push-display-cable': free('Push {part} fully in at both ends', 0.5, 'reseat'),
  'move-output': free('Use another output of {part}', 1),
  'plug-keyboard': free('Plug {part} into a rear port', 0.5, 'reseat'),
  'plug-drive': {
    ...free('Push the leads of {part} fully in at both ends', 2, 'reseat'),
    titleOnBoard: 'Seat {part} in its socket and screw it down',
  },
  'replace-data-lead': { title: 'Use another data lead for {part}', minutes: 2, price: 'small', stake: 'nothing' },
  'plug-fan': free('Plug {part} into its header, or tell the board that it was removed', 2, 'reseat'),
  'move-drive': free('Move {part} to an active socket', 3),
  'set-boot': free('Set boot order and boot mode to match the disk', 4),
  'restore-system': {
    title: 'Save the data, then repair or reinstall the system on {part}',
    minutes: 60,
    price: 'nothing',
    stake: 'for-good',
  },
  'install-system': {
    title: 'Install a system on {part}, the owner agreed',
    minutes: 45,
    price: 'nothing',
    stake: 'for-good',
  },
  // The owner has to be reached for it.
  'enter-recovery-key': free('Have the owner enter the recovery key of {part}', 15),
  'separate-leads': free('Power {part} from two separate leads', 5),
  'clean-cooling': {
    title: 'Clean {part} and its fan',
    minutes: 12,
    price: 'small',
    stake: 'work',
    handling: 'clean',
    noWayBack: true,
  },
  'dry-board': {
    title: 'Dry and clean {part}',
    minutes: 60,
    price: 'small',
    stake: 'work',
    handling: 'clean',
    noWayBack: true,
  },
  'look-deeper': { title: 'Investigate {part} further', minutes: 60, price: 'small', stake: 'for-good' },
  replace: { title: 'Replace {part}', minutes: 15, price: 'part', stake: 'part', replaces: true },
} as const satisfies Record<string, Repair>;

export type RepairId = keyof typeof REPAIRS;

/** The entry of a repair, typed as a whole. */
export const repairOf = (id: RepairId): Repair => REPAIRS[id];

/** Usual price of a part in the shop's currency: engineering judgement, until the shop writes down its own. */
export const PART_PRICES = {
  cord: 6,
  supply: 70,
  adapter: 45,
  'case-switch': 9,
  board: 140,
  'coin-cell': 3,
  processor: 180,
  cooler: 40,
  module: 45,
  card: 260,
  monitor: 130,
  'display-cable': 8,
  keyboard: 15,
  'usb-device': 15,
  'front-usb': 12,
  'front-audio': 8,
  drive: 60,
  fan: 12,
} as const satisfies Partial<Record<PartKind, number>>;

/** Minutes to fit a new part for good, by kind: engineering judgement. Others take what `replace` says. */
const replaceMinutes: Readonly<Partial<Record<PartKind, number>>> = {
  cord: 2,
  supply: 18,
  adapter: 2,
  board: 50,
  'coin-cell': 4,
  processor: 22,
  cooler: 18,
  module: 4,
  card: 8,
  monitor: 5,
  'display-cable': 3,
  keyboard: 2,
  'usb-device': 2,
  drive: 10,
  fan: 8,
};

/** Minutes that a repair takes at a kind of part. */
export const minutesOfRepair = (id: RepairId, kind: PartKind): number =>
  (repairOf(id).replaces ? replaceMinutes[kind] : undefined) ?? repairOf(id).minutes;

/** A kind of part that has a price. */
export type PricedKind = keyof typeof PART_PRICES;

export const PRICED_KINDS = Object.keys(PART_PRICES) as PricedKind[];

export const isPriced = (kind: PartKind): kind is PricedKind => kind in PART_PRICES;
