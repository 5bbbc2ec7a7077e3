import { demoSpareId } from '../shelf';
import { trial, type DemoCase } from '../demo-case';

/** A palm-size machine on a DC adapter that sags: right without load, too low with it. Repaired and closed. */
export const slipwayPrinter: DemoCase = {
  key: '08',
  openedMinutesAgo: 4 * 24 * 60,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Slipway label machine',
      parts: [{ id: 'adapter', kind: 'adapter' }],
    },
    owner: 'Slipway',
    complaint: 'The small one starts over and over.',
    circumstances: ['old'],
    reported: 'loop',
  },
  entries: [
    trial(3, 'start', 'loop'),
    trial(6, 'measure/adapter-volts/adapter', 'within', { volts: 18.9 }),
    trial(12, 'measure/adapter-load/adapter', 'low', { volts: 16.2 }),
    {
      afterMinutes: 14,
      event: {
        kind: 'part-lent',
        item: demoSpareId('10'),
        name: 'DC adapter, 19 V',
        part: 'adapter',
        serial: 'T-5520',
      },
    },
    trial(15, 'spare/adapter', 'works'),
    trial(18, 'back/adapter', 'loop'),
    trial(20, 'spare/adapter', 'works'),
    trial(24, 'fix/replace@adapter', 'works'),
    {
      afterMinutes: 25,
      event: {
        kind: 'part-moved',
        way: 'bought',
        name: 'DC adapter',
        part: 'adapter',
        make: 'Tern',
        rating: '19 V 4.7 A',
        serial: 'T-6013',
        condition: 'new',
        price: '34.90',
        seller: 'Ferry stores',
        warrantyUntil: '2028-11-30',
      },
    },
    { afterMinutes: 26, event: { kind: 'part-moved', way: 'disposed', name: 'Old DC adapter', part: 'adapter' } },
    { afterMinutes: 27, event: { kind: 'part-home', item: demoSpareId('10'), result: 'worked' } },
    trial(32, 'run-under-load', 'works'),
    {
      afterMinutes: 34,
      event: {
        kind: 'case-closed',
        ending: 'repaired',
        fault: 'adapter-sags@adapter',
        cause: 'The DC adapter sags under load',
        done: 'New adapter of the same label. The old one marked and binned.',
      },
    },
  ],
};
