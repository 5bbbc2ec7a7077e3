import { distributionOf, isSignalled, START_OUTCOMES, startOutcomeIndex, steadyAfter } from '.';

const shows = distributionOf({ 'at-memory': 0.85, 'at-processor': 0.05, blank: 0.1 });
const at = (outcome: (typeof START_OUTCOMES)[number], last: (typeof START_OUTCOMES)[number]) =>
  steadyAfter(shows, startOutcomeIndex(last))[startOutcomeIndex(outcome)] ?? 0;

test.each(['at-processor', 'at-memory', 'blank'] as const)('once it has shown "%s" it mostly does so again', (last) => {
  expect(at(last, last)).toBeGreaterThan(0.8);
  expect(steadyAfter(shows, startOutcomeIndex(last)).reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 9);
});

test('the others keep their order among themselves', () => {
  expect(at('at-memory', 'at-processor') / at('blank', 'at-processor')).toBeCloseTo(8.5, 9);
});

test.each(['at-graphics', 'works', 'cuts-out'] as const)(
  'after "%s", which it cannot have shown, it shows what it ever did',
  (last) => expect(steadyAfter(shows, startOutcomeIndex(last))).toEqual(shows),
);

test('what no signal tells is not made steadier', () => {
  const either = distributionOf({ dark: 0.5, 'no-boot': 0.5 });
  expect(steadyAfter(either, startOutcomeIndex('dark'))).toEqual(either);
  expect(START_OUTCOMES.filter(isSignalled)).toEqual(['at-processor', 'at-memory', 'at-graphics', 'blank']);
});
