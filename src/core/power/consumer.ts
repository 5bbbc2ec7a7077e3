import type { Rail } from './rail';
import type { WattsRange } from './watts-distribution';

/** Where a figure comes from: the maker's, one's own guess, a measurement, or what is usual. */
export type FigureSource = 'usual' | 'maker' | 'measured' | 'own';

/**
 * What a part draws: at typical work, sustained under full load, and in peaks of milliseconds. Spin-up of a drive counts
 * as its peak.
 */
export interface Draw {
  readonly typical: WattsRange;
  readonly sustained: WattsRange;
  readonly peak: WattsRange;
  readonly source: FigureSource;
}

export const LOADS = ['typical', 'sustained', 'peak'] as const;
export type Load = (typeof LOADS)[number];

export const CONSUMER_KINDS = [
  'processor',
  'graphics-card',
  'board',
  'module',
  'sata-ssd',
  'm2-drive',
  'hard-drive',
  'optical-drive',
  'fan',
  'pump',
  'light-strip',
  'usb-device',
  'other',
] as const;
export type ConsumerKind = (typeof CONSUMER_KINDS)[number];

export interface Consumer {
  readonly id: string;
  readonly kind: ConsumerKind;
  readonly name: string;
  /** How many alike. */
  readonly count: number;
  readonly draw: Draw;
  /** Which share of its draw each rail carries; the shares sum to 1. */
  readonly rails: Readonly<Partial<Record<Rail, number>>>;
}
