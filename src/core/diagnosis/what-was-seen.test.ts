import { desktopAfter, desktopWithLights, probabilityOf, type BriefLog } from '../casework/testing-log';

/** What was plainly seen has a cause that can be named, and leads on. */

type Trials = NonNullable<BriefLog['trials']>;
const machine = desktopWithLights;

test('where the board misses a fan that seems to turn, a known-good one on its header tells', () => {
  const turning = (...trials: Trials) =>
    desktopAfter('message-fan', [['start', 'message-fan'], ['look/cooler-fan/cooler', 'turns'], ...trials]);
  expect(turning().advice.trial?.id).toBe('look/other-fan/cooler');
  const gone = turning(['look/other-fan/cooler', 'gone'], ['fix/plug-cooler-fan@cooler', 'message-fan']);
  expect(probabilityOf(gone, 'cooler-fan-dead@cooler')).toBeGreaterThan(0.95);
  expect(probabilityOf(turning(['look/other-fan/cooler', 'same']), 'cooler-fan-dead@cooler')).toBeLessThan(0.1);
});

test('a case fan that stands still explains the message that the board misses a fan', () => {
  const still = desktopAfter(
    'message-fan',
    [
      ['start', 'message-fan'],
      ['look/cooler-fan/cooler', 'turns'],
      ['look/case-fans/fan-1', 'still'],
    ],
    { machine: { ...machine, parts: [...(machine.parts ?? []), { id: 'fan-1', kind: 'fan' }] } },
  );
  expect(still.suspects[0]?.fault).toBe('case-fan-not-seen@fan-1');
  expect(still.doubts).toEqual([]);
});

test('a card without its power lead leaves the screen dark while the board starts', () => {
  const seen = desktopAfter('dark', [
    ['start', 'dark'],
    ['look/card-seat/card', 'no-power-lead'],
  ]);
  expect(seen.suspects[0]?.fault).toBe('card-power-missing@card');
  expect(seen.doubts).toEqual([]);
});

test('a monitor that asks for its cable names the cable', () => {
  const words = desktopAfter('dark', [
    ['start', 'dark'],
    ['look/monitor-words/monitor', 'check-cable'],
  ]);
  expect(words.suspects.slice(0, 2).map(({ part }) => part)).toEqual(['display-cable', 'display-cable']);
  expect(words.doubts).toEqual([]);
});

test('what cut out and was read in setup since is not started once more to see whether it starts', () => {
  const hot: Trials = [
    ['run-under-load', 'cuts-out'],
    ['look/temperature-setup/cooler', 'climbs'],
  ];
  const read = desktopAfter('cuts-out', hot, { circumstances: ['cooler-touched'] });
  expect(read.suspects[0]?.fault).toBe('cooler-badly-mounted@cooler');
  const blocked = [read.advice.trial, ...read.alternatives].filter((trial) =>
    trial?.blocked?.includes('has run since'),
  );
  expect(blocked.map((trial) => trial?.id)).toEqual(expect.arrayContaining(['start', 'look/lock-key/keyboard']));
  expect(
    desktopAfter('cuts-out', hot.slice(0, 1)).alternatives.find(({ id }) => id === 'start')?.blocked ?? null,
  ).toBeNull();
});

test('smoke and a burnt supply: board and leads are looked at as well before anything is swapped in', () => {
  const burnt = desktopAfter('dead', [['look/supply-signs/supply', 'burnt']], { circumstances: ['smoke'] });
  expect(burnt.advice).toMatchObject({ kind: 'make-safe', trial: { id: 'look/board-signs/board' } });
});

const twoDrives = {
  parts: [
    { id: 'module-1', kind: 'module' as const },
    { id: 'm2', kind: 'drive' as const, bus: 'm2' as const },
    { id: 'drive', kind: 'drive' as const },
  ],
  builtInGraphics: true,
};

test('of two drives an empty one may be as it should: nothing is installed before the other was looked at', () => {
  const empty = (...trials: Trials) =>
    desktopAfter(
      'no-boot',
      [
        ['start', 'no-boot'],
        ['look/drive-listed/m2', 'listed'],
        ['look/drive-listed/drive', 'listed'],
        ['look/drive-contents/m2', 'empty'],
        ...trials,
      ],
      { machine: twoDrives, circumstances: ['new-build'] },
    );
  expect(probabilityOf(empty(), 'drive-empty@m2')).toBeLessThan(0.6);
  const sure: Trials = [
    ['look/boot-settings/board', 'fits'],
    ['fix/set-boot@board', 'no-boot'],
  ];
  expect(empty(...sure).advice).toMatchObject({ kind: 'test', trial: { id: 'look/drive-contents/drive' } });
  expect(empty(...sure, ['look/drive-contents/drive', 'system']).advice.trial?.id).toBe('out/m2');
});

test('an M.2 drive that stands up is seated and screwed down: it has no leads', () => {
  const lifted = desktopAfter(
    'no-boot',
    [
      ['start', 'no-boot'],
      ['look/m2-seat/m2', 'lifted'],
    ],
    { machine: twoDrives },
  );
  expect(lifted.advice.trial?.title).toBe('Seat drive 1 in its socket and screw it down, then start');
});

test('what runs on the bench and not in the case is put right before it goes back', () => {
  const bench: Trials = [
    ['start', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['look/rail-short/board', 'stays'],
    ['on-bench', 'works'],
  ];
  const onBench = (...trials: Trials) =>
    desktopAfter('twitch', [...bench, ...trials], { circumstances: ['new-build'] });
  expect(onBench().advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/clear-short@board' } });
  expect(onBench(['fix/clear-short@board', 'works']).advice.trial?.id).toBe('back-in-case');
});
