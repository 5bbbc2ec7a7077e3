import { POWER_FORMAT, POWER_VERSION, readPowerFile } from '.';
import { assessPower } from '../core/power';

const file = (more: object = {}) => ({
  format: POWER_FORMAT,
  version: POWER_VERSION,
  name: 'Drawing machine',
  consumers: [
    { kind: 'processor', baseWatts: 65, boostWatts: 120 },
    { kind: 'graphics-card', id: 'card', boardWatts: 200 },
    { kind: 'board' },
    { kind: 'fan', count: 3 },
    { kind: 'fan', name: 'rear fan' },
  ],
  ...more,
});
const planOf = (more: object = {}) => {
  const read = readPowerFile(file(more));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.plan;
};
const problemsOf = (more: object) => {
  const read = readPowerFile(file(more));
  return read.ok ? [] : read.problems.map(({ path }) => path.join('.'));
};

test('what is left out is taken as usual, what the maker says in its place', () => {
  const { consumers } = planOf();
  expect(consumers.map(({ id }) => id)).toEqual(['processor', 'card', 'board', 'fan-1', 'fan-2']);
  expect(consumers.map(({ draw }) => draw.source)).toEqual(['maker', 'maker', 'usual', 'usual', 'usual']);
  expect(consumers[0]?.draw.sustained).toEqual({ low: 120, high: 120 });
  expect(consumers[1]?.draw.peak).toEqual({ low: 300, high: 400 });
});

test('a DC adapter is volts times amperes', () => {
  expect(planOf({ supply: { adapterVolts: 19, adapterAmps: 6 } }).supply?.watts).toBe(114);
});

test('a file is judged as a whole', () => {
  const supply = { watts: 430, v12Amps: [18, 16], v12Watts: 300 };
  const leads = [
    { id: 'out', kind: 'output', connector: 'drive-4' },
    { id: 'adapter', kind: 'adapter', connector: 'card-8', from: ['out'] },
    { id: 'in', kind: 'input', connector: 'card-8', from: ['adapter'], consumer: 'card' },
  ];
  const { verdict, weakest } = assessPower(planOf({ supply, leads, years: 8 }));
  expect(verdict.verdict).toBe('too-small');
  expect(weakest?.element.id).toBe('out');
  expect(verdict.overload).toBe('4-pin drive plug carries 200 W and may carry 132 W.');
});

test.each([
  [{ consumers: [{ kind: 'fan', typical: [-1, 2] }] }, 'consumers.0.typical.0'],
  [{ consumers: [{ kind: 'fan', typical: [3, 2] }] }, 'consumers.0.typical'],
  [{ consumers: [{ kind: 'fan', rails: { v12: 0.5 } }] }, 'consumers.0.rails'],
  [{ consumers: [{ kind: 'teapot' }] }, 'consumers.0.kind'],
  [{ supply: { watts: 0 } }, 'supply.watts'],
  [{ efficiency: { at20: 88, at50: 0.9, at100: 0.8 } }, 'efficiency.at20'],
  [{ leads: [{ id: 'a', kind: 'lead', connector: 'sata-power', from: ['a'] }] }, 'leads.0.from'],
  [{ leads: [{ id: 'a', kind: 'output', connector: 'card-8', consumer: 'nobody' }] }, 'leads.0.consumer'],
  [{ version: 9 }, 'version'],
])('%j is refused at its place', (more, path) => expect(problemsOf(more)).toContain(path));
