/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { diagnoseCase, type CaseEvent, type EventBody } from '../../../core/casework';
import { eventsOf } from '../../../core/casework/testing-log';
import type { Role, StoredEvent } from '../../../contracts';
import { inShell } from '../../testing-screen';
import { useDeskStore } from '../../stores/desk-store';
import { createCaseViewer, type CaseView } from './case-view';
import type { CaseActions } from './use-case-actions';
import { useTrialWork } from './use-trial-work';

/** The test in hand: which it is, what a press writes, and what has to be confirmed first. */

const log = eventsOf({
  machine: { parts: [{ id: 'drive', kind: 'drive' }] },
  reported: 'dead',
  trials: [['start', 'dead']],
});
const stored = (events: readonly CaseEvent[]): StoredEvent[] =>
  events.map((event, i) => ({ sequence: i + 1, hash: '', recordedAt: '', event }));
const takeOut = [{ kind: 'place', part: 'drive', to: { state: 'out' } }] as const;

function viewOf(draft: CaseView['events'] | readonly [] = [], changes = false): CaseView {
  const viewed = createCaseViewer()({ records: stored(log), pending: draft, draft: changes ? takeOut : [] });
  if (!viewed.ok) throw new Error(viewed.problem.message);
  return viewed.view;
}

let written: EventBody[][] = [];
const actions: CaseActions = {
  record: (...bodies) => {
    written.push([...bodies]);
    return Promise.resolve(true);
  },
  isSaving: false,
};

function work(view: CaseView, { role = 'technician', ...more }: { canWrite?: boolean; role?: Role } = {}) {
  const diagnosis = diagnoseCase(view.drafted);
  return renderHook(
    () => useTrialWork({ caseId: 'one', view, newest: view, diagnosis, canWrite: true, actions, ...more }),
    { wrapper: ({ children }) => inShell(children, { role }) },
  );
}

beforeEach(() => {
  written = [];
  useDeskStore.setState({ desks: {} });
});

test('the suggestion is in hand, and a press writes its outcome with the note that lies on the desk', () => {
  const view = viewOf();
  useDeskStore.getState().change('one', { note: ' smells of salt ' });
  const { result } = work(view);
  const advised = diagnoseCase(view.drafted).advice.trial;
  expect(result.current.trial?.id).toBe(advised?.id);
  act(() => result.current.gate.confirm());
  act(() => result.current.outcome('not-sure'));
  expect(written).toEqual([[{ kind: 'trial-done', trial: advised?.id, outcome: 'not-sure', note: 'smells of salt' }]]);
});

test('another test can be chosen and given back', () => {
  const { result } = work(viewOf());
  const suggested = result.current.trial?.id;
  const other = result.current.alternatives.find(({ id, outcomes }) => id !== suggested && outcomes.length > 0);
  act(() => result.current.choose(other?.id ?? null));
  expect(result.current.trial?.id).toBe(other?.id);
  expect(result.current.alternatives.map(({ id }) => id)).toContain(suggested);
  act(() => result.current.backToProposal());
  expect(result.current.trial?.id).toBe(suggested);
});

test('where harm is possible nothing is written before the cautions are confirmed', () => {
  const view = viewOf();
  const { result } = work(view);
  const risky = result.current.alternatives.find(({ cautions }) => cautions.includes('unplug'));
  act(() => result.current.choose(risky?.id ?? null));
  act(() => result.current.outcome('not-sure'));
  expect(written).toEqual([]);
  expect(result.current.gate.isAsked).toBe(true);
  // Two keys in one breath: the second counts before the first is drawn.
  act(() => {
    result.current.handleKey('g');
    result.current.outcome('not-sure');
  });
  expect(written).toHaveLength(1);
});

test('"could not" asks why, and the answer stands with it', () => {
  const { result } = work(viewOf());
  act(() => result.current.outcome('could-not'));
  expect(written).toEqual([]);
  act(() => result.current.whyNot?.answer('No meter'));
  expect(written[0]?.[0]).toMatchObject({ kind: 'trial-done', outcome: 'could-not', note: 'No meter' });
  expect(result.current.whyNot).toBeNull();
});

test('after setting up by hand a plain start is in hand, and is written with what was set up', () => {
  const view = viewOf([], true);
  useDeskStore.getState().change('one', { draft: takeOut });
  const { result } = work(view);
  expect([result.current.trial?.id, result.current.isSetUp]).toEqual(['start', true]);
  // What was moved by hand asks for the same care as a test that moves it.
  expect(result.current.trial?.cautions).toContain('unplug');
  act(() => result.current.outcome('works'));
  expect(written).toEqual([]);
  act(() => result.current.gate.confirm());
  act(() => result.current.outcome('works'));
  expect(written[0]).toMatchObject([
    { kind: 'configuration-changed', changes: takeOut },
    { kind: 'trial-done', trial: 'start', outcome: 'works' },
  ]);
});

test('nothing is written while a newer log is being diagnosed', () => {
  const { result } = work(viewOf(), { canWrite: false });
  act(() => result.current.outcome('not-sure'));
  expect(written).toEqual([]);
  expect(result.current.isBusy()).toBe(true);
});

test('number keys press the outcomes in their order; other keys are not taken', () => {
  const { result } = work(viewOf());
  act(() => result.current.gate.confirm());
  const first = result.current.choices.likely[0]?.id;
  act(() => expect(result.current.handleKey('1')).toBe(true));
  expect(written[0]?.[0]).toMatchObject({ outcome: first });
  expect(result.current.handleKey('x')).toBe(false);
});

test('a trainee does not record what writes firmware, and does record the rest', () => {
  const view = viewOf();
  const isFirmware = ({ id }: { id: string }) => id.startsWith('fix/') && id.includes('firmware');
  for (const role of ['trainee', 'technician'] as const) {
    written = [];
    const { result } = work(view, { role });
    const flash = result.current.alternatives.find(isFirmware);
    act(() => result.current.choose(flash?.id ?? null));
    act(() => result.current.gate.confirm());
    act(() => result.current.outcome('could-not'));
    expect([role, flash !== undefined, result.current.whyNot !== null]).toEqual([role, true, role === 'technician']);
    act(() => result.current.choose(null));
  }
});

test('a note that was stored goes from the desk, and what was typed since stays', () => {
  const { result } = work(viewOf());
  const note = () => useDeskStore.getState().desks['one']?.note;
  useDeskStore.getState().change('one', { note: 'cord warm' });
  act(() => result.current.clearNote('cord warm'));
  expect(note()).toBe('');
  useDeskStore.getState().change('one', { note: 'cord warm, plug loose' });
  act(() => result.current.clearNote('cord warm'));
  expect(note()).toBe('cord warm, plug loose');
});

test('a stripped start with a lead left in is written as it was made, with all that was seen and the answer', () => {
  const view = viewOf([], true);
  const seen = { light: { stage: 'memory', stays: true } } as const;
  useDeskStore.getState().change('one', { draft: takeOut, seen });
  const { result } = work(view);
  act(() => result.current.choose('minimal-in-case'));
  act(() => result.current.gate.confirm());
  act(() => result.current.outcome('at-memory'));
  expect(written).toEqual([]);
  expect(result.current.stillOn?.names).toContain('case fan leads');
  act(() => result.current.stillOn?.answer(true));
  const [bodies = []] = written;
  expect(bodies.at(0)).toMatchObject({ kind: 'configuration-changed', changes: takeOut });
  expect(bodies.at(-1)).toMatchObject({ kind: 'trial-done', trial: 'start', outcome: 'at-memory', seen });
  expect(bodies.at(-1)).toHaveProperty('note', expect.stringContaining('Still connected:'));
  expect(result.current.stillOn).toBeNull();
});
