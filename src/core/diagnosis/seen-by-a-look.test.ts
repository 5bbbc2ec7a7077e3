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

describe('a lead of another supply', () => {
  const seen: NonNullable<BriefLog['trials']> = [
    ['start', 'dead'],
    ['look/supply-leads/supply', 'other-supply'],
  ];
  const blockedOf = (trials: NonNullable<BriefLog['trials']>, id: string) =>
    diagnosisOf({ machine, circumstances: ['supply-changed'], reported: 'dead', trials }).alternatives.find(
      (one) => one.id === id,
    )?.blocked;

  test('nothing is powered with it: the right leads come before any other check', () => {
    const { advice } = diagnosisOf({ machine, circumstances: ['supply-changed'], reported: 'dead', trials: seen });
    expect(advice).toMatchObject({ kind: 'make-safe', trial: { id: 'fix/own-leads@supply' } });
    expect(blockedOf(seen, 'start')).toMatch(/wired differently/);
    expect(blockedOf(seen, 'measure/vsb/supply')).toMatch(/wired differently/);
  });

  test('the same of a lead that belongs to the card and sits in the socket of the processor', () => {
    const wrong: NonNullable<BriefLog['trials']> = [
      ['start', 'twitch'],
      ['look/power-plugs/board', 'wrong-lead'],
    ];
    const { advice } = diagnosisOf({ machine, circumstances: ['new-build'], reported: 'twitch', trials: wrong });
    expect(advice).toMatchObject({ kind: 'make-safe', trial: { id: 'fix/right-plug@board' } });
    expect(blockedOf(wrong, 'start')).toMatch(/before the right one is in/);
    expect(blockedOf([...wrong, ['fix/right-plug@board', 'twitch']], 'start')).toBeNull();
  });

  test('with its own leads it is started again', () => {
    expect(blockedOf([...seen, ['fix/own-leads@supply', 'dead']], 'bridge-pins')).toBeNull();
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

describe('a mains cord that is damaged', () => {
  const seen: NonNullable<BriefLog['trials']> = [['look/cord/cord', 'damaged']];
  const after = (trials: NonNullable<BriefLog['trials']>) => diagnosisOf({ machine, reported: 'dead', trials });
  const blockedOf = (id: string, trials = seen) => after(trials).alternatives.find((one) => one.id === id)?.blocked;

  test('it is binned before anything is started, and no other part that is replaced makes it safe', () => {
    expect(after(seen).advice).toMatchObject({ kind: 'make-safe', trial: { id: 'fix/replace@cord' } });
    expect(after(seen).alternatives.find(({ id }) => id === 'start')?.blocked).toMatch(/cord is damaged/);
    expect(blockedOf('spare/supply')).toMatch(/cord is damaged/);
    expect(blockedOf('spare/cord')).toBeNull();
  });

  test('with a new one it is started', () => {
    expect(after([...seen, ['fix/replace@cord', 'dead']]).advice.why).not.toMatch(/damaged/);
  });

  test('of a DC adapter another one is put in its place', () => {
    const small: BriefLog = {
      machine: { parts: [{ id: 'adapter', kind: 'adapter' }], builtInGraphics: true },
      reported: 'dead',
      trials: [['look/adapter-cord/adapter', 'damaged']],
    };
    expect(diagnosisOf(small).advice).toMatchObject({ kind: 'make-safe', trial: { id: 'spare/adapter' } });
  });
});

describe('bent pins in the socket', () => {
  const bent: NonNullable<BriefLog['trials']> = [
    ['start', 'at-processor'],
    ['look/power-plugs/board', 'seated'],
    ['look/processor-seat/processor', 'flat'],
    ['look/socket-pins/board', 'bent'],
  ];
  const blockedOf = (trials: NonNullable<BriefLog['trials']>) =>
    diagnosisOf({ machine, circumstances: ['processor-changed'], reported: 'blank', trials }).alternatives.find(
      ({ id }) => id === 'spare/processor',
    )?.blocked;

  test('no other processor goes onto them', () => {
    expect(blockedOf(bent)).toBe('Pins in the socket are bent: they would hurt another processor.');
  });

  test('a spare goes into another board, and into one whose pins proved straight', () => {
    expect(blockedOf([...bent, ['spare/board', 'at-processor']])).toBeNull();
    expect(blockedOf([...bent, ['look/socket-pins/board', 'straight']])).toBeNull();
  });
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
