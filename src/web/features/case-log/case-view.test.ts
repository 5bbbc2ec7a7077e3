import { diagnoseCase, type CaseEvent } from '../../../core/casework';
import { eventId, eventsOf } from '../../../core/casework/testing-log';
import type { StoredEvent } from '../../../contracts';
import { createCaseViewer, draftAfter, isDrafted, type CaseView, type ViewParts } from './case-view';

const log = eventsOf({
  machine: { parts: [{ id: 'drive', kind: 'drive' }] },
  reported: 'twitch',
  trials: [
    ['start', 'twitch'],
    ['out/drive', 'works'],
    ['back/drive', 'twitch'],
  ],
});
const store = (events: readonly CaseEvent[]): StoredEvent[] =>
  events.map((event, i) => ({ sequence: i + 1, hash: '', recordedAt: '', event: { ...event } }));
const stored = store(log);
const note: CaseEvent = { kind: 'note-added', id: eventId(50), at: '2026-01-05T10:00:00Z', by: 'T', text: 'x' };
const strike = (entry: string): CaseEvent => ({ ...note, id: eventId(51), kind: 'entry-struck', entry, reason: 'x' });
const takeOut = [{ kind: 'place', part: 'drive', to: { state: 'out' } }] as const;

function viewer() {
  const view = createCaseViewer();
  return (parts: ViewParts): CaseView => {
    const viewed = view(parts);
    if (!viewed.ok) throw new Error(viewed.problem.message);
    return viewed.view;
  };
}

test('a log that grows is the same as one that is read whole', () => {
  const view = viewer();
  let grown = view({ records: stored.slice(0, 1), pending: [] });
  for (let length = 2; length <= stored.length; length++)
    grown = view({ records: stored.slice(0, length), pending: [] });
  const whole = viewer()({ records: stored, pending: [] });
  expect(grown.stored).toEqual(whole.stored);
  expect(diagnoseCase(grown.logged).suspects).toEqual(diagnoseCase(whole.logged).suspects);
});

test('what is on its way is shown at once, and storing it changes nothing that is drawn', () => {
  const view = viewer();
  const before = view({ records: stored, pending: [note] });
  expect(before.logged.entries.at(-1)?.event).toBe(note);
  expect(before.stored.entries.length).toBe(log.length);
  const after = view({ records: [...stored, ...store([...log, note]).slice(-1)], pending: [] });
  expect(after.logged).toBe(before.logged);
  expect(after.events).toBe(before.events);
  expect(after.stored.entries.length).toBe(log.length + 1);
});

test('what the server would refuse is not shown: the log stands as it is stored', () => {
  const view = viewer();
  const { logged } = view({ records: stored, pending: [strike(eventId(2))] });
  expect(logged.entries.length).toBe(log.length);
});

test('undoing the last entry shows the machine as it was before it', () => {
  const { logged } = viewer()({ records: stored, pending: [strike(eventId(3))] });
  expect(logged.configuration.placements['drive']).toEqual({ state: 'out' });
});

test('what is changed on the plan is drawn and diagnosed, and is gone once it is written', () => {
  const view = viewer();
  const plain = view({ records: stored, pending: [] });
  expect(isDrafted(plain)).toBe(false);
  const drafted = view({ records: stored, pending: [], draft: takeOut });
  expect(isDrafted(drafted)).toBe(true);
  expect(drafted.drafted.configuration.placements['drive']).toEqual({ state: 'out' });
  expect(drafted.logged).toBe(plain.logged);
  expect(view({ records: stored, pending: [], draft: takeOut })).toBe(drafted);
  const written: CaseEvent = { ...note, id: eventId(60), kind: 'configuration-changed', changes: takeOut };
  const after = view({ records: stored, pending: [written], draft: takeOut, draftId: written.id });
  expect(isDrafted(after)).toBe(false);
  expect(after.logged.configuration.placements['drive']).toEqual({ state: 'out' });
});

test('a draft that no longer fits its log is left out', () => {
  const elsewhere = [{ kind: 'place', part: 'not-there', to: { state: 'out' } }] as const;
  expect(isDrafted(viewer()({ records: stored, pending: [], draft: elsewhere }))).toBe(false);
});

test('changing a part back to as it was leaves no draft', () => {
  const view = viewer()({ records: stored, pending: [], draft: takeOut });
  expect(draftAfter(view, [{ kind: 'place', part: 'drive', to: { state: 'as-found' } }])).toEqual([]);
});

test('an entry of another version is kept in its place', () => {
  const later = { ...note, kind: 'thermal-image', v: 99 };
  const [opened, ...rest] = stored;
  if (!opened) throw new Error('expected an opening');
  const { logged } = viewer()({ records: [opened, { ...opened, event: later }, ...rest], pending: [] });
  expect(logged.entries[1]).toMatchObject({ event: { kind: 'unread', writtenKind: 'thermal-image' } });
  expect(logged.entries.length).toBe(log.length + 1);
});

test('a log that does not begin by opening a machine says so', () => {
  expect(createCaseViewer()({ records: stored.slice(1), pending: [] })).toMatchObject({
    ok: false,
    problem: { code: 'not-opened' },
  });
});
