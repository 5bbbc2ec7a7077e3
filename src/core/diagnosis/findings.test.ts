import { desktopAfter, desktopWithLights, diagnosisOf, probabilityOf, type BriefLog } from '../casework/testing-log';

/** What a look or a meter finds is believed, also where it is not what the owner complains of. */

const complaints = ['dead', 'twitch', 'loop', 'blank', 'at-processor', 'no-boot', 'system-stops'] as const;
const afterStart = (seen: (typeof complaints)[number], ...trials: NonNullable<BriefLog['trials']>) =>
  desktopAfter(seen, [['start', seen], ...trials]);

describe.each(complaints)('of a machine that shows "%s"', (seen) => {
  test.each([
    ['look/board-signs/board', 'traces'],
    ['look/cooler-mount/cooler', 'dry'],
    ['look/drive-contents/drive', 'empty'],
    ['look/card-leads/card', 'scorched'],
    ['look/strip-switch/outlet', 'off'],
  ])('%s found %s: nobody calls that a mistake', (look, found) => {
    expect(afterStart(seen, [look, found]).doubts).toEqual([]);
  });
});

test('traces of liquid are dried first, and lead where liquid may do what is seen', () => {
  const diagnosis = afterStart('loop', ['look/board-signs/board', 'traces']);
  expect(diagnosis.suspects[0]?.fault).toBe('liquid-on-board@board');
  expect(diagnosis.advice).toMatchObject({ kind: 'make-safe', trial: { id: 'fix/dry-board@board' } });
});

test.each([
  ['blank', 'measure/rail-12/supply', 10.5, 'rail-12-low@supply'],
  ['at-processor', 'measure/processor-plug-12/supply', 10.6, 'rail-12-low@supply'],
  ['system-stops', 'measure/rail-5/supply', 4.3, 'rail-5-low@supply'],
  ['blank', 'measure/rail-3v3/supply', 3, 'rail-3v3-low@supply'],
  ['dead', 'measure/vsb-load/supply', 3.6, 'supply-standby-weak@supply'],
] as const)('with "%s" %s reads %f V: %s leads, and the reading is not doubted', (seen, trial, volts, fault) => {
  const diagnosis = afterStart(seen, [trial, 'low', volts]);
  expect(diagnosis.suspects[0]?.fault).toBe(fault);
  expect(diagnosis.doubts).toEqual([]);
});

test('a reading with which nothing would run, on a machine that gets as far as a picture, may be wrong', () => {
  const { doubts, suspects } = afterStart('no-boot', ['measure/rail-5/supply', 'low', 2.5]);
  expect(doubts).toHaveLength(1);
  expect(suspects[0]?.probability).toBeLessThan(0.6);
});

test.each([
  ['drive', 'drive-short@drive'],
  ['card', 'card-short@card'],
  ['front-usb', 'front-usb-short@front-usb'],
])('a short in the %s may leave the machine dead with its standby light on', (part, fault) => {
  const diagnosis = afterStart(
    'dead',
    ['look/standby-light/board', 'lit'],
    [`out/${part}`, 'works'],
    [`back/${part}`, 'dead'],
  );
  expect(diagnosis.suspects[0]?.fault).toBe(fault);
});

test('what crashes at work, and runs once the settings are reset, has settings that are too fast', () => {
  const { suspects } = desktopAfter(
    'system-stops',
    [
      ['run-under-load', 'system-stops'],
      ['load-with-defaults', 'works'],
    ],
    { circumstances: ['settings-changed'] },
  );
  expect(suspects[0]?.fault).toBe('settings-fail-under-load@board');
});

test('two messages are two causes, whichever was noted first', () => {
  const after = (first: 'message-fan' | 'message-settings', then: 'message-fan' | 'message-settings') =>
    diagnosisOf({
      machine: desktopWithLights,
      circumstances: ['old'],
      trials: [
        ['start', first, { messages: [then] }],
        ['look/cooler-fan/cooler', 'still'],
      ],
    });
  const [one, other] = [after('message-fan', 'message-settings'), after('message-settings', 'message-fan')];
  expect(probabilityOf(one, 'cooler-fan-dead@cooler')).toBeGreaterThan(0.95);
  expect(probabilityOf(one, 'coin-cell-flat@coin-cell')).toBeGreaterThan(0.5);
  for (const fault of ['cooler-fan-dead@cooler', 'coin-cell-flat@coin-cell'])
    expect(probabilityOf(other, fault)).toBeCloseTo(probabilityOf(one, fault), 1);
});

test('a key that lights nothing is no finding at the keyboard: what then works at once has not shown its complaint', () => {
  const { advice } = diagnosisOf({
    machine: desktopWithLights,
    reported: 'blank',
    trials: [
      ['start', 'works'],
      ['look/lock-key/keyboard', 'dead'],
      ['fix/plug-keyboard@keyboard', 'works'],
    ],
  });
  expect(advice).toMatchObject({ kind: 'reproduce', trial: { id: 'run-under-load' } });
});

describe('a machine that is said to be dead and starts from its pins', () => {
  const bridged: BriefLog = { machine: desktopWithLights, reported: 'dead', trials: [['bridge-pins', 'works']] };
  test('is started with its button next', () => {
    expect(diagnosisOf(bridged).advice).toMatchObject({ kind: 'reproduce', trial: { id: 'start' } });
  });
  test('has its switch pressed ten times once a sticky one was cleaned', () => {
    const cleaned = diagnosisOf({
      ...bridged,
      trials: [
        ['bridge-pins', 'works'],
        ['look/switch-feel/case-switch', 'sticky'],
        ['look/board-signs/board', 'clean'],
        ['fix/clean-switch@case-switch', 'works'],
      ],
    });
    expect(cleaned.advice).toMatchObject({ kind: 'verify', trial: { id: 'look/ten-presses/case-switch' } });
  });
});

describe('a light that names the wrong stage', () => {
  const swapped = (...more: NonNullable<BriefLog['trials']>) =>
    desktopAfter(
      'at-processor',
      [['start', 'at-processor'], ['start-and-wait', 'at-processor'], ['spare/module-1', 'works'], ...more],
      { circumstances: ['memory-changed'] },
    );
  test('names it again: the part whose swap cures it and brings it back is the cause', () => {
    const { suspects, advice } = swapped(['back/module-1', 'at-processor'], ['spare/module-1', 'works']);
    expect(suspects.slice(0, 2).map(({ part }) => part)).toEqual(['module-1', 'module-1']);
    expect(advice.trial?.id).not.toBe('fix/replace@board');
  });
  test('is no reason to buy a board: the module goes back first', () => {
    expect(swapped().advice).toMatchObject({ kind: 'prove', trial: { id: 'back/module-1' } });
  });
  test('costs a sound light nothing: what it names is believed as before, and no less the second time', () => {
    const atMemory = (...more: NonNullable<BriefLog['trials']>) =>
      desktopAfter('at-memory', [['start', 'at-memory'], ...more]).links.find(({ link }) => link === 'memory')
        ?.probability ?? 0;
    expect(atMemory()).toBeGreaterThan(0.8);
    expect(atMemory(['out/front-usb', 'at-memory'])).toBeGreaterThanOrEqual(atMemory() - 0.01);
  });
  test('speaks against what it named first once it names another', () => {
    const expects = (...more: NonNullable<BriefLog['trials']>) =>
      desktopAfter('at-memory', [['start', 'at-memory'], ...more])
        .suspects.filter(({ fault }) => fault.startsWith('module'))
        .reduce((sum, { probability }) => sum + probability, 0);
    const [steady, changed] = (['at-memory', 'at-graphics'] as const).map((seen) => expects(['out/front-usb', seen]));
    expect(changed).toBeLessThan(0.8 * (steady ?? 0));
  });
});
