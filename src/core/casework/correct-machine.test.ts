import { diagnoseCase, foldCase, type CaseEvent, type EventBody } from '.';
import { desktopWithLights, eventId, eventsOf, type BriefLog } from './testing-log';

const correction = (body: object): CaseEvent => ({
  ...({ kind: 'machine-corrected', ...body } as EventBody),
  id: eventId(50),
  at: '2026-01-05T10:00:00Z',
  by: 'T',
});
const after = (log: BriefLog, body: object) => foldCase([...eventsOf(log), correction(body)]);
const stateAfter = (log: BriefLog, body: object) => {
  const folded = after(log, body);
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state;
};

test('a part that was forgotten is in it as found, beside all that was there', () => {
  const log: BriefLog = { machine: { parts: [], board: {} }, trials: [['start', 'blank']] };
  const before = foldCase(eventsOf(log));
  const { machine } = stateAfter(log, { added: [{ id: 'drive-9', kind: 'drive', name: 'old drive' }] });
  const ids = machine.parts.map(({ id }) => id);
  expect(before.ok && before.state.machine.parts.every(({ id }) => ids.includes(id))).toBe(true);
  expect(machine.parts.find(({ id }) => id === 'drive-9')?.name).toBe('old drive');
});

test('what was written down wrongly is weighed again for all that was seen before', () => {
  const log: BriefLog = { machine: { ...desktopWithLights, board: {} }, trials: [['start', 'blank']] };
  const share = (body: object) =>
    diagnoseCase(stateAfter(log, body)).links.find(({ link }) => link === 'memory')?.probability ?? 0;
  // A board with lights that shows none stops at memory less often.
  expect(share({ board: { stageLights: true } })).toBeLessThan(share({ board: { standbyLight: false } }) - 0.02);
});

test('signals that were seen stay, unless the correction says otherwise', () => {
  const log: BriefLog = { machine: { ...desktopWithLights, board: {} }, trials: [['start', 'at-memory']] };
  expect(stateAfter(log, { builtInGraphics: false }).machine.board.stageLights).toBe(true);
  const { machine } = stateAfter(log, { board: { stageLights: false, form: 'Mini-ITX' } });
  expect([machine.board.stageLights, machine.board.form]).toEqual([false, 'Mini-ITX']);
});

test('a part with the id of another is refused at its field, and so is one on a slot that is taken', () => {
  const log: BriefLog = { machine: desktopWithLights };
  expect(after(log, { added: [{ id: 'drive', kind: 'drive' }] })).toMatchObject({
    ok: false,
    problem: { code: 'duplicate-part', path: ['added'] },
  });
  const five = Array.from({ length: 3 }, (_, i) => ({ id: `module-${i + 5}`, kind: 'module' }));
  expect(after(log, { added: five }).ok).toBe(false);
});

test('the same log folded again gives the very same machine', () => {
  const events = [...eventsOf({ machine: desktopWithLights }), correction({ board: { speaker: true } })];
  const [first, second] = [foldCase(events), foldCase(events)];
  expect(first.ok && second.ok && first.state.machine === second.state.machine).toBe(true);
});
