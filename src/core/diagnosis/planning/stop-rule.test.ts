import { diagnosisOf, type BriefLog } from '../../casework/testing-log';
import { costOfRepair, expectedRepairCost, usualCosts } from './costs';
import { cheapestTest, costsInOrder, expectedCostAfter } from './stop-rule';
import { entrySurprise, rarityOf, surpriseOf } from '../belief/surprise';

const money = { ratePerHour: 60, partDelay: 10 };

test('repairs are tried in falling order of probability over cost', () => {
  expect(expectedRepairCost([0.5, 0.5], [10, 10])).toBe(15);
  // First the cheap one: 1 + 0.4 × 100; the other way round it would be 100 + 0.6 × 1.
  expect(expectedRepairCost([0.6, 0.4], [1, 100])).toBeCloseTo(41, 9);
  expect(expectedRepairCost([1, 1], [0, 10])).toBe(5);
});

test('a part costs its price, its labour and the wait for it', () => {
  expect(costOfRepair({ minutes: 14, price: 70 }, money)).toBe(15 + 70 + 10);
  expect(costOfRepair({ minutes: 2, price: 0 }, money)).toBe(3);
});

const joint = (entries: number[][]) => ({
  width: entries[0]?.length ?? 0,
  classes: entries.length,
  entries: Float64Array.from(entries.flat()),
  floors: new Float64Array(entries.length),
});

test('a test that decides everything saves the failed repairs, one without information saves nothing', () => {
  const costs = Float64Array.of(10, 30);
  const costNow = expectedRepairCost([0.5, 0.5], costs);
  const inOrder = costsInOrder([0.5, 0.5], costs);
  expect(
    expectedCostAfter(
      joint([
        [0.5, 0],
        [0, 0.5],
      ]),
      inOrder,
      costNow,
    ),
  ).toBeCloseTo(20, 9);
  expect(
    expectedCostAfter(
      joint([
        [0.25, 0.25],
        [0.25, 0.25],
      ]),
      inOrder,
      costNow,
    ),
  ).toBeCloseTo(costNow, 9);
  const tests = [
    {
      minutes: 2,
      joint: () =>
        joint([
          [0.25, 0.25],
          [0.25, 0.25],
        ]),
    },
    {
      minutes: 2,
      joint: () =>
        joint([
          [0.5, 0],
          [0, 0.5],
        ]),
    },
  ];
  expect(cheapestTest(tests, { inOrder, costNow, money })).toEqual({ index: 1, cost: 22 });
  expect(cheapestTest([], { inOrder, costNow, money })).toBeNull();
});

const desktop: NonNullable<BriefLog['machine']> = {
  parts: [{ id: 'drive', kind: 'drive' }],
  board: { stageLights: true },
};

test('with much open one more test pays; with the cause seen it is repaired', () => {
  const open = diagnosisOf({ machine: desktop, reported: 'dead', trials: [['start', 'dead']] }).stopRule;
  expect(open.saves).toBeGreaterThan(0);
  expect(open.savesMinutes).toBeCloseTo((open.saves / usualCosts.ratePerHour) * 60, 9);
  const seen = diagnosisOf({
    machine: desktop,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
    ],
  });
  expect(seen.advice.kind).toBe('repair');
});

test('the surprise of an entry is its improbability, against the mean over what it could have shown', () => {
  expect(entrySurprise([0.5, 0.5], 0)).toEqual({ bits: 1, meanBits: 1, variance: 0 });
  const rare = entrySurprise([0.99, 0.01], 1);
  expect(rare.bits).toBeGreaterThan(6);
  expect(rare.meanBits).toBeLessThan(0.1);
});

test('a log that fits is not unusual, one that contradicts itself is', () => {
  const usual = diagnosisOf({
    machine: desktop,
    reported: 'no-boot',
    trials: [
      ['start', 'no-boot'],
      ['look/drive-leads/drive', 'loose'],
      ['fix/plug-drive@drive', 'works'],
    ],
  });
  expect(usual.surprise.isUnusual).toBe(false);
  const odd = diagnosisOf({
    machine: desktop,
    reported: 'no-boot',
    trials: [
      ['start', 'no-boot'],
      ['look/standby-light/board', 'dark'],
      ['look/rocker/supply', 'at-o'],
      ['look/outlet-lamp/outlet', 'dark'],
      ['start', 'message-fan'],
    ],
  });
  expect(odd.surprise.isUnusual).toBe(true);
  expect(odd.surprise.bits).toBeGreaterThan(odd.surprise.usualBits + 8);
  expect(surpriseOf([])).toMatchObject({ bits: 0, isUnusual: false });
});

test('a rare cause that explains the record makes it improbable, and not unusual', () => {
  const { suspects, surprise } = diagnosisOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'drive', kind: 'drive' },
      ],
      builtInGraphics: true,
    },
    reported: 'dark',
    trials: [
      ['start', 'dark'],
      ['look/monitor-words/monitor', 'asleep'],
    ],
  });
  expect(suspects[0]?.fault).toBe('monitor-asleep@monitor');
  expect(surprise.bits).toBeGreaterThan(surprise.usualBits + 8);
  expect(surprise.isUnusual).toBe(false);
  expect(rarityOf(Float64Array.of(0.25, 0.75), Float64Array.of(1, 0))).toBe(2);
  expect(rarityOf(Float64Array.of(0.25, 0.75), Float64Array.of(0.4, 0.4))).toBe(0);
});
