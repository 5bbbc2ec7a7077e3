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

test('what one event brings about is likelier together, by its factor; everything still sums to 1', () => {
  const { machine } = stateOf(desktop);
  const pairOf = (circumstances: Parameters<typeof createSpace>[1]) => {
    const { variants, first, second, prior, joint } = createSpace(machine, circumstances);
    const modeOf = (v: number | undefined) => variants[v ?? 0]?.fault.mode.id;
    const single = (mode: string) =>
      prior.reduce((sum, p, h) => (second[h] === -1 && modeOf(first[h]) === mode ? sum + p : sum), 0);
    const both = (one: string, other: string) =>
      prior.reduce((sum, p, h) => {
        const modes = [modeOf(first[h]), second[h] === -1 ? '' : modeOf(second[h])];
        return modes.includes(one) && modes.includes(other) ? sum + p : sum;
      }, 0);
    const lift = (one: string, other: string) => both(one, other) / (single(one) * single(other));
    return { total: prior.reduce((a, b) => a + b, 0), lift, joint };
  };
  const { total, lift, joint } = pairOf(['spill']);
  expect(total).toBeCloseTo(1, 9);
  expect(joint.length).toBeGreaterThan(0);
  const independent = lift('rocker-off', 'monitor-off');
  expect(lift('switch-wet', 'liquid-on-board') / independent).toBeCloseTo(25, 6);
  expect(lift('supply-too-small', 'card-lead-split') / independent).toBeCloseTo(8, 6);
  expect(pairOf([]).lift('switch-wet', 'liquid-on-board') / independent).toBeCloseTo(6, 0);
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
