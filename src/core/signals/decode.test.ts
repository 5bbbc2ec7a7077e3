import { decodeSignals, signalsFor, type SeenSignals } from '.';

const board = {
  codes: [
    { code: '3E', meaning: 'Training the memory', stage: 'memory', waitSeconds: 180 },
    { code: 'E0', meaning: 'Handed over', stage: 'all-well' },
    { code: '10', meaning: 'Asleep' },
  ],
  beeps: [
    { pattern: 'L S L', meaning: 'No memory answers', stage: 'memory', repeats: true },
    { pattern: 'L', meaning: 'No picture', stage: 'graphics', repeats: true },
    { pattern: 'S S', meaning: 'All is well', stage: 'all-well' },
  ],
  stageLights: [
    { label: 'PROC', link: 'processor' },
    { label: 'MEM', link: 'memory', rightOfTen: 6 },
    { label: 'PICT', link: 'graphics' },
    { label: 'START', link: 'load' },
  ],
} as const;
const on = (label: string) => ({ label, shows: 'on' as const });
const decode = (seen: SeenSignals) => decodeSignals(board, seen);

test('codes, beeps and lights are told by the tables of the board, however they are typed', () => {
  expect(decode({ code: { text: '3e' }, beeps: 'lsl', lights: [on('mem')] })).toMatchObject({
    code: { stage: 'memory', source: 'board', waitSeconds: 180, isBusy: false },
    beeps: { meaning: 'No memory answers', source: 'board' },
    light: { stage: 'memory', source: 'board' },
    contradictions: [],
    outcome: 'at-memory',
    signs: { light: { stage: 'memory', stays: true, label: 'MEM', rightOfTen: 6 } },
  });
  expect(decode({ code: { text: '10' } }).code).toMatchObject({ meaning: 'Asleep', stage: null, source: 'board' });
  expect(decode({ lights: [on('START')] }).outcome).toBe('no-boot');
  expect(decode({})).toMatchObject({ signs: {}, outcome: null });
});

test('a pattern that repeats is known however often it was heard, one that does not only as it stands', () => {
  expect(decode({ beeps: 'LSL LSL' }).beeps?.stage).toBe('memory');
  expect(decode({ beeps: 'L L L L L' }).beeps?.stage).toBe('graphics');
  expect(decode({ beeps: 'SS SS' }).beeps?.source).toBe('unknown');
});

test('a code that may stay so long is busy until then, and afterwards it stands', () => {
  const early = decode({ code: { text: '3E', unchangedSeconds: 100 } });
  expect(early.code).toMatchObject({
    isBusy: true,
    meaning: 'Training the memory: it may stay so for another 80 seconds',
  });
  expect(early.signs.code).toMatchObject({ moves: true, unchangedSeconds: 100 });
  expect(decode({ code: { text: '3E', unchangedSeconds: 200 } })).toMatchObject({
    code: { isBusy: false },
    outcome: 'at-memory',
  });
  expect(decode({ code: { text: '3E', moves: true } }).outcome).not.toBe('at-memory');
});

test('what contradicts is said, and what is still at work contradicts nothing', () => {
  const { contradictions } = decode({ code: { text: 'E0' }, beeps: 'L S L', lights: [on('MEM')] });
  expect(contradictions).toHaveLength(2);
  expect(contradictions[0]).toBe('Light MEM says memory, code E0 says all is well.');
  const busy = decode({ code: { text: '3E', unchangedSeconds: 20 }, lights: [on('PICT')] });
  expect(busy.contradictions).toEqual([]);
});

test('lights mean what this board means by them', () => {
  const passing = {
    stageLights: board.stageLights.map((light) => ({ ...light, stays: 'passed' as const, blinks: 'failed' as const })),
  };
  const blinks = (label: string) => ({ label, shows: 'blinks' as const });
  const say = (...lights: SeenSignals['lights'] & {}) => decodeSignals(passing, { lights }).signs.light;
  expect(say(on('PROC'), blinks('MEM'))).toMatchObject({ stage: 'memory', stays: true });
  expect(say(on('PROC'), on('MEM'))).toMatchObject({ stage: 'graphics', stays: true });
  expect(say(...passing.stageLights.map(({ label }) => on(label)))).toMatchObject({ stage: 'boot', stays: false });
  // By default one that blinks is at work.
  expect(decode({ lights: [blinks('MEM')] })).toMatchObject({ light: { stage: null, isBusy: true } });
});

test('lights that begin again are a loop, and say how far it gets', () => {
  const loop = decode({ sequence: ['PROC', 'MEM', 'PROC', 'MEM'] });
  expect(loop).toMatchObject({ outcome: 'loop', light: { seen: 'PROC → MEM → PROC → MEM' } });
  expect(loop.signs.light).toMatchObject({
    stage: 'memory',
    stays: false,
    sequence: ['processor', 'memory', 'processor', 'memory'],
  });
  expect(decode({ sequence: ['PROC', 'MEM', 'PICT'] }).outcome).toBe('at-graphics');
});

test('silence and darkness are signs only where they are noted', () => {
  expect(decode({ isSilent: true, lights: [] }).signs).toEqual({ silent: true, dark: true });
  expect(decode({ isSilent: true, beeps: 'L S L' }).signs).not.toHaveProperty('silent');
});

test('a board without a table is given what many boards mean, marked so; one with a table is not', () => {
  const beepsOf = (beeps: string) => decodeSignals({}, { beeps }).beeps;
  expect(beepsOf('L S S')).toMatchObject({ stage: 'graphics', source: 'general' });
  expect(beepsOf('L L L L')).toMatchObject({ stage: 'memory', source: 'general' });
  expect(beepsOf('S')).toMatchObject({ stage: 'all-well', source: 'general' });
  expect(beepsOf('S L S L')).toMatchObject({ stage: null, source: 'unknown' });
  expect(decodeSignals({}, { beeps: 'L S S' }).signs.beeps?.general).toBe(true);
  expect(decodeSignals({}, { lights: [on('Memory')] })).toMatchObject({
    light: { source: 'general', stage: 'memory' },
  });
  expect(decode({ beeps: 'L S S' }).beeps).toMatchObject({ stage: null, source: 'unknown' });
  expect(decode({ code: { text: 'FF' }, lights: [on('FAN')] })).toMatchObject({
    code: { source: 'unknown' },
    light: { source: 'unknown' },
  });
});

test('what to expect with an outcome is said by the names and sounds of the board', () => {
  expect(signalsFor(board, 'at-memory')).toMatchObject({
    lights: [on('MEM')],
    codes: [{ code: '3E' }],
    beeps: [{ pattern: 'L S L' }],
  });
  expect(signalsFor(board, 'works')).toMatchObject({ lights: [], beeps: [{ pattern: 'S S' }] });
  expect(signalsFor(board, 'dead')).toEqual({ lights: [], codes: [], beeps: [] });
  const passing = { stageLights: board.stageLights.map((light) => ({ ...light, stays: 'passed' as const })) };
  expect(signalsFor(passing, 'at-graphics').lights).toEqual([on('PROC'), on('MEM')]);
});
