import { foldCase, inputOf, type CaseEvent, type EventBody } from '../casework';
import { desktopWithLights, eventId, eventsOf, stateOf } from '../casework/testing-log';
import { PRACTICE_MACHINES } from '../practice';
import { createDiagnoser } from '.';

test('undecided is said well: what is left, and what would decide it', () => {
  const diagnose = createDiagnoser();
  const spares = ['card', 'board', 'processor', 'supply', 'cord', 'module', 'drive'];
  const trials: (readonly [string, string])[] = [['start', 'at-graphics']];
  // Nothing that is looked at shows anything, nothing that is tried helps, and the board goes on complaining of its card.
  const signs = new Map([
    ['look/beep/board', 'graphics'],
    ['look/lock-key/keyboard', 'dead'],
  ]);
  for (;;) {
    const state = stateOf({
      machine: { ...desktopWithLights, builtInGraphics: false },
      reported: 'at-graphics',
      trials,
    });
    const { advice } = diagnose({ ...inputOf(state), lacking: { tools: [], spares } });
    if (advice.trial === null || trials.length > 45) {
      expect(advice.kind).toBe('undecided');
      expect(advice.why).toMatch(/^Still possible: .*replace the graphics card \(\d+ %\)/);
      expect(advice.why).toContain('What would decide it: spare card (swap in a known-good graphics card and start');
      return;
    }
    const { id, kind, outcomes } = advice.trial;
    trials.push([id, kind === 'start' ? 'at-graphics' : (signs.get(id) ?? outcomes[0]?.id ?? '')]);
  }
});

/** Module 2 fails alone in two slots, was pushed in again, and there is no other to be had. */
const deadModule: readonly (readonly [string, string])[] = [
  ['start', 'at-memory'],
  ['only/module-1/slot-A2', 'works'],
  ['only/module-2/slot-A2', 'at-memory'],
  ['only/module-2/slot-B2', 'at-memory'],
  ['fix/seat-module@module-2', 'at-memory'],
  ['fix/replace@module-2', 'could-not'],
];

test('a new part that is not to be had is not asked for again because something else was moved', () => {
  const trials: (readonly [string, string])[] = [
    ...deadModule,
    ['spare/module-2', 'could-not'],
    ['out/front-usb', 'at-memory'],
  ];
  const diagnose = createDiagnoser();
  for (;;) {
    const { advice } = diagnose(inputOf(stateOf({ machine: desktopWithLights, reported: 'at-memory', trials })));
    if (advice.trial === null || trials.length > 20) {
      expect(advice.kind).toBe('undecided');
      expect(advice.why).toContain('It could not be done here: refer it, or get what it needs.');
      return;
    }
    const { id, kind } = advice.trial;
    expect(['fix/replace@module-2', 'spare/module-2']).not.toContain(id);
    trials.push([id, kind === 'start' ? (id.includes('module-2') ? 'at-memory' : 'works') : 'could-not']);
  }
});

describe('what could not be done for want of a part', () => {
  const log = eventsOf({ machine: desktopWithLights, reported: 'at-memory', trials: deadModule });
  const then = (...bodies: EventBody[]): CaseEvent[] =>
    bodies.map((body, n) => ({ ...body, id: eventId(50 + n), at: `2026-01-07T10:0${n}:00Z`, by: 'Test' }));
  const adviceOn = (events: readonly CaseEvent[]) => {
    const folded = foldCase(events);
    if (!folded.ok) throw new Error(folded.problem.message);
    return createDiagnoser()(inputOf(folded.state)).advice.trial?.id;
  };
  const newModule = 'fix/replace@module-2';
  const waits: EventBody = { kind: 'case-parked', waitingFor: 'a module' };
  const isMissing: EventBody = { kind: 'lacking-set', tools: [], spares: ['module'] };
  const item = '0195f000-0000-7000-8000-000000000001';

  test.each<[string, EventBody[]]>([
    ['the case has waited', [waits, { kind: 'case-resumed' }]],
    [
      'the case has waited, and work simply went on',
      [waits, { kind: 'trial-done', trial: 'out/drive', outcome: 'at-memory' }],
    ],
    ['one was bought', [{ kind: 'part-moved', way: 'bought', name: 'Module', part: 'module-2' }]],
    ['a spare was lent', [{ kind: 'part-lent', item, name: 'Module', part: 'module-2' }]],
    ['it was said to be missing and is at hand', [isMissing, { kind: 'lacking-set', tools: [], spares: [] }]],
  ])('is asked for again once %s', (_, since) => {
    expect(adviceOn(log)).not.toBe(newModule);
    expect(adviceOn([...log, ...then(...since)])).toBe(newModule);
  });

  test.each<[string, EventBody[]]>([
    ['it is said to be missing', [isMissing]],
    ['a tool is said to be missing', [{ kind: 'lacking-set', tools: ['meter'], spares: [] }]],
    ['a note was written', [{ kind: 'note-added', text: 'Rang the owner.' }]],
    ['the old one went to the owner', [{ kind: 'part-moved', way: 'to-owner', name: 'Module', part: 'module-2' }]],
    [
      'it could not be done after the part had come',
      [waits, { kind: 'case-resumed' }, { kind: 'trial-done', trial: newModule, outcome: 'could-not' }],
    ],
  ])('is not asked for again because %s', (_, since) => {
    expect(adviceOn([...log, ...then(...since)])).not.toBe(newModule);
  });
});

test('a case that ends open does not end with one more start that shows what the owner told and was seen', () => {
  const machine = PRACTICE_MACHINES[7]?.machine ?? {};
  const trials = [
    ['start', 'dead'],
    ['look/rocker/supply', 'at-i'],
    ['look/strip-switch/outlet', 'not-sure'],
    ['look/cord/cord', 'seated'],
    ['look/rear-usb-power/board', 'lit'],
    ['look/switch-feel/case-switch', 'clicks'],
    ['start', 'dead'],
    ['look/front-header/case-switch', 'named-pins'],
    ['look/power-plugs/board', 'seated'],
    ['bridge-pins', 'works'],
    ['fix/correct-header@case-switch', 'not-sure'],
    ['start', 'not-sure'],
    ['measure/rear-usb-volts/board', 'absent'],
    ['fix/replace@case-switch', 'could-not'],
    ['bridge-pins', 'works'],
    ['measure/power-good/supply', 'could-not'],
    ['look/ten-presses/case-switch', 'none'],
    ['fix/clean-switch@case-switch', 'dead'],
    ['spare/supply', 'not-sure'],
    ['start', 'dead'],
  ] as const;
  const log = { machine, reported: 'dead', circumstances: ['settings-changed'], trials } as const;
  const { steps, ...state } = stateOf(log);
  const { advice } = createDiagnoser()({ ...state, steps, circumstances: ['settings-changed'] });
  expect([advice.kind, advice.trial?.id]).toEqual(['undecided', undefined]);
  const varies = createDiagnoser()({ ...state, steps, circumstances: ['settings-changed', 'comes-and-goes'] });
  expect(varies.advice.kind).not.toBe('undecided');
});
