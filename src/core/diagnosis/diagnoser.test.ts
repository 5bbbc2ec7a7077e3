import { createCaseDiagnoser, diagnoseCase } from '../casework';
import { stateOf, type BriefLog } from '../casework/testing-log';

const trials: NonNullable<BriefLog['trials']> = [
  ['start', 'twitch'],
  ['out/front-usb', 'twitch'],
  ['out/drive', 'no-boot'],
  ['back/drive', 'twitch'],
];
const log = (count: number, more: Partial<BriefLog> = {}): BriefLog => ({
  machine: {
    parts: [
      { id: 'front-usb', kind: 'front-usb' },
      { id: 'drive', kind: 'drive' },
    ],
  },
  reported: 'twitch',
  trials: trials.slice(0, count),
  ...more,
});

test('a diagnoser that follows a growing log gives what a fresh one gives', () => {
  const diagnose = createCaseDiagnoser();
  for (let count = 0; count <= trials.length; count++)
    expect(diagnose(stateOf(log(count)))).toEqual(diagnoseCase(stateOf(log(count))));
});

test('it follows an undo and a corrected outcome', () => {
  const diagnose = createCaseDiagnoser();
  diagnose(stateOf(log(4)));
  expect(diagnose(stateOf(log(2)))).toEqual(diagnoseCase(stateOf(log(2))));
  const corrected = log(3, {
    trials: [
      ['start', 'twitch'],
      ['out/front-usb', 'works'],
    ],
  });
  expect(diagnose(stateOf(corrected))).toEqual(diagnoseCase(stateOf(corrected)));
});

test('another machine or other circumstances start afresh', () => {
  const diagnose = createCaseDiagnoser();
  diagnose(stateOf(log(3)));
  const spilled = log(3, { circumstances: ['spill'] });
  expect(diagnose(stateOf(spilled))).toEqual(diagnoseCase(stateOf(spilled)));
});

test('what is read first is whole but for the other trials and the last evidence, and the rest completes it', () => {
  const diagnose = createCaseDiagnoser();
  expect(diagnose.rest()).toBeNull();
  const wanted = 'look/power-plugs/board';
  const first = diagnose.first(stateOf(log(2)), [], [wanted]);
  const whole = diagnoseCase(stateOf(log(2)));
  const { suspects, alternatives, ...read } = first;
  expect(whole).toMatchObject(read);
  expect(suspects.map(({ fault, probability }) => [fault, probability])).toEqual(
    whole.suspects.map(({ fault, probability }) => [fault, probability]),
  );
  expect(suspects.slice(0, 5)).toEqual(whole.suspects.slice(0, 5));
  expect(alternatives.map(({ id, minutes, bits, lacks }) => ({ id, minutes, bits, lacks }))).toEqual(
    whole.alternatives.map(({ id, minutes, bits, lacks }) => ({ id, minutes, bits, lacks })),
  );
  const isWanted = ({ id }: { readonly id: string }) => id === wanted;
  expect(alternatives.find(isWanted)).toEqual(whole.alternatives.find(isWanted));
  expect({ ...first, ...diagnose.rest() }).toEqual(whole);
});
