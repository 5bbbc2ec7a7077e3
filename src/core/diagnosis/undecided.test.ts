import { foldCase, inputOf } from '../casework';
import { desktopWithLights, eventId, eventsOf, stateOf } from '../casework/testing-log';
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

test('it is asked for again once the case has waited for it', () => {
  const log = eventsOf({ machine: desktopWithLights, reported: 'at-memory', trials: deadModule });
  const waited = [
    { id: eventId(50), at: '2026-01-05T10:00:00Z', by: 'Test', kind: 'case-parked', waitingFor: 'a module' },
    { id: eventId(51), at: '2026-01-07T10:00:00Z', by: 'Test', kind: 'case-resumed' },
  ] as const;
  const adviceOn = (events: Parameters<typeof foldCase>[0]) => {
    const folded = foldCase(events);
    if (!folded.ok) throw new Error(folded.problem.message);
    return createDiagnoser()(inputOf(folded.state)).advice.trial?.id;
  };
  expect(adviceOn(log)).not.toBe('fix/replace@module-2');
  expect(adviceOn([...log, ...waited])).toBe('fix/replace@module-2');
});
