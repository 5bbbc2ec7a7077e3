import { inputOf } from '../casework';
import { desktopWithLights, diagnosisOf, stateOf, type BriefLog } from '../casework/testing-log';
import { exportModel } from './export-model';

const log: BriefLog = {
  reported: 'dead',
  trials: [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-i'],
  ],
};
const input = inputOf(stateOf(log));

test('priors, posteriors and the outcomes of every trial sum to 1', () => {
  const { hypotheses, trials } = exportModel(input);
  const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
  expect(sum(hypotheses.map(({ prior }) => prior))).toBeCloseTo(1, 9);
  expect(sum(hypotheses.map(({ posterior }) => posterior))).toBeCloseTo(1, 9);
  expect(trials.length).toBeGreaterThan(80);
  for (const { outcomes, probabilities } of trials) {
    expect(probabilities).toHaveLength(hypotheses.length);
    for (const row of probabilities) {
      expect(row).toHaveLength(outcomes.length);
      expect(Math.abs(sum(row) - 1)).toBeLessThan(1e-9);
    }
  }
});

test('one more outcome weighed with the exported numbers gives what the engine says', () => {
  const { hypotheses, trials } = exportModel(input, { maxFaults: 2 });
  const lamp = trials.find(({ id }) => id === 'look/outlet-lamp/outlet');
  if (!lamp) throw new Error('expected the trial');
  const seen = lamp.outcomes.indexOf('dark');
  const weights = hypotheses.map(({ posterior }, h) => posterior * (lamp.probabilities[h]?.[seen] ?? 0));
  const total = weights.reduce((a, b) => a + b, 0);
  const outlet = hypotheses.reduce(
    (sum, { faults }, h) => (faults.includes('outlet-dead@outlet') ? sum + (weights[h] ?? 0) / total : sum),
    0,
  );
  const { suspects } = diagnosisOf({ ...log, trials: [...(log.trials ?? []), ['look/outlet-lamp/outlet', 'dark']] });
  expect(suspects.find(({ fault }) => fault === 'outlet-dead@outlet')?.probability).toBeCloseTo(outlet, 9);
});

test('so it does after lights have named a stage, which they will name again', () => {
  const stuck: BriefLog = {
    machine: desktopWithLights,
    reported: 'at-processor',
    trials: [['start', 'at-processor']],
  };
  const { hypotheses, trials } = exportModel(inputOf(stateOf(stuck)), { maxFaults: 2 });
  const swap = trials.find(({ id }) => id === 'out/front-usb');
  const seen = swap?.outcomes.indexOf('at-processor') ?? -1;
  const weights = hypotheses.map(({ posterior }, h) => posterior * (swap?.probabilities[h]?.[seen] ?? 0));
  const total = weights.reduce((a, b) => a + b, 0);
  const dead = (sum: number, { faults }: (typeof hypotheses)[number], h: number) =>
    faults.includes('module-dead@module-1') ? sum + (weights[h] ?? 0) / total : sum;
  const { suspects } = diagnosisOf({
    ...stuck,
    trials: [
      ['start', 'at-processor'],
      ['out/front-usb', 'at-processor'],
    ],
  });
  const said = suspects.find(({ fault }) => fault === 'module-dead@module-1')?.probability;
  // What the handling cures on the way is not in the exported numbers.
  expect(said).toBeCloseTo(hypotheses.reduce(dead, 0), 7);
});
