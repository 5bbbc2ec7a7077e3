import { diagnoseCase, foldCase, type EventBody } from '.';
import { eventId, eventsOf } from './testing-log';

const opened = eventsOf({
  machine: { board: { stageLights: true } },
  circumstances: ['processor-changed'],
  reported: 'at-processor',
  trials: [
    ['start', 'at-processor'],
    ['look/firmware-version/board', 'too-old'],
  ],
});
const board: EventBody = {
  kind: 'board-noted',
  board: eventId(900),
  model: 'Tern 4-M',
  revision: '1.1',
  installed: 'R2',
};
const flashed = (more: Partial<Extract<EventBody, { kind: 'firmware-flashed' }>> = {}): EventBody => ({
  kind: 'firmware-flashed',
  method: 'bare-board',
  purpose: 'update',
  from: 'R2',
  to: 'R10',
  end: 'finished',
  ...more,
});
const verified = (version: string): EventBody => ({ kind: 'firmware-verified', version, setAgain: ['boot order'] });
const start = (outcome: string): EventBody => ({ kind: 'trial-done', trial: 'start', outcome });
const odds = (share: number) => share / (1 - share);
const strike = (n: number): EventBody => ({ kind: 'entry-struck', entry: eventId(100 + n), reason: 'Misread' });

function fold(...bodies: readonly EventBody[]) {
  const events = bodies.map((body, i) => ({ ...body, id: eventId(100 + i), at: '2026-01-05T11:00:00Z', by: 'Test' }));
  const folded = foldCase([...opened, ...events]);
  if (!folded.ok) throw new Error(folded.problem.code);
  return folded.state;
}
const shareOf = (mode: string, ...bodies: readonly EventBody[]) =>
  diagnoseCase(fold(...bodies)).suspects.find(({ fault }) => fault.startsWith(mode))?.probability ?? 0;

test('the board that was read and its version stand in the case', () => {
  expect(fold(board).firmware).toMatchObject({ board: { model: 'Tern 4-M' }, installed: 'R2', flashes: [] });
  expect(fold(board, { ...board, installed: null }).firmware.installed).toBe('R2');
});

test('after a flash that finished, a start decides: the old firmware was it, or falls from the suspects', () => {
  const before = shareOf('firmware-too-old', board);
  expect(before).toBeGreaterThan(0.7);
  expect(shareOf('firmware-too-old', board, flashed(), start('works'))).toBeGreaterThan(0.97);
  const after = shareOf('firmware-too-old', board, flashed(), start('at-processor'));
  expect(odds(after)).toBeLessThan(odds(before) / 15);
  expect(shareOf('firmware-too-old', board, flashed(), start('at-processor'), verified('R10'))).toBeLessThan(after);
  expect(fold(board, flashed(), verified('R10')).firmware).toMatchObject({
    installed: 'R10',
    verified: { version: 'R10' },
  });
});

test('a flash that gave up changes nothing', () => {
  const gaveUp = flashed({ end: 'gave-up', seconds: 6 });
  expect(shareOf('firmware-too-old', board, gaveUp)).toBeCloseTo(shareOf('firmware-too-old', board), 12);
  expect(fold(board, gaveUp).firmware.installed).toBe('R2');
});

test('power that went while it wrote makes a corrupt image likelier, until it was flashed again and read', () => {
  const interrupted = flashed({ end: 'interrupted' });
  const broken = shareOf('firmware-corrupt', board, interrupted);
  expect(broken).toBeGreaterThan(3 * shareOf('firmware-corrupt', board));
  expect(fold(board, interrupted).firmware.installed).toBeNull();
  const again = [board, interrupted, flashed({ purpose: 'recover', from: null })];
  expect(shareOf('firmware-corrupt', ...again, start('at-processor'))).toBeLessThan(broken / 2);
  expect(fold(...again, verified('R10')).firmware.installed).toBe('R10');
});

test('a version that is not the one that was flashed means that it was not flashed', () => {
  expect(shareOf('firmware-too-old', board, flashed(), verified('R2'))).toBeCloseTo(
    shareOf('firmware-too-old', board),
    9,
  );
  expect(fold(board, flashed(), verified('R2')).firmware.installed).toBe('R2');
});

test('a flash that is struck no longer counts', () => {
  expect(shareOf('firmware-too-old', board, flashed(), strike(1))).toBeCloseTo(shareOf('firmware-too-old', board), 12);
});

test('a version after a flash needs a flash before it', () => {
  expect(() => fold(board, verified('R10'))).toThrow('nothing-flashed');
});

test('the first start after a flash has a long wait, the next one the usual', () => {
  const waitOf = (...bodies: readonly EventBody[]) =>
    diagnoseCase(fold(...bodies))
      .alternatives.concat(diagnoseCase(fold(...bodies)).advice.trial ?? [])
      .find(({ id }) => id === 'start')?.wait?.seconds;
  expect(waitOf(board)).toBe(60);
  expect(waitOf(board, flashed())).toBe(180);
  expect(waitOf(board, flashed(), start('at-processor'))).toBe(60);
});

test('a flash that nobody was sure of counts once the version says that it took, in its own place in the log', () => {
  const unsure = [board, flashed({ end: 'unsure' }), start('works')];
  const read = [...unsure, verified('R10')];
  expect(fold(...read).steps.map(({ trial }) => trial.id)).toEqual(
    fold(board, flashed(), start('works'), verified('R10')).steps.map(({ trial }) => trial.id),
  );
  expect(shareOf('firmware-too-old', ...read)).toBeGreaterThan(shareOf('firmware-too-old', ...unsure));
});

test('what came from the second image has the version that is read, whatever it is', () => {
  const state = fold(board, flashed({ method: 'second-image', purpose: 'recover', to: null }), verified('R1'));
  expect(state.firmware.installed).toBe('R1');
  expect(state.steps.some(({ trial }) => trial.id === 'flashed')).toBe(true);
});

test('an image that was written again after an interruption is no longer taken for broken', () => {
  const interrupted = flashed({ end: 'interrupted' });
  const again = flashed({ purpose: 'recover', from: null });
  expect(shareOf('firmware-corrupt', board, interrupted, again)).toBeLessThan(
    shareOf('firmware-corrupt', board, interrupted),
  );
});
