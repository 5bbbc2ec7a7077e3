import { emptySignals, seenOfDraft, withSignals } from './signals-draft';

test('a draft says only what was entered', () => {
  expect(seenOfDraft(emptySignals, 5000)).toEqual({});
  expect(seenOfDraft({ ...emptySignals, areDark: true, isSilent: true }, 5000)).toEqual({ lights: [], isSilent: true });
});

test('a code counts the seconds since it came', () => {
  const codes = [
    { text: '11', at: 1000 },
    { text: '3E', at: 3000 },
  ];
  expect(seenOfDraft({ ...emptySignals, codes }, 51_000).code).toEqual({
    text: '3E',
    moves: false,
    unchangedSeconds: 48,
  });
  // The clock of a device may be put back.
  expect(seenOfDraft({ ...emptySignals, codes }, 0).code?.unchangedSeconds).toBe(0);
});

test('lights that stand and lights that come one after the other do not mix', () => {
  const draft = { ...emptySignals, lit: { MEM: 'on' as const }, sequence: ['PROC', 'MEM'] };
  expect(seenOfDraft(draft, 0)).toEqual({ lights: [{ label: 'MEM', shows: 'on' }] });
  expect(seenOfDraft({ ...draft, lightsMode: 'change' }, 0)).toEqual({ sequence: ['PROC', 'MEM'] });
});

test('signals take the place of earlier ones, and what else was seen stays', () => {
  const before = { restarts: 2, light: { stage: 'memory', stays: true }, silent: true } as const;
  const beeps = { pattern: 'L', stage: null } as const;
  expect(withSignals(before, { beeps })).toEqual({ restarts: 2, beeps });
  expect(withSignals({ silent: true }, {})).toBeNull();
});
