import type { ConsumerKind, Draw } from './consumer';
import type { Rail } from './rail';
import type { WattsRange } from './watts-distribution';

const range = (low: number, high: number): WattsRange => ({ low, high });

const usual = (typical: WattsRange, sustained = typical, peak = sustained): Draw => ({
  typical,
  sustained,
  peak,
  source: 'usual',
});

/**
 * What parts of a kind usually draw, in watts: figures of the bench, to begin with where the maker's is not known. Of a
 * processor and a graphics card those of a middling one; both should be given by their makers' figures, see
 * `processorDraw` and `graphicsDraw`.
 */
export const USUAL_DRAWS: Readonly<Record<ConsumerKind, Draw>> = {
  processor: usual(range(30, 65), range(85, 150), range(95, 180)),
  'graphics-card': usual(range(25, 75), range(120, 220), range(200, 400)),
  board: usual(range(25, 50)),
  module: usual(range(2, 5)),
  'sata-ssd': usual(range(2, 4)),
  'm2-drive': usual(range(3, 7), range(5, 9)),
  'hard-drive': usual(range(6, 9), range(6, 9), range(20, 25)),
  'optical-drive': usual(range(3, 5), range(15, 20)),
  fan: usual(range(1.5, 3)),
  pump: usual(range(4, 18)),
  'light-strip': usual(range(5, 15)),
  'usb-device': usual(range(2.5, 4.5)),
  other: usual(range(0, 10)),
};

/** Which rails usually carry a kind. */
export const USUAL_RAILS: Readonly<Record<ConsumerKind, Readonly<Partial<Record<Rail, number>>>>> = {
  processor: { v12: 1 },
  'graphics-card': { v12: 0.97, v3: 0.03 },
  board: { v12: 0.35, v5: 0.3, v3: 0.3, vsb: 0.05 },
  module: { v12: 0.2, v5: 0.4, v3: 0.4 },
  'sata-ssd': { v5: 1 },
  'm2-drive': { v3: 1 },
  'hard-drive': { v12: 0.65, v5: 0.35 },
  'optical-drive': { v12: 0.6, v5: 0.4 },
  fan: { v12: 1 },
  pump: { v12: 1 },
  'light-strip': { v12: 0.5, v5: 0.5 },
  'usb-device': { v5: 0.9, vsb: 0.1 },
  other: { v12: 1 },
};

/** Boost power of processors as a multiple of their base power, and peaks above it. */
const boostOverBase = range(1.3, 2.4);
const peakOverBoost = range(1, 1.2);

/** The draw of a processor whose maker gives a base power, and a boost power where it does, in watts. */
export function processorDraw({ baseWatts, boostWatts }: { baseWatts: number; boostWatts?: number }): Draw {
  const boost = boostWatts ? range(boostWatts, boostWatts) : scaled(range(baseWatts, baseWatts), boostOverBase);
  return {
    typical: range(0.4 * baseWatts, baseWatts),
    sustained: boost,
    peak: scaled(boost, peakOverBoost),
    source: 'maker',
  };
}

/** Peaks of milliseconds of graphics cards as a multiple of their board power. */
const peakOverBoardPower = range(1.5, 2);

/** The draw of a graphics card whose maker gives a board power, in watts. */
export const graphicsDraw = (boardWatts: number): Draw => ({
  typical: range(0.1 * boardWatts, 0.4 * boardWatts),
  sustained: range(0.9 * boardWatts, boardWatts),
  peak: scaled(range(boardWatts, boardWatts), peakOverBoardPower),
  source: 'maker',
});

const scaled = ({ low, high }: WattsRange, by: WattsRange): WattsRange => range(low * by.low, high * by.high);
