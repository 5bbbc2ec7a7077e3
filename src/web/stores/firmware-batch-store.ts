import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { FlashEnd } from '../../core/casework';

/** One machine of a batch: what was seen of it stands in its case as well. */
export interface BatchMachine {
  readonly id: string;
  readonly serial: string;
  readonly caseId: string;
  /** Null where nobody knows. */
  readonly before: string | null;
  readonly end: FlashEnd | null;
  readonly seconds: number | null;
  /** The version read afterwards. */
  readonly after: string | null;
}

interface FirmwareBatchStore {
  readonly machines: readonly BatchMachine[];
  readonly add: (machine: BatchMachine) => void;
  readonly note: (id: string, seen: Partial<BatchMachine>) => void;
  readonly clear: () => void;
}

/** The machines that are flashed with one image: client-only, kept when the tab is closed. */
export const useFirmwareBatchStore = create<FirmwareBatchStore>()(
  persist(
    (set) => ({
      machines: [],
      add: (machine) => set(({ machines }) => ({ machines: [...machines, machine] })),
      note: (id, seen) =>
        set(({ machines }) => ({
          machines: machines.map((machine) => (machine.id === id ? { ...machine, ...seen } : machine)),
        })),
      clear: () => set({ machines: [] }),
    }),
    { name: 'probe.firmware-batch', version: 1 },
  ),
);
