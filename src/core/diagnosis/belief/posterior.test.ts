import { diagnoseCase, foldOn, type CaseState, type EventBody } from '../../casework';
import { desktopWithLights as desktop, diagnosisOf, eventId, stateOf, type BriefLog } from '../../casework/testing-log';
import { instantiateFaults } from '../../faults';
import { priorBelief } from './belief';
import { readLog } from './read-log';
import { enumeratePosterior } from './testing-enumeration';
import { createSpace } from '../model/hypothesis-space';
import { probabilityByFault } from './suspects';

const probability = (log: BriefLog, fault: string) =>
  diagnosisOf(log).suspects.find((suspect) => suspect.fault === fault)?.probability ?? 0;

test.each<[string, BriefLog]>([
  ['before any evidence', { machine: desktop }],
  ['after what the owner reported', { machine: desktop, reported: 'dead', circumstances: ['spill'] }],
  [
    'after looks, a reading and starts',
    {
      machine: desktop,
      reported: 'dead',
      trials: [
        ['start', 'dead'],
        ['look/rocker/supply', 'at-i'],
        ['measure/vsb/supply', 'within', 5.02],
        ['bridge-pins', 'works'],
      ],
    },
  ],
  [
    'after handling that may have cured it, and silent outcomes',
    {
      machine: desktop,
      reported: 'at-memory',
      trials: [
        ['start', 'at-memory'],
        ['look/module-latches/module-1', 'not-sure'],
        ['only/module-1/slot-A2', 'at-memory'],
        ['only/module-2/slot-A2', 'could-not'],
        ['back/module-2', 'works'],
        ['fix/seat-module@module-1', 'works'],
      ],
    },
  ],
  [
    'after the same start made again, with the same and with another end',
    {
      machine: desktop,
      reported: 'twitch',
      trials: [
        ['start', 'twitch'],
        ['start', 'twitch'],
        ['start', 'works'],
        ['run-under-load', 'works'],
        ['run-under-load', 'works'],
        ['out/front-usb', 'loop'],
        ['start', 'twitch'],
      ],
    },
  ],
  [
    'after starts of which more was seen than their outcome',
    {
      machine: desktop,
      reported: 'blank',
      trials: [
        ['start', 'blank', { light: { stage: 'memory', stays: true }, beeps: { pattern: 'L L L', stage: 'memory' } }],
        ['out/front-usb', 'loop', { restarts: 4, code: { text: '55', moves: true, stage: 'memory' } }],
        ['back/front-usb', 'message-usb', { messages: ['message-fan'] }],
      ],
    },
  ],
  [
    'after it went off at work, in ways that fit some causes better than others',
    {
      machine: desktop,
      reported: 'cuts-out',
      trials: [
        ['run-under-load', 'cuts-out', { cutOutAfter: 2, restarts: 0 }],
        ['start', 'dead'],
        ['load-with-spare/supply', 'cuts-out', { cutOutAfter: 200 }],
        ['start', 'works'],
      ],
    },
  ],
])('the posterior equals a plain enumeration %s', (_when, log) => expectExact(stateOf(log)));

function expectExact(state: CaseState): void {
  const { machine, opened } = state;
  const steps = readLog(machine, state.steps);
  const expected = enumeratePosterior(machine, steps, createSpace(machine, opened.circumstances));
  const { suspects } = diagnoseCase(state);
  expect(suspects).toHaveLength(expected.size);
  for (const { fault, probability: p } of suspects) expect(Math.abs(p - (expected.get(fault) ?? 0))).toBeLessThan(1e-9);
}

test('the same where the start alone may be too much for the supply, and is made again', () => {
  const bodies: EventBody[] = [
    { kind: 'power-noted', sheet: { consumers: [{ kind: 'processor', baseWatts: 95 }], supply: { watts: 75 } } },
    { kind: 'trial-done', trial: 'start', outcome: 'cuts-out' },
    { kind: 'trial-done', trial: 'start', outcome: 'works' },
    { kind: 'trial-done', trial: 'run-under-load', outcome: 'cuts-out' },
  ];
  const folded = foldOn(
    stateOf({ machine: desktop, reported: 'cuts-out' }),
    bodies.map((body, i) => ({ ...body, id: eventId(i + 50), at: '2026-01-05T10:00:00Z', by: 'Test' })),
  );
  if (!folded.ok) throw new Error(folded.problem.message);
  const atStart = folded.state.machine.power?.own?.startPasses ?? 0;
  expect([atStart > 0.2, atStart < 0.8]).toEqual([true, true]);
  expectExact(folded.state);
});

test('probabilities of hypotheses and of links sum to 1, those of suspects to no more than two faults', () => {
  const space = createSpace(stateOf({ machine: desktop }).machine, []);
  expect(priorBelief(space).probabilities.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  const { suspects, links } = diagnosisOf({
    machine: desktop,
    reported: 'twitch',
    trials: [
      ['start', 'twitch'],
      ['out/drive', 'twitch'],
    ],
  });
  const sum = suspects.reduce((total, s) => total + s.probability, 0);
  expect(sum).toBeGreaterThan(1 - 1e-9);
  expect(sum).toBeLessThan(2);
  expect(links.reduce((sum, l) => sum + l.probability, 0)).toBeCloseTo(1, 9);
});

test('the order of independent evidence does not matter', () => {
  const looks = [
    ['look/rocker/supply', 'at-i'],
    ['look/cord/cord', 'seated'],
    ['look/outlet-lamp/outlet', 'lit'],
  ] as const;
  const forward = diagnosisOf({ reported: 'dead', trials: looks });
  const backward = diagnosisOf({ reported: 'dead', trials: [...looks].reverse() });
  for (const { fault, probability: p } of forward.suspects)
    expect(backward.suspects.find((s) => s.fault === fault)?.probability).toBeCloseTo(p, 9);
});

test('a fault that a configuration bypasses cannot be blamed for a failure in it', () => {
  const before = { machine: desktop, reported: 'twitch', trials: [['start', 'twitch']] } as const;
  const without = { ...before, trials: [...before.trials, ['out/front-usb', 'twitch']] } as const;
  expect(probability(before, 'front-usb-short@front-usb')).toBeGreaterThan(0.05);
  expect(probability(without, 'front-usb-short@front-usb')).toBeLessThan(0.005);
});

test('new names for the parts change nothing', () => {
  const renamed = {
    ...desktop,
    parts: desktop.parts?.map((part) => ({ ...part, name: `the ${part.id} of somebody` })) ?? [],
  };
  const a = diagnosisOf({ machine: desktop, reported: 'at-memory', trials: [['start', 'at-memory']] });
  const b = diagnosisOf({ machine: renamed, reported: 'at-memory', trials: [['start', 'at-memory']] });
  expect(b.suspects.map((s) => [s.fault, s.probability])).toEqual(a.suspects.map((s) => [s.fault, s.probability]));
});

test('"not sure" and "could not" say nothing about the machine', () => {
  const p = (outcome: string) =>
    probability({ reported: 'dead', trials: [['look/rocker/supply', outcome]] }, 'rocker-off@supply');
  expect(p('not-sure')).toBeCloseTo(probability({ reported: 'dead' }, 'rocker-off@supply'), 12);
  expect(p('could-not')).toBeCloseTo(p('not-sure'), 12);
  expect(p('at-i')).toBeLessThan(p('not-sure'));
});

test('the same eyes on the same thing are the same evidence', () => {
  const look = ['look/rocker/supply', 'at-i'] as const;
  const once = probability({ reported: 'dead', trials: [look] }, 'rocker-off@supply');
  expect(probability({ reported: 'dead', trials: [look, look, look] }, 'rocker-off@supply')).toBeCloseTo(once, 12);
});

test('an owner who told it wrong is overruled by one’s own eyes', () => {
  const log: BriefLog = {
    machine: desktop,
    reported: 'dead',
    trials: [
      ['start', 'no-boot'],
      ['start', 'no-boot'],
    ],
  };
  expect(diagnosisOf(log).suspects[0]?.link).toBe('boot');
});

test('something else never becomes impossible', () => {
  const { suspects } = diagnosisOf({
    machine: desktop,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['bridge-pins', 'works'],
    ],
  });
  for (const { probability: p } of suspects.filter(({ somethingElse }) => somethingElse)) expect(p).toBeGreaterThan(0);
});

test('prior and weights of evidence add up to the rank of each suspect', () => {
  const { suspects } = diagnosisOf({
    machine: desktop,
    reported: 'dead',
    circumstances: ['spill'],
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-i'],
      ['bridge-pins', 'works'],
    ],
  });
  for (const { probability: p, priorDecibans, evidence } of suspects.slice(0, 10)) {
    const sum = evidence.reduce((total, { decibans }) => total + decibans, priorDecibans);
    expect(sum).toBeCloseTo(10 * Math.log10(p / (1 - p)), 6);
  }
});

test('priors of single faults follow the weights of the catalogue', () => {
  const { machine } = stateOf({ machine: desktop });
  const weights = new Map(instantiateFaults(machine).map(({ id, weight }) => [id, weight]));
  const space = createSpace(machine, [], { maxFaults: 1 });
  const prior = probabilityByFault(space, priorBelief(space));
  const total = [...weights.values()].reduce((a, b) => a + b, 0);
  space.faults.forEach(({ id }, f) => expect(prior[f]).toBeCloseTo((weights.get(id) ?? 0) / total, 9));
});

test('two faults at once are held apart and found one after the other', () => {
  const log: BriefLog = {
    machine: desktop,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
      ['fix/set-rocker@supply', 'twitch'],
      ['out/front-usb', 'works'],
      ['back/front-usb', 'twitch'],
      ['out/front-usb', 'works'],
      ['back/front-usb', 'twitch'],
    ],
  };
  const { suspects, links, parts } = diagnosisOf(log);
  // What was repaired was a cause, and is not the one to look for.
  expect(suspects[0]?.fault).toBe('front-usb-short@front-usb');
  expect(suspects.find(({ fault }) => fault === 'rocker-off@supply')).toMatchObject({ isRepaired: true });
  expect(probability(log, 'rocker-off@supply')).toBeGreaterThan(0.9);
  // A lead that is out takes the header out of use as well: the two are told apart by another lead, not by this.
  expect(parts['front-usb']).toBeGreaterThan(0.9);
  expect(links.find(({ link }) => link === 'rails')?.probability).toBeGreaterThan(0.9);
});

test('a part with two possible faults is at fault once, never more than certainly', () => {
  const { parts, suspects } = diagnosisOf({
    machine: desktop,
    reported: 'at-memory',
    trials: [
      ['start', 'at-memory'],
      ['only/module-1/slot-A2', 'at-memory'],
      ['only/module-2/slot-A2', 'works'],
    ],
  });
  const atModule = suspects.filter(({ part }) => part === 'module-1').map((s) => s.probability);
  expect(parts['module-1']).toBeLessThanOrEqual(1);
  expect(parts['module-1']).toBeGreaterThanOrEqual(Math.max(...atModule));
  expect(parts['module-1']).toBeLessThanOrEqual(atModule.reduce((a, b) => a + b, 0));
});
