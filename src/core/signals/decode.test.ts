import { decodeSignals } from '.';

const board = {
  codes: [
    { code: '3E', meaning: 'Training the memory', stage: 'memory', waitSeconds: 180 },
    { code: 'E0', meaning: 'Handed over', stage: 'all-well' },
    { code: '10', meaning: 'Asleep' },
  ],
  beeps: [{ pattern: 'L S L', meaning: 'No memory answers', stage: 'memory' }],
  stageLights: [
    { label: 'MEM', link: 'memory' },
    { label: 'START', link: 'load' },
  ],
} as const;

test('codes, beeps and lights are told by the tables of the board, however they are typed', () => {
  expect(decodeSignals(board, { code: '3e', beeps: 'lsl', lights: ['mem'] })).toMatchObject({
    code: { stage: 'memory', source: 'board', waitSeconds: 180 },
    beeps: { meaning: 'No memory answers', source: 'board' },
    lights: [{ stage: 'memory' }],
    contradictions: [],
  });
  expect(decodeSignals(board, { code: '10' }).code).toMatchObject({ meaning: 'Asleep', stage: null, source: 'board' });
  expect(decodeSignals(board, { lights: ['START'] }).lights[0]?.stage).toBe('boot');
});

test('what contradicts is said, each pair once', () => {
  const { contradictions } = decodeSignals(board, { code: 'E0', beeps: 'L S L', lights: ['MEM'] });
  expect(contradictions).toEqual([
    '"MEM" says memory, "E0" says that all is well: believe neither alone.',
    '"E0" says that all is well, "L S L" says memory: believe neither alone.',
  ]);
});

test('a board without a table is given what many boards mean, marked so; one with a table is not', () => {
  const beepsOf = (beeps: string) => decodeSignals({}, { beeps }).beeps;
  expect(beepsOf('L S S')).toMatchObject({ stage: 'graphics', source: 'general' });
  expect(beepsOf('L L L L')).toMatchObject({ stage: 'memory', source: 'general' });
  expect(beepsOf('S')).toMatchObject({ stage: 'all-well', source: 'general' });
  expect(beepsOf('S L S L')).toMatchObject({ stage: null, source: 'unknown' });
  expect(decodeSignals(board, { beeps: 'L S S' }).beeps).toMatchObject({ stage: null, source: 'unknown' });
  expect(decodeSignals(board, { code: 'FF', lights: ['FAN'] })).toMatchObject({
    code: { source: 'unknown' },
    lights: [{ source: 'unknown' }],
  });
});
