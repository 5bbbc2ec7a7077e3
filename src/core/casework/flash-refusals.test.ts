import { flashRefusals, foldCase, type CaseEvent, type CaseState } from '.';
import { desktopWithLights, eventId, eventsOf, stateOf, type BriefLog } from './testing-log';

const log = (trials: BriefLog['trials'], more: Partial<BriefLog> = {}): BriefLog => ({
  machine: desktopWithLights,
  ...(trials ? { trials } : {}),
  ...more,
});
const codes = (state: CaseState, method: Parameters<typeof flashRefusals>[1] = 'bare-board') =>
  flashRefusals(state, method).map(({ code }) => code);

test('a machine that the log says is running is not flashed bare, nor is one whose button was pressed', () => {
  expect(codes(stateOf(log([['start', 'blank']])))).toEqual(['running']);
  expect(codes(stateOf(log([['start', 'dead']])))).toEqual(['button']);
  expect(codes(stateOf(log([])))).toEqual([]);
  // Setup needs it on; what the owner reported was long before.
  expect(codes(stateOf(log([['start', 'works']])), 'menu')).toEqual([]);
  expect(codes(stateOf(log([], { reported: 'blank' })))).toEqual([]);
});

test('the cord out settles it: by a test that needs it, or said so', () => {
  expect(
    codes(
      stateOf(
        log([
          ['start', 'blank'],
          ['look/cord/cord', 'seated'],
        ]),
      ),
    ),
  ).toEqual([]);
  const off: CaseEvent = { id: eventId(90), at: '2026-01-05T12:00:00Z', by: 'T', kind: 'switched-off' };
  const folded = foldCase([...eventsOf(log([['start', 'blank']])), off]);
  expect(folded.ok && codes(folded.state)).toEqual([]);
  const again: CaseEvent = { ...off, id: eventId(91), kind: 'trial-done', trial: 'start', outcome: 'blank' };
  const restarted = foldCase([...eventsOf(log([['start', 'blank']])), off, again]);
  expect(restarted.ok && codes(restarted.state)).toEqual(['running']);
});

test('liquid that is not yet dry refuses every flash', () => {
  const wet = stateOf(log([['look/board-signs/board', 'traces']], { circumstances: ['spill'] }));
  expect([codes(wet), codes(wet, 'menu'), codes(wet, 'sent-in')]).toEqual([['wet'], ['wet'], []]);
});
