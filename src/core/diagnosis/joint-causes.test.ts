import { FAULT_MODES, JOINT_CAUSES } from '../faults';
import { desktopWithLights, diagnosisOf, stateOf, type BriefLog } from '../casework/testing-log';
import { createSpace } from './model/hypothesis-space';

/** Faults that one event brings together: one cause with its parts, not rivals. */

const desktop: BriefLog = { machine: desktopWithLights };

test('every fault of a joint cause is in the catalogue', () => {
  const known = new Set(FAULT_MODES.map(({ id }) => id));
  expect(JOINT_CAUSES.flatMap(({ modes }) => modes.filter((mode) => !known.has(mode)))).toEqual([]);
  expect(JOINT_CAUSES.length).toBeLessThanOrEqual(30);
});

test('with the chance of the event one fault has another of its kind beside it; everything still sums to 1', () => {
  const { machine } = stateOf(desktop);
  const sharesIn = (circumstances: Parameters<typeof createSpace>[1]) => {
    const { variants, first, second, prior } = createSpace(machine, circumstances);
    const modeOf = (v: number | undefined) => variants[v ?? 0]?.fault.mode.id ?? '';
    const liquid = JOINT_CAUSES.find(({ id }) => id === 'liquid')?.modes ?? [];
    let [wet, together, total] = [0, 0, 0];
    prior.forEach((p, h) => {
      total += p;
      const modes = [modeOf(first[h]), ...(second[h] === -1 ? [] : [modeOf(second[h])])];
      const own = modes.filter((mode) => liquid.includes(mode)).length;
      if (own > 0) wet += p;
      if (own === 2) together += p;
    });
    return { total, share: together / wet };
  };
  const spilt = sharesIn(['spill']);
  expect(spilt.total).toBeCloseTo(1, 9);
  // Three in ten, less the pairs of one mode or one repair, which are no pairs.
  expect(spilt.share).toBeGreaterThan(0.15);
  expect(spilt.share).toBeLessThan(0.32);
  expect(sharesIn([]).share).toBeLessThan(0.12);
});

test('a supply that is too small and the split lead that feeds the card are named as one cause', () => {
  const { together, suspects } = diagnosisOf({
    ...desktop,
    circumstances: ['card-changed'],
    trials: [
      ['start', 'no-boot'],
      ['run-under-load', 'cuts-out'],
      ['look/card-leads/card', 'split'],
    ],
  });
  const [joint] = together;
  expect(joint?.faults).toEqual(['supply-too-small@supply', 'card-lead-split@card']);
  const shareOf = (id: string) => suspects.find(({ fault }) => fault === id)?.probability ?? 0;
  for (const fault of joint?.faults ?? []) expect(joint?.probability).toBeLessThanOrEqual(shareOf(fault));
  expect(diagnosisOf(desktop).together).toEqual([]);
});

test('what a repair has just put right is not looked at again', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'works'],
    ['run-under-load', 'cuts-out'],
    ['look/card-leads/card', 'split'],
    ['fix/separate-leads@card', 'cuts-out'],
  ];
  const diagnosis = diagnosisOf({ ...desktop, trials });
  expect([...diagnosis.alternatives].find(({ id }) => id === 'look/card-leads/card')?.blocked).toBe(
    'You have put right what this looks for.',
  );
  // The next to look for stands first, and what was repaired says so.
  expect(diagnosis.suspects[0]?.fault).toBe('supply-too-small@supply');
  expect(diagnosis.suspects.find(({ fault }) => fault === 'card-lead-split@card')?.isRepaired).toBe(true);
});
