import { diagnosisOf, type BriefLog } from '../casework/testing-log';

/** Four modules, each with a slot of its own, and what a technician moves between them. */

const machine: NonNullable<BriefLog['machine']> = {
  parts: [1, 2, 3, 4].map((n) => ({ id: `module-${n}`, kind: 'module' as const })),
  board: { stageLights: true },
};
const after = (...trials: NonNullable<BriefLog['trials']>) =>
  diagnosisOf({ machine, reported: 'at-memory', trials: [['start', 'at-memory'], ...trials] });
const advised = (...trials: NonNullable<BriefLog['trials']>) => after(...trials).advice.trial?.id;

test('a module waits while another stands in its slot, and that one goes home first', () => {
  const { advice, alternatives } = after(
    ['one-per-channel', 'works'],
    ['back/module-4', 'at-memory'],
    ['only/module-4/slot-A1', 'at-memory'],
    ['only/module-3/slot-A2', 'works'],
  );
  const blockOf = (id: string) => [advice.trial, ...alternatives].find((trial) => trial?.id === id)?.blocked;
  expect(blockOf('back/module-1')).toBe('Another module stands in its slot.');
  expect(blockOf('back/module-3')).toBeNull();
  expect(advice).toMatchObject({ kind: 'put-back', trial: { id: 'back/module-2' } });
});

const leftEmpty: NonNullable<BriefLog['trials']> = [
  ['one-per-channel', 'at-memory'],
  ['only/module-1/slot-A1', 'works'],
  ['back/module-4', 'works'],
  ['back/module-2', 'at-memory'],
  ['look/slot-debris/slot-B2', 'dirty'],
  ['fix/leave-slot-empty@slot-B2', 'works'],
];

test('a slot that was left empty and then cleaned is used again, and only its own starts prove it', () => {
  const cleaned: typeof leftEmpty = [...leftEmpty, ['fix/clean-slot@slot-B2', 'works']];
  expect(advised(...cleaned)).toBe('back/module-2');
  expect(after(...cleaned).suspects[0]?.cure).toMatchObject({ after: { worked: 0 }, wanted: null });
  const used = after(...cleaned, ['back/module-2', 'works']);
  expect(used.suspects[0]?.cure).toMatchObject({ after: { worked: 1 }, wanted: 0 });
});

test('a module leaves its slot for one that no other module comes from', () => {
  const { advice, alternatives } = diagnosisOf({
    machine: { ...machine, parts: machine.parts?.slice(0, 2) ?? [] },
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['only/module-1/slot-A2', 'at-memory'],
    ],
  });
  const leave = [advice.trial, ...alternatives].find((trial) => trial?.id === 'fix/leave-slot-empty@slot-A2');
  expect(leave?.steps).toContain('Move module 1 from slot A2 to slot A1. Both sides click.');
});
