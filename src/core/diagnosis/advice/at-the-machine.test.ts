import { desktopAfter, desktopWithLights, type BriefLog } from '../../casework/testing-log';
import type { Diagnosis } from '../diagnosis';

/** What somebody with years at the bench does without thinking, and does not do. */

type Trials = NonNullable<BriefLog['trials']>;
const find = ({ advice, alternatives }: Diagnosis, id: string) =>
  [advice.trial, ...alternatives].find((trial) => trial?.id === id);
const withParts = (...more: NonNullable<(typeof desktopWithLights)['parts']>) => ({
  ...desktopWithLights,
  parts: [...(desktopWithLights.parts ?? []), ...more],
});

describe('nothing is looked at again because of work that hardly changed anything', () => {
  const cold: Trials = [
    ['start', 'blank'],
    ['look/processor-warm/processor', 'cold'],
  ];

  test('the reset did not help: the cooler is as cold as it was', () => {
    const reset = desktopAfter('blank', [...cold, ['fix/reset-settings@board', 'blank']]);
    expect(find(reset, 'look/processor-warm/processor')?.bits).toBe(0);
  });

  test('a plug that was seen loose was pushed in: it may be warm now', () => {
    const pushed = desktopAfter('blank', [
      ...cold,
      ['look/power-plugs/board', 'processor-loose'],
      ['fix/push-power-plugs@board', 'blank'],
    ]);
    expect(find(pushed, 'look/processor-warm/processor')?.bits).toBeGreaterThan(0);
  });
});

describe('what the machine shows anyway is not asked', () => {
  test('what cut out ran before: no key is pressed to see whether it runs', () => {
    expect(find(desktopAfter('cuts-out', [['start', 'cuts-out']]), 'look/lock-key/keyboard')?.blocked).toBe(
      'It ran before it cut out.',
    );
  });

  test('it works as it stands: no sign of life is asked for, until something was done to it', () => {
    const works: Trials = [
      ['start', 'dead'],
      ['out/front-usb', 'works'],
    ];
    const blockedAfter = (...more: Trials) =>
      find(desktopAfter('dead', [...works, ...more]), 'look/rear-usb-power/board')?.blocked;
    expect(blockedAfter()).toBe('It works as it stands: a start shows the same.');
    expect(blockedAfter(['back/front-usb', 'dead'])).toBeNull();
  });

  test('a voltage of a machine that runs tells of the supply, and not whether it starts', () => {
    const bitsAfter = (...more: Trials) =>
      find(desktopAfter('twitch', [['start', 'twitch'], ['start', 'works'], ...more]), 'measure/rail-12/supply')?.bits;
    expect(bitsAfter()).toBeLessThan(0.0001);
    expect(bitsAfter(['look/power-plugs/board', 'seated'])).toBeGreaterThan(0.01);
  });
});

test('a switch that sticks may be wet: the board is looked at before anything is powered', () => {
  const sticky: Trials = [
    ['start', 'dead'],
    ['look/switch-feel/case-switch', 'sticky'],
  ];
  const felt = desktopAfter('dead', sticky);
  expect(felt.advice).toMatchObject({ kind: 'make-safe', trial: { id: 'look/board-signs/board' } });
  expect(find(felt, 'bridge-pins')?.blocked).toMatch(/^Where the switch is wet the board may be/);
  const looked = desktopAfter('dead', [...sticky, ['look/board-signs/board', 'clean']]);
  expect(find(looked, 'bridge-pins')?.blocked).toBeNull();
});

describe('what is seen wrong and is quick to put right is put right, whether or not it is the cause', () => {
  test('a plug that is not fully in, in a machine that overheats', () => {
    const { advice } = desktopAfter('cuts-out', [
      ['run-under-load', 'cuts-out'],
      ['look/temperature-load/cooler', 'climbs'],
      ['look/power-plugs/board', 'main-loose'],
    ]);
    expect(advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/push-power-plugs@board' } });
  });

  test('what may be one of several things is not seen wrong', () => {
    const { advice } = desktopAfter('no-boot', [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'missing'],
      ['look/drive-leads/drive', 'seated'],
    ]);
    expect(advice.kind).toBe('test');
  });
});

test('what went away with a part out comes back with it, or not: it is put back before anything else', () => {
  const { advice } = desktopAfter(
    'blank',
    [
      ['start', 'blank'],
      ['look/display-cable/display-cable', 'seated'],
      ['look/monitor-input/monitor', 'right'],
      ['look/lock-key/keyboard', 'follows'],
      ['look/monitor-other-source/monitor', 'shows'],
      ['look/cable-elsewhere/display-cable', 'shows'],
      ['out/reader', 'works'],
    ],
    { machine: withParts({ id: 'reader', kind: 'usb-device' }) },
  );
  expect(advice.trial?.id).toBe('back/reader');
});

test('a strip that may sag is left out, and the machine put under load without it', () => {
  const trial = find(desktopAfter('cuts-out', [['run-under-load', 'cuts-out']]), 'fix/straight-from-wall@outlet');
  expect(trial?.isUnderLoad).toBe(true);
});

test('a start that spoils the proof of a repair is followed by the load, not by other tests', () => {
  const { advice } = desktopAfter('cuts-out', [
    ['run-under-load', 'cuts-out'],
    ['look/card-leads/card', 'split'],
    ['fix/separate-leads@card', 'works'],
    ['run-under-load', 'blank'],
    ['start', 'works'],
  ]);
  expect(advice).toMatchObject({ kind: 'verify', trial: { id: 'run-under-load' } });
});

test('a short that is found at a part settles it: no spare is fetched for what is one in a hundred', () => {
  const { advice } = desktopAfter('twitch', [
    ['start', 'twitch'],
    ['look/rail-short/board', 'processor'],
    ['look/power-plugs/board', 'seated'],
  ]);
  expect(advice.kind).toBe('repair');
});

test('what was flashed is read back while a borrowed processor runs, and flashed again if it did not take', () => {
  const flashed: Trials = [
    ['start', 'at-processor'],
    ['look/power-plugs/board', 'seated'],
    ['look/firmware-version/board', 'too-old'],
    ['spare/processor', 'works'],
    ['fix/update-firmware@board', 'works'],
  ];
  const after = (...more: Trials) =>
    desktopAfter('at-processor', [...flashed, ...more], { circumstances: ['processor-changed'] }).advice;
  expect(after()).toMatchObject({ kind: 'verify', trial: { id: 'look/version-in-setup/board' } });
  expect(after(['look/version-in-setup/board', 'knows']).trial?.id).toBe('back/processor');
  expect(after(['look/version-in-setup/board', 'too-old']).trial?.id).toBe('fix/update-firmware@board');
});
