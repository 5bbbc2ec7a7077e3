import { applyChanges } from '../../machine';
import { inputOf } from '../../casework';
import { stateOf, type BriefLog } from '../../casework/testing-log';
import { misreadProbabilityOf } from '../../trials';
import { expectOutcomes } from '../model/expect-outcomes';
import { NONE } from '../model/hypothesis-space';
import { informationBits } from './information';
import { analyseCase } from '../analysis';

const log: BriefLog = {
  machine: { parts: [{ id: 'front-usb', kind: 'front-usb' }], board: { stageLights: true } },
  reported: 'twitch',
  trials: [['start', 'twitch']],
};
const state = stateOf(log);
const { known, plan } = analyseCase(inputOf(state), null);

/** Information about the repair class by the plain model, hypothesis by hypothesis. */
function plainBits(trialId: string): number {
  const trial = plan.proposals.find((proposal) => proposal.trial.id === trialId)?.trial;
  if (!trial) throw new Error(`expected the trial ${trialId}`);
  const { machine } = state;
  const configuration = applyChanges(state.configuration, trial.changes);
  const { variants, first, second } = known.space;
  const rows = new Map<string, Float64Array>();
  known.belief.probabilities.forEach((probability, h) => {
    const present = [first[h] ?? 0, second[h] ?? NONE].flatMap((v) => (v === NONE ? [] : [variants[v]?.present]));
    const faults = present.filter((one) => one !== undefined);
    const probabilities = expectOutcomes(trial, { machine, configuration }, faults, misreadProbabilityOf(trial));
    const id = faults[0]?.fault.repairClass.id ?? '';
    const row = rows.get(id) ?? new Float64Array(probabilities.length);
    probabilities.forEach((likelihood, o) => (row[o] = (row[o] ?? 0) + probability * likelihood));
    rows.set(id, row);
  });
  return informationBits([...rows.values()]);
}

test.each(['look/power-plugs/board', 'measure/vsb/supply', 'out/front-usb', 'bridge-pins', 'look/standby-light/board'])(
  'what %s would forecastTrial is what a plain enumeration says',
  (id) => {
    const bits = plan.proposals.find(({ trial }) => trial.id === id)?.bits ?? 0;
    expect(bits).toBeGreaterThan(0);
    expect(Math.abs(bits - plainBits(id))).toBeLessThan(0.01);
  },
);

test('proposals stand in the order of information a minute, what commits or is known last', () => {
  const rates = plan.proposals.map(({ bits, minutes }) => bits / minutes);
  expect([...rates].sort((a, b) => b - a)).toEqual(rates);
  for (const { trial, bits } of plan.proposals) if (trial.commits) expect(bits).toBe(0);
  expect(plan.proposals.find(({ trial }) => trial.id === 'start')?.bits).toBeLessThan(0.3);
});
