import { desktopWithLights, diagnosisOf, type BriefLog } from '../../casework/testing-log';

/** What is said to come after an outcome is what the list then shows. */

const desktop: BriefLog = { machine: desktopWithLights };
const logs: [string, BriefLog][] = [
  ['it twitches', { ...desktop, reported: 'twitch', trials: [['start', 'twitch']] }],
  ['it is dead', { ...desktop, reported: 'dead', trials: [['start', 'dead']] }],
  [
    'it stops at memory, and the module sits',
    {
      ...desktop,
      trials: [
        ['start', 'at-memory'],
        ['look/module-latches/module-1', 'closed'],
      ],
    },
  ],
  [
    'a repair was tried in vain',
    {
      ...desktop,
      trials: [
        ['start', 'twitch'],
        ['fix/push-power-plugs@board', 'twitch'],
      ],
    },
  ],
];

test.each(logs)('where %s, each outcome leaves the suspect and the figure that were forecast', (_, log) => {
  const { advice, alternatives } = diagnosisOf(log);
  const shown = [...(advice.trial ? [advice.trial] : []), ...alternatives.slice(0, 2)];
  const told = shown.flatMap(({ id, outcomes }) =>
    outcomes.flatMap(({ id: outcome, probability, then }) =>
      (probability ?? 0) > 0.02 && then && then.title !== 'fixed' ? [{ id, outcome, then }] : [],
    ),
  );
  expect(told.length).toBeGreaterThan(1);
  for (const { id, outcome, then } of told) {
    const { suspects, parts } = diagnosisOf({ ...log, trials: [...(log.trials ?? []), [id, outcome]] });
    expect([id, outcome, suspects[0]?.probability]).toEqual([id, outcome, expect.closeTo(then.probability, 5)]);
    // Twins share the first place.
    const named = suspects.find(({ title }) => title === then.title);
    expect([id, outcome, named?.probability]).toEqual([id, outcome, expect.closeTo(then.probability, 5)]);
    const most = Math.max(...Object.values(parts));
    expect([id, outcome, then.part?.probability]).toEqual([id, outcome, expect.closeTo(most, 4)]);
  }
});
