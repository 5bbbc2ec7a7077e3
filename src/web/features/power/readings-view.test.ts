import type { TakenReading } from '../../../core/casework';
import { assessPower, planOf, type MeasuredQuantity, type PowerSheet, type RailLoad } from '../../../core/power';
import { dropInWords, loadsRead, readingRows } from './readings-view';

const sheet: PowerSheet = {
  consumers: [{ kind: 'processor', baseWatts: 65, boostWatts: 120 }],
  supply: { watts: 430, v12Amps: [30] },
};
const { budget } = assessPower(planOf(sheet));
let next = 0;
const taken = (quantity: MeasuredQuantity, load: RailLoad, value: number): TakenReading => ({
  id: String(next++),
  at: '2026-01-05T10:00:00Z',
  quantity,
  load,
  value,
  accuracy: null,
  meter: null,
});
const rowsOf = (...readings: TakenReading[]) => readingRows(readings, { sheet, budget });

test('the last reading at each load counts; the drop between idle and load is told with its source', () => {
  const [row] = rowsOf(taken('v12', 'idle', 11.9), taken('v12', 'idle', 12.08), taken('v12', 'load', 11.31));
  expect(row?.at.idle?.value).toBe(12.08);
  expect(row?.verdict).toMatch(/^low, (over )?9\d % sure$/);
  expect(row?.drop?.volts).toBeCloseTo(0.77, 6);
  expect(row?.drop && dropInWords(row.drop)).toMatch(/^drop 0\.77 ± 0\.\d\d V, \d+ mΩ of source$/);
});

test.each([
  ['v12', 'idle', 12.08, 'within', false],
  ['v12', 'idle', 11.41, /^within, \d\d % sure$/, false],
  ['v12-negative', 'idle', -11.9, 'within', false],
  ['v12-negative', 'idle', -10.2, /^low/, true],
  ['ripple-12', 'load', 0.2, /^high/, true],
  ['power-good', 'idle', 240, 'within', false],
  ['power-good', 'idle', 620, /^high/, true],
  ['adapter', 'no-load', -19, 'reversed: the outside is positive', true],
] as const)('%s %s of %d is %s', (quantity, load, value, verdict, isOut) => {
  const [row] = rowsOf(taken(quantity, load, value));
  expect(row?.verdict).toMatch(verdict);
  expect(row?.isOut).toBe(isOut);
});

test('an adapter is judged by its label, and columns stand for loads that were read', () => {
  const own: PowerSheet = { ...sheet, supply: { adapterVolts: 12, adapterAmps: 5 } };
  const rows = readingRows([taken('adapter', 'no-load', 12.1)], { sheet: own, budget });
  expect(rows[0]?.verdict).toBe('within');
  expect(loadsRead(rowsOf(taken('v12', 'load', 12), taken('vsb', 'standby', 5)))).toEqual(['standby', 'load']);
});

test('a current is held against the label, and read at idle and load it makes the source resistance', () => {
  const [volts, amps] = rowsOf(
    taken('v12', 'idle', 12.1),
    taken('v12', 'load', 11.7),
    taken('amps-12', 'idle', 4),
    taken('amps-12', 'load', 24),
  );
  expect([amps?.facts.limits.high, amps?.verdict, amps?.drop]).toEqual([30, 'within', null]);
  expect(volts?.drop?.sourceOhms).toBeCloseTo(0.4 / 20, 9);
  expect(rowsOf(taken('amps-12', 'load', 34))[0]?.verdict).toMatch(/^high/);
  expect(rowsOf(taken('amps-5', 'load', 9))[0]?.verdict).toBe('');
});
