import { desktopWithLights, stateOf, type BriefLog } from '../../casework/testing-log';
import { createDiagnoser } from '../diagnose';
import type { Strategy } from '../planning/strategies';

/** What is advised and offered in an order that the technician chose. */
function adviceBy(strategy: Strategy, log: BriefLog) {
  const { machine, steps, configuration, caseOpen } = stateOf({ machine: desktopWithLights, ...log });
  const { advice, alternatives } = createDiagnoser()({
    ...{ machine, circumstances: log.circumstances ?? [], steps, configuration, caseOpen, strategy },
  });
  return { next: advice.trial?.id, kind: advice.kind, order: [advice, ...alternatives].map(idOf) };
}
const idOf = (one: { readonly id?: string; readonly trial?: { readonly id: string } | null }) =>
  one.id ?? one.trial?.id ?? '';

const loops = (...trials: NonNullable<BriefLog['trials']>): BriefLog => ({
  reported: 'loop',
  trials: [['start', 'loop'], ...trials],
});
const runsBare: NonNullable<BriefLog['trials']> = [
  ['minimal-on-bench', 'no-boot'],
  ['back/card', 'no-boot'],
  ['back/drive', 'works'],
  ['back/front-usb', 'works'],
];

test('on the bench, what may be the cause goes back in there and not once the board is in the case', () => {
  const bare = adviceBy('build-up', loops(...runsBare));
  expect([bare.kind, bare.next]).toEqual(['prove', 'back/module-2']);
  const whole = adviceBy('build-up', loops(...runsBare, ['back/module-2', 'works']));
  expect(whole.next).toBe('back-in-case');
});

test.each<[Strategy, BriefLog]>([
  ['build-up', loops(...runsBare, ['back/module-2', 'loop'], ['only/module-2/slot-B2', 'loop'])],
  [
    'strip-down',
    loops(
      ...[['minimal-in-case', 'no-boot'] as const, ...runsBare.slice(1)],
      ...([['back/module-2', 'loop'] as const, ['only/module-2/slot-B2', 'loop'] as const] as const),
    ),
  ],
])('%s takes a machine apart once: what failed is among what was off', (strategy, log) => {
  expect(adviceBy(strategy, log).next).not.toMatch(/^minimal/);
});

test('strip-down goes to the bench where it fails at the minimum in the case as well', () => {
  const twitches: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['minimal-in-case', 'twitch'],
  ];
  expect(adviceBy('strip-down', { reported: 'twitch', trials: twitches }).next).toBe('minimal-on-bench');
});

test.each<[Strategy]>([['outside-in'], ['signal-led'], ['swap-first']])(
  '%s leaves another board until what takes a few minutes is done',
  (strategy) => {
    const { order } = adviceBy(strategy, { reported: 'at-memory', trials: [['start', 'at-memory']] });
    const board = order.indexOf('spare/board');
    for (const quick of ['spare/module-1', 'only/module-1/slot-A2']) {
      expect(order).toContain(quick);
      expect(order.indexOf(quick)).toBeLessThan(board);
    }
  },
);

test('signal-led goes to cable and monitor too where nothing says how far it got', () => {
  const { order } = adviceBy('signal-led', {
    reported: 'blank',
    trials: [
      ['start', 'blank'],
      ['look/lock-key/keyboard', 'follows'],
    ],
  });
  const board = order.indexOf('spare/board');
  for (const glance of ['look/display-cable/display-cable', 'look/monitor-words/monitor'])
    expect(order.indexOf(glance)).toBeLessThan(board);
});

describe('a count of starts', () => {
  const counts = ['look/ten-presses/case-switch', 'look/ten-starts/board'];
  const wanted = (log: BriefLog) => {
    const { machine, steps, configuration, caseOpen } = stateOf({ machine: desktopWithLights, ...log });
    const { circumstances = [] } = log;
    const { alternatives } = createDiagnoser()({ machine, circumstances, steps, configuration, caseOpen });
    return counts.map((id) => alternatives.find((one) => one.id === id)?.blocked);
  };
  test.each<[string, BriefLog, (string | null)[]]>([
    [
      'is not asked of what fails the same way each time',
      { reported: 'message-usb', trials: [['start', 'message-usb']] },
      ['It answers the button.', 'The picture comes at each start.'],
    ],
    [
      'is not asked where no start gets to a picture',
      { reported: 'at-memory', trials: [['start', 'at-memory']] },
      ['It answers the button.', 'It fails at each start: one shows it.'],
    ],
    [
      'is not asked because it got further with a module out',
      {
        reported: 'at-memory',
        trials: [
          ['start', 'at-memory'],
          ['only/module-1/slot-A2', 'no-boot'],
          ['back/module-2', 'at-memory'],
        ],
      },
      ['It answers the button.', 'It fails at each start: one shows it.'],
    ],
    [
      'is asked of what comes and goes',
      { reported: 'at-memory', circumstances: ['comes-and-goes'], trials: [['start', 'at-memory']] },
      [null, null],
    ],
    [
      'is asked of what got further once',
      {
        reported: 'dead',
        trials: [
          ['start', 'dead'],
          ['start', 'no-boot'],
          ['start', 'at-memory'],
        ],
      },
      [null, null],
    ],
  ])('%s', (_, log, blocked) => {
    expect(wanted(log)).toEqual(blocked);
  });
});

test('outside-in writes no firmware before what can be undone', () => {
  const { order } = adviceBy('outside-in', { reported: 'at-processor', trials: [['start', 'at-processor']] });
  const [reset, recover] = ['fix/reset-settings@board', 'fix/recover-firmware@board'].map((id) => order.indexOf(id));
  expect(reset).toBeGreaterThan(0);
  expect(recover).toBeGreaterThan(reset ?? 0);
});

test('outside-in looks at the monitor before a supply is taken off for its tester', () => {
  const { order } = adviceBy('outside-in', { reported: 'blank', trials: [['start', 'blank']] });
  expect(order.indexOf('look/monitor-input/monitor')).toBeLessThan(order.indexOf('look/supply-tester/supply'));
});

test('swap-first begins with the part that is likeliest for its minutes', () => {
  const dead: BriefLog = { reported: 'dead', trials: [['start', 'dead']] };
  expect(adviceBy('swap-first', dead).next).toMatch(/^spare\/(supply|cord)$/);
  const atMemory: BriefLog = { reported: 'at-memory', trials: [['start', 'at-memory']] };
  expect(adviceBy('swap-first', atMemory).next).toMatch(/^(spare|only-spare)\/module/);
});

test('a module that was seated while it stood in another slot goes home before the case is closed', () => {
  const slots = ['A2', 'B2', 'A1', 'B1'];
  const modules = slots.map((slot, i) => ({ id: `module-${i + 1}`, kind: 'module' as const, slot }));
  const log: BriefLog = {
    machine: { ...desktopWithLights, parts: modules },
    circumstances: ['memory-changed'],
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['minimal-on-bench', 'no-boot'],
      ['back/drive', 'works'],
      ['back/module-3', 'works'],
      ['back/module-4', 'works'],
      ['back/module-2', 'at-memory'],
      ['only/module-2/slot-A2', 'works'],
      ['back/module-3', 'works'],
      ['back/module-4', 'works'],
      ['fix/seat-module@module-2', 'works'],
    ],
  };
  for (const strategy of ['best-value', 'build-up'] as const)
    expect(adviceBy(strategy, log).next).toBe('back/module-2');
});
