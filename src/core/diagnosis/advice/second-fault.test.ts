import { desktopAfter, type BriefLog } from '../../casework/testing-log';

/** Two faults at once, and logs that nothing fits: what is looked for is what stops the machine now. */

type Trials = NonNullable<BriefLog['trials']>;
const adviceAfter = (complaint: 'twitch' | 'dead' | 'no-boot' | 'at-processor', trials: Trials) =>
  desktopAfter(complaint, [['start', complaint], ...trials]).advice;

describe('with another board in, what stops it is not the old board', () => {
  const behind: Trials = [
    ['look/front-ports/front-usb', 'straight'],
    ['look/rail-short/board', 'stays'],
    ['spare/board', 'at-memory'],
    ['only/module-1/slot-A2', 'works'],
    ['back/module-2', 'at-memory'],
  ];

  test('the module is the next to be worked on, though the board is as sure a fault', () => {
    const { advice, suspects } = desktopAfter('twitch', [['start', 'twitch'], ...behind]);
    expect(advice.trial?.id).toMatch(/module-2/);
    const board = suspects.filter(({ fault }) => fault.endsWith('@board'));
    expect(board.reduce((sum, { probability }) => sum + probability, 0)).toBeGreaterThan(0.9);
  });

  test('the board is one to repair again once the machine runs without the module', () => {
    const { advice } = desktopAfter('twitch', [
      ['start', 'twitch'],
      ...behind,
      ['fix/replace@module-2', 'works'],
      ['run-under-load', 'works'],
    ]);
    expect(advice).toMatchObject({ kind: 'prove', trial: { id: 'back/board' } });
  });
});

describe('where nothing that is known fits', () => {
  const unfit: Trials = [
    ['look/board-signs/board', 'clean'],
    ['start', 'no-boot'],
    ['measure/rear-usb-volts/board', 'absent'],
    ['look/standby-light/board', 'lit'],
    ['bridge-pins', 'dead'],
    ['measure/vsb/supply', 'within', 5.02],
    ['look/ten-presses/case-switch', 'none'],
  ];

  test('it is started once more as it is, and the case goes on with what can be tested', () => {
    const again = adviceAfter('no-boot', unfit);
    expect([again.trial?.id, again.why]).toEqual([
      'start',
      'No known cause fits what was seen. Start it as it is, and watch closely.',
    ]);
    const next = adviceAfter('no-boot', [...unfit, ['start', 'dead']]);
    expect(next.kind).toBe('test');
    expect(next.trial?.id).not.toBe('start');
  });
});
