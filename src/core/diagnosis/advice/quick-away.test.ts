import { diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** Before a part is bought of which only looks and readings speak, the fault is seen to go away with it where that is quick. */

type Trials = NonNullable<BriefLog['trials']>;
const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
  builtInGraphics: true,
};
const adviceOf = (reported: 'twitch' | 'no-boot', trials: Trials) => {
  const { kind, trial, why } = diagnosisOf({ machine, reported, trials }).advice;
  return { kind, trial: trial?.id, why };
};

describe('a drive that a meter blames for a short', () => {
  const measured: Trials = [
    ['start', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['look/rail-short/board', 'drive'],
  ];

  test('it is left out for a start before another one is bought, and comes back for proof', () => {
    const first = adviceOf('twitch', measured);
    expect(first).toMatchObject({ kind: 'prove', trial: 'out/drive' });
    expect(first.why).toMatch(/^It is 9\d % likely\. Start without it first/);
    const gone: Trials = [...measured, ['out/drive', 'no-boot']];
    expect(adviceOf('twitch', gone)).toMatchObject({ kind: 'prove', trial: 'back/drive' });
    const back: Trials = [...gone, ['back/drive', 'twitch'], ['out/drive', 'no-boot']];
    expect(adviceOf('twitch', back)).toMatchObject({ kind: 'repair', trial: 'fix/replace@drive' });
  });

  test('where that changed nothing it is not bought', () => {
    expect(adviceOf('twitch', [...measured, ['out/drive', 'twitch']]).trial).not.toBe('fix/replace@drive');
  });
});

test('a drive that does not answer is not left out: without it there is no system either', () => {
  const { trial } = adviceOf('no-boot', [
    ['start', 'no-boot'],
    ['look/drive-listed/drive', 'missing'],
    ['look/drive-health/drive', 'failing'],
  ]);
  expect(trial).not.toBe('out/drive');
});
