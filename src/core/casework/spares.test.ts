import { diagnoseCase, foldCase, foldOn, type CaseState, type EventBody } from '.';
import { eventId, eventsOf, stateOf } from './testing-log';

const item = eventId(900);
let next = 100;
const eventOf = (body: EventBody) => ({ ...body, id: eventId(next++), at: '2026-01-05T10:00:00Z', by: 'Test' });
const fold = (state: CaseState, ...bodies: EventBody[]) => foldOn(state, bodies.map(eventOf));
function after(state: CaseState, ...bodies: EventBody[]): CaseState {
  const folded = fold(state, ...bodies);
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state;
}
const opened = stateOf({ reported: 'dead' });
const lend = (part = 'supply'): EventBody => ({ kind: 'part-lent', item, name: 'Bench supply', part });
const home = (result: 'worked' | 'failed' = 'worked'): EventBody => ({ kind: 'part-home', item, result });
const closing: EventBody = {
  kind: 'case-closed',
  ending: 'returned',
  fault: null,
  cause: 'Unknown',
  done: 'Given back',
};

test('a spare is out until it comes home, and can be lent again', () => {
  const out = after(opened, lend());
  expect(out.sparesOut).toMatchObject([{ item, name: 'Bench supply', part: 'supply' }]);
  const back = after(out, home());
  expect([back.sparesOut, back.sparesHome.map(({ result }) => result)]).toEqual([[], ['worked']]);
  expect(after(back, lend(), home('failed')).sparesHome.map(({ result }) => result)).toEqual(['worked', 'failed']);
});

test.each<[string, EventBody[], string]>([
  ['lent twice', [lend(), lend()], 'lent-already'],
  ['home without being out', [home()], 'not-lent'],
  ['for a part that is not there', [lend('card')], 'unknown-part'],
  ['closed over while it is out', [lend(), closing], 'spare-out'],
  [
    'priced alone and as a lot',
    [{ kind: 'part-moved', way: 'bought', name: 'X', price: '1', lot: { paid: '2', of: 2 } }],
    'one-of-two',
  ],
])('a spare or part %s is refused', (_what, bodies, code) => {
  const folded = fold(opened, ...bodies);
  expect(folded.ok ? null : folded.problem.code).toBe(code);
});

test('what stays lent beyond the end comes home to the closed case', () => {
  const closed = after(opened, lend(), { ...closing, stillLent: [item] });
  expect(closed.stage).toBe('closed');
  expect(after(closed, home()).sparesOut).toEqual([]);
});

test('what is crossed out was never lent', () => {
  const events = [...eventsOf({ reported: 'dead' }), eventOf(lend())];
  const struck = foldCase([
    ...events,
    eventOf({ kind: 'entry-struck', entry: events.at(-1)?.id ?? '', reason: 'Wrong' }),
  ]);
  expect(struck.ok && struck.state.sparesOut).toEqual([]);
});

test('a test that needs what the shelf lacks is not proposed, until a spare of that kind is here', () => {
  const usable = (state: CaseState, lacks: 'supply'[]) =>
    diagnoseCase(state, lacks).alternatives.find(({ id }) => id === 'spare/supply')?.lacks;
  expect(usable(opened, [])).toEqual([]);
  expect(usable(opened, ['supply'])).toEqual(['spare supply']);
  expect(usable(after(opened, lend()), ['supply'])).toEqual([]);
});
