import fc from 'fast-check';
import { applyChanges, asFound, completeMachine, describeChanges, differ, slotOf, type Change } from '.';

const change: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    kind: fc.constant('place' as const),
    part: fc.constantFrom('drive', 'card', 'module'),
    to: fc.oneof(
      fc.constantFrom({ state: 'as-found' } as const, { state: 'out' } as const, { state: 'spare' } as const),
      fc.record({ state: fc.constant('moved' as const), to: fc.constantFrom('slot-A2', 'slot-B2') }),
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

test('a module stands where it was found, where it was moved to, or nowhere', () => {
  const module = { id: 'm', kind: 'module', name: 'module', slot: 'slot-A2' } as const;
  const placed = (to: Extract<Change, { kind: 'place' }>['to']) =>
    applyChanges(asFound, [{ kind: 'place', part: 'm', to }]);
  expect(slotOf(asFound, module)).toBe('slot-A2');
  expect(slotOf(placed({ state: 'moved', to: 'slot-B1' }), module)).toBe('slot-B1');
  expect(slotOf(placed({ state: 'spare' }), module)).toBe('slot-A2');
  expect(slotOf(placed({ state: 'out' }), module)).toBeNull();
});
