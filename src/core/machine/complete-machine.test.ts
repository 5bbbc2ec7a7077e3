import { completeMachine, type DeclaredMachine } from '.';

const parts = (declared: DeclaredMachine) => {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error(completed.problems[0]?.message);
  return completed.machine.parts;
};
const problems = (declared: DeclaredMachine) => {
  const completed = completeMachine(declared);
  return completed.ok ? [] : completed.problems.map(({ code, path }) => `${code} at ${path.join('.')}`);
};

test('a machine of which nothing is written down has what every machine has', () => {
  const kinds = parts({ name: 'Kiosk', parts: [] }).map(({ kind }) => kind);
  expect(kinds).toEqual(
    expect.arrayContaining(['outlet', 'cord', 'supply', 'board', 'processor', 'module', 'drive', 'monitor']),
  );
});

test('a bare bench has no module and no drive unless they are listed', () => {
  const kinds = parts({ name: 'Bench', parts: [], bare: true }).map(({ kind }) => kind);
  expect(kinds).not.toContain('module');
  expect(kinds).not.toContain('drive');
});

test('a machine with a DC adapter gets no supply', () => {
  const kinds = parts({ name: 'Mini', parts: [{ id: 'a', kind: 'adapter' }] }).map(({ kind }) => kind);
  expect(kinds).toContain('adapter');
  expect(kinds).not.toContain('supply');
});

test('modules without a slot fill the free slots in the order of the manual', () => {
  const modules = parts({
    name: 'M',
    parts: [
      { id: 'one', kind: 'module' },
      { id: 'two', kind: 'module', slot: 'A2' },
      { id: 'three', kind: 'module' },
    ],
  }).filter(({ kind }) => kind === 'module');
  expect(modules.map(({ id, slot, name }) => [id, slot, name])).toEqual([
    ['one', 'slot-B2', 'module 1'],
    ['two', 'slot-A2', 'module 2'],
    ['three', 'slot-A1', 'module 3'],
  ]);
});

test('each slot belongs to its channel', () => {
  const machine = parts({ name: 'M', parts: [], board: { slots: [{ name: 'X1', channel: 'X' }] } });
  expect(machine.find(({ id }) => id === 'slot-X1')?.channel).toBe('channel-X');
  expect(machine.filter(({ kind }) => kind === 'channel').map(({ id }) => id)).toEqual(['channel-X']);
});

test.each<[string, DeclaredMachine['parts'], string]>([
  [
    'an id used twice',
    [
      { id: 'd', kind: 'drive' },
      { id: 'd', kind: 'fan' },
    ],
    'duplicate-part at parts.1.id',
  ],
  ['an id that an implied part takes', [{ id: 'board', kind: 'fan' }], 'duplicate-part at parts.0.id'],
  ['an id kept for slots', [{ id: 'slot-A2', kind: 'fan' }], 'reserved-id at parts.0.id'],
  ['a slot that the board does not have', [{ id: 'm', kind: 'module', slot: 'Z9' }], 'unknown-slot at parts.0.slot'],
  [
    'two modules in one slot',
    [
      { id: 'm', kind: 'module', slot: 'A2' },
      { id: 'n', kind: 'module', slot: 'A2' },
    ],
    'slot-taken at parts.1.slot',
  ],
  [
    'two power sources',
    [
      { id: 's', kind: 'supply' },
      { id: 'a', kind: 'adapter' },
    ],
    'two-power-sources at parts',
  ],
])('%s is refused with its field', (_name, declared, problem) => {
  expect(problems({ name: 'M', parts: declared })).toContain(problem);
});

test('more modules than slots are refused', () => {
  const many = Array.from({ length: 5 }, (_, i) => ({ id: `m${i}`, kind: 'module' as const }));
  expect(problems({ name: 'M', parts: many })).toEqual(['slot-taken at parts']);
});
