import { diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** Swaps that take the machine apart: what is told before they are undone, and what takes the last turn of the proof. */

type Trials = NonNullable<BriefLog['trials']>;
const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'drive', kind: 'drive' },
  ],
  board: { stageLights: true },
};
const adviceAfter = (trials: Trials, more: Partial<BriefLog> = {}) => {
  const { advice } = diagnosisOf({
    machine,
    reported: 'at-processor',
    trials: [
      ['start', 'at-processor'],
      ['look/power-plugs/board', 'seated'],
      ['look/supply-leads/supply', 'seated'],
      ['measure/processor-plug-12/supply', 'within', 12.1],
      ['fix/reset-settings@board', 'at-processor'],
      ['look/processor-seat/processor', 'flat'],
      ...trials,
    ],
    ...more,
  });
  return [advice.kind, advice.trial?.id, advice.why] as const;
};

const lent: Trials = [['spare/processor', 'works']];
const read: Trials = [...lent, ['look/version-in-setup/board', 'knows']];

test('while a spare processor runs, the version is read before a quarter of an hour goes into the swap back', () => {
  const doubted = adviceAfter(lent, { circumstances: ['new-build'] });
  expect(doubted.slice(0, 2)).toEqual(['test', 'look/version-in-setup/board']);
  expect(adviceAfter(read)[1]).toBe('back/processor');
});

test('firmware that is too old is updated while the spare processor runs; then the own one goes back', () => {
  const circumstances: BriefLog['circumstances'] = ['new-build', 'processor-changed'];
  const old: Trials = [...lent, ['look/version-in-setup/board', 'too-old']];
  const [kind, trial, why] = adviceAfter(old, { circumstances });
  expect([kind, trial]).toEqual(['repair', 'fix/update-firmware@board']);
  expect(why).toContain('before its own processor goes back in');
  expect(adviceAfter([...old, ['fix/update-firmware@board', 'works']], { circumstances })[1]).toBe('back/processor');
});

test('a long swap is undone once; then the new part is the proof', () => {
  const [kind, trial, why] = adviceAfter([...read, ['back/processor', 'at-processor']]);
  expect([kind, trial]).toEqual(['repair', 'fix/replace@processor']);
  expect(why).toBe('It came back with the old part. Fit the new one: if it works again, that is proof.');
});

test('what was fitted new and works has proven it', () => {
  const { suspects } = diagnosisOf({
    machine,
    reported: 'at-processor',
    trials: [
      ['start', 'at-processor'],
      ['spare/processor', 'works'],
      ['back/processor', 'at-processor'],
      ['fix/replace@processor', 'works'],
    ],
  });
  expect(suspects.find(({ fault }) => fault === 'processor-dead@processor')?.confirmation).toBe('proven');
});

test('a quick swap is made once more with the spare', () => {
  const { advice } = diagnosisOf({
    machine,
    reported: 'no-boot',
    trials: [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'missing'],
      ['look/drive-leads/drive', 'seated'],
      ['fix/plug-drive@drive', 'no-boot'],
      ['spare/drive', 'works'],
      ['back/drive', 'no-boot'],
      ['look/drive-health/drive', 'failing'],
    ],
  });
  expect(advice.trial?.id).toBe('spare/drive');
});

test('work is not done on a guess while a glance saves more than it takes', () => {
  const dead: BriefLog = {
    machine,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-i'],
      ['look/cord/cord', 'seated'],
      ['look/rear-usb-power/board', 'lit'],
      ['look/switch-feel/case-switch', 'sticky'],
      ['look/board-signs/board', 'clean'],
      ['start', 'dead'],
      ['bridge-pins', 'works'],
    ],
  };
  expect(diagnosisOf(dead).advice.trial?.id).toBe('look/front-header/case-switch');
  const seen: BriefLog = { ...dead, trials: [...(dead.trials ?? []), ['look/front-header/case-switch', 'named-pins']] };
  expect(diagnosisOf(seen).advice.trial?.id).toBe('fix/clean-switch@case-switch');
});

/** Runs, and cuts out under load. */
const cutsOut = (trials: Trials) =>
  diagnosisOf({
    machine: { parts: [...(machine.parts ?? []), { id: 'card', kind: 'card' }], builtInGraphics: true },
    reported: 'cuts-out',
    trials: [['run-under-load', 'cuts-out'], ['start', 'works'], ...trials],
  });

test('what is back is put under load for the proof, whatever was looked at in between', () => {
  const back: Trials = [
    ['look/card-leads/card', 'separate'],
    ['look/power-plugs/board', 'seated'],
    ['look/supply-leads/supply', 'seated'],
    ['measure/rail-12-load/supply', 'within', 12.1],
    ['look/cooler-mount/cooler', 'even'],
    ['load-with-spare/card', 'works'],
    ['back/card', 'works'],
  ];
  expect(cutsOut([...back, ['look/cooler-fan/cooler', 'turns']]).advice.trial?.id).toBe('run-under-load');
});

test('other settings do not make possible what could not be done', () => {
  const blockedAfter = (trials: Trials) =>
    cutsOut([['look/supply-leads/supply', 'could-not'], ...trials]).alternatives.find(
      ({ id }) => id === 'look/supply-leads/supply',
    )?.blocked;
  expect(blockedAfter([['load-with-defaults', 'cuts-out']])).toContain('could not be done');
  expect(blockedAfter([['out/card', 'works']])).toBeNull();
});
