import { desktopWithLights, diagnosisOf, type BriefLog } from '../casework/testing-log';
import type { Circumstance } from '../faults';

/** Faults that look alike, and the one thing that tells them apart. */

const desktop = { ...desktopWithLights, builtInGraphics: false };

/** Probability of each fault, by id. */
function probabilities(log: BriefLog): (fault: string) => number {
  const { suspects } = diagnosisOf({ machine: desktop, ...log });
  const byId = new Map(suspects.map(({ fault, probability }) => [fault, probability]));
  return (fault) => {
    const probability = byId.get(fault);
    if (probability === undefined) throw new Error(`expected the fault ${fault}`);
    return probability;
  };
}

test.each<[string, NonNullable<BriefLog['trials']>, string, string]>([
  [
    'a good lead on the same header fails as well: it is the header',
    [
      ['start', 'message-usb'],
      ['out/front-usb', 'works'],
      ['back/front-usb', 'message-usb'],
      ['spare/front-usb', 'message-usb'],
    ],
    'usb-header-short@front-usb',
    'front-usb-short@front-usb',
  ],
  [
    'a good lead on the same header works: it is the lead',
    [
      ['start', 'twitch'],
      ['out/front-usb', 'no-boot'],
      ['back/front-usb', 'twitch'],
      ['spare/front-usb', 'works'],
    ],
    'front-usb-short@front-usb',
    'usb-header-short@front-usb',
  ],
  [
    'a drive that setup lists is there, and holds nothing',
    [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'listed'],
      ['look/drive-contents/drive', 'empty'],
    ],
    'drive-empty@drive',
    'drive-dead@drive',
  ],
  [
    'a drive that setup does not list is not empty',
    [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'missing'],
    ],
    'drive-dead@drive',
    'drive-empty@drive',
  ],
  [
    'a disk that asks for its key is not damaged',
    [
      ['start', 'system-stops'],
      ['look/drive-contents/drive', 'locked'],
    ],
    'disk-locked@drive',
    'system-damaged@drive',
  ],
  [
    'film under the cooler is not dry paste',
    [
      ['run-under-load', 'cuts-out'],
      ['look/cooler-mount/cooler', 'film'],
    ],
    'film-left-on@cooler',
    'paste-dry@cooler',
  ],
  [
    'dry paste is no film',
    [
      ['run-under-load', 'cuts-out'],
      ['look/cooler-mount/cooler', 'dry'],
    ],
    'paste-dry@cooler',
    'film-left-on@cooler',
  ],
  [
    'a monitor that says that it is out of range has a signal',
    [
      ['start', 'dark'],
      ['look/monitor-words/monitor', 'out-of-range'],
    ],
    'monitor-out-of-range@monitor',
    'display-cable-dead@display-cable',
  ],
  [
    'a loose lead at the supply is seen at the supply',
    [
      ['start', 'twitch'],
      ['look/power-plugs/board', 'seated'],
      ['look/supply-leads/supply', 'loose'],
    ],
    'supply-lead-loose@supply',
    'main-plug-loose@board',
  ],
  [
    'a lead of another supply gives itself away by its plug',
    [
      ['start', 'twitch'],
      ['look/supply-leads/supply', 'other-supply'],
    ],
    'lead-of-another-supply@supply',
    'supply-fails-under-start@supply',
  ],
  [
    'a supply that starts on the tester is not dead',
    [
      ['start', 'dead'],
      ['look/supply-tester/supply', 'passes'],
    ],
    'switch-worn@case-switch',
    'supply-dead@supply',
  ],
  [
    'a card on a riser is suspected of its riser',
    [
      ['start', 'at-graphics'],
      ['look/card-seat/card', 'riser'],
    ],
    'riser-bad@card',
    'card-not-seated@card',
  ],
  [
    'a kit of which each module fails alone and a good one works does not suit the board',
    [
      ['start', 'at-memory'],
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-1/slot-B2', 'at-memory'],
      ['only/module-2/slot-A2', 'at-memory'],
      ['spare/module-2', 'works'],
    ],
    'kit-not-for-board@board',
    'slot-dead@slot-A2',
  ],
  [
    'a pump that stands still is not a supply that is too small',
    [
      ['run-under-load', 'cuts-out'],
      ['look/temperature-setup/cooler', 'climbs'],
      ['look/pump/cooler', 'still'],
    ],
    'pump-still@cooler',
    'supply-too-small@supply',
  ],
  [
    'a temperature that levels off clears the cooling, and a draw near the label blames the supply',
    [
      ['run-under-load', 'cuts-out'],
      ['look/temperature-setup/cooler', 'steady'],
      ['look/wall-meter-load/supply', 'near'],
    ],
    'supply-too-small@supply',
    'cooling-clogged@cooler',
  ],
  [
    'a machine that draws a little while it is off has a standby supply',
    [
      ['start', 'dead'],
      ['look/wall-meter-off/supply', 'some'],
    ],
    'switch-worn@case-switch',
    'supply-dead@supply',
  ],
  [
    'one short beep with a speaker plugged in clears everything before the picture',
    [
      ['start', 'blank'],
      ['look/beep/board', 'one-short'],
    ],
    'monitor-wrong-input@monitor',
    'module-dead@module-1',
  ],
  [
    'a machine that comes back once the cord was out had slept',
    [
      ['start', 'dead'],
      ['look/power-plugs/board', 'seated'],
      ['start', 'works'],
    ],
    'asleep-not-off@board',
    'supply-dead@supply',
  ],
])('%s', (_what, trials, likelier, than) => {
  const of = probabilities({ trials });
  expect(of(likelier)).toBeGreaterThan(3 * of(than));
});

test('another header tells header and lead apart the other way round', () => {
  const moved = probabilities({
    trials: [
      ['start', 'message-usb'],
      ['out/front-usb', 'works'],
      ['fix/other-header@front-usb', 'works'],
    ],
  });
  expect(moved('usb-header-short@front-usb')).toBeGreaterThan(0.5);
});

test.each<[Circumstance, string]>([
  ['newer-processor', 'firmware-too-old@board'],
  ['drive-added', 'drive-lead-loose@drive'],
  ['supply-changed', 'processor-plug-missing@board'],
  ['cooler-touched', 'cooler-badly-mounted@cooler'],
  ['smoke', 'supply-dead@supply'],
  ['breaker-trips', 'supply-input-shorted@supply'],
  ['comes-and-goes', 'switch-intermittent@case-switch'],
  ['owner-inside', 'switch-on-wrong-pins@case-switch'],
])('"%s" makes likelier: %s', (circumstance, fault) => {
  const before = probabilities({})(fault);
  expect(probabilities({ circumstances: [circumstance] })(fault)).toBeGreaterThan(2 * before);
});

test('one press of bridged pins that does nothing does not clear the switch for good', () => {
  const once = probabilities({
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/standby-light/board', 'lit'],
      ['bridge-pins', 'dead'],
    ],
  });
  // The blade misses the pins now and then.
  expect(once('switch-worn@case-switch')).toBeGreaterThan(0.002);
});

test('a look at a sound part says nothing for or against what nobody knows', () => {
  const trials: BriefLog['trials'] = [['start', 'twitch']];
  const unknown = (more: BriefLog['trials']) =>
    diagnosisOf({ machine: desktop, trials: [...trials, ...(more ?? [])] })
      .suspects.filter(({ somethingElse }) => somethingElse)
      .reduce((sum, { probability }) => sum + probability, 0);
  const before = unknown([]);
  expect(unknown([['look/monitor-input/monitor', 'right']])).toBeCloseTo(before, 2);
});

test('with a spare processor in, setup says whether the firmware was too old for its own', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'at-processor'],
    ['spare/processor', 'works'],
  ];
  const seen = (outcome: string) =>
    probabilities({
      circumstances: ['new-build'],
      reported: 'at-processor',
      trials: [...trials, ['look/version-in-setup/board', outcome]],
    });
  expect(seen('too-old')('firmware-too-old@board')).toBeGreaterThan(0.9);
  expect(seen('knows')('firmware-too-old@board')).toBeLessThan(0.05);
});
