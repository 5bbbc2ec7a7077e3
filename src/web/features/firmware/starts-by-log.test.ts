import { stateOf } from '../../../core/casework/testing-log';
import { startsByLog } from './starts-by-log';

test.each([
  [[], null],
  [[['start', 'dead']], false],
  [[['start', 'at-processor']], false],
  [[['start', 'no-boot']], true],
  [
    [
      ['start', 'message-settings'],
      ['look/rocker/supply', 'at-i'],
    ],
    true,
  ],
  [
    [
      ['start', 'works'],
      ['start', 'not-sure'],
    ],
    true,
  ],
] as const)('after %j the firmware menu is reached: %s', (trials, reaches) => {
  expect(startsByLog(stateOf({ trials }))).toBe(reaches);
});

test('what was reported counts until something is observed', () => {
  expect(startsByLog(stateOf({ reported: 'twitch' }))).toBe(false);
});
