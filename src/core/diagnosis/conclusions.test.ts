import { diagnosisOf, type BriefLog } from '../casework/testing-log';

/** What a technician would conclude from a few entries, fault by fault. Over 250 lines because it is a table. */
const desktop: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A2' },
    { id: 'module-2', kind: 'module', slot: 'B2' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'm2', kind: 'drive', bus: 'm2' },
    { id: 'front-usb', kind: 'front-usb' },
    { id: 'stick', kind: 'usb-device' },
    { id: 'fan', kind: 'fan' },
  ],
  board: { stageLights: true },
  builtInGraphics: true,
};
const palm: NonNullable<BriefLog['machine']> = { parts: [{ id: 'adapter', kind: 'adapter' }] };

type Row = readonly [title: string, fault: string, log: BriefLog];
const seen = (reported: NonNullable<BriefLog['reported']>, ...trials: NonNullable<BriefLog['trials']>): BriefLog => ({
  machine: desktop,
  reported,
  trials: [[reported === 'cuts-out' ? 'run-under-load' : 'start', reported], ...trials],
});

const rows: readonly Row[] = [
  ['a rocker at O', 'rocker-off@supply', seen('dead', ['look/rocker/supply', 'at-o'])],
  [
    'a strip that is off, and a dark lamp',
    'strip-off@outlet',
    seen('dead', ['look/strip-switch/outlet', 'off'], ['look/outlet-lamp/outlet', 'dark']),
  ],
  [
    'a dark lamp on a strip that is on',
    'outlet-dead@outlet',
    seen(
      'dead',
      ['look/rocker/supply', 'at-i'],
      ['look/strip-switch/outlet', 'on'],
      ['look/outlet-lamp/outlet', 'dark'],
    ),
  ],
  ['a cord half in', 'cord-loose@cord', seen('dead', ['look/cord/cord', 'loose'])],
  [
    'no standby from a supply that is fed',
    'supply-dead@supply',
    seen(
      'dead',
      ['look/rocker/supply', 'at-i'],
      ['look/cord/cord', 'seated'],
      ['look/outlet-lamp/outlet', 'lit'],
      ['measure/vsb/supply', 'absent', 0.02],
    ),
  ],
  [
    'standby that sags with a load',
    'supply-standby-weak@supply',
    seen('dead', ['measure/vsb/supply', 'low', 4.7], ['measure/vsb-load/supply', 'low', 4.3]),
  ],
  [
    'pins that start it and a switch that sticks after a spill',
    'switch-wet@case-switch',
    { ...seen('dead', ['bridge-pins', 'works'], ['look/switch-feel/case-switch', 'sticky']), circumstances: ['spill'] },
  ],
  [
    'leads on other pins in a new build',
    'switch-on-wrong-pins@case-switch',
    {
      ...seen('dead', ['bridge-pins', 'works'], ['look/front-header/case-switch', 'other-pins']),
      circumstances: ['new-build'],
    },
  ],
  ['a stuck reset switch', 'reset-stuck@case-switch', seen('loop', ['look/reset-button/case-switch', 'stuck'])],
  [
    'a twitch that goes with a front lead',
    'front-usb-short@front-usb',
    seen(
      'twitch',
      ['out/front-usb', 'works'],
      ['back/front-usb', 'twitch'],
      ['out/front-usb', 'works'],
      ['look/front-leads/front-usb', 'square'],
    ),
  ],
  [
    'a twitch in the case and none on the bench',
    'short-under-board@board',
    seen(
      'twitch',
      ['out/front-usb', 'twitch'],
      ['back/front-usb', 'twitch'],
      ['on-bench', 'works'],
      ['look/stand-offs/board', 'extra'],
    ),
  ],
  ['a main plug that is not fully in', 'main-plug-loose@board', seen('dead', ['look/power-plugs/board', 'main-loose'])],
  [
    'a processor plug that is missing',
    'processor-plug-missing@board',
    seen('at-processor', ['look/power-plugs/board', 'processor-loose']),
  ],
  [
    'a card lead in the processor socket',
    'lead-in-wrong-socket@board',
    { ...seen('at-processor', ['look/power-plugs/board', 'wrong-lead']), circumstances: ['new-build'] },
  ],
  [
    'bent pins under a processor that fails',
    'socket-pins-bent@board',
    seen('at-processor', ['look/power-plugs/board', 'seated'], ['look/socket-pins/board', 'bent']),
  ],
  [
    'firmware older than the processor needs',
    'firmware-too-old@board',
    { ...seen('at-processor', ['look/firmware-version/board', 'too-old']), circumstances: ['processor-changed'] },
  ],
  [
    'one module that fails alone where the other starts, seated twice',
    'module-dead@module-1',
    seen(
      'at-memory',
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-2/slot-A2', 'works'],
      ['only/module-1/slot-B2', 'at-memory'],
      ['look/module-label/module-1', 'fits'],
    ),
  ],
  [
    'both slots of a channel, which start once the cooler is mounted again',
    'channel-cooler-pressure@channel-A',
    seen(
      'at-memory',
      ['only/module-1/slot-B2', 'works'],
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-1/slot-A1', 'at-memory'],
      ['look/cooler-mount/cooler', 'bad'],
      ['fix/mount-cooler@cooler', 'works'],
    ),
  ],
  [
    'both slots of a channel, and bent pins',
    'channel-pins-bent@channel-A',
    seen(
      'at-memory',
      ['only/module-1/slot-B2', 'works'],
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-1/slot-A1', 'at-memory'],
      ['look/socket-pins/board', 'bent'],
    ),
  ],
  [
    'an open latch, and it starts once seated',
    'module-not-seated@module-2',
    seen('at-memory', ['look/module-latches/module-2', 'open'], ['fix/seat-module@module-2', 'works']),
  ],
  [
    'a module of another kind',
    'module-of-another-kind@module-1',
    seen('at-memory', ['look/module-label/module-1', 'other-kind']),
  ],
  [
    'a memory complaint that goes with the profile',
    'memory-profile-too-fast@board',
    { ...seen('at-memory', ['fix/reset-settings@board', 'works']), circumstances: ['settings-changed'] },
  ],
  [
    'a card without its power lead',
    'card-power-missing@card',
    seen('at-graphics', ['look/card-seat/card', 'no-power-lead']),
  ],
  ['a card that is not fully in', 'card-not-seated@card', seen('at-graphics', ['look/card-seat/card', 'not-seated'])],
  [
    'a picture without the card and none with it',
    'card-dead@card',
    seen(
      'at-graphics',
      ['look/card-seat/card', 'seated'],
      ['out/card', 'works'],
      ['back/card', 'at-graphics'],
      ['spare/card', 'works'],
      ['back/card', 'at-graphics'],
    ),
  ],
  ['a monitor on another input', 'monitor-wrong-input@monitor', seen('dark', ['look/monitor-input/monitor', 'other'])],
  ['a monitor that is off', 'monitor-off@monitor', seen('dark', ['look/monitor-input/monitor', 'off'])],
  [
    'a cable in the board although a card is fitted',
    'cable-in-board-output@display-cable',
    seen('dark', ['look/display-cable/display-cable', 'in-board']),
  ],
  [
    'a cable that is dark elsewhere too',
    'display-cable-dead@display-cable',
    seen('dark', ['look/display-cable/display-cable', 'seated'], ['look/cable-elsewhere/display-cable', 'dark']),
  ],
  [
    'a cooler fan in another header',
    'cooler-fan-unplugged@cooler',
    seen('message-fan', ['look/cooler-fan/cooler', 'elsewhere']),
  ],
  [
    'a USB message that goes with a stick',
    'usb-device-overcurrent@stick',
    seen('message-usb', ['out/stick', 'works'], ['back/stick', 'message-usb'], ['out/stick', 'works']),
  ],
  [
    'a keyboard that is dead elsewhere too',
    'keyboard-dead@keyboard',
    seen('message-keyboard', ['look/keyboard-elsewhere/keyboard', 'dead']),
  ],
  [
    'a flat coin cell',
    'coin-cell-flat@coin-cell',
    seen('message-settings', ['measure/coin-cell-volts/coin-cell', 'low', 2.1]),
  ],
  [
    'settings that ask for a password',
    'settings-locked@board',
    seen('message-settings', ['look/setup-entry/board', 'password']),
  ],
  ['a drive lead that is loose', 'drive-lead-loose@drive', seen('no-boot', ['look/drive-leads/drive', 'loose'])],
  [
    'a drive in a socket that the card drive switches off',
    'drive-in-disabled-socket@drive',
    seen('no-boot', ['look/drive-leads/drive', 'disabled-socket']),
  ],
  ['a card drive that stands up', 'm2-not-seated@m2', seen('no-boot', ['look/m2-seat/m2', 'lifted'])],
  [
    'a drive that counts its failing places',
    'drive-dying@drive',
    seen('system-stops', ['look/drive-health/drive', 'failing'], ['look/drive-sound/drive', 'clicks']),
  ],
  [
    'memory that errs in the test',
    'module-flawed@module-1',
    seen('system-stops', ['look/memory-test/module-1', 'errors']),
  ],
  [
    '+12 V that sinks under load',
    'supply-too-small@supply',
    seen(
      'cuts-out',
      ['look/cooler-fan/cooler', 'turns'],
      ['look/card-leads/card', 'separate'],
      ['measure/rail-12-load/supply', 'low', 10.8],
    ),
  ],
  ['two plugs on one lead', 'card-lead-split@card', seen('cuts-out', ['look/card-leads/card', 'split'])],
  ['a scorched plug', 'card-plug-scorched@card', seen('cuts-out', ['look/card-leads/card', 'scorched'])],
  ['a cooler full of dust', 'cooling-clogged@cooler', seen('cuts-out', ['look/cooler-fan/cooler', 'dusty'])],
  ['a case fan that stands', 'case-fan-dead@fan', seen('cuts-out', ['look/case-fans/fan', 'still'])],
  [
    'an adapter that is right without load and low with it',
    'adapter-sags@adapter',
    {
      machine: palm,
      reported: 'loop',
      trials: [
        ['start', 'loop'],
        ['measure/adapter-volts/adapter', 'within', 18.7],
        ['measure/adapter-load/adapter', 'low', 16],
      ],
    },
  ],
];

test.each(rows)('%s: %s', (_title, fault, log) => {
  const { suspects, surprise } = diagnosisOf(log);
  expect(suspects[0]?.fault).toBe(fault);
  expect(surprise.isUnusual).toBe(false);
});
