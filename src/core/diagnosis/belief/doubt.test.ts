import { diagnosisOf, eventId, stateOf, type BriefLog } from '../../casework/testing-log';
import { compileStep, priorBelief, updateBelief, type Belief } from './belief';
import { createOutcomeModelCache } from '../model/outcome-model-cache';
import { fitEntries } from './fit-entries';
import type { EvidenceStep } from '../evidence-step';
import { createSpace, type HypothesisSpace } from '../model/hypothesis-space';

const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'front-usb', kind: 'front-usb' },
    { id: 'drive', kind: 'drive' },
  ],
  board: { stageLights: true },
};

function replay(space: HypothesisSpace, steps: readonly EvidenceStep[], log: BriefLog): Belief[] {
  const beliefs = [priorBelief(space)];
  for (const step of steps) {
    const last = beliefs.at(-1);
    if (last) beliefs.push(updateBelief(last, space, step, stateOf(log).machine));
  }
  return beliefs;
}
const last = (beliefs: readonly Belief[]): Belief => beliefs.at(-1) as Belief;
const compiledOf = (space: HypothesisSpace, steps: readonly EvidenceStep[], log: BriefLog) =>
  steps.map((step) =>
    step.outcome === 'could-not'
      ? null
      : compileStep(space, step, createOutcomeModelCache(stateOf(log).machine, space)),
  );
const evidence = (beliefs: readonly Belief[]): number => last(beliefs).logEvidence;

test('the fit of an entry is what leaving its observation out says, with handling that may have cured on both sides', () => {
  const log: BriefLog = {
    machine,
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['only/module-1/slot-A2', 'works'],
      ['back/module-2', 'at-memory'],
      ['fix/seat-module@module-2', 'works'],
      ['look/module-latches/module-2', 'open'],
    ],
  };
  const { steps, machine: whole } = stateOf(log);
  const space = createSpace(whole, []);
  const beliefs = replay(space, steps, log);
  const fits = fitEntries(space, steps, compiledOf(space, steps, log), last(beliefs));
  expect(fits).toHaveLength(steps.length);
  steps.forEach((step, k) => {
    const without = steps.map((s) => (s === step ? { ...s, outcome: 'not-sure' } : s));
    const expected = Math.exp(evidence(beliefs) - evidence(replay(space, without, log)));
    expect(fits[k]?.probability).toBeCloseTo(expected, 9);
  });
});

test('a log that fits names no doubt', () => {
  expect(
    diagnosisOf({
      machine,
      reported: 'dead',
      trials: [
        ['start', 'dead'],
        ['look/rocker/supply', 'at-o'],
        ['fix/set-rocker@supply', 'works'],
      ],
    }).doubts,
  ).toEqual([]);
});

test('the one entry that contradicts the others is the doubtful one', () => {
  const { doubts } = diagnosisOf({
    machine,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rear-usb-power/board', 'lit'],
      ['look/standby-light/board', 'dark'],
      ['measure/vsb/supply', 'within', 5.03],
      ['bridge-pins', 'works'],
    ],
  });
  expect(doubts[0]?.eventId).toBe(eventId(3));
});

test('an owner who told it wrong is doubted, not the technician', () => {
  const { doubts } = diagnosisOf({
    machine,
    reported: 'dead',
    trials: [
      ['start', 'no-boot'],
      ['look/drive-leads/drive', 'loose'],
    ],
  });
  expect(doubts[0]?.eventId).toBe(eventId(0));
});

test('"not sure" and "could not" are never doubted', () => {
  const { steps, machine: whole } = stateOf({
    machine,
    trials: [
      ['look/rocker/supply', 'not-sure'],
      ['look/cord/cord', 'could-not'],
    ],
  });
  const space = createSpace(whole, []);
  const log = { machine };
  expect(fitEntries(space, steps, compiledOf(space, steps, log), last(replay(space, steps, log)))).toEqual([]);
});

const seated: NonNullable<BriefLog['trials']> = [
  ['start', 'at-memory'],
  ['look/module-latches/module-1', 'closed'],
  ['fix/seat-module@module-2', 'works'],
];

test('a last start that contradicts the repair before it is doubted, one that bears it out is not', () => {
  const doubtsOf = (outcome: string) =>
    diagnosisOf({ machine, reported: 'at-memory', trials: [...seated, ['run-under-load', outcome]] }).doubts.map(
      ({ eventId: id }) => id,
    );
  expect(doubtsOf('works')).toEqual([]);
  expect(doubtsOf('message-fan')[0]).toBe(eventId(4));
});

test('what leads was repaired last, and the complaint is gone: nothing that speaks against it is doubted', () => {
  const doubts = diagnosisOf({
    machine,
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['look/module-latches/module-2', 'closed'],
      ['fix/seat-module@module-2', 'works'],
      ['run-under-load', 'works'],
    ],
  }).doubts;
  expect(doubts).toEqual([]);
});

test('the first start seen at the bench is not doubted for what the owner told', () => {
  const { doubts } = diagnosisOf({ machine, reported: 'dead', trials: [['start', 'dark']] });
  expect(doubts.map(({ eventId: id }) => id)).toEqual([eventId(0)]);
});

test('a module that fails alone where the other works alone is a finding, not a doubt', () => {
  const { suspects, doubts } = diagnosisOf({
    machine: {
      ...machine,
      parts: [
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
      ],
    },
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['fix/seat-module@module-1', 'at-memory'],
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-2/slot-A2', 'works'],
    ],
  });
  expect(suspects[0]?.fault).toBe('module-dead@module-1');
  expect(doubts).toEqual([]);
});

const numbersDoubted = (log: BriefLog): string[] => diagnosisOf(log).doubts.map(({ eventId: id }) => id);
const machineWithCard = {
  parts: [...(machine.parts ?? []), { id: 'card', kind: 'card' as const }],
  board: { stageLights: true },
};

test('the run in which a complaint comes back is doubted, and so is the repair before it, where neither is sure', () => {
  const settled: BriefLog['trials'] = [
    ['start', 'message-settings'],
    ['look/date-in-setup/coin-cell', 'right'],
    ['look/setup-entry/board', 'opens'],
    ['fix/reset-settings@board', 'works'],
  ];
  const log = (outcome: string): BriefLog => ({
    machine: machineWithCard,
    reported: 'message-settings',
    trials: [...settled, ['run-under-load', outcome]],
  });
  expect(numbersDoubted(log('message-settings'))).toEqual([eventId(5), eventId(4)]);
  expect(numbersDoubted(log('works'))).toEqual([]);
});

test('what leads went with its own repair, though another fault was repaired after it: nothing is doubted', () => {
  expect(
    numbersDoubted({
      machine: machineWithCard,
      circumstances: ['old'],
      reported: 'blank',
      trials: [
        ['start', 'blank'],
        ['look/monitor-words/monitor', 'no-signal'],
        ['look/reset-button/case-switch', 'stuck'],
        ['fix/free-reset@case-switch', 'message-settings'],
        ['fix/replace@coin-cell', 'works'],
        ['look/ten-presses/case-switch', 'all'],
      ],
    }),
  ).toEqual([]);
});

test('of several likely errors those come first without which another cause would lead', () => {
  const { doubts } = diagnosisOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'drive', kind: 'drive' },
      ],
    },
    circumstances: ['used-parts'],
    reported: 'no-boot',
    trials: [
      ['start', 'no-boot'],
      ['look/drive-listed/drive', 'listed'],
      ['fix/set-boot@board', 'works'],
      ['look/drive-contents/drive', 'empty'],
      ['run-under-load', 'works'],
      ['look/drive-health/drive', 'failing'],
    ],
  });
  expect(doubts.map(({ eventId: id }) => id)).toEqual([eventId(6), eventId(4)]);
  expect(doubts[1]?.mistaken).toBeGreaterThan(doubts[0]?.mistaken ?? 1);
});

test('a sighting of what leads is no doubt, though the complaint went and came as parts were moved', () => {
  const { suspects, doubts } = diagnosisOf({
    machine: {
      parts: [
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
      ],
      board: { stageLights: true },
    },
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['fix/seat-module@module-2', 'at-memory'],
      ['look/module-latches/module-1', 'closed'],
      ['fix/seat-module@module-1', 'at-memory'],
      ['only/module-1/slot-A1', 'works'],
      ['back/module-1', 'works'],
      ['only/module-2/slot-A1', 'works'],
      ['back/module-1', 'works'],
      ['back/module-2', 'at-memory'],
      ['look/slot-debris/slot-B2', 'dirty'],
    ],
  });
  expect(suspects[0]?.fault).toBe('slot-dirty@slot-B2');
  expect(doubts).toEqual([]);
});
