import fc from 'fast-check';
import {
  calibrationOf,
  cutOutsOf,
  efficiencyCurve,
  outputFromWall,
  phaseWatts,
  probabilityWithin,
  railDrop,
  railLimits,
  readTraceCsv,
  spreadOf,
  usualMeter,
  type WallReading,
} from '.';

/** What was measured: at the wall, and at the rails. */

test('output is wall times efficiency at that very load', () => {
  expect(outputFromWall(540, 600, efficiencyCurve(0.88, 0.88, 0.88, 0))).toEqual({
    low: expect.closeTo(475.2, 6),
    high: expect.closeTo(475.2, 6),
  });
  // Half way between 90 % at half load and 80 % at full load: 450 W of 600 W at 85 %.
  expect(outputFromWall(450 / 0.85, 600, efficiencyCurve(0.9, 0.9, 0.8, 0)).low).toBeCloseTo(450, 3);
});

test('more at the wall never means less output, and the low end never passes the high', () => {
  const watts = fc.double({ min: 0, max: 1500, noNaN: true });
  fc.assert(
    fc.property(watts, watts, fc.integer({ min: 200, max: 1600 }), (a, b, rating) => {
      const [less, more] = [Math.min(a, b), Math.max(a, b)].map((wall) => outputFromWall(wall, rating));
      expect(more?.low).toBeGreaterThanOrEqual((less?.low ?? 0) - 1e-6);
      expect(more?.high).toBeGreaterThanOrEqual(more?.low ?? 0);
    }),
  );
});

const trace: WallReading[] = [2, 2, 90, 92, 91, 240, 250, 245, 430, 0, 0, 88, 1].map((watts, seconds) => ({
  seconds,
  watts,
}));

test('phases have their middle and their most; a fall from work to nothing is a cut-out', () => {
  expect(
    phaseWatts(trace, [
      { phase: 'idle', fromSeconds: 2, toSeconds: 4 },
      { phase: 'processor-load', fromSeconds: 5, toSeconds: 7 },
      { phase: 'both', fromSeconds: 50, toSeconds: 60 },
    ]).map(({ median, most, readings }) => [median, most, readings]),
  ).toEqual([
    [91, 92, 3],
    [245, 250, 3],
  ]);
  expect(cutOutsOf(trace)).toEqual([
    { seconds: 9, watts: 430 },
    { seconds: 12, watts: 88 },
  ]);
  // An orderly end takes longer, and standby is no work.
  expect(
    cutOutsOf([
      { seconds: 0, watts: 90 },
      { seconds: 20, watts: 2 },
    ]),
  ).toEqual([]);
  expect(
    cutOutsOf([
      { seconds: 0, watts: 10 },
      { seconds: 1, watts: 2 },
    ]),
  ).toEqual([]);
});

test('measured over estimated is a range that holds both uncertainties', () => {
  expect(calibrationOf({ low: 300, high: 330 }, { low: 250, high: 300 })).toEqual({ low: 1, high: 1.32 });
  expect(calibrationOf({ low: 1, high: 2 }, { low: 0, high: 3 })).toBeNull();
});

test('a reading near a limit is within it with a probability, far from it surely', () => {
  const limits = railLimits(12);
  expect(limits).toEqual({ low: expect.closeTo(11.4), high: expect.closeTo(12.6) });
  expect(probabilityWithin(12.03, limits)).toBeGreaterThan(0.999999);
  expect(probabilityWithin(11.4, limits)).toBeCloseTo(0.5, 2);
  expect(probabilityWithin(11.31, limits)).toBeLessThan(0.05);
  expect(railLimits(-12)).toEqual({ low: expect.closeTo(-13.2), high: expect.closeTo(-10.8) });
  // A tolerance of one's own, as of an adapter with no load.
  expect(railLimits(19.5, 0.1).high).toBeCloseTo(21.45);
});

test('the meter counts in percent and in counts, and a worse one is less sure', () => {
  expect(spreadOf(12, usualMeter)).toBeCloseTo((0.06 + 0.02) / Math.sqrt(3), 9);
  const worse = { ...usualMeter, percent: 2 };
  expect(probabilityWithin(11.5, railLimits(12), worse)).toBeLessThan(probabilityWithin(11.5, railLimits(12)));
});

test('a drop under load is a resistance where the currents are known', () => {
  const drop = railDrop({ idleVolts: 12.08, loadVolts: 11.31 }, { idleAmps: 4, loadAmps: 26 });
  expect(drop.volts).toBeCloseTo(0.77);
  expect(drop.sourceOhms).toBeCloseTo(0.035);
  expect(drop.uncertaintyVolts).toBeGreaterThan(0.1);
  expect(railDrop({ idleVolts: 5, loadVolts: 4.9 }).sourceOhms).toBeNull();
});

test.each([
  ['with a head', 'time,watts\n0,2\n1,90\n'],
  ['without a head', '0,2\n1,90\n'],
  ['with semicolons, commas for points, and a unit', 'Seconds;Power\n0;2,0\n1;90,0 W\n'],
  ['by the clock', 'time,watts\n10:00:00,2\n10:00:01,90\n'],
  ['by date and time', 'date,watts\n2026-01-05T10:00:00Z,2\n2026-01-05T10:00:01Z,90\n'],
])('a trace is read %s', (_name, text) => {
  expect(readTraceCsv(text)).toEqual({
    ok: true,
    trace: [
      { seconds: 0, watts: 2 },
      { seconds: 1, watts: 90 },
    ],
  });
});

test.each([
  ['time,watts\n0,2\n1,-90\n', 3, 'watts'],
  ['time,watts\n0,2\n1,NaN\n', 3, 'watts'],
  ['time,watts\nnoon,2\n', 2, 'time'],
  ['time,watts\n5,2\n4,3\n', 3, 'time'],
  ['time,volts\n0,12\n', 1, 'watts'],
  ['time,watts\n', 1, ''],
  ['', 1, ''],
])('%j is refused at its row', (text, row, column) => {
  const read = readTraceCsv(text);
  expect(read).toMatchObject({ ok: false, problems: [{ row, column }] });
});
