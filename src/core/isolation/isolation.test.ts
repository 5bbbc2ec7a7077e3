import { applyChanges, asFound, completeMachine, type Change, type DeclaredMachine } from '../machine';
import type { StartOutcome } from '../startup';
import {
  buildUpRun,
  buildUpSteps,
  expectedSignals,
  FORGOTTEN_LEADS,
  memoryMatrix,
  minimalChanges,
  stripDownList,
  type MemoryStart,
} from '.';

function machineOf(declared: Partial<DeclaredMachine> = {}) {
  const completed = completeMachine({ name: 'M', parts: [], ...declared });
  if (!completed.ok) throw new Error(completed.problems[0]?.message);
  return completed.machine;
}
const machine = machineOf({
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A1' },
    { id: 'module-2', kind: 'module', slot: 'B1' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb', name: 'front USB lead' },
    { id: 'front-usb-c', kind: 'front-usb', name: 'front USB-C lead' },
  ],
  board: { speaker: true },
  builtInGraphics: true,
});
const out = (part: string): Change => ({ kind: 'place', part, to: { state: 'out' } });

test('the minimum takes out all that a picture does not need, and leaves one module in the slot that the manual names', () => {
  expect(minimalChanges(machine, asFound)).toEqual(
    expect.arrayContaining([
      out('card'),
      out('drive'),
      out('front-usb'),
      out('front-usb-c'),
      out('module-2'),
      { kind: 'place', part: 'module-1', to: { state: 'moved', to: 'slot-A2' } },
    ]),
  );
  const minimal = applyChanges(asFound, minimalChanges(machine, asFound));
  expect(minimalChanges(machine, minimal)).toEqual([]);
});

test('a machine without built-in graphics keeps its card', () => {
  const withCard = machineOf({ parts: [{ id: 'card', kind: 'card' }], builtInGraphics: false });
  expect(minimalChanges(withCard, asFound)).not.toContainEqual(out('card'));
});

test('the strip-down list names every lead that is still on and does not call it minimal before each is accounted for', () => {
  const before = stripDownList(machine, asFound);
  expect(before.isMinimal).toBe(false);
  expect(before.lines.filter(({ state }) => state === 'still-on').map(({ name }) => name)).toEqual(
    expect.arrayContaining(['front USB lead', 'front USB-C lead', 'drive']),
  );
  const minimal = applyChanges(asFound, minimalChanges(machine, asFound));
  const stripped = stripDownList(machine, minimal);
  expect(stripped.lines.filter(({ state }) => state === 'still-on')).toEqual([]);
  // Leads that nobody wrote down are asked for first.
  const asked = stripped.lines.filter(({ state }) => state === 'ask').map(({ id }) => id);
  expect(asked.length).toBeGreaterThan(0);
  expect(stripped.isMinimal).toBe(false);
  expect(stripDownList(machine, minimal, new Set(asked)).isMinimal).toBe(true);
});

test('a lead that is written down is not asked for a second time', () => {
  const named = stripDownList(machine, asFound).lines.filter(({ name }) => /front usb-c lead/i.test(name));
  expect(named.map(({ state }) => state)).toEqual(['still-on']);
});

test('one forgotten lead keeps the configuration from being minimal', () => {
  const all = minimalChanges(machine, asFound).filter(
    (change) => change.kind !== 'place' || change.part !== 'front-usb-c',
  );
  const accounted = new Set(FORGOTTEN_LEADS.map(({ id }) => id));
  const list = stripDownList(machine, applyChanges(asFound, all), accounted);
  expect(list.isMinimal).toBe(false);
  expect(list.lines.find(({ id }) => id === 'front-usb-c')?.state).toBe('still-on');
});

test('each step of building up has the signal that a sound machine gives', () => {
  const steps = buildUpSteps(
    machineOf({ ...machine, parts: [{ id: 'card', kind: 'card' }], builtInGraphics: false, board: { speaker: true } }),
    asFound,
  );
  expect(steps.map(({ id, expect: [first] }) => [id, first?.outcome])).toEqual([
    ['processor', 'at-memory'],
    ['memory', 'at-graphics'],
    ['graphics', 'no-boot'],
    ['drive', 'works'],
  ]);
  for (const { configuration } of steps)
    expect([configuration.surface, configuration.start]).toEqual(['bench', 'bridge']);
});

test('without a signal to read a step expects a dark screen and no more', () => {
  const silent = machineOf({ parts: [{ id: 'm', kind: 'module' }] });
  expect(expectedSignals(silent, applyChanges(asFound, [out('m')]))[0]?.outcome).toBe('blank');
});

const only = (module: string, slot: string, outcome: StartOutcome): MemoryStart => {
  const home = machine.parts.find(({ id }) => id === module)?.slot === `slot-${slot}`;
  return {
    configuration: applyChanges(asFound, [
      out(module === 'module-1' ? 'module-2' : 'module-1'),
      { kind: 'place', part: module, to: home ? { state: 'as-found' } : { state: 'moved', to: `slot-${slot}` } },
    ]),
    outcome,
  };
};

test('a module that fails where another starts is the module', () => {
  const { modules, slots, deductions } = memoryMatrix(machine, [
    only('module-1', 'A2', 'at-memory'),
    only('module-2', 'A2', 'works'),
  ]);
  expect([modules['module-1'], modules['module-2'], slots['slot-A2']]).toEqual(['bad', 'good', 'good']);
  expect(deductions[0]).toBe('Module 1 fails where others start: the module is bad.');
});

test('a slot in which a proven module fails is the slot', () => {
  const { slots, channels, deductions } = memoryMatrix(machine, [
    only('module-1', 'B2', 'works'),
    only('module-1', 'A2', 'at-memory'),
  ]);
  expect([slots['slot-A2'], channels['channel-A']]).toEqual(['bad', 'open']);
  expect(deductions[0]).toContain('Slot A2 fails with a proven module');
});

test('both slots of a channel failing point at the channel, not at two slots', () => {
  const { channels, deductions } = memoryMatrix(machine, [
    only('module-1', 'B2', 'works'),
    only('module-1', 'A2', 'at-memory'),
    only('module-1', 'A1', 'loop'),
  ]);
  expect(channels['channel-A']).toBe('bad');
  expect(deductions[0]).toContain('Memory channel A: all its slots fail');
  expect(deductions.join()).not.toContain('it is the slot');
});

test('all failing everywhere points elsewhere than at two modules', () => {
  const failing = ['A2', 'B2'].flatMap((slot) => [
    only('module-1', slot, 'at-memory'),
    only('module-2', slot, 'at-memory'),
  ]);
  const { modules, deductions } = memoryMatrix(machine, failing);
  expect(modules).toEqual({ 'module-1': 'open', 'module-2': 'open' });
  expect(deductions[0]).toContain('Check processor, board, firmware and memory profile');
});

test('what stops before memory says nothing about it, and the next cell is the slot that the manual names', () => {
  const { cells, next } = memoryMatrix(machine, [only('module-1', 'A2', 'twitch')]);
  expect(cells.every(({ state }) => state === 'untried')).toBe(true);
  expect(next).toEqual({ module: 'module-1', slot: 'slot-A2' });
  expect(memoryMatrix(machine, [only('module-1', 'A2', 'works')]).next).toEqual({
    module: 'module-2',
    slot: 'slot-A2',
  });
});

test('from a step of building up the next ones can still be made', () => {
  const [first] = buildUpSteps(machine, asFound);
  if (!first) throw new Error('expected a step');
  const onward = buildUpSteps(machine, first.configuration);
  expect(onward.map(({ id }) => id)).toEqual(['processor', 'memory', 'drive']);
  expect(onward[0]?.changes).toEqual([]);
  expect(onward[1]?.changes).toEqual([{ kind: 'place', part: 'module-1', to: { state: 'moved', to: 'slot-A2' } }]);
});

const signalling = machineOf({
  parts: [{ id: 'card', kind: 'card' }],
  builtInGraphics: false,
  board: { speaker: true },
});
const run = (seen: Parameters<typeof buildUpRun>[2]) => buildUpRun(signalling, asFound, seen);

test('a build-up step that shows its signal proves what was added, one that stops short blames it', () => {
  const [processor, memory, graphics] = run({ processor: 'at-memory', memory: 'at-memory' });
  expect([processor?.verdict, memory?.verdict, graphics?.verdict]).toEqual(['as-expected', 'too-early', 'open']);
  expect(processor?.meaning).toBe('The board, the processor, the cooler and the supply: good so far.');
  expect(memory?.meaning).toBe('It stops before the expected signal: suspect the module, or what it is plugged into.');
  expect(graphics?.meaning).toBeNull();
});

test('a build-up step that gets further than it can means that something else is still attached', () => {
  expect(run({ memory: 'works' })[1]).toMatchObject({ verdict: 'further' });
});
