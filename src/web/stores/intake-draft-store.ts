import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface IntakeDraftStore {
  /** What was typed so far; survives a closed tab. Checked against the form's schema when read. */
  readonly draft: unknown;
  readonly keep: (draft: unknown) => void;
  readonly clear: () => void;
}

export const useIntakeDraftStore = create<IntakeDraftStore>()(
  persist((set) => ({ draft: null, keep: (draft) => set({ draft }), clear: () => set({ draft: null }) }), {
    name: 'probe.intake-draft',
  }),
);
