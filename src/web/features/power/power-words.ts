import type { ConsumerKind, FigureSource, LeadKind, SheetRange, TracePhase, WattsRange } from '../../../core/power';
import { decimal } from '../../components/format';

export const sourceWords: Readonly<Record<FigureSource, string>> = {
  usual: 'usual',
  maker: 'maker’s figure',
  measured: 'measured',
  own: 'own figure',
};

export const leadKindWords: Readonly<Record<LeadKind, string>> = {
  output: 'output of the supply',
  lead: 'lead',
  splitter: 'splitter',
  extension: 'extension',
  adapter: 'adapter',
  input: 'input of a part',
};

export const consumerKindWords: Readonly<Record<ConsumerKind, string>> = {
  processor: 'processor',
  'graphics-card': 'graphics card',
  board: 'board',
  module: 'memory module',
  'sata-ssd': 'SSD',
  'm2-drive': 'M.2 drive',
  'hard-drive': 'hard drive',
  'optical-drive': 'optical drive',
  fan: 'fan',
  pump: 'pump',
  'light-strip': 'light strip',
  'usb-device': 'USB device',
  other: 'other',
};

export const phaseWords: Readonly<Record<TracePhase, string>> = {
  standby: 'off or standby',
  idle: 'idle',
  'graphics-load': 'graphics load',
  'processor-load': 'processor load',
  both: 'both loads',
  load: 'under load',
  'cut-out': 'cut out',
};

const short = (watts: number): string => decimal(watts, watts < 10 && !Number.isInteger(watts) ? 1 : 0);

/** @example rangeInWords({ low: 25, high: 50 }) // => '25–50' */
export const rangeInWords = ({ low, high }: WattsRange): string =>
  short(low) === short(high) ? short(low) : `${short(low)}–${short(high)}`;

/** As it is typed again. */
export const rangeToType = (range: SheetRange | undefined): string =>
  range === undefined ? '' : range[0] === range[1] ? String(range[0]) : `${range[0]} to ${range[1]}`;

export const wattsInWords = (watts: number): string => `${short(watts)} W`;
