import { completeMachine, asFound } from '../machine';
import { findTrial, setUpMinutes, trialsFor, type Trial } from '../trials';
import { desktopWithLights, diagnosisOf, stateOf, type BriefLog } from '../casework/testing-log';
import { PRACTICE_MACHINES, replayCase, type ReplayedCase } from '../practice';
import type { Diagnosis } from '.';

/** What somebody with many years at the bench would never do, each rule at the engine's door. */

const desktop = { machine: desktopWithLights };
const offered = ({ advice, alternatives }: Diagnosis) => [...(advice.trial ? [advice.trial] : []), ...alternatives];
const find = (diagnosis: Diagnosis, id: string) => offered(diagnosis).find((trial) => trial.id === id);

function replayed(machine: string, faults: readonly string[], seed = 1): ReplayedCase {
  const practice = PRACTICE_MACHINES.find((one) => one.machine.name === machine);
  const completed = practice ? completeMachine(practice.machine) : null;
  if (!practice || !completed?.ok) throw new Error(`expected the machine ${machine}`);
  const { circumstances } = practice;
  const answer = replayCase({ machine: completed.machine, circumstances, faults, strategy: 'best-value', seed });
  if (!answer.ok) throw new Error(answer.problem);
  return answer.replayed;
}
const idsOf = ({ turns }: ReplayedCase): string[] => turns.flatMap(({ advice }) => advice.trial?.id ?? []);

describe('no useless repeat', () => {
  test.each(['could-not', 'not-sure'])(
    'what came to "%s" is not proposed again while nothing has changed',
    (silent) => {
      const log: BriefLog = { ...desktop, reported: 'dead', trials: [['start', 'dead']] };
      const first = diagnosisOf(log).advice.trial?.id ?? '';
      const after = diagnosisOf({ ...log, trials: [...(log.trials ?? []), [first, silent]] });
      expect(after.advice.trial?.id).not.toBe(first);
      expect(find(after, first)?.blocked).toContain('nothing has changed since');
    },
  );

  test('once something was done to the machine it may be proposed again', () => {
    const diagnosis = diagnosisOf({
      ...desktop,
      reported: 'at-memory',
      trials: [
        ['start', 'at-memory'],
        ['look/module-latches/module-1', 'could-not'],
        ['out/card', 'at-memory'],
      ],
    });
    expect(find(diagnosis, 'look/module-latches/module-1')?.blocked).toBeNull();
  });

  test('a repair that could not be done is not asked for again', () => {
    const trials: BriefLog['trials'] = [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
      ['fix/set-rocker@supply', 'could-not'],
    ];
    expect(diagnosisOf({ ...desktop, reported: 'dead', trials }).advice.trial?.id).not.toBe('fix/set-rocker@supply');
  });

  test('a complaint that cannot be reproduced is worked on as it was reported', () => {
    const { advice } = diagnosisOf({ ...desktop, reported: 'dead', trials: [['start', 'could-not']] });
    expect([advice.kind, advice.trial?.kind]).toEqual(['test', 'look']);
  });
});

describe('only what the machine can do', () => {
  const shows = (outcome: string) => diagnosisOf({ ...desktop, reported: 'dead', trials: [['start', outcome]] });

  test.each(['dead', 'twitch', 'loop'])('a machine that shows "%s" is not asked to stay on', (outcome) => {
    for (const id of ['measure/rail-12/supply', 'measure/rear-usb-volts/board', 'look/lock-key/keyboard'])
      expect(find(shows(outcome), id)?.blocked).toBe('It does not stay on for this.');
    expect(find(shows(outcome), 'measure/vsb/supply')?.blocked).toBeNull();
  });

  test('load is not asked for where no system starts', () => {
    expect(find(shows('no-boot'), 'run-under-load')?.blocked).toContain('No system runs');
    expect(find(shows('no-boot'), 'load-with-spare/supply')?.blocked).toContain('No system runs');
    expect(find(shows('no-boot'), 'look/boot-settings/board')?.blocked).toBeNull();
    expect(find(shows('cuts-out'), 'load-with-spare/supply')?.blocked).toBeNull();
  });
});

describe('true prices', () => {
  const { machine } = stateOf(desktop);
  const trialOf = (id: string): Trial => {
    const trial = findTrial(machine, asFound, id);
    if (!trial) throw new Error(`expected ${id}`);
    return trial;
  };
  const minutesOf = (trial: Trial, caseOpen = true) => trial.minutes + setUpMinutes(machine, trial, { caseOpen });

  test('a spare never costs less than seating the part that is there', () => {
    for (const [spare, seat] of [
      ['spare/module-1', 'fix/seat-module@module-1'],
      ['spare/card', 'fix/seat-card@card'],
      ['spare/cord', 'fix/push-cord@cord'],
      ['spare/processor', 'fix/seat-processor@processor'],
    ] as const)
      expect(minutesOf(trialOf(spare))).toBeGreaterThan(minutesOf(trialOf(seat)));
  });

  test('hands go into the machine with the cord out, slots and headers included', () => {
    for (const trial of trialsFor(machine, asFound).filter(({ needs, inside }) => inside && needs === null))
      expect([trial.id, trial.cautions]).toEqual([trial.id, expect.arrayContaining(['unplug', 'static'])]);
    const slot = trialOf('fix/leave-slot-empty@slot-A2');
    expect(slot.cautions).toContain('unplug');
    expect(slot.steps[0]).toBe('Switch off and pull the cord.');
    expect(slot.steps[1]).toMatch(/^Move module \d from slot A2 to slot /);
  });

  test('a repair at a part that is out includes fitting it; on an open bench nothing has to be opened', () => {
    const away = stateOf({
      ...desktop,
      reported: 'at-memory',
      trials: [
        ['start', 'at-memory'],
        ['out/card', 'at-memory'],
      ],
    });
    const fix = findTrial(away.machine, away.configuration, 'fix/seat-card@card');
    if (!fix) throw new Error('expected the repair');
    expect(minutesOf(fix)).toBeGreaterThan(minutesOf(trialOf('fix/seat-card@card')));
    const bench = diagnosisOf({ ...desktop, reported: 'twitch', trials: [['on-bench', 'twitch']] });
    expect(find(bench, 'look/module-latches/module-1')?.minutes).toBeLessThan(1);
  });
});

describe('before a spare', () => {
  const beforeAnySpare = (ids: readonly string[], wanted: string) => {
    const spare = ids.findIndex((id) => id.startsWith('spare/'));
    const at = ids.indexOf(wanted);
    return at >= 0 && (spare < 0 || at < spare);
  };

  test('settings that were changed last are undone first', () => {
    const ids = idsOf(replayed('Tuned machine', ['module-dead@module-1'], 3));
    expect(beforeAnySpare(ids, 'fix/reset-settings@board')).toBe(true);
  });

  test('a board that trains memory is waited for after a change of memory', () => {
    const ids = idsOf(replayed('Editing machine', ['module-dead@module-2'], 4));
    expect(beforeAnySpare(ids, 'start-and-wait')).toBe(true);
  });
});

test('the likeliest repair, held back by its threshold alone, is settled by a test and not by trying something else', () => {
  const { advice, repairs } = diagnosisOf({
    ...desktop,
    reported: 'at-graphics',
    trials: [
      ['start', 'at-graphics'],
      ['look/card-seat/card', 'seated'],
      ['fix/seat-card@card', 'at-graphics'],
      ['fix/plug-card-power@card', 'at-graphics'],
    ],
  });
  expect(repairs[0]?.repair).toBe('replace@card');
  expect(advice.kind).toBe('test');
  expect(advice.trial?.id.startsWith('fix/')).toBe(false);
});

describe('nothing is powered before it is safe', () => {
  const wet: BriefLog = { ...desktop, circumstances: ['spill'], reported: 'twitch' };

  test('a spill is looked at before the first start', () => {
    const first = diagnosisOf(wet);
    expect([first.advice.kind, first.advice.trial?.id]).toEqual(['make-safe', 'look/board-signs/board']);
    expect(find(first, 'start')?.blocked).toContain('Liquid was spilled');
    expect(find(first, 'look/rear-usb-power/board')?.blocked).toContain('Liquid was spilled');
    const dry = diagnosisOf({ ...wet, trials: [['look/board-signs/board', 'clean']] });
    expect([dry.advice.kind, dry.advice.trial?.id]).toEqual(['reproduce', 'start']);
  });

  test('liquid on the board is dried before anything else, and the start after it is not blocked', () => {
    const found: BriefLog['trials'] = [['look/board-signs/board', 'traces']];
    const seen = diagnosisOf({ ...wet, circumstances: [], trials: found });
    expect([seen.advice.kind, seen.advice.trial?.id]).toEqual(['make-safe', 'fix/dry-board@board']);
    expect(find(seen, 'spare/supply')?.blocked).toContain('liquid on the board');
    const dried = diagnosisOf({ ...wet, trials: [...found, ['fix/dry-board@board', 'works']] });
    expect([dried.advice.kind, dried.advice.trial?.id]).toEqual(['verify', 'run-under-load']);
  });

  test('a burnt supply comes out, and is not put back to prove it', () => {
    const burnt: BriefLog['trials'] = [
      ['start', 'dead'],
      ['look/supply-signs/supply', 'burnt'],
    ];
    const seen = diagnosisOf({ ...desktop, reported: 'dead', trials: burnt });
    expect([seen.advice.kind, seen.advice.trial?.id]).toEqual(['make-safe', 'spare/supply']);
    const away = diagnosisOf({ ...desktop, reported: 'dead', trials: [...burnt, ['spare/supply', 'works']] });
    expect([away.advice.kind, away.advice.trial?.id]).toEqual(['repair', 'fix/replace@supply']);
    expect(find(away, 'back/supply')?.blocked).toContain('burnt or broken');
  });

  test.each([1, 2, 3, 4])('no wet machine is powered before its board has been looked at (seed %i)', (seed) => {
    for (const fault of ['liquid-on-board@board', 'switch-wet@case-switch', 'module-dead@module-1']) {
      const { turns } = replayed('Workshop machine', [fault], seed);
      const looked = turns.findIndex(({ advice }) => advice.trial?.id === 'look/board-signs/board');
      expect(turns.slice(0, looked).map(({ advice }) => advice.trial?.kind)).toEqual([]);
      const isWet = turns[looked]?.seen === 'Traces of liquid';
      if (isWet) expect(turns[looked + 1]?.advice.trial?.id).toBe('fix/dry-board@board');
    }
  });
});

test('a supply that had shut itself off comes back once the cord is out: none is bought for it', () => {
  for (const seed of [1, 2, 3]) {
    const { turns, left } = replayed('Home machine', ['supply-latched@supply'], seed);
    expect(turns.map(({ advice }) => advice.trial?.id)).not.toContain('fix/replace@supply');
    expect(left).toEqual([]);
  }
});

describe('doubts', () => {
  const sighted: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['look/front-ports/front-usb', 'bent'],
  ];

  test('a sighting that nobody expected is not called mistaken', () => {
    expect(diagnosisOf({ ...desktop, reported: 'twitch', trials: sighted }).doubts).toEqual([]);
  });

  test('nor is the cure that bore it out', () => {
    const cured: BriefLog['trials'] = [
      ...sighted,
      ['fix/leave-unplugged@front-usb', 'works'],
      ['run-under-load', 'works'],
    ];
    expect(diagnosisOf({ ...desktop, reported: 'twitch', trials: cured }).doubts).toEqual([]);
  });

  test('a log of one entry has nothing that it could contradict', () => {
    expect(diagnosisOf({ ...desktop, trials: [['start', 'message-usb']] }).doubts).toEqual([]);
  });
});

describe('verified in proportion', () => {
  test('an input that was selected is verified by the picture', () => {
    const { advice } = diagnosisOf({
      ...desktop,
      reported: 'dark',
      trials: [
        ['start', 'dark'],
        ['look/monitor-input/monitor', 'other'],
        ['fix/select-input@monitor', 'works'],
      ],
    });
    expect(advice.kind).toBe('close');
  });

  test('what cut out under load is not gone because it starts', () => {
    const trials: BriefLog['trials'] = [
      ['run-under-load', 'cuts-out'],
      ['out/card', 'works'],
    ];
    const { advice, suspects } = diagnosisOf({ ...desktop, reported: 'cuts-out', trials });
    expect(advice.kind).not.toBe('prove');
    expect(suspects.every(({ proofTurns }) => proofTurns < 2)).toBe(true);
  });
});

test('"something else" never stands before a cause with a name', () => {
  const { suspects } = diagnosisOf({
    ...desktop,
    reported: 'works',
    trials: [
      ['start', 'system-stops'],
      ['start', 'dead'],
    ],
  });
  const first = suspects.findIndex(({ somethingElse }) => somethingElse);
  expect(suspects.slice(first).every(({ somethingElse }) => somethingElse)).toBe(true);
});
