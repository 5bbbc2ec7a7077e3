import { applyChanges, asFound, completeMachine, slotOf, fittedModules, type DeclaredPart } from '../machine';
import { findTrial } from '.';

/** Starts with chosen modules: which stay, which go, and where they stand then. */

const slots = ['A2', 'B2', 'A1', 'B1'].map((name) => ({ name, channel: name.charAt(0) }));

function machineWith(modules: readonly Partial<DeclaredPart>[]) {
  const completed = completeMachine({
    name: 'M',
    parts: modules.map((more, i) => ({ id: `module-${i + 1}`, kind: 'module' as const, ...more })),
    board: { slots },
  });
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
}

/** Where the modules stand after a trial, or null where the machine has no such trial. */
function after(modules: readonly Partial<DeclaredPart>[], id: string): Record<string, string | null> | null {
  const machine = machineWith(modules);
  const trial = findTrial(machine, asFound, id);
  if (!trial) return null;
  const configuration = applyChanges(asFound, trial.changes);
  return Object.fromEntries(fittedModules(machine, configuration).map((m) => [m.id, slotOf(configuration, m)]));
}

test('of four modules one stays in each channel, where the manual wants it', () => {
  expect(after([{}, {}, {}, {}], 'one-per-channel')).toEqual({ 'module-1': 'slot-A2', 'module-2': 'slot-B2' });
});

test('two modules in one channel are spread over both', () => {
  const both = after([{ slot: 'A2' }, { slot: 'A1' }], 'one-per-channel');
  expect(both).toEqual({ 'module-1': 'slot-A2', 'module-2': 'slot-B2' });
});

test('one in each channel already, or one module alone, leaves nothing to try', () => {
  expect(after([{}, {}], 'one-per-channel')).toBeNull();
  expect(after([{}], 'one-per-channel')).toBeNull();
});

test('one known-good module takes the place of all of them', () => {
  expect(after([{}, {}, {}], 'only-spare/module-1')).toEqual({ 'module-1': 'slot-A2' });
  const trial = findTrial(machineWith([{}, {}, {}]), asFound, 'only-spare/module-1');
  expect(trial?.spares).toEqual(['module']);
  expect(trial?.changes).toContainEqual({ kind: 'place', part: 'module-1', to: { state: 'spare' } });
  expect(after([{}], 'only-spare/module-1')).toBeNull();
});
