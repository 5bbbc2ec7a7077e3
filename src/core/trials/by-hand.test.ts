import { desktopWithLights, stateOf } from '../casework/testing-log';
import { byHand, findTrial, setUpMinutes } from '.';

const { machine, configuration } = stateOf({ machine: desktopWithLights });

test.each(['out/drive', 'out/card', 'spare/module-1', 'spare/supply'])(
  'what is moved by hand as in %s has the same cautions and minutes',
  (id) => {
    const trial = findTrial(machine, configuration, id);
    if (!trial) throw new Error(`expected the trial ${id}`);
    const own = byHand(machine, trial.changes, { caseOpen: false });
    expect([...own.cautions].sort()).toEqual([...trial.cautions].sort());
    expect(own.minutes).toBe(setUpMinutes(machine, trial, { caseOpen: false }));
  },
);

test('the board on the bench is safe to move only with the cord out; nothing moved asks for nothing', () => {
  const onBench = byHand(machine, [{ kind: 'surface', to: 'bench' }], { caseOpen: true });
  expect(onBench.cautions).toEqual(['unplug', 'static']);
  expect(byHand(machine, [], { caseOpen: false })).toEqual({ cautions: [], minutes: 0 });
});
