import fc from 'fast-check';
import { entropyBits, informationBits } from './information';

test('a fair coin is one bit, a certainty none', () => {
  expect(entropyBits([0.5, 0.5])).toBe(1);
  expect(entropyBits([1, 0])).toBe(0);
});

test('an outcome that names the class gives its whole entropy, an outcome that ignores it nothing', () => {
  expect(
    informationBits([
      [0.5, 0],
      [0, 0.5],
    ]),
  ).toBeCloseTo(1, 12);
  expect(
    informationBits([
      [0.15, 0.35],
      [0.15, 0.35],
    ]),
  ).toBeCloseTo(0, 12);
});

test('a trial with one possible outcome is worth nothing', () => {
  expect(informationBits([[0.2], [0.5], [0.3]])).toBe(0);
});

test('information is never negative and never above the entropy of the classes', () => {
  const rows = fc.array(fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 3, maxLength: 3 }), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(rows, (weights) => {
      const total = weights.flat().reduce((a, b) => a + b, 0);
      fc.pre(total > 1e-6);
      const joint = weights.map((row) => row.map((w) => w / total));
      const classes = joint.map((row) => row.reduce((a, b) => a + b, 0));
      const bits = informationBits(joint);
      expect(bits).toBeGreaterThanOrEqual(0);
      expect(bits).toBeLessThanOrEqual(entropyBits(classes) + 1e-9);
    }),
  );
});
