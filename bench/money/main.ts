import { performance } from 'node:perf_hooks';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { lineOf, totalOf } from '../../src/core/money';

/** Sums of random bills against whole cents: npm run bench:money. */
const bills = 100_000;

const random = xoroshiro128plus(20_260_105);
const below = (limit: number): number => Math.floor(uniformFloat64(random) * limit);

/** Halves away from zero, by whole numbers alone. */
function halfUp(numerator: bigint, denominator: bigint): bigint {
  const size = numerator < 0n ? -numerator : numerator;
  const rounded = (2n * size + denominator) / (2n * denominator);
  return numerator < 0n ? -rounded : rounded;
}

const inCents = (amount: string): bigint => BigInt(amount.replace('.', ''));

let wrong = 0;
const startedAt = performance.now();
for (let n = 0; n < bills; n++) {
  const rows = Array.from({ length: 1 + below(25) }, () => ({
    thousandths: 1 + below(40_000),
    cents: below(900_000) - 90_000,
  }));
  const [percent, deposit] = [below(3000), below(50_000)];
  const bill = totalOf(
    rows.map(({ thousandths, cents }) =>
      lineOf({
        kind: 'service',
        name: 'line',
        unit: '',
        quantity: (thousandths / 1000).toFixed(3),
        price: (cents / 100).toFixed(2),
      }),
    ),
    { taxPercent: (percent / 100).toFixed(2), deposits: [(deposit / 100).toFixed(2)] },
  );
  const net = rows.reduce(
    (sum, { thousandths, cents }) => sum + halfUp(BigInt(thousandths) * BigInt(cents), 1000n),
    0n,
  );
  const tax = halfUp(net * BigInt(percent), 10_000n);
  const expected = [net, tax, net + tax, net + tax - BigInt(deposit)];
  const found = [bill.net, bill.tax, bill.gross, bill.due].map(inCents);
  if (expected.some((cents, i) => cents !== found[i])) wrong += 1;
}
const seconds = (performance.now() - startedAt) / 1000;
console.log(`${bills} bills, ${wrong} wrong to the cent, ${seconds.toFixed(1)} s`);
process.exitCode = wrong === 0 ? 0 : 1;
