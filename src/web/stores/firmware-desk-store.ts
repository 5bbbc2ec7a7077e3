import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { FlashPurpose } from '../../core/casework';
import type { FlashMethod, FirmwareGoal, LightMark } from '../../core/firmware';

export const FIRMWARE_STEPS = ['board', 'version', 'way', 'stick', 'flash', 'after'] as const;
export type FirmwareStep = (typeof FIRMWARE_STEPS)[number];

/** What is known of the stick and its image since it was last made or checked. */
export interface StickFacts {
  readonly verdict: 'good' | 'good-with-warnings' | 'bad';
  readonly isListedImage: boolean;
  /** Partition table and file system were looked at, not the files alone. */
  readonly isFormatChecked: boolean;
  /** For which version. */
  readonly version: string | null;
}

/** What lies on the desk of the firmware bay for one case: client-only, kept when the tab is closed. */
export interface FirmwareDesk {
  readonly step: FirmwareStep;
  readonly print: { readonly model: string; readonly revision: string; readonly version: string };
  readonly board: { readonly id: string; readonly revision: string } | null;
  /** Null where nobody knows. */
  readonly installed: string | null;
  /** What is known of a version that cannot be read; empty where nothing is. */
  readonly clues: { readonly readyFor: string; readonly ran: string; readonly made: string };
  /** The board came in a complete PC of one maker. */
  readonly isOfCompletePc: boolean;
  readonly goal: FirmwareGoal;
  readonly soakDays: number;
  readonly allowIrreversible: boolean;
  readonly purpose: FlashPurpose;
  readonly starts: boolean | null;
  readonly hasStick: boolean;
  readonly offers: {
    readonly isOnShelf: boolean;
    readonly loanDays: string;
    readonly shopFee: string;
    readonly shopDays: string;
    readonly price: string;
    readonly resale: string;
    readonly purchaseDays: string;
  };
  readonly method: FlashMethod | null;
  readonly stick: StickFacts | null;
  /** A lead's reason to flash this very image against the board book. */
  readonly against: { readonly sha256: string; readonly reason: string } | null;
  /** Gates that were confirmed. */
  readonly gates: readonly string[];
  /** When the button was let go, in milliseconds since the epoch. */
  readonly watchFrom: number | null;
  readonly marks: readonly LightMark[];
  readonly afterwards: readonly string[];
  /** The image that was on before, saved first. */
  readonly backup: { readonly name: string; readonly sha256: string } | null;
  /** The first start after the flash: when the button was pressed, the changes seen since, remedies tried before. */
  readonly firstStart: { readonly from: number | null; readonly changes: readonly number[]; readonly tried: number };
}

export const emptyFirmwareDesk: FirmwareDesk = {
  step: 'board',
  print: { model: '', revision: '', version: '' },
  board: null,
  installed: null,
  clues: { readyFor: '', ran: '', made: '' },
  isOfCompletePc: false,
  goal: { kind: 'newest' },
  soakDays: 21,
  allowIrreversible: false,
  purpose: 'update',
  starts: null,
  hasStick: true,
  offers: {
    isOnShelf: false,
    loanDays: '',
    shopFee: '',
    shopDays: '',
    price: '',
    resale: '',
    purchaseDays: '',
  },
  method: null,
  stick: null,
  against: null,
  gates: [],
  watchFrom: null,
  marks: [],
  afterwards: [],
  backup: null,
  firstStart: { from: null, changes: [], tried: 0 },
};

interface FirmwareDeskStore {
  readonly desks: Readonly<Record<string, FirmwareDesk>>;
  readonly change: (key: string, change: Partial<FirmwareDesk>) => void;
  readonly clear: (key: string) => void;
}

export const useFirmwareDeskStore = create<FirmwareDeskStore>()(
  persist(
    (set) => ({
      desks: {},
      change: (key, change) =>
        set(({ desks }) => ({ desks: { ...desks, [key]: { ...(desks[key] ?? emptyFirmwareDesk), ...change } } })),
      clear: (key) => set(({ desks }) => ({ desks: { ...desks, [key]: emptyFirmwareDesk } })),
    }),
    { name: 'probe.firmware-desks', version: 3, migrate: () => ({ desks: {} }) },
  ),
);

/** The firmware desk of one case, or of practice. */
export const useFirmwareDesk = (key: string): FirmwareDesk =>
  useFirmwareDeskStore(({ desks }) => desks[key] ?? emptyFirmwareDesk);
