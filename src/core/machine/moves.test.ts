import {
  applyChanges,
  asFound,
  completeMachine,
  foundConfiguration,
  movesOf,
  pieceIn,
  placementOf,
  socketsOff,
  warningsOf,
  type Configuration,
  type DeclaredMachine,
} from '.';

function machineOf(declared: Partial<DeclaredMachine>) {
  const completed = completeMachine({ name: 'M', parts: [], ...declared });
  if (!completed.ok) throw new Error(completed.problems.map(({ message }) => message).join());
  const { machine } = completed;
  const part = (id: string) => {
    const found = machine.parts.find((p) => p.id === id);
    if (!found) throw new Error(`expected the part ${id}`);
    return found;
  };
  const after = (from: Configuration, id: string, moveId: string) => {
    const move = movesOf(machine, from, part(id)).find((m) => m.id === moveId);
    if (!move) throw new Error(`expected the move ${moveId} of ${id}`);
    return { configuration: applyChanges(from, move.changes), changes: move.changes };
  };
  const idsOf = (from: Configuration, id: string) => movesOf(machine, from, part(id)).map((m) => m.id);
  return { machine, after, idsOf };
}

const lanes = machineOf({
  parts: [
    { id: 'm2', kind: 'drive', bus: 'm2' },
    { id: 'disk', kind: 'drive', socket: 'SATA 5' },
  ],
  board: {
    sockets: { sata: ['SATA 1', 'SATA 5'], m2: ['M.2 1'] },
    sharing: [{ filled: 'M.2 1', switchesOff: ['SATA 5'] }],
  },
});

test('a module can go to the free slots, out, to a spare and back, but never where another stands', () => {
  const { after, idsOf } = machineOf({
    parts: [
      { id: 'module-1', kind: 'module', slot: 'A2' },
      { id: 'module-2', kind: 'module', slot: 'B2' },
    ],
  });
  expect(idsOf(asFound, 'module-1')).toEqual(['out', 'spare', 'to/slot-A1', 'to/slot-B1']);
  const out = after(asFound, 'module-2', 'out').configuration;
  expect(idsOf(out, 'module-1')).toContain('to/slot-B2');
  expect(idsOf(out, 'module-2')[0]).toBe('back');
});

test('a spare that is moved to another slot stays a spare, and goes back to the own one', () => {
  const { after } = machineOf({ parts: [{ id: 'module-1', kind: 'module', slot: 'A2' }] });
  const moved = after(after(asFound, 'module-1', 'spare').configuration, 'module-1', 'to/slot-B2').configuration;
  expect(pieceIn(moved, 'module-1')).toBe('spare');
  expect(pieceIn(after(moved, 'module-1', 'back').configuration, 'module-1')).toBe('original');
});

test('a filled M.2 socket switches off what shares its lanes, and the drive there is pointed out', () => {
  expect(socketsOff(lanes.machine, asFound)).toEqual(['SATA 5']);
  expect(warningsOf(lanes.machine, asFound, [])).toEqual(['Drive 2 is in SATA 5, which is switched off now.']);
  const without = lanes.after(asFound, 'm2', 'out').configuration;
  expect([socketsOff(lanes.machine, without), warningsOf(lanes.machine, without, [])]).toEqual([[], []]);
});

test('a drive moves only to a socket that is free and switched on', () => {
  expect(lanes.idsOf(asFound, 'disk')).toEqual(['out', 'spare', 'to/SATA 1']);
});

test('more than one change at once is warned of, one is not', () => {
  const first = lanes.after(asFound, 'm2', 'out');
  expect(warningsOf(lanes.machine, first.configuration, first.changes)).toEqual([]);
  const second = lanes.after(first.configuration, 'keyboard', 'out');
  const [warning] = warningsOf(lanes.machine, second.configuration, [...first.changes, ...second.changes]);
  expect(warning).toMatch(/^2 things change at once/);
});

test('of two supplies one lies loose; putting it in takes the other out, and that is one change', () => {
  const { machine, after } = machineOf({
    bare: true,
    parts: [
      { id: 'supply-1', kind: 'supply' },
      { id: 'supply-2', kind: 'supply', loose: true },
    ],
  });
  const found = foundConfiguration(machine);
  expect(placementOf(found, 'supply-2').state).toBe('out');
  const { configuration, changes } = after(found, 'supply-2', 'back');
  expect([placementOf(configuration, 'supply-1').state, placementOf(configuration, 'supply-2').state]).toEqual([
    'out',
    'as-found',
  ]);
  expect(warningsOf(machine, configuration, changes)).toEqual([]);
  expect(after(configuration, 'supply-1', 'back').changes).toHaveLength(2);
});

test('a socket that the board does not have, or that is taken, is refused at its field', () => {
  const refused = completeMachine({
    name: 'M',
    parts: [
      { id: 'a', kind: 'drive', socket: 'SATA 9' },
      { id: 'b', kind: 'drive', socket: 'SATA 1' },
      { id: 'c', kind: 'drive', socket: 'SATA 1' },
    ],
  });
  expect(refused).toMatchObject({
    ok: false,
    problems: [
      { code: 'unknown-socket', path: ['parts', 0, 'socket'] },
      { code: 'socket-taken', path: ['parts', 2, 'socket'] },
    ],
  });
});

test('a drive that nobody placed stands in the first socket that is not switched off', () => {
  const { machine } = machineOf({
    parts: [
      { id: 'm2', kind: 'drive', bus: 'm2', socket: 'M.2 1' },
      { id: 'disk', kind: 'drive' },
    ],
    board: {
      sockets: { sata: ['SATA 5', 'SATA 6', 'SATA 1'], m2: ['M.2 1'] },
      sharing: [{ filled: 'M.2 1', switchesOff: ['SATA 5', 'SATA 6'] }],
    },
  });
  expect(machine.parts.find(({ id }) => id === 'disk')?.socket).toBe('SATA 1');
});
