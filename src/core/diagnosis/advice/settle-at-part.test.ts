import { diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** A swap says which part it is, and not what is wrong with it. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'drive', kind: 'drive' },
  ],
  board: { stageLights: true },
};
const next = (trials: NonNullable<BriefLog['trials']>) =>
  diagnosisOf({ machine, reported: 'system-stops', trials: [['start', 'system-stops'], ...trials] }).advice.trial?.id;

const swapped: NonNullable<BriefLog['trials']> = [
  ['spare/drive', 'works'],
  ['back/drive', 'system-stops'],
];

test('with the drive to blame, it is looked at before it is swapped again or anything is written to it', () => {
  const looks = /^look\/drive-/;
  expect(next(swapped)).toMatch(looks);
  expect(next([...swapped, ['look/drive-sound/drive', 'runs'], ['look/drive-contents/drive', 'system']])).toBe(
    'look/drive-health/drive',
  );
});

test('what was found decides: a dying drive is replaced, a sound one gets its system repaired', () => {
  const known = (health: string): NonNullable<BriefLog['trials']> => [
    ...swapped,
    ['look/drive-sound/drive', health === 'good' ? 'runs' : 'clicks'],
    ['look/drive-contents/drive', 'system'],
    ['look/drive-health/drive', health],
    ['spare/drive', 'works'],
  ];
  expect(next(known('good'))).toBe('fix/restore-system@drive');
  expect(next(known('failing'))).toBe('fix/replace@drive');
});

test('a part that is away is put back where a look at it settles what is wrong', () => {
  const { advice } = diagnosisOf({
    machine,
    reported: 'system-stops',
    trials: [['start', 'system-stops'], ...swapped, ['spare/drive', 'works']],
  });
  expect(advice.trial?.id).toBe('back/drive');
  expect(advice.why).toMatch(/^Put it back: “.+” can settle what is wrong with it\.$/);
});
