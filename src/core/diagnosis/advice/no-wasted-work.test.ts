import { desktopAfter, type BriefLog } from '../../casework/testing-log';

/** Work, parts and data that somebody with years at the bench would not waste. */

type Trials = NonNullable<BriefLog['trials']>;
const adviceAfter = (complaint: 'twitch' | 'dead' | 'no-boot' | 'at-processor', trials: Trials) =>
  desktopAfter(complaint, [['start', complaint], ...trials]).advice;

/** Without lights or a speaker of its own. */
const manyParts: BriefLog['machine'] = {
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A2' },
    { id: 'module-2', kind: 'module', slot: 'B2' },
    { id: 'card', kind: 'card' },
    { id: 'm2', kind: 'drive', bus: 'm2' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
    { id: 'front-audio', kind: 'front-audio' },
    { id: 'reader', kind: 'usb-device' },
    { id: 'fan', kind: 'fan' },
  ],
  board: { slots: ['A1', 'A2', 'B1', 'B2'].map((name) => ({ name, channel: name.charAt(0) })) },
  builtInGraphics: true,
};

describe('a board that runs beside the case', () => {
  const onBench: Trials = [
    ['out/front-usb', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['look/board-signs/board', 'clean'],
    ['look/cooler-mount/cooler', 'even'],
    ['look/stand-offs/board', 'right'],
    ['look/rail-short/board', 'stays'],
    ['minimal-on-bench', 'twitch'],
    ['spare/board', 'works'],
    ['back/drive', 'works'],
    ['back/card', 'works'],
    ['back/module-2', 'works'],
    ['back/front-usb', 'works'],
  ];

  test('of a sure cause the old one is not built in again for proof, and the borrowed one not at all', () => {
    const { kind, trial, why } = adviceAfter('twitch', onBench);
    expect([kind, trial?.id]).toEqual(['repair', 'fix/replace@board']);
    expect(why).toContain('26 min to put the old one back for proof');
  });

  test('what is less sure is proven, long as it takes', () => {
    const unsure: Trials = [
      ['out/front-usb', 'twitch'],
      ['spare/board', 'works'],
      ['back/front-usb', 'works'],
    ];
    expect(adviceAfter('twitch', unsure)).toMatchObject({ kind: 'prove', trial: { id: 'back/board' } });
  });
});

describe('before another processor goes into the socket', () => {
  const seated: Trials = [
    ['look/power-plugs/board', 'seated'],
    ['look/supply-leads/supply', 'seated'],
    ['measure/processor-plug-12/supply', 'within', 12.1],
    ['measure/rail-3v3/supply', 'within', 3.3],
    ['fix/reset-settings@board', 'at-processor'],
    ['look/firmware-version/board', 'knows'],
    ['fix/push-supply-leads@supply', 'at-processor'],
    ['look/board-signs/board', 'clean'],
    ['look/processor-warm/processor', 'cold'],
    ['look/processor-seat/processor', 'flat'],
  ];

  test('one looks into it, and then need not take the processor out for it', () => {
    const { advice } = desktopAfter('at-processor', [['start', 'at-processor'], ...seated]);
    expect(advice.trial?.id).toBe('look/socket-pins/board');
    expect(advice.why).toContain('bent pins would hurt it');
    const minutesAfter = (...more: Trials) =>
      desktopAfter('at-processor', [['start', 'at-processor'], ...seated, ...more]).alternatives.find(
        ({ id }) => id === 'spare/processor',
      )?.minutes ?? 0;
    const looked: Trials[number] = ['look/socket-pins/board', 'straight'];
    const next = adviceAfter('at-processor', [...seated, looked]);
    expect([next.trial?.id, next.trial?.minutes]).toEqual(['spare/processor', minutesAfter() - 4]);
  });

  test('how it sits is not looked at while it is out', () => {
    const { alternatives } = desktopAfter('at-processor', [
      ['start', 'at-processor'],
      ['look/socket-pins/board', 'straight'],
    ]);
    const seat = alternatives.find(({ id }) => id === 'look/processor-seat/processor');
    expect(seat?.blocked).toBe('The processor is out of its socket.');
  });
});

test('what was done once and still leads is done again before something less likely is tried', () => {
  const { kind, trial, why } = adviceAfter('dead', [
    ['look/rocker/supply', 'at-i'],
    ['look/standby-light/board', 'lit'],
    ['look/switch-feel/case-switch', 'clicks'],
    ['bridge-pins', 'at-memory'],
    ['look/front-header/case-switch', 'off'],
    ['fix/correct-header@case-switch', 'dead'],
    ['start', 'dead'],
    ['bridge-pins', 'at-memory'],
  ]);
  expect([kind, trial?.id]).toEqual(['repair', 'fix/correct-header@case-switch']);
  expect(why).toMatch(/^It was done once, and (all still points to it|it is still 8\d % likely)/);
});

test('a switch that may be worn or wet is exchanged, and not cleaned first for as long', () => {
  const { kind, trial, why } = adviceAfter('dead', [
    ['look/rocker/supply', 'at-i'],
    ['look/cord/cord', 'seated'],
    ['look/rear-usb-power/board', 'lit'],
    ['look/switch-feel/case-switch', 'clicks'],
    ['start', 'dead'],
    ['bridge-pins', 'works'],
    ['look/front-header/case-switch', 'named-pins'],
    ['fix/correct-header@case-switch', 'dead'],
  ]);
  expect([kind, trial?.id]).toEqual(['repair', 'fix/replace@case-switch']);
  expect(why).toContain('that a new one puts it right');
});

test('a long shot is not tried before a repair that is worth more, however quick it is', () => {
  const { advice, alternatives } = desktopAfter(
    'at-processor',
    [
      ['start', 'at-processor'],
      ['look/power-plugs/board', 'seated'],
      ['fix/reset-settings@board', 'at-processor'],
      ['look/supply-leads/supply', 'seated'],
      ['measure/processor-plug-12/supply', 'within', 12.1],
      ['measure/rail-3v3/supply', 'within', 3.3],
      ['look/firmware-version/board', 'knows'],
      ['look/board-signs/board', 'clean'],
      ['fix/push-supply-leads@supply', 'at-processor'],
      ['look/processor-seat/processor', 'flat'],
      ['look/socket-pins/board', 'straight'],
      ['spare/processor', 'at-processor'],
      ['look/processor-warm/processor', 'cold'],
    ],
    { circumstances: ['settings-changed'] },
  );
  expect(advice.trial?.id).toBe('fix/recover-firmware@board');
  expect(alternatives.find(({ id }) => id === 'fix/right-plug@board')?.minutes).toBeLessThan(5);
});

test('the firmware is written rather than the board exchanged to see whether it is that', () => {
  const { advice } = desktopAfter(
    'loop',
    [
      ['start', 'loop'],
      ['start-and-wait', 'loop'],
      ['only/module-2/slot-A2', 'loop'],
      ['look/reset-button/case-switch', 'free'],
      ['fix/reset-settings@board', 'loop'],
      ['look/firmware-version/board', 'knows'],
      ['fix/recover-firmware@board', 'loop'],
      ['only/module-1/slot-A2', 'loop'],
      ['look/board-signs/board', 'clean'],
      ['spare/module-1', 'loop'],
      ['start-and-wait', 'loop'],
    ],
    { circumstances: ['firmware-updated'] },
  );
  expect([advice.kind, advice.trial?.id]).toEqual(['repair', 'fix/roll-back-firmware@board']);
  expect(advice.why).toMatch(/likely, and to settle it would take longer than to write it/);
});

test('a swap that took half an hour is not made a third time to know which part it is: what is wrong with it is looked for', () => {
  const { advice } = desktopAfter(
    'dead',
    [
      ['start', 'dead'],
      ['look/rear-usb-power/board', 'lit'],
      ['bridge-pins', 'dead'],
      ['look/power-plugs/board', 'seated'],
      ['look/board-signs/board', 'clean'],
      ['look/standby-light/board', 'lit'],
      ['look/rail-short/board', 'none'],
      ['spare/supply', 'dead'],
      ['bridge-pins', 'dead'],
      ['look/stand-offs/board', 'right'],
      ['spare/board', 'works'],
      ['back/supply', 'works'],
      ['back/board', 'dead'],
    ],
    { machine: manyParts },
  );
  expect(advice.trial?.id).toBe('look/rail-short/board');
});

test('of a drive that is surely to blame, and nobody knows what for, nothing is written over', () => {
  const { kind, trial, why } = adviceAfter('no-boot', [
    ['look/drive-listed/drive', 'listed'],
    ['fix/set-boot@board', 'no-boot'],
    ['measure/rail-5/supply', 'within', 5.02],
    ['look/drive-sound/drive', 'runs'],
    ['look/drive-contents/drive', 'system'],
    ['spare/drive', 'works'],
    ['back/drive', 'no-boot'],
    ['look/drive-health/drive', 'good'],
    ['look/drive-listed/drive', 'listed'],
    ['look/drive-sound/drive', 'runs'],
    ['spare/drive', 'works'],
  ]);
  expect([kind, trial?.id]).toEqual(['repair', 'fix/replace@drive']);
  expect(why).toContain('the old one keeps its data');
});

test('a version is read on the board that was written, and not on the one that stands in for it', () => {
  const trials: Trials = [
    ['look/power-plugs/board', 'seated'],
    ['fix/reset-settings@board', 'at-processor'],
    ['spare/processor', 'at-processor'],
    ['fix/recover-firmware@board', 'at-processor'],
    ['spare/supply', 'at-processor'],
  ];
  const swapped: Trials = [...trials, ['spare/board', 'works']];
  expect(adviceAfter('at-processor', swapped).trial?.id).toMatch(/^back\//);
  const recovered: Trials = [...trials.slice(0, 3), ['fix/recover-firmware@board', 'works']];
  expect(adviceAfter('at-processor', recovered).trial?.id).toBe('look/version-in-setup/board');
});
