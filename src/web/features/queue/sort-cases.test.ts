import { rowOf } from './testing-row';
import { sortCases, type CaseOrder, type EndsAt } from './sort-cases';

const now = Date.parse('2026-01-05T12:00:00Z');
const cases = [
  rowOf(1, { stage: 'closed', machine: 'Echo' }),
  rowOf(2, { stage: 'parked', waitingUntil: '2026-01-06T12:00:00Z', machine: 'Delta' }),
  rowOf(3, { stage: 'waiting', machine: 'Charlie', updatedAt: '2026-01-05T11:00:00Z' }),
  rowOf(4, {
    stage: 'on-bench',
    machine: 'Bravo',
    outlook: { nextTest: 'x', minutes: 9, suspect: null, probability: null },
  }),
  rowOf(5, { stage: 'parked', waitingUntil: '2026-01-04T12:00:00Z', machine: 'Alpha' }),
  rowOf(6, {
    stage: 'on-bench',
    machine: 'Foxtrot',
    outlook: { nextTest: 'x', minutes: 1, suspect: null, probability: null },
  }),
];
const none: EndsAt = () => undefined;
const sorted = (order: CaseOrder, endsAt = none) =>
  sortCases(cases, order, { now, endsAt }).map(({ number }) => number);

test('what is overdue comes first, then the bench, what has not begun, what waits, what is closed', () => {
  expect(sorted('ready')).toEqual([5, 4, 6, 3, 2, 1]);
});

test('a wait that is over makes a case the next one, one that runs puts it behind the others of the bench', () => {
  expect(sorted('ready', (id) => (id === rowOf(6).id ? now - 1 : undefined))).toEqual([5, 6, 4, 3, 2, 1]);
  expect(sorted('ready', (id) => (id === rowOf(4).id ? now + 60_000 : undefined))).toEqual([5, 6, 3, 4, 2, 1]);
});

test.each<[CaseOrder, readonly number[]]>([
  ['number', [6, 5, 4, 3, 2, 1]],
  ['machine', [5, 4, 3, 2, 1, 6]],
  ['next', [6, 4, 1, 2, 3, 5]],
  ['latest', [3, 1, 2, 4, 5, 6]],
])('sorted by %s', (order, numbers) => expect(sorted(order)).toEqual(numbers));
