import fc from 'fast-check';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { meanOfRanges, probabilityAbove, quantileOf, sumOfRanges, type WattsRange } from '.';

/** Sums of ranges against dice, and what must hold of every sum. */

const range = (low: number, high: number): WattsRange => ({ low, high });
const machine = [range(85, 150), range(200, 400), range(25, 50), range(4, 10), range(20, 25), range(3, 6), range(4, 4)];

test('a sum agrees with a million throws of dice to half a percent', () => {
  const generator = xoroshiro128plus(7);
  const throws = Float64Array.from({ length: 200_000 }, () =>
    machine.reduce((sum, { low, high }) => sum + low + (high - low) * uniformFloat64(generator), 0),
  ).sort();
  const sum = sumOfRanges(machine);
  for (const probability of [0.025, 0.25, 0.5, 0.75, 0.975]) {
    const thrown = throws[Math.floor(probability * throws.length)] ?? 0;
    expect(Math.abs(quantileOf(sum, probability) / thrown - 1)).toBeLessThan(0.005);
  }
  for (const limit of [400, 480, 560]) {
    const share = throws.filter((watts) => watts > limit).length / throws.length;
    expect(Math.abs(probabilityAbove(sum, limit) - share)).toBeLessThan(0.005);
  }
  expect(quantileOf(sum, 0.5)).toBeCloseTo(meanOfRanges(machine), 0);
});

test('what is sure stays sure', () => {
  const sum = sumOfRanges([range(10, 10), range(5, 5)]);
  expect([quantileOf(sum, 0.1), quantileOf(sum, 0.9)]).toEqual([15, 15]);
  expect([probabilityAbove(sum, 14), probabilityAbove(sum, 15)]).toEqual([1, 0]);
  expect(quantileOf(sumOfRanges([range(10, 20), range(5, 5)]), 0.5)).toBeCloseTo(20, 6);
});

/** Watts to the tenth, as figures are. */
const tenths = fc.integer({ min: 0, max: 3000 }).map((n) => n / 10);
const anyRange = fc.tuple(tenths, tenths).map(([a, b]) => range(Math.min(a, b), Math.max(a, b)));
const ranges = fc.array(anyRange, { minLength: 1, maxLength: 8 });

test('more draw never lowers the load, and never the chance to pass a limit', () => {
  fc.assert(
    fc.property(ranges, anyRange, fc.double({ min: 0, max: 2000, noNaN: true }), (some, more, limit) => {
      const [before, after] = [sumOfRanges(some), sumOfRanges([...some, more])];
      const slack = after.step + before.step + 1e-9;
      for (const p of [0.05, 0.5, 0.95])
        expect(quantileOf(after, p)).toBeGreaterThanOrEqual(quantileOf(before, p) - slack);
      expect(probabilityAbove(after, limit)).toBeGreaterThanOrEqual(probabilityAbove(before, limit) - 0.002);
    }),
    { numRuns: 200 },
  );
});

test('a wider range never narrows the result', () => {
  fc.assert(
    fc.property(ranges, fc.nat(7), fc.double({ min: 1, max: 100, noNaN: true }), (some, at, by) => {
      const index = at % some.length;
      const wider = some.map((one, i) => (i === index ? range(Math.max(0, one.low - by), one.high + by) : one));
      const width = (of: readonly WattsRange[]) => {
        const sum = sumOfRanges(of);
        return quantileOf(sum, 0.975) - quantileOf(sum, 0.025);
      };
      expect(width(wider)).toBeGreaterThanOrEqual(width(some) - 0.5);
    }),
    { numRuns: 200 },
  );
});
