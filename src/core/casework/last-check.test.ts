import { foldOn, lastCheck, type EventBody } from '.';
import { desktopWithLights, eventId, stateOf, type BriefLog } from './testing-log';

const checked = (
  log: BriefLog,
  ending: Parameters<typeof lastCheck>[1] = 'repaired',
  more: readonly EventBody[] = [],
) => {
  const folded = foldOn(
    stateOf({ machine: desktopWithLights, ...log }),
    more.map((body, i) => ({ ...body, id: eventId(70 + i), at: '2026-01-05T11:00:00Z', by: 'Test' })),
  );
  if (!folded.ok) throw new Error(folded.problem.message);
  return Object.fromEntries(lastCheck(folded.state, ending).map(({ id, isShown }) => [id, isShown]));
};

test('what the log shows is done: a start and a load since the last change; a start before it counts no more', () => {
  const fixed = [
    ['start', 'dead'],
    ['fix/set-rocker@supply', 'works'],
    ['run-under-load', 'works'],
  ] as const;
  expect(checked({ trials: fixed })).toMatchObject({ starts: true, load: true, complaint: true, system: true });
  expect(checked({ trials: [...fixed, ['out/front-usb', 'dead']] })).toMatchObject({ starts: false, load: false });
});

test('an open machine asks for fans, cables, the cover and each drive; a closed one does not', () => {
  const inside = checked({
    trials: [
      ['start', 'dead'],
      ['spare/supply', 'works'],
    ],
  });
  expect(Object.keys(inside)).toEqual(
    expect.arrayContaining(['fans', 'cables', 'cover', 'drive-drive', 'spare-supply']),
  );
  const outside = checked({
    trials: [
      ['start', 'dark'],
      ['fix/select-input@monitor', 'works'],
    ],
  });
  expect(Object.keys(outside)).not.toEqual(expect.arrayContaining(['fans']));
});

test('a spare that was moved is still a spare that has to come out', () => {
  const moved = { state: 'moved', to: 'another output', spare: true } as const;
  const body = {
    kind: 'configuration-changed',
    changes: [{ kind: 'place', part: 'display-cable', to: moved }],
  } as const;
  expect(Object.keys(checked({ trials: [['spare/display-cable', 'works']] }, 'repaired', [body]))).toContain(
    'spare-display-cable',
  );
});

test('what cuts out under load is not gone with a start alone', () => {
  const trials = [
    ['run-under-load', 'cuts-out'],
    ['fix/set-rocker@supply', 'works'],
  ] as const;
  expect(checked({ reported: 'cuts-out', trials })).toMatchObject({ starts: true, complaint: false });
  const loaded = checked({ reported: 'cuts-out', trials: [...trials, ['run-under-load', 'works']] });
  expect(loaded).toMatchObject({ complaint: true, load: true });
});

test('what was touched decides: memory by its speeds, a card by its picture', () => {
  expect(
    checked({
      trials: [
        ['start', 'dark'],
        ['spare/card', 'works'],
      ],
    }),
  ).toMatchObject({ picture: false });
  expect(Object.keys(checked({ trials: [['start', 'works']] }))).not.toContain('picture');
  const memory = checked({
    trials: [
      ['start', 'at-memory'],
      ['only/module-1/slot-A2', 'works'],
    ],
  });
  expect(memory).toMatchObject({ memory: false });
  expect(Object.keys(memory)).not.toContain('temperature');
});

test('a workaround is shown by the word of the owner, refused or taken back it is open again', () => {
  const agreed: EventBody = {
    kind: 'consent-noted',
    to: 'workaround',
    isAgreed: true,
    way: 'telephone',
    words: 'Fine',
  };
  expect(checked({}, 'work-around')).toMatchObject({ workaround: false });
  expect(checked({}, 'work-around', [agreed])).toMatchObject({ workaround: true });
  expect(checked({}, 'work-around', [agreed, { ...agreed, isAgreed: false }])).toMatchObject({ workaround: false });
});

test('a machine that is given back as it is has only its spares to come home', () => {
  expect(checked({ trials: [['start', 'dead']] }, 'given-up')).toEqual({});
  expect(
    checked(
      {
        trials: [
          ['start', 'dead'],
          ['spare/supply', 'dead'],
        ],
      },
      'returned',
    ),
  ).toEqual({ 'spare-supply': false });
});
