import { desktopWithLights, diagnosisOf } from '../casework/testing-log';

test('a switch that is soldered to the board has no lead to be off, is bridged at its legs, and is exchanged with an iron', () => {
  const soldered = { ...desktopWithLights, board: { ...desktopWithLights.board, switchOnBoard: true } };
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
