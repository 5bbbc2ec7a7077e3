/** Kinds of power connector, by what they are in the field. */
export const CONNECTORS = [
  'board-24',
  'cpu-8',
  'cpu-4',
  'card-6',
  'card-8',
  'card-12',
  'card-slot',
  'sata-power',
  'drive-4',
  'floppy-4',
  'usb-port',
  'fan-header',
  'barrel',
] as const;
export type ConnectorKind = (typeof CONNECTORS)[number];

/** What a connector may carry, and where the figure is from. */
export interface ConnectorFacts {
  readonly name: string;
  /** Contacts that carry +12 V (of `usb-port` +5 V), each with its limit in amperes for usual contacts and wire. */
  readonly contacts: number;
  readonly ampsPerContact: number;
  /** What it may carry as a whole, in watts: of its standard where there is one, below what its contacts could. */
  readonly watts: number;
  readonly source: string;
}

/** Limits of connectors: from their standards where these set one, else contacts × amperes × volts. */
export const CONNECTOR_FACTS: Readonly<Record<ConnectorKind, ConnectorFacts>> = {
  'board-24': { name: '24-pin', contacts: 2, ampsPerContact: 6, watts: 144, source: 'two +12 V contacts of 6 A' },
  'cpu-8': {
    name: '8-pin EPS',
    contacts: 4,
    ampsPerContact: 7,
    watts: 336,
    source: 'four contacts of 7 A, 0.8 mm² wire',
  },
  'cpu-4': { name: '4-pin processor plug', contacts: 2, ampsPerContact: 7, watts: 168, source: 'two contacts of 7 A' },
  'card-6': { name: '6-pin card plug', contacts: 3, ampsPerContact: 8, watts: 75, source: 'its standard' },
  'card-8': { name: '8-pin card plug', contacts: 3, ampsPerContact: 8, watts: 150, source: 'its standard' },
  'card-12': { name: '12-pin card plug', contacts: 6, ampsPerContact: 9.2, watts: 600, source: 'its sense coding' },
  'card-slot': {
    name: 'card slot',
    contacts: 5,
    ampsPerContact: 1.1,
    watts: 75,
    source: 'its standard, 66 W of it on +12 V',
  },
  'sata-power': {
    name: 'SATA power plug',
    contacts: 3,
    ampsPerContact: 1.5,
    watts: 54,
    source: 'three contacts of 1.5 A',
  },
  'drive-4': {
    name: '4-pin drive plug',
    contacts: 1,
    ampsPerContact: 11,
    watts: 132,
    source: 'one contact of 11 A; wire and crimp carry less',
  },
  'floppy-4': {
    name: 'small 4-pin drive plug',
    contacts: 1,
    ampsPerContact: 2,
    watts: 24,
    source: 'one contact of 2 A',
  },
  'usb-port': {
    name: 'USB port',
    contacts: 1,
    ampsPerContact: 0.9,
    watts: 4.5,
    source: 'its standard, without charging',
  },
  'fan-header': { name: 'fan header', contacts: 1, ampsPerContact: 1, watts: 12, source: 'one contact of 1 A' },
  barrel: { name: 'barrel plug', contacts: 1, ampsPerContact: 6, watts: 120, source: 'one contact of 6 A at 20 V' },
};

/** What a 12-pin card plug may carry by its two sense contacts: both open means that it may carry next to nothing. */
export const SENSE_WATTS = { none: 0, low: 150, middle: 300, high: 450, full: 600 } as const;
export type SenseCoding = keyof typeof SENSE_WATTS;
