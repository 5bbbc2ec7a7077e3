import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface ProcedureStore {
  /** How procedures are shown on this device; null until somebody chose. */
  readonly form: 'short' | 'full' | null;
  readonly choose: (form: 'short' | 'full') => void;
}

export const useProcedureStore = create<ProcedureStore>()(
  persist((set) => ({ form: null, choose: (form) => set({ form }) }), { name: 'probe.procedures', version: 0 }),
);
