import { desktopWithLights, diagnosisOf } from '../../../../core/casework/testing-log';
import { groupTrials, TRIAL_GROUPS } from './group-trials';

const { alternatives } = diagnosisOf({ machine: desktopWithLights, reported: 'dead', trials: [['start', 'dead']] });
const all = ({ groups, folded }: ReturnType<typeof groupTrials>) => [
  ...groups.flatMap(({ trials }) => trials),
  ...folded,
];

test('every test stands once, under its kind, and what has no new information is set apart', () => {
  const grouped = groupTrials(alternatives, '');
  expect(all(grouped)).toHaveLength(alternatives.length);
  expect(new Set(all(grouped)).size).toBe(alternatives.length);
  expect(grouped.groups.map(({ group }) => group)).toEqual(
    TRIAL_GROUPS.filter((group) => grouped.groups.some((one) => one.group === group)),
  );
  const titles = Object.fromEntries(grouped.groups.map(({ group, trials }) => [group, trials.map(({ id }) => id)]));
  expect(titles['Measure']).toContain('measure/vsb/supply');
  expect(titles['Swap']).toContain('spare/supply');
  expect(titles['Repair']?.every((id) => id.startsWith('fix/'))).toBe(true);
  expect(grouped.folded.length).toBeGreaterThan(0);
});

test('a search finds by every word, also what has no new information', () => {
  const found = all(groupTrials(alternatives, 'known supply'));
  expect(found.map(({ id }) => id)).toContain('spare/supply');
  for (const { title } of found) expect(title.toLowerCase()).toMatch(/known/);
  expect(groupTrials(alternatives, 'monitor cable').folded).toEqual([]);
  expect(all(groupTrials(alternatives, 'zebra'))).toEqual([]);
});
