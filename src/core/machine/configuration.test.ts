import fc from 'fast-check';
import {
  applyChanges,
  asFound,
  completeMachine,
  describeChanges,
  differ,
  movedTo,
  pieceIn,
  slotOf,
  type Change,
} from '.';

const change: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    kind: fc.constant('place' as const),
    part: fc.constantFrom('drive', 'card', 'module'),
    to: fc.oneof(
      fc.constantFrom(
        { state: 'as-found' } as const,
        { state: 'out' } as const,
        { state: 'spare' } as const,
        { state: 'new' } as const,
      ),
      fc.record({ state: fc.constant('moved' as const), to: fc.constantFrom('slot-A2', 'slot-B2') }),
      fc.constant({ state: 'moved' as const, to: 'slot-A2', spare: true as const }),
    ),
  }),
  fc.record({ kind: fc.constant('settings' as const), to: fc.constantFrom('as-found', 'defaults') }),
  fc.record({ kind: fc.constant('start' as const), to: fc.constantFrom('button', 'bridge') }),
  fc.record({ kind: fc.constant('surface' as const), to: fc.constantFrom('case', 'bench') }),
);

test('the difference between two configurations leads from one to the other', () => {
  fc.assert(
    fc.property(fc.array(change), fc.array(change), (a, b) => {
      const from = applyChanges(asFound, a);
      const to = applyChanges(asFound, b);
      expect(applyChanges(from, differ(from, to))).toEqual(to);
    }),
  );
});

test('equal configurations have no difference, however they came about', () => {
  const there = applyChanges(asFound, [{ kind: 'place', part: 'drive', to: { state: 'out' } }]);
  const back = applyChanges(there, [{ kind: 'place', part: 'drive', to: { state: 'as-found' } }]);
  expect(differ(asFound, back)).toEqual([]);
});

test('changes are told in words with the names of the parts', () => {
  const completed = completeMachine({ name: 'M', parts: [{ id: 'usb', kind: 'front-usb', name: 'front USB-C lead' }] });
  if (!completed.ok) throw new Error('expected a machine');
  expect(
    describeChanges(completed.machine, [
      { kind: 'place', part: 'usb', to: { state: 'out' } },
      { kind: 'place', part: 'module', to: { state: 'moved', to: 'slot-B2' } },
      { kind: 'start', to: 'bridge' },
    ]),
  ).toBe('front USB-C lead unplugged; module moved to slot B2; started by bridging the switch pins');
  expect(describeChanges(completed.machine, [])).toBe('as it is');
});

test('what was replaced for good is the new one wherever it is, until the old one is put back in its place', () => {
  const after = (...states: Extract<Change, { kind: 'place' }>['to'][]) =>
    applyChanges(
      asFound,
      states.map((to) => ({ kind: 'place', part: 'cable', to })),
    );
  const moved = { state: 'moved', to: 'the board output' } as const;
  expect(pieceIn(after({ state: 'new' }, moved), 'cable')).toBe('new');
  expect(pieceIn(after({ state: 'new' }, { state: 'out' }), 'cable')).toBeNull();
  expect(pieceIn(after({ state: 'new' }, { state: 'out' }, { state: 'as-found' }), 'cable')).toBe('new');
  expect(pieceIn(after({ state: 'new' }, { state: 'spare' }, { state: 'as-found' }), 'cable')).toBe('new');
  expect(pieceIn(after({ state: 'new' }, { state: 'as-found' }), 'cable')).toBe('original');
  expect(pieceIn(after(moved), 'cable')).toBe('original');
});

test('a spare that is moved along with another part stays the spare', () => {
  const lent = applyChanges(asFound, [{ kind: 'place', part: 'cable', to: { state: 'spare' } }]);
  const along = movedTo(lent, 'cable', 'the board output');
  expect(pieceIn(applyChanges(lent, [{ kind: 'place', part: 'cable', to: along }]), 'cable')).toBe('spare');
  expect(movedTo(asFound, 'cable', 'the board output')).toEqual({ state: 'moved', to: 'the board output' });
});

test('a module stands where it was found, where it was moved to, or nowhere', () => {
  const module = { id: 'm', kind: 'module', name: 'module', slot: 'slot-A2' } as const;
  const placed = (to: Extract<Change, { kind: 'place' }>['to']) =>
    applyChanges(asFound, [{ kind: 'place', part: 'm', to }]);
  expect(slotOf(asFound, module)).toBe('slot-A2');
  expect(slotOf(placed({ state: 'moved', to: 'slot-B1' }), module)).toBe('slot-B1');
  expect(slotOf(placed({ state: 'spare' }), module)).toBe('slot-A2');
  expect(slotOf(placed({ state: 'out' }), module)).toBeNull();
});
