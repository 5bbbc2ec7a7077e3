import { desktopWithLights, diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** What nothing is powered with, what ends it, and what would hurt another part. */

const machine = desktopWithLights;

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
    expect(blockedOf('spare/supply', [...seen, ['fix/replace@cord', 'dead']])).toBeNull();
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
