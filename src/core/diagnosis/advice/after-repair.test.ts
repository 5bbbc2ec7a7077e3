import { desktopWithLights, diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** What comes after a repair: whether it helped is seen before anything else is done. */

const machine = desktopWithLights;
const adviceAfter = (trials: NonNullable<BriefLog['trials']>) => {
  const { advice } = diagnosisOf({ machine, trials });
  return [advice.kind, advice.trial?.id];
};

test('what cuts out under load is put under load after each repair, not only started', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'works'],
    ['run-under-load', 'cuts-out'],
    ['look/temperature-setup/cooler', 'climbs'],
    ['fix/mount-cooler@cooler', 'works'],
  ];
  expect(adviceAfter(trials)).toEqual(['verify', 'run-under-load']);
  expect(adviceAfter([...trials, ['run-under-load', 'cuts-out']])).not.toEqual(['verify', 'run-under-load']);
});

test('a repair that did not take is made again once its fault is seen again', () => {
  const trials: NonNullable<BriefLog['trials']> = [
    ['start', 'message-fan'],
    ['look/cooler-fan/cooler', 'elsewhere'],
    ['fix/plug-cooler-fan@cooler', 'message-fan'],
  ];
  expect(adviceAfter(trials)).not.toEqual(['repair', 'fix/plug-cooler-fan@cooler']);
  expect(adviceAfter([...trials, ['look/cooler-fan/cooler', 'elsewhere']])).toEqual([
    'repair',
    'fix/plug-cooler-fan@cooler',
  ]);
});
