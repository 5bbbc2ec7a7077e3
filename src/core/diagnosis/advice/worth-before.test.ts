import { desktopAfter, diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** What comes before a likely repair spares more than it takes: nobody rules out the last two in a hundred first. */

type Trials = NonNullable<BriefLog['trials']>;
const office: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A2' },
    { id: 'module-2', kind: 'module', slot: 'B2' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
  builtInGraphics: true,
};
const gaming: NonNullable<BriefLog['machine']> = {
  parts: [...(office.parts ?? []), { id: 'card', kind: 'card' }],
  board: { stageLights: true },
};
const nextOf = (log: BriefLog) => diagnosisOf(log).advice.trial?.id;

test('a drive that clicks is read out, and not the date in setup, though that is quicker', () => {
  const trials: Trials = [
    ['start', 'system-stops'],
    ['look/drive-sound/drive', 'clicks'],
  ];
  expect(nextOf({ machine: office, reported: 'system-stops', trials })).toBe('look/drive-health/drive');
});

test('a supply without standby goes onto the tester, and nobody looks for the switch of a strip that feeds a lamp', () => {
  const trials: Trials = [
    ['start', 'dead'],
    ['look/outlet-lamp/outlet', 'lit'],
    ['look/rocker/supply', 'at-i'],
    ['look/standby-light/board', 'dark'],
    ['look/cord/cord', 'seated'],
    ['spare/cord', 'dead'],
    ['measure/vsb/supply', 'absent', 0.02],
  ];
  expect(nextOf({ machine: office, circumstances: ['storm'], reported: 'dead', trials })).toBe(
    'look/supply-tester/supply',
  );
});

test('what is quick and may well be it still comes first: the cord, before an adapter without voltage is blamed', () => {
  const small: NonNullable<BriefLog['machine']> = {
    parts: [{ id: 'adapter', kind: 'adapter' }],
    builtInGraphics: true,
  };
  const trials: Trials = [
    ['start', 'dead'],
    ['look/outlet-lamp/outlet', 'lit'],
    ['measure/adapter-volts/adapter', 'absent', 0.1],
  ];
  expect(nextOf({ machine: small, reported: 'dead', trials })).toBe('look/cord/cord');
});

test('a card that makes the fans race of a machine at work is pushed in once more, though it seems seated', () => {
  const trials: Trials = [
    ['start', 'fans-full'],
    ['look/card-seat/card', 'seated'],
    ['look/processor-warm/processor', 'warm'],
  ];
  expect(nextOf({ machine: gaming, reported: 'fans-full', trials })).toBe('fix/seat-card@card');
});

test('to leave a part out for good is no try: the lead that is to blame is looked at first', () => {
  expect(desktopAfter('message-usb', [['start', 'message-usb']]).advice).toMatchObject({ kind: 'test' });
  expect(nextOf({ machine: gaming, reported: 'message-usb', trials: [['start', 'message-usb']] })).toBe(
    'look/front-ports/front-usb',
  );
});

describe('an overload that is nearly certain', () => {
  const after = (...more: Trials) =>
    diagnosisOf({
      machine: gaming,
      circumstances: ['card-changed'],
      reported: 'cuts-out',
      trials: [
        ['run-under-load', 'cuts-out'],
        ['start', 'dead'],
        ['look/card-leads/card', 'split'],
        ['measure/rail-12-load/supply', 'low', 11.1],
        ...more,
      ],
    }).advice;

  test('the supply is swapped, and not the card of which nothing is suspected', () => {
    const { kind, trial, why } = after();
    expect({ kind, trial: trial?.id }).toEqual({ kind: 'prove', trial: 'load-with-spare/supply' });
    expect(why).toMatch(/^It is 9\d % likely, and more testing costs more than it saves\. See that it works/);
  });
});

test('a cooler that heats up within seconds is remounted, without a look at plugs that have nothing to do with it', () => {
  const { advice } = diagnosisOf({
    machine: gaming,
    circumstances: ['new-build'],
    reported: 'cuts-out',
    trials: [
      ['start', 'cuts-out', { cutOutAfter: 6 }],
      ['look/cooler-fan/cooler', 'turns'],
    ],
  });
  expect(advice).toMatchObject({ kind: 'repair', trial: { id: 'fix/mount-cooler@cooler' } });
});

test('a supply that gives in under load behind a dead outlet is swapped under load: a start works with either', () => {
  const found: Trials = [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-i'],
    ['look/strip-switch/outlet', 'on'],
    ['look/cord/cord', 'seated'],
    ['look/rear-usb-power/board', 'dark'],
    ['look/outlet-lamp/outlet', 'dark'],
    ['fix/use-live-outlet@outlet', 'works'],
    ['run-under-load', 'cuts-out'],
    ['look/temperature-load/cooler', 'holds'],
    ['run-under-load', 'cuts-out'],
    ['measure/rail-12-load/supply', 'within'],
    ['look/power-plugs/board', 'seated'],
    ['look/cooler-fan/cooler', 'turns'],
    ['look/supply-leads/supply', 'seated'],
    ['look/wall-meter-load/supply', 'near'],
  ];
  const next = nextOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'drive', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb' },
      ],
      board: {
        speaker: true,
        trainsMemory: false,
        slots: ['A2', 'B2'].map((name) => ({ name, channel: name.charAt(0) })),
      },
    },
    circumstances: ['old'],
    reported: 'dead',
    trials: found,
  });

  expect(next).toBe('load-with-spare/supply');
});
