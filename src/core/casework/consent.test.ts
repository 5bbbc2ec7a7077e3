import { diagnoseCase, foldCase, foldOn, foldStored, type CaseState, type EventBody } from '.';
import { eventId, eventsOf, stateOf, type BriefLog } from './testing-log';

const locked: BriefLog = {
  machine: {
    parts: [
      { id: 'module-1', kind: 'module', slot: 'A2' },
      { id: 'module-2', kind: 'module', slot: 'B2' },
    ],
  },
  circumstances: ['used-parts'],
  reported: 'message-settings',
  trials: [
    ['start', 'message-settings'],
    ['look/setup-entry/board', 'password'],
  ],
};
let next = 60;
const on = (state: CaseState, ...bodies: EventBody[]) =>
  foldOn(
    state,
    bodies.map((body) => ({ ...body, id: eventId(next++), at: '2026-01-05T11:00:00Z', by: 'Test' })),
  );
const after = (state: CaseState, ...bodies: EventBody[]): CaseState => {
  const folded = on(state, ...bodies);
  if (!folded.ok) throw new Error(JSON.stringify(folded.problem));
  return folded.state;
};
const proof: EventBody = {
  kind: 'consent-noted',
  to: 'password-clearing',
  isAgreed: true,
  way: 'in-person',
  words: 'Clear it, the former clerk set it',
  shown: 'Invoice with the serial number',
};
const cleared: EventBody = { kind: 'trial-done', trial: 'fix/clear-password@board', outcome: 'works' };

test('a password is not offered to be cleared, and not cleared, on a log without proof; with it, it is', () => {
  const state = stateOf(locked);
  const asked = diagnoseCase(state);
  expect(asked.advice).toMatchObject({ kind: 'consent', trial: null });
  expect(asked.advice.why).toContain('Note what was shown first');
  const refused = on(state, cleared);
  expect(refused.ok ? null : [refused.problem.code, refused.problem.path]).toEqual(['no-proof', ['trial']]);
  const proven = after(state, proof);
  expect(diagnoseCase(proven).advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/clear-password@board' } });
  expect(on(proven, cleared).ok).toBe(true);
  expect(on(state, proof, cleared).ok).toBe(true);
});

test('proof that is struck or taken back counts no more, and proof of nothing is none', () => {
  const proven = after(stateOf(locked), proof);
  expect(on(after(proven, { ...proof, isAgreed: false }), cleared).ok).toBe(false);
  const id = proven.entries.at(-1)?.event.id ?? '';
  expect(on(after(proven, { kind: 'entry-struck', entry: id, reason: 'Another invoice' }), cleared).ok).toBe(false);
  const strike: EventBody = { kind: 'entry-struck', entry: id, reason: 'Another invoice' };
  expect(on(proven, strike, cleared).ok).toBe(false);
  const { shown: _shown, ...without } = proof;
  const refused = on(stateOf(locked), without);
  expect(refused.ok ? null : refused.problem.path).toEqual(['shown']);
});

test('a log that was written before anybody asked for proof is read as it stands', () => {
  const old = eventsOf({ ...locked, trials: [...(locked.trials ?? []), ['fix/clear-password@board', 'works']] });
  const folded = foldStored(old);
  expect(folded.ok && folded.state.entries.every(({ unread }) => unread === null)).toBe(true);
});

test('what costs more than was agreed waits for the owner, and the new limit holds', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-i'],
    ['look/supply-leads/supply', 'seated'],
    ['spare/supply', 'works'],
    ['back/supply', 'dead'],
    ['spare/supply', 'works'],
  ];
  const [opened, ...rest] = eventsOf({ trials, reported: 'dead' });
  if (opened?.kind !== 'case-opened') throw new Error('expected an opening');
  const folded = foldCase([{ ...opened, spendingLimit: 20 }, ...rest]);
  if (!folded.ok) throw new Error(folded.problem.message);
  expect(diagnoseCase(folded.state).advice).toMatchObject({ kind: 'consent' });
  const raised = (upTo: number): EventBody => ({
    kind: 'consent-noted',
    to: 'over-limit',
    isAgreed: true,
    way: 'telephone',
    words: 'Go ahead',
    upTo,
  });
  expect(diagnoseCase(after(folded.state, raised(25))).advice.kind).toBe('consent');
  expect(diagnoseCase(after(folded.state, raised(200))).advice).toMatchObject({
    kind: 'repair',
    trial: { id: 'fix/replace@supply' },
  });
});
