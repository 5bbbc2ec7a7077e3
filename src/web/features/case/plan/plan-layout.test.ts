import { completeMachine, foundConfiguration, applyChanges, type DeclaredMachine } from '../../../../core/machine';
import type { Box } from './plan-geometry';
import { layPlan } from './plan-layout';
import { labelLines, standing } from './plan-words';

function planOf(declared: DeclaredMachine) {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error('expected a machine');
  const { machine } = completed;
  return { machine, plan: layPlan(machine, foundConfiguration(machine)) };
}

const crowded: DeclaredMachine = {
  name: 'Crowded',
  parts: [
    ...['A1', 'A2', 'B1', 'B2'].map((slot, i) => ({ id: `module-${i + 1}`, kind: 'module', slot }) as const),
    ...[1, 2, 3].map((n) => ({ id: `m2-${n}`, kind: 'drive', bus: 'm2' }) as const).slice(0, 1),
    ...[1, 2, 3, 4].map((n) => ({ id: `disk-${n}`, kind: 'drive' }) as const),
    { id: 'card', kind: 'card' },
    ...[1, 2, 3].map((n) => ({ id: `usb-${n}`, kind: 'front-usb' }) as const),
    { id: 'audio', kind: 'front-audio' },
    ...[1, 2].map((n) => ({ id: `fan-${n}`, kind: 'fan' }) as const),
    ...[1, 2, 3, 4, 5, 6].map((n) => ({ id: `device-${n}`, kind: 'usb-device' }) as const),
    { id: 'supply-2', kind: 'supply', loose: true },
  ],
};

const apart = (a: Box, b: Box) =>
  a.x + a.width <= b.x + 0.01 ||
  b.x + b.width <= a.x + 0.01 ||
  a.y + a.height <= b.y + 0.01 ||
  b.y + b.height <= a.y + 0.01;

const palm: DeclaredMachine = { name: 'Palm', parts: [{ id: 'adapter', kind: 'adapter' }] };

test.each([
  ['usual', { name: 'Usual', parts: [] }],
  ['palm-size', palm],
  ['crowded', crowded],
] as const)(
  'the plan of a %s machine shows every part once, none over another, all within the drawing',
  (_name, declared) => {
    const { machine, plan } = planOf(declared);
    const drawn = plan.parts.map(({ part }) => part.id);
    const expected = machine.parts.filter(({ kind }) => kind !== 'slot' && kind !== 'channel').map(({ id }) => id);
    expect([...drawn].sort()).toEqual([...expected].sort());
    const solid = plan.parts.filter(({ part }) => part.kind !== 'board' && part.kind !== 'cooler');
    for (const [i, a] of solid.entries()) {
      for (const b of solid.slice(i + 1))
        expect([a.part.id, b.part.id, apart(a, b)]).toEqual([a.part.id, b.part.id, true]);
      expect(a.x).toBeGreaterThanOrEqual(0);
      expect([a.part.id, a.x + a.width <= plan.width, a.y + a.height <= plan.height]).toEqual([a.part.id, true, true]);
    }
  },
);

test('a part that was moved is named with its piece where that is not the one that came with the machine', () => {
  const { machine } = planOf({ name: 'M', parts: [{ id: 'module-1', kind: 'module', slot: 'A2' }] });
  const module = machine.parts.find(({ kind }) => kind === 'module');
  if (!module) throw new Error('expected a module');
  const [fresh, moved] = [{ state: 'new' }, { state: 'moved', to: 'slot-B2' }] as const;
  const place = (...placements: readonly (typeof fresh | typeof moved)[]) =>
    applyChanges(
      foundConfiguration(machine),
      placements.map((to) => ({ kind: 'place', part: module.id, to })),
    );
  expect([standing(place(moved), module), standing(place(fresh, moved), module)]).toEqual(['in B2', 'new, in B2']);
});

test('a switch that is soldered to the board has no header', () => {
  const headers = (board: DeclaredMachine['board']) =>
    planOf({ name: 'M', parts: [], ...(board ? { board } : {}) }).plan.plugs.map(({ name }) => name);
  expect(headers(undefined)).toContain('front header');
  expect(headers({ switchOnBoard: true })).not.toContain('front header');
});

test('a part that is out is drawn below the machine, its lead gone', () => {
  const { machine, plan } = planOf({ name: 'M', parts: [{ id: 'drive', kind: 'drive' }] });
  const out = layPlan(
    machine,
    applyChanges(foundConfiguration(machine), [{ kind: 'place', part: 'drive', to: { state: 'out' } }]),
  );
  const top = (p: typeof plan) => p.parts.find(({ part }) => part.id === 'drive')?.y ?? 0;
  const leads = (p: typeof plan) => p.leads.flatMap(({ parts }) => parts);
  expect(top(plan)).toBeLessThan(plan.enclosure.y + plan.enclosure.height);
  expect(top(out)).toBeGreaterThan(out.enclosure.y + out.enclosure.height);
  expect(leads(plan)).toContain('drive');
  expect(leads(out)).not.toContain('drive');
});

test.each([
  ['usual', { name: 'Usual', parts: [{ id: 'card', kind: 'card' }] }],
  ['palm-size', palm],
  ['crowded', crowded],
] as const)('no name of a %s machine is cut', (_name, declared) => {
  const { plan } = planOf(declared);
  const cut = plan.parts
    .map(({ part, label }) => labelLines(part.name, part.kind === 'case-switch' ? '' : '12 %', label))
    .filter((lines) => lines.some(({ text }) => text.endsWith('…')));
  expect(cut).toEqual([]);
});

test('every lead that hangs outside ends at a port of its own kind', () => {
  const { plan } = planOf(palm);
  expect(plan.ports.map(({ name }) => name)).toEqual(['DC', 'out', 'USB']);
  expect(planOf({ name: 'Usual', parts: [{ id: 'card', kind: 'card' }] }).plan.ports.map(({ name }) => name)).toEqual([
    'out',
    'out',
    'USB',
  ]);
});

test('sockets that share lanes with a filled one are drawn as switched off', () => {
  const { plan } = planOf({
    name: 'M',
    parts: [
      { id: 'm2', kind: 'drive', bus: 'm2' },
      { id: 'disk', kind: 'drive' },
    ],
    board: {
      sockets: { sata: ['SATA 1', 'SATA 2'], m2: ['M.2 1'] },
      sharing: [{ filled: 'M.2 1', switchesOff: ['SATA 2'] }],
    },
  });
  expect(plan.sockets.map(({ name, isOff, isFilled }) => [name, isOff, isFilled])).toEqual([
    ['M.2 1', false, true],
    ['SATA 1', false, true],
    ['SATA 2', true, false],
  ]);
});

const room = { width: 74, lines: 2 };
test.each([
  ['case fan', '', ['case fan']],
  ['monitor cable', '', ['monitor', 'cable']],
  ['case fan', '9 %', ['case fan', '9 %']],
  ['drive', '9 %', ['drive 9 %']],
  ['a very long name of a part indeed', '', ['a very long', 'name of a…']],
  ['a very long name of a part indeed', 'out 9 %', ['a very lon…', 'out 9 %']],
])('"%s" with "%s" is written as %j', (name, figure, lines) => {
  expect(labelLines(name, figure, room).map((line) => [line.text, line.figure].filter(Boolean).join(' '))).toEqual(
    lines,
  );
});
