import type { ShelfPart, SpareStanding } from '../src/contracts';

/** The id of a demo spare; the same at every loading. */
export const demoSpareId = (key: string): string => `0d3a0500-0000-4000-8000-0000000000${key}`;

interface DemoSpare {
  readonly standing: SpareStanding;
  readonly part: ShelfPart;
}

/** The shelf of the demo: spares that the bench tests with, by key. All makers are invented. */
export const demoSpares: Readonly<Record<string, DemoSpare>> = {
  '01': {
    standing: 'good',
    part: {
      kind: 'supply',
      name: 'Bench supply',
      make: 'Puffin',
      model: 'Steady',
      rating: '650 W',
      serial: 'PS-20417',
    },
  },
  '02': {
    standing: 'good',
    part: {
      kind: 'supply',
      name: 'Large supply with its leads',
      make: 'Puffin',
      model: 'Steady L',
      rating: '850 W',
      serial: 'PL-00391',
      paid: '118.00',
      seller: 'Ferry stores',
      warrantyUntil: '2029-05-31',
    },
  },
  '03': {
    standing: 'good',
    part: { kind: 'module', name: 'Proven module, 8 GB', make: 'Limpet', rating: '2666 MT/s', serial: 'LM-7781' },
  },
  '04': {
    standing: 'untested',
    part: { kind: 'module', name: 'Module from the estate lot', make: 'Limpet', condition: 'used', paid: '6.50' },
  },
  '05': {
    standing: 'good',
    part: { kind: 'card', name: 'Plain card without a power plug', make: 'Auk', serial: 'A-118' },
  },
  '06': { standing: 'good', part: { kind: 'monitor', name: 'Bench monitor', make: 'Seal', serial: 'SE-3004' } },
  '07': { standing: 'good', part: { kind: 'display-cable', name: 'Display cable, both plugs' } },
  '08': { standing: 'good', part: { kind: 'keyboard', name: 'Wired keyboard' } },
  '09': { standing: 'good', part: { kind: 'cord', name: 'Marked mains cord' } },
  '10': {
    standing: 'good',
    part: { kind: 'adapter', name: 'DC adapter, 19 V', make: 'Tern', rating: '19 V 4.7 A', serial: 'T-5520' },
  },
  '11': {
    standing: 'failed',
    part: {
      kind: 'drive',
      name: 'Small SATA drive',
      make: 'Whelk',
      serial: 'WD-0092',
      note: 'Slow to answer; keep for parts.',
    },
  },
  '12': { standing: 'good', part: { kind: 'case-switch', name: 'Case switch on a lead' } },
};
