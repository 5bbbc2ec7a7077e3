import { createCaseDiagnoser, foldCase, type CaseEvent } from '../casework';
import { desktopAfter, diagnosisOf, eventsOf, type BriefLog } from '../casework/testing-log';

/** What no start shows, or a start shows in another way than most: a look decides. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A2' },
    { id: 'drive', kind: 'drive' },
    { id: 'card', kind: 'card' },
  ],
  board: { stageLights: true },
};
const used: BriefLog = { machine, circumstances: ['used-parts'], reported: 'works' };
const agreed: CaseEvent = {
  id: '0199a000-0000-7000-8000-00000000aaaa',
  at: '2026-02-03T09:05:00.000Z',
  by: 'Test',
  kind: 'consent-noted',
  to: 'password-clearing',
  isAgreed: true,
  way: 'in-person',
  words: 'Owner',
  shown: 'the bill',
};

/** The advice after a log in which the owner's proof is noted behind the first two entries. */
function adviceWithProof(log: BriefLog) {
  const [opened, start, look, ...rest] = eventsOf(log);
  const folded = foldCase([opened, start, look, agreed, ...rest].filter((event) => event !== undefined));
  if (!folded.ok) throw new Error(folded.problem.message);
  return createCaseDiagnoser()(folded.state).advice;
}

describe('settings locked on a machine that starts as ever', () => {
  const seen: NonNullable<BriefLog['trials']> = [
    ['start', 'works'],
    ['look/setup-entry/board', 'password'],
  ];

  test('the prompt is believed, and is the complaint: the word of the owner is asked for, not another start', () => {
    const { suspects, doubts, advice } = diagnosisOf({ ...used, trials: seen });
    expect(suspects[0]).toMatchObject({ fault: 'settings-locked@board' });
    expect(suspects[0]?.probability).toBeGreaterThan(0.95);
    expect(doubts).toEqual([]);
    expect(advice.kind).toBe('consent');
  });

  test('once it is cleared, setup is tried again before the machine is put under load', () => {
    expect(adviceWithProof({ ...used, trials: seen }).trial?.id).toBe('fix/clear-password@board');
    const cleared: NonNullable<BriefLog['trials']> = [...seen, ['fix/clear-password@board', 'works']];
    const { kind, trial } = adviceWithProof({ ...used, trials: cleared });
    expect({ kind, trial: trial?.id }).toEqual({ kind: 'verify', trial: 'look/setup-entry/board' });
    const opens: NonNullable<BriefLog['trials']> = [...cleared, ['look/setup-entry/board', 'opens']];
    expect(adviceWithProof({ ...used, trials: opens }).trial?.id).toBe('run-under-load');
    expect(adviceWithProof({ ...used, trials: [...opens, ['run-under-load', 'works']] }).kind).toBe('close');
  });

  test('work that has nothing to do with it does not make it repaired', () => {
    const elsewhere: NonNullable<BriefLog['trials']> = [...seen, ['fix/seat-module@module-1', 'works']];
    expect(adviceWithProof({ ...used, trials: elsewhere }).trial?.id).toBe('fix/clear-password@board');
  });

  test('a prompt that is still there after clearing is no cure', () => {
    const still: NonNullable<BriefLog['trials']> = [
      ...seen,
      ['fix/clear-password@board', 'works'],
      ['look/setup-entry/board', 'password'],
    ];
    expect(adviceWithProof({ ...used, trials: still }).kind).not.toBe('close');
  });

  test('without a prompt it stays one of many', () => {
    const { suspects } = diagnosisOf({
      ...used,
      trials: [
        ['start', 'works'],
        ['look/setup-entry/board', 'opens'],
      ],
    });
    expect(suspects.findIndex(({ fault }) => fault === 'settings-locked@board')).not.toBe(0);
  });
});

test('a pump on the processor-fan header is missed by the board: the fan turns, the pump stands still', () => {
  const { suspects, advice } = diagnosisOf({
    machine,
    circumstances: ['cooler-touched'],
    reported: 'message-fan',
    trials: [
      ['start', 'message-fan'],
      ['look/cooler-fan/cooler', 'turns'],
      ['look/pump/cooler', 'still'],
    ],
  });
  expect(suspects[0]).toMatchObject({ fault: 'pump-still@cooler' });
  expect(advice.trial?.id).toBe('fix/plug-pump@cooler');
});

describe('a reset switch that is held', () => {
  const dead: NonNullable<BriefLog['trials']> = [
    ['start', 'dead'],
    ['look/standby-light/board', 'lit'],
    ['bridge-pins', 'dead'],
    ['look/power-plugs/board', 'seated'],
    ['look/reset-button/case-switch', 'stuck'],
  ];

  test('it keeps the machine dead by its pins as well, and to have seen it decides', () => {
    const { suspects, advice } = desktopAfter('dead', dead);
    expect(suspects[0]).toMatchObject({ fault: 'reset-stuck@case-switch' });
    expect(advice.trial?.id).toBe('fix/free-reset@case-switch');
  });

  test('once it is free, nobody presses the other switch ten times for it', () => {
    const { advice } = desktopAfter('dead', [...dead, ['fix/free-reset@case-switch', 'works']]);
    expect(advice.trial?.id).toBe('run-under-load');
  });
});

test('a card without which there is no picture is still taken out of a machine that twitches', () => {
  const twitching: BriefLog = {
    machine: { ...machine, builtInGraphics: false },
    circumstances: ['card-changed'],
    reported: 'twitch',
    trials: [
      ['start', 'twitch'],
      ['look/power-plugs/board', 'seated'],
      ['out/card', 'at-graphics'],
    ],
  };
  const { suspects, advice } = diagnosisOf(twitching);
  expect(suspects[0]).toMatchObject({ fault: 'card-short@card' });
  expect(suspects[0]?.probability).toBeGreaterThan(0.95);
  expect(advice).toMatchObject({ kind: 'prove', trial: { id: 'back/card' } });
});

test('the label of an adapter that gives too few amperes tells of an overload', () => {
  const { suspects } = diagnosisOf({
    machine: { parts: [{ id: 'adapter', kind: 'adapter' }], builtInGraphics: true },
    reported: 'cuts-out',
    trials: [
      ['run-under-load', 'cuts-out'],
      ['look/adapter-label/adapter', 'weaker'],
    ],
  });
  expect(suspects[0]).toMatchObject({ fault: 'adapter-too-small@adapter' });
  expect(suspects[0]?.probability).toBeGreaterThan(0.9);
});

test('what takes a part that the machine does not have is not offered', () => {
  const offered = (parts: NonNullable<NonNullable<BriefLog['machine']>['parts']>) => {
    const { advice } = diagnosisOf({
      machine: { parts, builtInGraphics: true },
      reported: 'dark',
      trials: [
        ['start', 'dark'],
        ['look/monitor-input/monitor', 'right'],
      ],
    });
    expect(advice.trial?.id).toBe('look/display-cable/display-cable');
    return advice.trial?.outcomes.map(({ id }) => id);
  };
  expect(offered([{ id: 'card', kind: 'card' }])).toContain('in-board');
  expect(offered([{ id: 'module-1', kind: 'module' }])).toEqual(
    expect.arrayContaining(['seated', 'loose', 'converter']),
  );
  expect(offered([{ id: 'module-1', kind: 'module' }])).not.toContain('in-board');
});

test('what was seen and put right is no doubt, though it fails as before: it makes no difference any more', () => {
  const { doubts } = desktopAfter('dead', [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-o'],
    ['fix/set-rocker@supply', 'dead'],
    ['look/standby-light/board', 'lit'],
  ]);
  expect(doubts).toEqual([]);
});
