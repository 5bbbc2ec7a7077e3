import fc from 'fast-check';
import {
  billOf,
  estimateOf,
  lineOf,
  longestGapMinutes,
  shareOfLot,
  standsToLimit,
  totalOf,
  workTimes,
  type Rates,
} from '.';
import { diagnoseCase, foldCase, foldOn, type CaseState, type EventBody } from '../casework';
import { eventId, eventsOf } from '../casework/testing-log';

const rates: Rates = {
  currency: 'EUR',
  hour: '48',
  taxPercent: '19',
  stepMinutes: 15,
  onPartsPercent: '0',
  partPrices: {},
};

/** A case opened at 9:00, with entries some minutes after it. */
function caseOf(...entries: readonly (readonly [minutes: number, body: EventBody, by?: string])[]): CaseState {
  const folded = foldCase(eventsOf({ reported: 'dead' }));
  if (!folded.ok) throw new Error(folded.problem.message);
  const opened = Date.UTC(2026, 0, 5, 9);
  const on = foldOn(
    folded.state,
    entries.map(([minutes, body, by = 'Test'], i) => ({
      ...body,
      id: eventId(100 + i),
      at: new Date(opened + 60_000 * minutes).toISOString(),
      by,
    })),
  );
  if (!on.ok) throw new Error(on.problem.message);
  return on.state;
}
const note: EventBody = { kind: 'note-added', text: 'Seen' };
const bought = (more: object): EventBody => ({ kind: 'part-moved', way: 'bought', name: 'Cooler', ...more });

test('work is what lies between entries that follow each other closely; a longer gap is waiting', () => {
  const state = caseOf(
    [10, note],
    [100, note, 'Ebbe'],
    [105, { kind: 'case-parked', waitingFor: 'a part' }],
    [110, { kind: 'case-resumed' }],
    [118, note],
  );
  const { people, waitingMinutes } = workTimes(state);
  expect(people.map(({ person, minutes }) => [person, minutes])).toEqual([
    ['Test', 10 + 5 + 8],
    ['Ebbe', longestGapMinutes],
  ]);
  expect(waitingMinutes).toBe(90 - longestGapMinutes + 5);
});

test('minutes are corrected by hand, with a reason; the last correction counts', () => {
  const correct = (minutes: number): EventBody => ({
    kind: 'time-corrected',
    person: 'Test',
    minutes,
    reason: 'Left it running',
  });
  const state = caseOf([15, note], [16, correct(40)], [17, correct(30)]);
  expect(workTimes(state).people[0]).toMatchObject({ logged: 17, corrected: { minutes: 30 }, minutes: 30 });
});

test('a bill has work in begun steps, parts, charges, tax of the sum, and what is due after the deposit', () => {
  const charge = (of: 'service' | 'discount' | 'deposit', amount: string): EventBody => ({
    kind: 'charge-noted',
    of,
    name: of,
    amount,
  });
  const bill = billOf(
    caseOf(
      [16, note],
      [17, bought({ price: '61.90' })],
      [18, charge('service', '9.95')],
      [18, charge('discount', '5')],
      [19, charge('deposit', '20')],
    ),
    rates,
  );
  expect(bill.lines.map(({ name, quantity, net }) => [name, quantity, net])).toEqual([
    ['Work, Test', '0.5', '24.00'],
    ['Cooler', '1', '61.90'],
    ['service', '1', '9.95'],
    ['discount', '1', '-5.00'],
  ]);
  expect([bill.net, bill.tax, bill.gross, bill.deposit, bill.due]).toEqual([
    '90.85',
    '17.26',
    '108.11',
    '20.00',
    '88.11',
  ]);
});

test('parts of a lot bear its price together, to the cent', () => {
  const lot = { seller: 'Quay', lot: { paid: '10.00', of: 3 } };
  const bill = billOf(caseOf([0, bought(lot)], [0, bought(lot)], [0, bought(lot)]), { ...rates, hour: '0' });
  expect(bill.lines.map(({ net }) => net)).toEqual(['3.33', '3.34', '3.33']);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 10_000_000 }), fc.integer({ min: 2, max: 40 }), (cents, of) => {
      const paid = (cents / 100).toFixed(2);
      const shares = Array.from({ length: of }, (_, i) => shareOfLot(paid, of, i + 1));
      expect(shares.reduce((sum, share) => sum + Math.round(100 * Number(share)), 0)).toBe(cents);
    }),
  );
});

test('what was worked at another bench is not charged here', () => {
  const state = caseOf([10, note], [20, note]);
  const elsewhere = state.entries.map((entry) => ({
    ...entry,
    event: {
      ...entry.event,
      recorded: { at: entry.event.at, by: 'Lead', person: eventId(9), imported: true as const },
    },
  }));
  expect(workTimes({ ...state, entries: elsewhere })).toEqual({ people: [], waitingMinutes: 20 });
});

test('a part is charged once, whether bought, fitted or both, and not once it went back', () => {
  const part = (way: 'bought' | 'fitted' | 'to-seller' | 'disposed', more = {}): readonly [number, EventBody] => [
    0,
    { kind: 'part-moved', way, name: 'Cooler', serial: 'K-1', price: '30', ...more },
  ];
  const net = (...parts: (readonly [number, EventBody])[]) => billOf(caseOf(...parts), rates).net;
  expect(net(part('fitted'))).toBe('30.00');
  expect(net(part('bought'), part('fitted'))).toBe('30.00');
  expect(net(part('bought'), part('fitted', { serial: 'K-2' }))).toBe('60.00');
  expect(net(part('bought'), part('to-seller'))).toBe('0.00');
  expect(net(part('disposed'))).toBe('0.00');
});

test('what is put on parts is rounded line by line', () => {
  const bill = billOf(caseOf([0, bought({ price: '33.33' })]), { ...rates, onPartsPercent: '12.5' });
  expect(bill.lines.at(-1)?.net).toBe('37.50');
});

/** Cents by whole numbers alone: written apart from the decimals of the bill. */
const halfUp = (numerator: bigint, denominator: bigint): bigint => {
  const twice = 2n * (numerator < 0n ? -numerator : numerator) + denominator;
  const rounded = twice / (2n * denominator);
  return numerator < 0n ? -rounded : rounded;
};

test('sums are right to the cent', () => {
  const line = fc.record({
    thousandths: fc.integer({ min: 1, max: 40_000 }),
    cents: fc.integer({ min: -50_000, max: 500_000 }),
  });
  fc.assert(
    fc.property(fc.array(line, { maxLength: 30 }), fc.integer({ min: 0, max: 3000 }), (lines, hundredthsOfPercent) => {
      const bill = totalOf(
        lines.map(({ thousandths, cents }) =>
          lineOf({
            kind: 'service',
            name: 'x',
            unit: '',
            quantity: (thousandths / 1000).toFixed(3),
            price: (cents / 100).toFixed(2),
          }),
        ),
        { taxPercent: (hundredthsOfPercent / 100).toFixed(2), deposits: [] },
      );
      const net = lines.reduce(
        (sum, { thousandths, cents }) => sum + halfUp(BigInt(thousandths) * BigInt(cents), 1000n),
        0n,
      );
      const tax = halfUp(net * BigInt(hundredthsOfPercent), 10_000n);
      expect([bill.net, bill.tax, bill.gross].map((text) => BigInt(text.replace('.', '')))).toEqual([
        net,
        tax,
        net + tax,
      ]);
    }),
    { numRuns: 300 },
  );
});

test('an estimate spans what the likely repairs cost, on top of what it comes to already', () => {
  const state = caseOf([5, { kind: 'trial-done', trial: 'start', outcome: 'dead' }]);
  const { low, likely, high, soFar } = estimateOf(state, diagnoseCase(state), rates);
  const figures = [soFar, low, likely, high].map(Number);
  expect(figures).toEqual(figures.toSorted((a, b) => a - b));
  expect(Number(high)).toBeGreaterThan(Number(low));
});

test.each([
  [undefined, '500.00', 'none'],
  [100, '89.99', 'within'],
  [100, '90.00', 'near'],
  [100, '100.00', 'near'],
  [100, '100.01', 'over'],
] as const)('with %s agreed, %s is %s', (spendingLimit, gross, expected) => {
  const state = caseOf();
  const opened = spendingLimit === undefined ? state.opened : { ...state.opened, spendingLimit };
  expect(standsToLimit({ ...state, opened }, { gross })).toBe(expected);
});

test('a part is estimated by the price list of the shop, and by its usual price where that says nothing', () => {
  const state = caseOf([1, { kind: 'trial-done', trial: 'measure/vsb/supply', outcome: 'absent', volts: 0 }]);
  const diagnosis = diagnoseCase(state);
  const high = (partPrices: Rates['partPrices']) => Number(estimateOf(state, diagnosis, { ...rates, partPrices }).high);
  expect(high({ supply: '70' })).toBe(high({}));
  // Of what is ahead, with 19 % tax, and up to 1.4 times as much.
  expect(high({ supply: '170' }) - high({})).toBeCloseTo(100 * 1.19 * 1.4, -1);
  expect(high({ card: '900' })).toBe(high({}));
});
