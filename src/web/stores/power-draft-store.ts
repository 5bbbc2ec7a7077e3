import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { MarkedPhase, PowerSheet, School, WallReading } from '../../core/power';

/** A trace that was read and is not written yet. */
export interface DraftTrace {
  /** Where it is from: the name of its file, or the meter. */
  readonly name: string;
  readonly readings: readonly WallReading[];
  readonly phases: readonly MarkedPhase[];
}

/** What was changed at a power bench and is not written yet: of one case, or of the planner. */
export interface PowerDraft {
  readonly name: string;
  /** Null where it is as the log says. */
  readonly sheet: PowerSheet | null;
  readonly trace: DraftTrace | null;
  readonly school: School;
}

export const emptyPowerDraft: PowerDraft = { name: '', sheet: null, trace: null, school: 'fit-the-peaks' };

interface PowerDraftStore {
  readonly drafts: Readonly<Record<string, PowerDraft>>;
  readonly change: (key: string, change: Partial<PowerDraft>) => void;
}

const maxDrafts = 30;

export const usePowerDraftStore = create<PowerDraftStore>()(
  persist(
    (set) => ({
      drafts: {},
      change: (key, change) =>
        set(({ drafts }) => {
          const others = Object.entries(drafts).filter(([id]) => id !== key);
          const draft = { ...(drafts[key] ?? emptyPowerDraft), ...change };
          return { drafts: Object.fromEntries([...others.slice(-(maxDrafts - 1)), [key, draft]]) };
        }),
    }),
    { name: 'probe.power-drafts', version: 1 },
  ),
);

export const usePowerDraft = (key: string): PowerDraft =>
  usePowerDraftStore(({ drafts }) => drafts[key] ?? emptyPowerDraft);
