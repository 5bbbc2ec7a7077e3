import { foldCase } from '.';
import { desktopWithLights, diagnosisOf, eventsOf, stateOf, type BriefLog } from './testing-log';

/** A board of which nobody said at intake what it can show. */
const machine: NonNullable<BriefLog['machine']> = { ...desktopWithLights, board: {} };
const shareAt = (link: string, log: BriefLog) =>
  diagnosisOf({ machine, ...log }).links.find((one) => one.link === link)?.probability ?? 0;

test('a stage that was seen counts although nobody declared that the board has lights', () => {
  expect(shareAt('memory', { trials: [['start', 'at-memory']] })).toBeGreaterThan(0.7);
  expect(shareAt('graphics', { trials: [['start', 'at-graphics']] })).toBeGreaterThan(0.5);
  expect(shareAt('memory', { reported: 'at-memory' })).toBeGreaterThan(0.5);
});

test('a board has what was seen and heard of it, and nothing else', () => {
  const boardAfter = (log: BriefLog) => stateOf({ machine, ...log }).machine.board;
  const none = { stageLights: false, checkpointDisplay: false, speaker: false };
  expect(boardAfter({ trials: [['start', 'blank']] })).toMatchObject(none);
  const code = { code: { text: '3E', moves: false, stage: 'memory' } } as const;
  expect(boardAfter({ trials: [['start', 'at-memory', code]] })).toMatchObject({ ...none, checkpointDisplay: true });
  expect(boardAfter({ trials: [['start', 'blank', { silent: true }]] })).toMatchObject({ ...none, speaker: true });
  const beeps = { beeps: { pattern: 'L', stage: null } } as const;
  expect(boardAfter({ trials: [['start', 'blank', beeps]] })).toMatchObject({ ...none, speaker: true });
});

test('a log folded again gives the very same machine, so that nothing is computed twice', () => {
  const events = eventsOf({ machine, trials: [['start', 'at-memory']] });
  const [first, second] = [foldCase(events), foldCase(events)];
  expect(first.ok && second.ok && first.state.machine === second.state.machine).toBe(true);
  expect(first.ok && first.state.machine.board.stageLights).toBe(true);
});
