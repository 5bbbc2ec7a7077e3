import { create } from 'zustand';
import type { MeterIdentity, MeterQuantity } from '../../../core/power';
import { openScpiMeter, type ScpiMeter } from './scpi-meter';
import { choosePort, openSerial } from './serial-transport';
import { simulatedMeter, type MeterBench } from './simulated-meter';
import { MeterProblem, type MeterTransport } from './transport';

/** What a connected meter gave. */
export interface MeterReading {
  readonly quantity: MeterQuantity;
  readonly value: number;
}

interface MeterStore {
  readonly stage: 'none' | 'connecting' | 'connected';
  readonly identity: MeterIdentity | null;
  readonly isSimulated: boolean;
  readonly last: MeterReading | null;
  /** Why there is no meter or no reading, in words. */
  readonly problem: string | null;
  /** What the simulated meter measures. */
  readonly bench: MeterBench;
  readonly setBench: (change: Partial<MeterBench>) => void;
  readonly connectSerial: (baudRate: number) => Promise<void>;
  readonly connectSimulated: () => Promise<void>;
  readonly disconnect: () => Promise<void>;
  /** One reading; null where none came, `problem` says why. */
  readonly take: (quantity: MeterQuantity) => Promise<number | null>;
}

/** One meter serves the whole program: it stays connected from room to room. */
let meter: ScpiMeter | null = null;

export const useMeterStore = create<MeterStore>()((set, get) => {
  const fail = (error: unknown) =>
    set({ problem: error instanceof MeterProblem ? error.message : 'The meter cannot be read.' });
  const drop = async () => {
    const gone = meter;
    meter = null;
    set({ stage: 'none', identity: null, last: null });
    await gone?.close();
  };
  const connect = async (open: () => Promise<MeterTransport>, isSimulated: boolean) => {
    await drop();
    set({ stage: 'connecting', problem: null, isSimulated });
    try {
      meter = await openScpiMeter(await open());
      set({ stage: 'connected', identity: meter.identity });
    } catch (error) {
      fail(error);
      await drop();
    }
  };
  return {
    stage: 'none',
    identity: null,
    isSimulated: false,
    last: null,
    problem: null,
    bench: { volts: 12.06, amps: 4.2, watts: 85, mood: 'answers' },
    setBench: (change) => set(({ bench }) => ({ bench: { ...bench, ...change } })),
    connectSerial: async (baudRate) => {
      const port = await choosePort();
      if (port) await connect(() => openSerial(port, baudRate), false);
    },
    connectSimulated: () => {
      set(({ bench }) => ({ bench: { ...bench, mood: 'answers' } }));
      return connect(() => Promise.resolve(simulatedMeter(() => get().bench)), true);
    },
    disconnect: async () => {
      set({ problem: null });
      await drop();
    },
    take: async (quantity) => {
      if (!meter) return null;
      try {
        const value = await meter.read(quantity);
        set({ last: { quantity, value }, problem: null });
        return value;
      } catch (error) {
        fail(error);
        if (error instanceof MeterProblem && error.code === 'gone') await drop();
        return null;
      }
    },
  };
});

/** Who the connected meter says that it is, in a few words; null where none is connected. */
export const useMeterName = (): string | null =>
  useMeterStore(({ identity }) => (identity ? `${identity.maker} ${identity.model}` : null));
