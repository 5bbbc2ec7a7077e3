import { desktopWithLights, diagnosisOf, stateOf } from '../casework/testing-log';
import { asFound, movesOf } from '../machine';
import { procedureOf } from '../procedures';
import { findTrial } from '../trials';

const soldered = { ...desktopWithLights, board: { ...desktopWithLights.board, switchOnBoard: true } };

test('a switch that is soldered to the board has no lead to be off, is bridged at its legs, and is exchanged with an iron', () => {
  const bridged = diagnosisOf({
    machine: soldered,
    trials: [
      ['start', 'dead'],
      ['look/rear-usb-power/board', 'lit'],
      ['bridge-pins', 'works'],
      ['look/switch-feel/case-switch', 'limp'],
    ],
  });
  const ids = bridged.suspects.map(({ fault }) => fault);
  for (const mode of ['switch-on-wrong-pins', 'switch-lead-off', 'switch-leads-swapped'])
    expect(ids).not.toContain(`${mode}@case-switch`);
  expect(bridged.suspects[0]?.repair.id).toBe('solder-switch@case-switch');
  const asked = [bridged.advice.trial, ...bridged.alternatives].map((trial) => trial?.id);
  expect(asked).not.toContain('spare/case-switch');
  expect(asked).not.toContain('look/front-header/case-switch');
  const before = diagnosisOf({ machine: soldered, trials: [['start', 'dead']] });
  expect(before.alternatives.find(({ id }) => id === 'bridge-pins')?.title).toBe('Bridge the two legs of the switch');
});

test('with another board in it goes with its own: a start by the button then says nothing for it', () => {
  const shareOf = (machine: typeof desktopWithLights) =>
    diagnosisOf({
      machine,
      trials: [
        ['start', 'dead'],
        ['look/rear-usb-power/board', 'lit'],
        ['spare/board', 'works'],
      ],
    }).parts['case-switch'] ?? 0;
  expect(shareOf(soldered)).toBeGreaterThan(0.4);
  expect(shareOf(desktopWithLights)).toBeLessThan(0.1);
});

test('nobody takes it off by hand, and no step speaks of its header or lead', () => {
  const state = stateOf({ machine: soldered });
  const { machine } = state;
  const own = machine.parts.find(({ kind }) => kind === 'case-switch');
  expect(own && movesOf(machine, asFound, own)).toEqual([]);
  const stepsOf = (id: string) => {
    const trial = findTrial(machine, asFound, id);
    if (!trial) throw new Error(`expected the trial ${id}`);
    const movements = procedureOf(state, id, null)?.movements ?? [];
    return [...trial.steps, ...movements.map(({ text }) => text)].join(' ');
  };
  for (const id of [
    'bridge-pins',
    'on-bench',
    'minimal-on-bench',
    'fix/clean-switch@case-switch',
    'fix/solder-switch@case-switch',
  ])
    expect(stepsOf(id)).not.toMatch(/front header|switch pins/);
});
