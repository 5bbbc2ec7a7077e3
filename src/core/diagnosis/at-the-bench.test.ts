import { desktopAfter, desktopWithLights, probabilityOf, type BriefLog } from '../casework/testing-log';

/** Small things that nobody with years at the bench would get wrong. */

type Trials = NonNullable<BriefLog['trials']>;
const machine = desktopWithLights;

test('with the card out its cable stays where it is, and goes back with the card', () => {
  const { advice, alternatives } = desktopAfter('at-graphics', [
    ['start', 'at-graphics'],
    ['look/card-seat/card', 'seated'],
    ['out/card', 'works'],
  ]);
  expect(advice.trial?.id).toBe('back/card');
  expect(alternatives.find(({ id }) => id === 'back/display-cable')?.blocked).toContain('with the graphics card');
});

test('stripped on the bench "it works" means that it comes up: the case is at fault', () => {
  const onBench = (outcome: string) =>
    desktopAfter(
      'twitch',
      [
        ['start', 'twitch'],
        ['look/power-plugs/board', 'seated'],
        ['minimal-in-case', 'twitch'],
        ['minimal-on-bench', outcome],
      ],
      { circumstances: ['new-build'] },
    );
  expect(onBench('works').suspects[0]?.fault).toBe('short-under-board@board');
  expect(onBench('works').suspects).toEqual(onBench('no-boot').suspects);
  expect(onBench('works').advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/clear-short@board' } });
  expect(onBench('works').advice.why).not.toContain('quick');
});

test('a supply fan that twitches with the rest blames no supply, and nobody is sent to watch it', () => {
  const before = desktopAfter('twitch', [['start', 'twitch']]);
  const kicks = desktopAfter('twitch', [
    ['start', 'twitch'],
    ['look/supply-fan/supply', 'kicks'],
  ]);
  const supply = 'supply-fails-under-start@supply';
  expect(Math.abs(probabilityOf(kicks, supply) - probabilityOf(before, supply))).toBeLessThan(0.01);
  expect(before.alternatives.find(({ id }) => id === 'look/supply-fan/supply')?.blocked).not.toBeNull();
});

test('what comes and goes is counted: presses that it missed are the complaint', () => {
  const circumstances: BriefLog['circumstances'] = ['comes-and-goes'];
  const once = desktopAfter('dead', [['start', 'works']], { circumstances });
  expect([once.advice.kind, once.advice.trial?.id]).toEqual(['reproduce', 'look/ten-presses/case-switch']);
  const missed: Trials = [
    ['start', 'works'],
    ['look/ten-presses/case-switch', 'some'],
  ];
  expect(desktopAfter('dead', missed, { circumstances }).advice.kind).not.toBe('reproduce');
  expect(desktopAfter('dead', [...missed, ['bridge-pins', 'works']], { circumstances }).advice.trial?.id).toBe(
    'fix/replace@case-switch',
  );
});

test('a guess that a glance could spare is no advice', () => {
  const blank = desktopAfter('blank', [['start', 'blank']], { circumstances: ['firmware-updated'] });
  expect(blank.advice.trial?.id).toMatch(/^look\//);
  const missing = desktopAfter(
    'no-boot',
    [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'missing'],
    ],
    {
      circumstances: ['drive-added'],
      machine: { ...machine, parts: [...(machine.parts ?? []), { id: 'm2', kind: 'drive', bus: 'm2' }] },
    },
  );
  expect(missing.advice.trial?.id).toBe('look/drive-leads/drive');
});

test('a rocker is set at the back, and a start is proof enough', () => {
  const seen: Trials = [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-o'],
  ];
  expect(desktopAfter('dead', seen, { circumstances: ['moved'] }).advice.trial?.minutes).toBeLessThan(2);
  expect(
    desktopAfter('dead', [...seen, ['fix/set-rocker@supply', 'works']], { circumstances: ['moved'] }).advice.kind,
  ).toBe('close');
});

test('a small machine that goes off at work has an adapter that is too small', () => {
  const small: BriefLog['machine'] = {
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'adapter', kind: 'adapter' },
      { id: 'm2', kind: 'drive', bus: 'm2' },
    ],
    builtInGraphics: true,
  };
  const trials: Trials = [
    ['start', 'works'],
    ['run-under-load', 'cuts-out', { cutOutAfter: 2, answersAgain: false }],
  ];
  const off = desktopAfter('cuts-out', trials, { machine: small });
  expect(off.suspects[0]?.fault).toBe('adapter-too-small@adapter');
  const measured = desktopAfter('cuts-out', [...trials, ['measure/adapter-at-work/adapter', 'low', 16.9]], {
    machine: small,
  });
  expect(probabilityOf(measured, 'adapter-too-small@adapter')).toBeGreaterThan(0.97);
});

test('what was changed just before stands first: the firmware where memory fails after its update', () => {
  expect(
    desktopAfter('at-memory', [['start', 'at-memory']], { circumstances: ['firmware-updated'] }).suspects[0]?.fault,
  ).toBe('firmware-memory-regression@board');
  expect(desktopAfter('dead', [], { circumstances: ['breaker-trips'] }).suspects[0]?.fault).toBe(
    'supply-input-shorted@supply',
  );
});

test('a stuck reset switch that was felt is believed, however rare it is', () => {
  const stuck = desktopAfter('blank', [
    ['start', 'blank'],
    ['look/reset-button/case-switch', 'stuck'],
  ]);
  expect(probabilityOf(stuck, 'reset-stuck@case-switch')).toBeGreaterThan(0.7);
  expect(stuck.advice.trial?.id).toBe('fix/free-reset@case-switch');
});

test('a device that keeps the screen dark, and does so again when it is back, is named', () => {
  const withStick: BriefLog['machine'] = {
    ...machine,
    parts: [...(machine.parts ?? []), { id: 'stick', kind: 'usb-device' }],
  };
  const turns: Trials = [
    ['start', 'blank'],
    ['out/stick', 'works'],
    ['back/stick', 'blank'],
    ['out/stick', 'works'],
  ];
  expect(desktopAfter('blank', turns, { machine: withStick }).suspects[0]?.fault).toBe('usb-device-hangs@stick');
});

test('what comes and goes works now and then: the reading that explains it is not doubted for that', () => {
  const { suspects, doubts } = desktopAfter(
    'dead',
    [
      ['start', 'dead'],
      ['start', 'works'],
      ['measure/vsb-load/supply', 'low', 4.5],
    ],
    { circumstances: ['old', 'comes-and-goes'] },
  );
  expect(suspects[0]?.fault).toBe('supply-standby-weak@supply');
  expect(doubts).toEqual([]);
});

test('the next stop names the next cause: what was put right stands behind it', () => {
  const trials: Trials = [
    ['start', 'at-processor'],
    ['look/power-plugs/board', 'processor-loose'],
    ['fix/push-power-plugs@board', 'at-memory'],
  ];
  const stopped = desktopAfter('at-processor', trials, { circumstances: ['new-build'] });
  expect(stopped.suspects[0]?.fault).toMatch(/^module-not-seated@/);
  const gone = desktopAfter('at-processor', [...trials.slice(0, 2), ['fix/push-power-plugs@board', 'works']]);
  expect(gone.suspects[0]?.fault).toBe('processor-plug-missing@board');
});

test('nobody dries a board for an hour on a slight chance', () => {
  const dryBoard = 'fix/dry-board@board';
  const stripped: Trials = [
    ['start', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['look/board-signs/board', 'clean'],
    ['spare/supply', 'twitch'],
    ['minimal-on-bench', 'twitch'],
    ['look/rail-short/board', 'none'],
  ];
  const { advice, alternatives } = desktopAfter('twitch', stripped);
  expect(advice.trial?.id).not.toBe(dryBoard);
  expect(alternatives.find(({ id }) => id === dryBoard)?.bits).toBe(0);
});

test('the card that was put in last is the first to be blamed for a short', () => {
  const { suspects } = desktopAfter('twitch', [['start', 'twitch']], { circumstances: ['card-changed'] });
  expect(suspects[0]?.fault).toBe('card-short@card');
  // Out, and it works: what is quick to put back is put back, before anything else is asked.
  const { advice } = desktopAfter(
    'twitch',
    [
      ['start', 'twitch'],
      ['out/card', 'works'],
    ],
    { circumstances: ['card-changed'] },
  );
  expect([advice.kind, advice.trial?.id]).toEqual(['prove', 'back/card']);
});

test('a machine that shut itself off is not told to be plugged in where the cord comes out anyway', () => {
  const { advice } = desktopAfter('cuts-out', [
    ['run-under-load', 'cuts-out', { cutOutAfter: 1 }],
    ['start', 'dead'],
  ]);
  expect(advice.trial?.id).toBe('look/card-leads/card');
  expect(advice.why).not.toContain('shut itself off');
});

test('a rocker that was seen at I is not set to I, and one that nobody looked at may be', () => {
  const rocker = 'fix/set-rocker@supply';
  const bitsAfter = (...trials: Trials) =>
    desktopAfter('dead', [['start', 'dead'], ...trials]).alternatives.find(({ id }) => id === rocker)?.bits;
  expect(bitsAfter(['look/cord/cord', 'seated'])).toBeGreaterThan(0.1);
  expect(bitsAfter(['look/rocker/supply', 'at-i'])).toBe(0);
  // Readings that contradict each other make it likely again, and yet it was seen.
  const odd = desktopAfter('dead', [
    ['start', 'dead'],
    ['look/strip-switch/outlet', 'on'],
    ['look/cord/cord', 'seated'],
    ['look/rear-usb-power/board', 'dark'],
    ['look/outlet-lamp/outlet', 'lit'],
    ['look/rocker/supply', 'at-i'],
    ['look/wall-meter-off/supply', 'none'],
    ['spare/cord', 'dead'],
    ['measure/vsb/supply', 'absent'],
    ['look/supply-tester/supply', 'passes'],
  ]);
  expect(probabilityOf(odd, 'rocker-off@supply')).toBeGreaterThan(0.1);
  expect(odd.advice.trial?.id).not.toBe(rocker);
  const set = desktopAfter('dead', [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-i'],
    ['look/rocker/supply', 'at-o'],
  ]);
  expect(set.advice.trial?.id).toBe(rocker);
});
