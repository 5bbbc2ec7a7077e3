import { completeMachine } from '../machine';
import { noSpeed, speedRemarks, type ModuleSpeed } from '.';

const completed = completeMachine({
  name: 'M',
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
  ],
});
if (!completed.ok) throw new Error('expected a machine');
const remarks = (first: Partial<ModuleSpeed>, second: Partial<ModuleSpeed> = {}) =>
  speedRemarks(completed.machine, { 'module-1': { ...noSpeed, ...first }, 'module-2': { ...noSpeed, ...second } });

test('mixed modules are held to the rating of the slower one', () => {
  expect(remarks({ ratedMts: 3200 }, { ratedMts: 2666 })).toEqual([
    'Mixed speeds: together they run at 2666 MT/s at most, the rating of module 2.',
  ]);
});

test('a module that runs below what it could waits for its profile, but not one held back by its neighbour', () => {
  expect(remarks({ ratedMts: 3200, runningMts: 2133 })[0]).toMatch(/^Module 1 runs at 2133 of 3200 MT\/s/);
  expect(remarks({ ratedMts: 3200, runningMts: 2666 }, { ratedMts: 2666, runningMts: 2666 })).toHaveLength(1);
});

test('a module above its rating is pointed out', () => {
  expect(remarks({ ratedMts: 3200, runningMts: 3600 })[0]).toContain('above its rated 3200');
});

test('equal speeds at their rating, and speeds that nobody noted, need no remark', () => {
  expect(remarks({ ratedMts: 3200, runningMts: 3200 }, { ratedMts: 3200, runningMts: 3200 })).toEqual([]);
  expect(remarks({ runningMts: 2133 })).toEqual([]);
});
