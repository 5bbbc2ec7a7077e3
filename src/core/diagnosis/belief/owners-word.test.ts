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
