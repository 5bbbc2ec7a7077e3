import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { usualMeter, type MeterAccuracy } from '../../core/power';

interface MeterAccuracyStore {
  /** Of the meter that lies at this bench, in its range for the rails. */
  readonly accuracy: MeterAccuracy;
  readonly change: (change: Partial<MeterAccuracy>) => void;
}

/** How far the meter of this bench may be off: it belongs to the device, not to a person or a case. */
export const useMeterAccuracyStore = create<MeterAccuracyStore>()(
  persist(
    (set) => ({
      accuracy: usualMeter,
      change: (change) => set(({ accuracy }) => ({ accuracy: { ...accuracy, ...change } })),
    }),
    { name: 'probe.meter-accuracy', version: 1, partialize: ({ accuracy }) => ({ accuracy }) },
  ),
);

/** What a reading in volts says of its meter; nothing of a usual one. */
export function useNotedAccuracy(): { readonly accuracy?: MeterAccuracy } {
  const accuracy = useMeterAccuracyStore((store) => store.accuracy);
  const isUsual =
    accuracy.percent === usualMeter.percent &&
    accuracy.counts === usualMeter.counts &&
    accuracy.resolution === usualMeter.resolution;
  return isUsual ? {} : { accuracy };
}
