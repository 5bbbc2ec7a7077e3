import { assessPower, planOf, usualLeads, type PowerSheet } from '../../../core/power';
import { layoutLeads, type Box } from './lead-layout';

const sheet: PowerSheet = {
  consumers: [
    { id: 'processor', kind: 'processor', baseWatts: 65 },
    { id: 'card', kind: 'graphics-card', boardWatts: 230 },
    { id: 'board', kind: 'board' },
    { id: 'module', kind: 'module', count: 2 },
    { id: 'drive', kind: 'hard-drive', count: 3 },
  ],
  supply: { watts: 430 },
};
const layoutOf = (leads: PowerSheet['leads']) =>
  layoutLeads(assessPower(planOf({ ...sheet, ...(leads ? { leads } : {}) })));
const overlaps = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

test('no box lies on another, and all lie within the drawing', () => {
  const layout = layoutOf(usualLeads(sheet));
  const boxes = [layout.supply, ...layout.chips, ...layout.parts];
  boxes.forEach((box, i) => {
    expect(box.y).toBeGreaterThanOrEqual(0);
    expect(box.y + box.height).toBeLessThanOrEqual(layout.height);
    expect(box.x + box.width).toBeLessThanOrEqual(layout.width);
    expect(boxes.slice(i + 1).filter((other) => overlaps(box, other))).toEqual([]);
  });
});

test('what hangs on one plug is one box, a part with several plugs one box of several rows', () => {
  const { parts } = layoutOf(usualLeads(sheet));
  expect(parts.map(({ names }) => names)).toEqual([
    ['board', 'module'],
    ['processor'],
    ['graphics card'],
    ['hard drive'],
  ]);
  const height = (name: string) => parts.find(({ names }) => names.includes(name))?.height ?? 0;
  expect(height('graphics card')).toBeGreaterThan(height('processor'));
  expect(height('hard drive')).toBeGreaterThan(height('graphics card'));
});

test('the weakest of a chain is the one marked, and a band is as wide as what it carries', () => {
  const { chips, bands } = layoutOf([
    { id: 'out', kind: 'output', connector: 'drive-4' },
    { id: 'to-card', kind: 'adapter', connector: 'card-8', from: ['out'] },
    { id: 'in', kind: 'input', connector: 'card-8', from: ['to-card'], consumer: 'card' },
    { id: 'p', kind: 'output', connector: 'cpu-8' },
    { id: 'p-in', kind: 'input', connector: 'cpu-8', from: ['p'], consumer: 'processor' },
  ]);
  expect(chips.filter(({ isWeakest }) => isWeakest).map(({ loaded }) => loaded.element.id)).toEqual(['out']);
  expect(chips.map(({ shown }) => shown).sort()).toEqual(['4-pin drive plug', '8-pin EPS plug', 'to 8-pin card']);
  const widthOf = (id: string) => bands.find((band) => band.id === `supply ${id}`)?.width ?? 0;
  expect(widthOf('out') / widthOf('p')).toBeCloseTo(230 / 156, 2);
  expect(bands.filter(({ isOver }) => isOver).length).toBeGreaterThan(0);
});
