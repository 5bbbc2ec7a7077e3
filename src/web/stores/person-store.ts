import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface PersonStore {
  /** Who stands at the bench; written into each event. */
  readonly name: string;
  setName(name: string): void;
}

export const usePersonStore = create<PersonStore>()(
  persist((set) => ({ name: 'Bench', setName: (name) => set({ name: name.trim() || 'Bench' }) }), {
    name: 'probe.person',
  }),
);
