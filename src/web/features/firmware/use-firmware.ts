import { format } from 'date-fns';
import { useMemo } from 'react';
import type { BoardBookFile } from '../../../contracts';
import {
  chooseMethod,
  planUpdate,
  type BoardRevision,
  type MethodChoice,
  type Release,
  type UpdatePlan,
} from '../../../core/firmware';
import { useBoardDetail } from '../../api/boards';
import { useFirmwareDesk, useFirmwareDeskStore, type FirmwareDesk } from '../../stores/firmware-desk-store';

export interface Firmware {
  readonly desk: FirmwareDesk;
  readonly change: (change: Partial<FirmwareDesk>) => void;
  readonly board: BoardBookFile | null;
  readonly revision: BoardRevision | null;
  /** Null until a board is chosen. */
  readonly plan: UpdatePlan | null;
  readonly methods: readonly MethodChoice[];
  /** The version that is flashed next, as the book has it. */
  readonly next: Release | null;
  readonly error: Error | null;
}

/** Starting judgement, in the shop's currency: work an hour, a day of waiting, a board; and sending in. */
const rates = { perHour: 40, perDayWaiting: 5, boardPrice: 140 };
const sendIn = { fee: 35, days: 14 };

/** A price or a number of days as typed; null for nothing or for what is no such number. */
export const amount = (typed: string): number | null => {
  const value = Number(typed.replace(',', '.'));
  return typed.trim() === '' || !Number.isFinite(value) || value < 0 ? null : value;
};

/** What the log of the case says already: somebody else may have begun at another screen. */
export interface KnownFirmware {
  /** It starts and shows its menu, or not; null where nobody knows. */
  readonly starts: boolean | null;
  readonly board: { readonly id: string; readonly revision: string } | null;
  readonly installed: string | null;
}

function withKnown(desk: FirmwareDesk, known: KnownFirmware | null): FirmwareDesk {
  if (desk.board !== null || !known?.board) return desk;
  return { ...desk, board: known.board, installed: known.installed };
}

/** Everything that the firmware bay computes from its desk and the board book. */
export function useFirmware(key: string, known: KnownFirmware | null): Firmware {
  const kept = useFirmwareDesk(key);
  const desk = useMemo(() => withKnown(kept, known), [kept, known]);
  const startsByLog = known?.starts ?? null;
  const store = useFirmwareDeskStore((one) => one.change);
  const { data, error } = useBoardDetail(desk.board?.id ?? null);
  const board = data?.board ?? null;
  const revision = board?.revisions.find((one) => one.revision === desk.board?.revision) ?? null;
  const { installed, goal, soakDays, allowIrreversible, purpose, clues } = desk;
  const plan = useMemo(
    () =>
      revision &&
      planUpdate(
        revision,
        installed,
        goal,
        { soakDays, allowIrreversible, rewrite: purpose === 'recover', today: format(new Date(), 'yyyy-MM-dd') },
        // A day that is not typed whole yet says nothing.
        { ...clues, made: /^\d{4}-\d{2}-\d{2}$/.test(clues.made) ? clues.made : '' },
      ),
    [revision, installed, goal, soakDays, allowIrreversible, purpose, clues],
  );
  const steps = plan?.kind === 'plan' ? plan.steps : [];
  const version = steps[0]?.version;
  const next = revision?.releases.find((release) => release.version === version) ?? null;
  const methods = useMemo(
    () =>
      board ? chooseMethod({ ...situationOf(board, desk, steps.length), starts: desk.starts ?? startsByLog }) : [],
    [board, desk, steps.length, startsByLog],
  );
  return {
    desk,
    change: useMemo(() => (change: Partial<FirmwareDesk>) => store(key, change), [store, key]),
    board,
    revision,
    plan,
    methods,
    next,
    error,
  };
}

function situationOf(board: BoardBookFile, { hasStick, offers, purpose }: FirmwareDesk, steps: number) {
  const shopFee = amount(offers.shopFee);
  const price = amount(offers.price);
  return {
    board,
    isCorrupt: purpose === 'recover',
    steps,
    hasStick,
    processor: {
      isOnShelf: offers.isOnShelf,
      loanDays: amount(offers.loanDays),
      shop: shopFee === null ? null : { fee: shopFee, days: amount(offers.shopDays) ?? 1 },
      purchase:
        price === null ? null : { price, resale: amount(offers.resale) ?? 0, days: amount(offers.purchaseDays) ?? 3 },
    },
    sendIn,
    rates,
  };
}

/** Only a plan of known steps can be gone on with. */
export const stepsOf = (plan: UpdatePlan | null) => (plan?.kind === 'plan' ? plan.steps : []);
