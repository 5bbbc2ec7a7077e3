import { createCaseDiagnoser } from '../../casework';
import { desktopWithLights as desktop, diagnosisOf, stateOf, type BriefLog } from '../../casework/testing-log';
import { createDiagnoser } from '../diagnose';
import { STRATEGIES } from './strategies';

const dead: BriefLog = { machine: desktop, reported: 'dead', trials: [['start', 'dead']] };

function pricesOf(log: BriefLog) {
  const diagnose = createCaseDiagnoser();
  diagnose(stateOf(log));
  return diagnose.strategyPrices();
}
const priceOf = (log: BriefLog, strategy: string) => pricesOf(log).find((price) => price.strategy === strategy);

test('every strategy has its price over best value, and none is less', () => {
  const prices = pricesOf(dead);
  expect(prices.map(({ strategy }) => strategy)).toEqual(STRATEGIES);
  expect(prices[0]).toMatchObject({ strategy: 'best-value', extraMinutes: 0 });
  for (const { extraMinutes, minutes } of prices) {
    expect(extraMinutes).toBeGreaterThanOrEqual(0);
    expect(minutes).toBeGreaterThan(0);
  }
});

test('swapping first costs more than best value on a dead machine', () => {
  expect(priceOf(dead, 'swap-first')?.extraMinutes).toBeGreaterThan(3);
});

test.each<[string, BriefLog, RegExp]>([
  ['outside-in', dead, /^look\/(outlet-lamp|strip-switch)/],
  ['strip-down', { ...dead, reported: 'twitch', trials: [['start', 'twitch']] }, /^minimal-in-case$/],
  ['build-up', { ...dead, reported: 'twitch', trials: [['start', 'twitch']] }, /^(minimal-on-bench|build\/)/],
  ['signal-led', { ...dead, reported: 'at-memory', trials: [['start', 'at-memory']] }, /(module|slot|memory|training)/],
  ['swap-first', dead, /^spare\//],
])('%s begins as its strategy does', (strategy, log, trial) => {
  expect(priceOf(log, strategy)?.next?.trial).toMatch(trial);
});

test('a build-up goes on with the next step, whatever a later one would tell', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'at-memory'],
    ['build/processor', 'at-memory'],
  ];
  const log: BriefLog = { ...dead, reported: 'at-memory', trials };
  expect(priceOf(log, 'build-up')?.next?.trial).toBe('build/memory');
});

test('the signals of a start lead, and not the outcome that was pressed without looking at them', () => {
  const light = { light: { stage: 'memory', stays: true } } as const;
  const log: BriefLog = { ...dead, reported: 'blank', trials: [['start', 'blank', light]] };
  expect(priceOf(log, 'signal-led')?.next?.trial).toMatch(/(module|slot|memory|training)/);
});

test('the strategy of a case decides what is proposed, and repairs that are sure come first whatever the strategy', () => {
  const { machine, steps, configuration, caseOpen } = stateOf(dead);
  const input = { machine, circumstances: [], steps, configuration, caseOpen, strategy: 'swap-first' } as const;
  const { advice, alternatives } = createDiagnoser()(input);
  expect(advice.trial?.id).toMatch(/^spare\//);
  // The others stand in the same order, with those without information at the end.
  expect(alternatives.slice(0, 3).every(({ spares }) => spares.length > 0)).toBe(true);
  expect(alternatives.at(-1)?.bits).toBe(0);
  const found = diagnosisOf({ ...dead, trials: [...(dead.trials ?? []), ['look/rocker/supply', 'at-o']] });
  expect(found.advice.trial?.id).toBe('fix/set-rocker@supply');
});

test('a trial that lacks its tool or spare is not proposed but still listed, with what it lacks', () => {
  const { machine, steps, configuration, caseOpen } = stateOf(dead);
  const input = { machine, circumstances: [], steps, configuration, caseOpen };
  const lacking = { tools: ['meter', 'screwdriver'], spares: ['supply', 'cord', 'case-switch', 'board'] };
  const diagnosis = createDiagnoser()({ ...input, lacking });
  const needs = (trial: { tools: readonly string[]; spares: readonly string[] }) =>
    [...trial.tools, ...trial.spares].some((need) => [...lacking.tools, ...lacking.spares].includes(need));
  expect(diagnosis.advice.trial && needs(diagnosis.advice.trial)).toBe(false);
  expect(diagnosis.alternatives.find(({ id }) => id === 'spare/supply')?.lacks).toEqual(['spare supply']);
  expect(diagnosis.alternatives.find(({ id }) => id === 'bridge-pins')?.lacks).toEqual(['screwdriver']);
});
