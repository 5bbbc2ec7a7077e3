import { desktopWithLights, diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** What comes after a repair: whether it helped is seen before anything else is done. */

const machine = desktopWithLights;
const office: BriefLog['machine'] = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'drive', kind: 'drive' },
  ],
  builtInGraphics: true,
};
const adviceAfter = (trials: NonNullable<BriefLog['trials']>) => {
  const { advice } = diagnosisOf({ machine, trials });
  return [advice.kind, advice.trial?.id];
};

test('what cuts out under load is put under load after each repair, not only started', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'works'],
    ['run-under-load', 'cuts-out'],
    ['look/temperature-setup/cooler', 'climbs'],
    ['fix/mount-cooler@cooler', 'works'],
  ];
  expect(adviceAfter(trials)).toEqual(['verify', 'run-under-load']);
  expect(adviceAfter([...trials, ['run-under-load', 'cuts-out']])).not.toEqual(['verify', 'run-under-load']);
});

test('a repair that did not take is made again once its fault is seen again', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'message-fan'],
    ['look/cooler-fan/cooler', 'elsewhere'],
    ['fix/plug-cooler-fan@cooler', 'message-fan'],
  ];
  expect(adviceAfter(trials)).not.toEqual(['repair', 'fix/plug-cooler-fan@cooler']);
  expect(adviceAfter([...trials, ['look/cooler-fan/cooler', 'elsewhere']])).toEqual([
    'repair',
    'fix/plug-cooler-fan@cooler',
  ]);
});

describe('what was taken out goes home', () => {
  const out: NonNullable<BriefLog['trials']> = [
    ['start', 'twitch'],
    ['out/drive', 'twitch'],
    ['out/card', 'twitch'],
  ];
  const repaired: typeof out = [
    ...out,
    ['look/power-plugs/board', 'processor-loose'],
    ['fix/push-power-plugs@board', 'works'],
  ];

  test('in one go once the cause is repaired, or a spare stands in for it; then the machine is whole', () => {
    expect(adviceAfter(repaired)).toEqual(['put-back', 'all-back']);
    expect(adviceAfter([...out, ['spare/supply', 'works']])).toEqual(['put-back', 'all-back']);
    expect(adviceAfter([...repaired, ['all-back', 'works']])).toEqual(['verify', 'run-under-load']);
  });

  test('one thing at a time while the cause is among it', () => {
    expect(adviceAfter([...out, ['out/front-usb', 'works']])).toEqual(['put-back', 'back/card']);
  });

  test('that is no test: it is never done to see whether the fault comes back', () => {
    const { alternatives } = diagnosisOf({ machine, trials: out });
    expect(alternatives.find(({ id }) => id === 'all-back')?.bits).toBe(0);
  });
});

test('settings that an old machine has lost may be lost again: the date is read before it is run a second time', () => {
  const log: BriefLog = {
    machine: office,
    circumstances: ['old'],
    reported: 'no-boot',
  };
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'no-boot'],
    ['look/drive-listed/drive', 'listed'],
    ['look/boot-settings/board', 'wrong'],
    ['fix/set-boot@board', 'works'],
    ['run-under-load', 'works'],
  ];
  const next = (more: typeof trials) => diagnosisOf({ ...log, trials: [...trials, ...more] });
  expect(next([]).advice).toMatchObject({ kind: 'verify', trial: { id: 'look/date-in-setup/coin-cell' } });
  const flat = next([['look/date-in-setup/coin-cell', 'wrong']]);
  expect(flat.advice.trial?.id).toBe('fix/replace@coin-cell');
  expect(flat.together[0]?.title).toBe('The coin cell went flat, and the settings with it');
  expect(next([['look/date-in-setup/coin-cell', 'right']]).advice.kind).toBe('close');
});

test('what kept running twice under full load after its repair is closed, and not started to see how far it gets', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['run-under-load', 'cuts-out'],
    ['fix/straight-from-wall@outlet', 'works'],
  ];
  expect(adviceAfter(trials)).toEqual(['verify', 'run-under-load']);
  expect(adviceAfter([...trials, ['run-under-load', 'works']])).toEqual(['close', undefined]);
});

test('a message that a change brings about is confirmed, and the settings are kept', () => {
  const { advice } = diagnosisOf({
    machine,
    circumstances: ['processor-changed'],
    reported: 'message-settings',
    trials: [
      ['start', 'message-settings'],
      ['look/date-in-setup/coin-cell', 'right'],
    ],
  });
  expect(advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/confirm-message@board' } });
  expect(advice.trial?.steps.join(' ')).toMatch(/cord out for a minute/);
});

test('what was plainly seen is put right for the first start', () => {
  const seen: NonNullable<BriefLog['trials']> = [['look/rocker/supply', 'at-o']];
  const { advice } = diagnosisOf({ machine: office, reported: 'dead', trials: seen });
  expect(advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/set-rocker@supply' } });
  expect(advice.why).toBe('You saw it, and it explains the complaint. Put it right, then start.');
});

describe('memory that was changed', () => {
  const training: BriefLog = {
    machine: { ...machine, board: { stageLights: true, trainsMemory: true } },
    circumstances: ['memory-changed'],
    reported: 'at-memory',
  };
  const next = (trials: NonNullable<BriefLog['trials']>) => {
    const { advice } = diagnosisOf({ ...training, trials: [['start', 'at-memory'], ...trials] });
    return [advice.kind, advice.trial?.id];
  };

  test('three minutes come before a module is pushed in again', () => {
    expect(next([])).toEqual(['test', 'start-and-wait']);
    expect(next([['start-and-wait', 'at-memory']])).toEqual(['test', expect.stringMatching(/^fix\/seat-module/)]);
  });

  test('once it came up after them, nobody waits three minutes more', () => {
    expect(next([['start-and-wait', 'works']])).toEqual(['verify', 'run-under-load']);
  });
});
