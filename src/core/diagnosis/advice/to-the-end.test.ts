import { createDiagnoser } from '..';
import { inputOf } from '../../casework';
import { desktopWithLights, diagnosisOf, stateOf, type BriefLog } from '../../casework/testing-log';
import { PRACTICE_MACHINES } from '../../practice';

/** What brings a case to a good end: the last things before it is left open, and what is not done on the way. */

type Trials = NonNullable<BriefLog['trials']>;

function on(name: string, reported: BriefLog['reported']) {
  const practice = PRACTICE_MACHINES.find(({ machine }) => machine.name === name);
  if (!practice) throw new Error(`expected a practice machine, found "${name}"`);
  const { machine, circumstances } = practice;
  return (...trials: Trials) => diagnosisOf({ machine, circumstances, reported, trials });
}

const adviceOf = ({ advice: { kind, trial } }: ReturnType<typeof diagnosisOf>) => [kind, trial?.id];

describe('two faults in a kiosk', () => {
  const kiosk = on('Palm-size kiosk', 'blank');
  const log: Trials = [
    ['start', 'blank'],
    ['look/monitor-input/monitor', 'right'],
    ['look/display-cable/display-cable', 'seated'],
    ['look/lock-key/keyboard', 'dead'],
    ['fix/seat-module@module-1', 'blank'],
    ['look/processor-warm/processor', 'warm'],
    ['fix/leave-slot-empty@slot-A2', 'blank'],
    ['spare/module-1', 'loop'],
    ['start', 'loop'],
  ];

  test('after a module was changed, the machine gets the time to train its memory, once', () => {
    const { advice } = kiosk(...log);
    expect([advice.trial?.id, advice.why]).toEqual(['start-and-wait', expect.stringContaining('Memory training')]);
    expect(kiosk(...log, ['start-and-wait', 'loop']).advice.trial?.id).not.toBe('start-and-wait');
  });
});

test('what is over 90 % likely, and costs nothing, is done a second time before a part is bought, and no third time', () => {
  const tuned = on('Tuned machine', 'dead');
  const log: Trials = [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-o'],
    ['fix/set-rocker@supply', 'dead'],
    ['look/standby-light/board', 'dark'],
    ['look/strip-switch/outlet', 'on'],
    ['look/cord/cord', 'seated'],
    ['look/outlet-lamp/outlet', 'lit'],
    ['measure/vsb/supply', 'absent'],
    ['look/supply-tester/supply', 'passes'],
    ['fix/push-cord@cord', 'dead'],
    ['spare/cord', 'dead'],
  ];
  expect(adviceOf(tuned(...log))).toEqual(['repair', 'fix/set-rocker@supply']);
  expect(adviceOf(tuned(...log, ['fix/set-rocker@supply', 'dead']))).not.toEqual(['repair', 'fix/set-rocker@supply']);
});

test('a start that does not fit a sure repair is made again, and the case is not left open', () => {
  const editing = on('Editing machine', 'no-boot');
  const log: Trials = [
    ['start', 'no-boot'],
    ['look/drive-listed/drive', 'listed'],
    ['look/drive-listed/m2', 'missing'],
    ['look/m2-seat/m2', 'lifted'],
    ['fix/plug-drive@m2', 'works'],
    ['run-under-load', 'message-usb'],
  ];
  expect(adviceOf(editing(...log))[1]).toBe('start');
  expect(adviceOf(editing(...log, ['start', 'works']))).toEqual(['verify', 'run-under-load']);
});

test('what a repair unplugged is not plugged in again for a test', () => {
  const workshop = on('Workshop machine', 'message-usb')(
    ['start', 'message-usb'],
    ['look/board-signs/board', 'clean'],
    ['look/front-ports/front-usb', 'bent'],
    ['fix/leave-unplugged@front-usb', 'works'],
    ['run-under-load', 'cuts-out'],
    ['start', 'cuts-out'],
  );
  expect(adviceOf(workshop)[1]).not.toBe('back/front-usb');
});

test('what was cured on the way is not repaired once more while the machine works', () => {
  const editing = on('Editing machine', 'at-graphics');
  const { advice } = editing(
    ['start', 'at-graphics'],
    ['look/card-seat/card', 'seated'],
    ['look/card-signs/card', 'quiet'],
    ['fix/plug-card-power@card', 'blank'],
    ['start-and-wait', 'works'],
    ['look/lock-key/keyboard', 'follows'],
    ['fix/seat-card@card', 'works'],
    ['run-under-load', 'works'],
  );
  expect(advice.kind).not.toBe('repair');
});

test('modules that each work alone go back with the kit that suits, not to see it stop once more', () => {
  const workshop = on('Workshop machine', 'loop');
  const log: Trials = [
    ['look/board-signs/board', 'clean'],
    ['start', 'loop'],
    ['fix/seat-module@module-1', 'loop'],
    ['fix/seat-module@module-2', 'loop'],
    ['fix/reset-settings@board', 'loop'],
    ['only/module-1/slot-A2', 'works'],
    ['back/module-2', 'loop'],
    ['only/module-2/slot-B2', 'works'],
  ];
  expect(adviceOf(workshop(...log))).toEqual(['repair', 'fix/match-modules@board']);
  expect(adviceOf(workshop(...log, ['fix/match-modules@board', 'works']))).toEqual(['verify', 'run-under-load']);
});

test('with modules that never go together it ends, and says what it runs without', () => {
  const workshop = on('Workshop machine', 'loop');
  const log: [string, string][] = [
    ['look/board-signs/board', 'clean'],
    ['start', 'loop'],
    ['only/module-1/slot-A2', 'works'],
    ['only/module-2/slot-B2', 'works'],
  ];
  const fitted = { 'module-1': false, 'module-2': true };
  for (;;) {
    const { advice } = workshop(...log);
    const { trial } = advice;
    if (!trial) {
      expect(advice.kind).toBe('undecided');
      expect(advice.why).toMatch(/runs like this, without (the )?module|was done and did not help/);
      return;
    }
    expect(log.length).toBeLessThan(30);
    const [, , only] = /^(only)\/(module-\d)/.exec(trial.id) ?? [];
    const [, back] = /^back\/(module-\d)/.exec(trial.id) ?? [];
    if (only) Object.assign(fitted, { 'module-1': only === 'module-1', 'module-2': only === 'module-2' });
    if (back) Object.assign(fitted, { [back]: true });
    if (trial.id === 'fix/match-modules@board') Object.assign(fitted, { 'module-1': true, 'module-2': true });
    const stops = fitted['module-1'] && fitted['module-2'];
    log.push([trial.id, trial.kind === 'start' ? (stops ? 'loop' : 'works') : (trial.outcomes[0]?.id ?? '')]);
  }
});

test('a new cable stays the new one where it is moved to another output', () => {
  const { repairs } = on('Home machine', 'dark')(
    ['start', 'dark'],
    ['look/display-cable/display-cable', 'converter'],
    ['fix/replace@display-cable', 'no-boot'],
    ['start', 'no-boot'],
    ['out/card', 'dark'],
  );
  expect(repairs[0]?.repair).not.toBe('replace@display-cable');
});

test('a plug that was just pushed in is not looked at; one that is looked at all the same counts', () => {
  const counter = on('Counter machine', 'twitch');
  const log: Trials = [
    ['start', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['fix/push-power-plugs@board', 'twitch'],
  ];
  const after = counter(...log);
  expect(after.alternatives.find(({ id }) => id === 'look/power-plugs/board')?.bits ?? 0).toBe(0);
  const plugs = (diagnosis: typeof after) =>
    diagnosis.repairs.find(({ repair }) => repair === 'push-power-plugs@board')?.probability ?? 0;
  expect(plugs(counter(...log, ['look/power-plugs/board', 'main-loose']))).toBeGreaterThan(plugs(after));
});

test('heat names the cooler, and what cuts out cool clears it', () => {
  const home = on('Home machine', 'cuts-out');
  const log: Trials = [
    ['start', 'works'],
    ['run-under-load', 'cuts-out'],
  ];
  const cooler = (outcome: string) => home(...log, ['look/temperature-load/cooler', outcome]).parts.cooler ?? 0;
  expect(cooler('climbs')).toBeGreaterThan(0.9);
  expect(cooler('holds')).toBeLessThan(0.15);
});

test('a coin cell is not measured in a machine that cuts out under load', () => {
  const { alternatives } = on('Counter machine', 'cuts-out')(['start', 'works'], ['run-under-load', 'cuts-out']);
  expect(alternatives.find(({ id }) => id === 'measure/coin-cell-volts/coin-cell')?.bits ?? 0).toBeLessThan(0.004);
});

test('before a case ends open, the machine gets the time to train its memory, once', () => {
  const diagnose = createDiagnoser();
  const trials: [string, string][] = [['start', 'at-processor']];
  const waits: string[] = [];
  // Nothing of what is asked for can be done.
  for (;;) {
    const { advice } = diagnose(inputOf(stateOf({ machine: desktopWithLights, reported: 'at-processor', trials })));
    if (advice.trial === null) break;
    if (advice.trial.id === 'start-and-wait') waits.push(advice.why);
    trials.push([advice.trial.id, advice.trial.id === 'start-and-wait' ? 'at-processor' : 'could-not']);
  }
  expect(waits).toEqual([expect.stringContaining('train its memory')]);
  expect(trials.length).toBeGreaterThan(30);
});
