import { desktopWithLights, stateOf, type BriefLog } from '../../casework/testing-log';
import { inputOf } from '../../casework';
import { analyseCase } from '../analysis';

/** The ways that a plan takes into account, and the repair that counts in each. */

const liveAfter = (complaint: 'twitch' | 'no-boot', trials: NonNullable<BriefLog['trials']>) => {
  const log: BriefLog = { machine: desktopWithLights, reported: complaint, trials: [['start', complaint], ...trials] };
  const analysis = analyseCase(inputOf(stateOf(log)), null);
  const { live } = analysis.plan;
  const weightOf = (isCounted: (id: string, row: number) => boolean) =>
    live.classIds.reduce((sum, id, row) => sum + (isCounted(id, row) ? (live.classWeights[row] ?? 0) : 0), 0);
  return { live, analysis, weightOf };
};

test('all weights sum to 1, and the unknown has at most half of them, however likely it is', () => {
  const { analysis, live, weightOf } = liveAfter('no-boot', [
    ['start', 'no-boot'],
    ['measure/rear-usb-volts/board', 'absent'],
    ['look/standby-light/board', 'lit'],
    ['bridge-pins', 'dead'],
    ['measure/vsb/supply', 'within', 5.02],
    ['look/ten-presses/case-switch', 'none'],
  ]);
  const believed = analysis.repairs.filter(({ repairClass }) => repairClass.repair === 'look-deeper');
  expect(believed.reduce((sum, { probability }) => sum + probability, 0)).toBeGreaterThan(0.8);
  expect(weightOf(() => true)).toBeCloseTo(1, 9);
  expect(weightOf((_, row) => live.isUnknown[row] === 1)).toBeCloseTo(0.5, 4);
});

const borrowed: NonNullable<BriefLog['trials']> = [
  ['look/rail-short/board', 'stays'],
  ['spare/board', 'at-memory'],
  ['only/module-1/slot-A2', 'works'],
];

test('while it fails with another board in, the repair behind the board counts; once it runs, the board does again', () => {
  const isOf = (part: string) => (id: string) => id.endsWith(`@${part}`);
  const runs = liveAfter('twitch', borrowed);
  expect(runs.weightOf(isOf('board'))).toBeGreaterThan(0.9);
  const fails = liveAfter('twitch', [...borrowed, ['back/module-2', 'at-memory']]);
  expect(fails.weightOf(isOf('module-2'))).toBeGreaterThan(0.8);
  expect(fails.weightOf(isOf('board'))).toBeLessThan(0.1);
  expect(fails.weightOf(() => true)).toBeCloseTo(1, 9);
});
