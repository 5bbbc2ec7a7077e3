import { applyChanges, asFound } from '../../machine';
import { inputOf } from '../../casework';
import { stateOf, type BriefLog } from '../../casework/testing-log';
import { misreadProbabilityOf, trialsFor } from '../../trials';
import { applySteps, compileStep } from '../belief/belief';
import { informationBits } from './information';
import { forecastTrial, type JointProbabilities } from './joint-probabilities';
import { createOutcomeModelCache } from '../model/outcome-model-cache';
import { actingFaults, actingFinder } from '../model/outcome-model';
import { decidedOutcomes } from '../belief/predict';
import { analyseCase } from '../analysis';

const log: BriefLog = {
  machine: {
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'card', kind: 'card' },
      { id: 'front-usb', kind: 'front-usb' },
    ],
    board: { stageLights: true },
    builtInGraphics: true,
  },
  reported: 'twitch',
  trials: [
    ['start', 'twitch'],
    ['fix/push-power-plugs@board', 'twitch'],
  ],
};
const state = stateOf(log);
const { known, plan } = analyseCase(inputOf(state), null);
const { space, belief, book } = known;

const joint = (rows: number[][]): JointProbabilities => ({
  width: rows[0]?.length ?? 0,
  classes: rows.length,
  entries: Float64Array.from(rows.flat()),
  floors: new Float64Array(rows.length),
});

test('a trial with one possible outcome is worth nothing, one that splits in half is worth one bit', () => {
  expect(forecastTrial(joint([[0.4], [0.6]])).bits).toBeCloseTo(0, 12);
  expect(
    forecastTrial(
      joint([
        [0.5, 0],
        [0, 0.5],
      ]),
    ).bits,
  ).toBeCloseTo(1, 12);
});

test('what is forecast is the information of the joint probabilities, and who leads after each outcome', () => {
  const rows = [
    [0.2, 0.1, 0],
    [0.05, 0.3, 0.05],
    [0.1, 0.1, 0.1],
  ];
  const forecast = forecastTrial(joint(rows));
  expect(forecast.bits).toBeCloseTo(informationBits(rows), 12);
  expect([...forecast.leaders]).toEqual([0, 1, 2]);
  expect(forecast.leads[1]).toBeCloseTo(0.3 / 0.5, 12);
});

test('rows in which nothing is decided are read as one, and tell the same', () => {
  const rows = [
    [0.1, 0.05, 0.05],
    [0.3, 0, 0.1],
    [0.2, 0.1, 0.1],
  ];
  const all = joint(rows);
  const short = forecastTrial({ ...all, told: Uint8Array.from([0, 1, 0]) });
  expect(short.bits).toBeCloseTo(forecastTrial(all).bits, 12);
  expect([...short.leaders]).toEqual([...forecastTrial(all).leaders]);
  short.leads.forEach((lead, o) => expect(lead).toBeCloseTo(forecastTrial(all).leads[o] ?? 0, 12));
});

test.each(
  plan.proposals.filter(({ forecast }) => forecast !== null).map((proposal) => [proposal.trial.id, proposal] as const),
)('plan and belief forecast the same of %s, computed from classes and from hypotheses', (_id, { trial, forecast }) => {
  const step = {
    id: 'next',
    trial,
    configuration: applyChanges(state.configuration, trial.changes),
    handling: trial.handling,
    outcome: trial.outcomes[0]?.id ?? '',
    volts: null,
    misreadProbability: misreadProbabilityOf(trial),
  };
  const compiled = compileStep(space, step, book);
  const [tally] = applySteps(belief, space, [compiled]).tallies;
  if (!tally || !compiled.forecast) throw new Error('expected a forecast');
  const probabilities = decidedOutcomes(space, compiled.forecast, tally.decides, misreadProbabilityOf(trial));
  trial.outcomes.forEach((_, o) =>
    expect(Math.abs((forecast?.probabilities[o] ?? 0) - (probabilities[o] ?? 0))).toBeLessThan(0.01),
  );
  expect(probabilities.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
});

test('several steps at once give what they give one after the other', () => {
  const compiled = known.steps.map((step) => compileStep(space, step, createOutcomeModelCache(state.machine, space)));
  const start = analyseCase({ ...inputOf(state), steps: [] }, null).known.belief;
  const together = applySteps(start, space, compiled).belief;
  const apart = compiled.reduce((before, step) => applySteps(before, space, [step]).belief, start);
  expect(together.probabilities).toEqual(apart.probabilities);
  expect(together.logEvidence).toBeCloseTo(apart.logEvidence, 12);
});

test('what acts in a changed machine is the same computed from the machine as found and again', () => {
  const { machine } = state;
  const { faults } = space;
  const actsIn = actingFinder(faults, machine);
  for (const { changes } of trialsFor(machine, asFound)) {
    const configuration = applyChanges(asFound, changes);
    expect(actsIn(configuration)).toEqual(actingFaults(faults, machine, configuration));
  }
});
