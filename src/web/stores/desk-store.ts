import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Change } from '../../core/machine';
import type { CautionId } from '../../core/trials';
import type { StartSigns } from '../../core/startup';
import type { SignalsDraft } from './signals-draft';

/** What lies on the desk of one case: client-only, kept when switching cases or closing the tab. */
export interface Desk {
  /** The trial picked instead of the proposed one. */
  readonly chosenTrial: string | null;
  readonly note: string;
  /** What else the start in hand showed: it is written with its outcome. */
  readonly seen: StartSigns | null;
  /** What was entered in the signals room; null where nothing was. */
  readonly signals: SignalsDraft | null;
  /** The running wait: which trial, and when it ends in milliseconds since the epoch. */
  readonly wait: { readonly trial: string; readonly endsAt: number } | null;
  /** Strip-down: ids of parts and leads that were ticked as off or accounted for. */
  readonly accounted: readonly string[];
  /** What was changed on the plan for the next start and is not in the log yet. */
  readonly draft: readonly Change[];
  /** The id under which the draft was sent to the log; null as long as it was not. */
  readonly draftId: string | null;
  /** The trial whose cautions were confirmed. */
  readonly confirmed: string | null;
  /** All cautions that were confirmed on this case. */
  readonly cautions: readonly CautionId[];
  /** How many steps the log had when the trial was chosen: what is chosen holds until the next step. */
  readonly chosenAfter: number;
}

const emptyDesk: Desk = {
  chosenTrial: null,
  note: '',
  seen: null,
  signals: null,
  wait: null,
  accounted: [],
  draft: [],
  draftId: null,
  confirmed: null,
  cautions: [],
  chosenAfter: 0,
};

interface DeskStore {
  readonly desks: Readonly<Record<string, Desk>>;
  readonly change: (caseId: string, change: Partial<Desk>) => void;
}

const maxDesks = 50;

/** The desk that was changed comes last; the one that was left alone longest goes. */
function withDesk(desks: DeskStore['desks'], caseId: string, desk: Desk): DeskStore['desks'] {
  const others = Object.entries(desks).filter(([id]) => id !== caseId);
  return Object.fromEntries([...others.slice(-(maxDesks - 1)), [caseId, desk]]);
}

export const useDeskStore = create<DeskStore>()(
  persist(
    (set) => ({
      desks: {},
      change: (caseId, change) =>
        set((store) => {
          const before = store.desks[caseId] ?? emptyDesk;
          const changes = Object.entries(change).some(([name, value]) => before[name as keyof Desk] !== value);
          return changes ? { desks: withDesk(store.desks, caseId, { ...before, ...change }) } : store;
        }),
    }),
    {
      name: 'probe.desks',
      version: 5,
      // Desks of an earlier version know nothing of strip-down, drafts, cautions, signs of a start and signals.
      migrate: (kept) => {
        const { desks = {} } = (kept ?? {}) as Partial<Pick<DeskStore, 'desks'>>;
        return {
          desks: Object.fromEntries(Object.entries(desks).map(([id, desk]) => [id, { ...emptyDesk, ...desk }])),
        };
      },
    },
  ),
);

/** The desk of one case. */
export const useDesk = (caseId: string): Desk => useDeskStore(({ desks }) => desks[caseId] ?? emptyDesk);

/** The desk of one case as it is at this moment, for what happens on a press. */
export const deskNow = (caseId: string): Desk => useDeskStore.getState().desks[caseId] ?? emptyDesk;
