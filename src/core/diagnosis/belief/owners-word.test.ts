import { desktopWithLights, diagnosisOf } from '../../casework/testing-log';

const machine = desktopWithLights;

test('an owner who saw no light at home is not doubted when the bench sees one', () => {
  const { doubts } = diagnosisOf({ machine, reported: 'blank', trials: [['start', 'at-graphics']] });
  expect(doubts).toEqual([]);
});

test('an owner who says dead where the bench sees a start is still doubted', () => {
  const { doubts, surprise } = diagnosisOf({ machine, reported: 'dead', trials: [['start', 'no-boot']] });
  expect(doubts.length > 0 || surprise.isUnusual).toBe(true);
});

test('a dark screen told at the counter leaves processor, memory, graphics and the monitor open', () => {
  const shares = diagnosisOf({ machine, reported: 'blank' }).links;
  const at = (link: string) => shares.find((one) => one.link === link)?.probability ?? 0;
  for (const link of ['processor', 'memory', 'graphics', 'picture']) expect(at(link)).toBeGreaterThan(0.04);
});

test('what the owner told and the bench saw as well is not doubted, though it works now', () => {
  const { doubts } = diagnosisOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
        { id: 'front-usb', kind: 'front-usb' },
        { id: 'drive', kind: 'drive' },
        { id: 'fan-1', kind: 'fan' },
      ],
      builtInGraphics: true,
    },
    circumstances: ['old', 'comes-and-goes'],
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/power-plugs/board', 'seated'],
      ['start', 'works'],
    ],
  });
  expect(doubts).toEqual([]);
});
