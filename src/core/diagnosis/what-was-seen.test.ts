import { desktopWithLights, diagnosisOf, type BriefLog } from '../casework/testing-log';

/** What was plainly seen has a cause that can be named, and leads on. */

type Trials = NonNullable<BriefLog['trials']>;
const machine = desktopWithLights;
const after = (reported: BriefLog['reported'], trials: Trials, more: Partial<BriefLog> = {}) =>
  diagnosisOf({ machine, ...(reported ? { reported } : {}), trials, ...more });
const likely = (diagnosis: ReturnType<typeof after>, fault: string) =>
  diagnosis.suspects.find((suspect) => suspect.fault === fault)?.probability ?? 0;

test('where the board misses a fan that seems to turn, a known-good one on its header tells', () => {
  const turning = (...trials: Trials) =>
    after('message-fan', [['start', 'message-fan'], ['look/cooler-fan/cooler', 'turns'], ...trials]);
  expect(turning().advice.trial?.id).toBe('look/other-fan/cooler');
  const gone = turning(['look/other-fan/cooler', 'gone'], ['fix/plug-cooler-fan@cooler', 'message-fan']);
  expect(likely(gone, 'cooler-fan-dead@cooler')).toBeGreaterThan(0.95);
  expect(likely(turning(['look/other-fan/cooler', 'same']), 'cooler-fan-dead@cooler')).toBeLessThan(0.1);
});

test('a case fan that stands still explains the message that the board misses a fan', () => {
  const still = after(
    'message-fan',
    [
      ['start', 'message-fan'],
      ['look/cooler-fan/cooler', 'turns'],
      ['look/case-fans/fan-1', 'still'],
    ],
    { machine: { ...machine, parts: [...(machine.parts ?? []), { id: 'fan-1', kind: 'fan' }] } },
  );
  expect(still.suspects[0]?.fault).toBe('case-fan-dead@fan-1');
  expect(still.doubts).toEqual([]);
});

test('a card without its power lead leaves the screen dark while the board starts', () => {
  const seen = after('dark', [
    ['start', 'dark'],
    ['look/card-seat/card', 'no-power-lead'],
  ]);
  expect(seen.suspects[0]?.fault).toBe('card-power-missing@card');
  expect(seen.doubts).toEqual([]);
});

test('a monitor that asks for its cable names the cable', () => {
  const words = after('dark', [
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
  const read = after('cuts-out', hot, { circumstances: ['cooler-touched'] });
  expect(read.suspects[0]?.fault).toBe('cooler-badly-mounted@cooler');
  const blocked = [read.advice.trial, ...read.alternatives].filter((trial) =>
    trial?.blocked?.includes('has run since'),
  );
  expect(blocked.map((trial) => trial?.id)).toEqual(expect.arrayContaining(['start', 'look/lock-key/keyboard']));
  expect(after('cuts-out', hot.slice(0, 1)).alternatives.find(({ id }) => id === 'start')?.blocked ?? null).toBeNull();
});

test('smoke and a burnt supply: board and leads are looked at as well before anything is swapped in', () => {
  const burnt = after('dead', [['look/supply-signs/supply', 'burnt']], { circumstances: ['smoke'] });
  expect(burnt.advice).toMatchObject({ kind: 'make-safe', trial: { id: 'look/board-signs/board' } });
});
