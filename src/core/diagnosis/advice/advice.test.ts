import { diagnoseCase, foldCase } from '../../casework';
import { ownersProof } from '../../casework/testing-bench';
import { diagnosisOf, eventsOf, type BriefLog } from '../../casework/testing-log';

const desktop: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
};
const advice = (log: BriefLog) => {
  const { kind, trial } = diagnosisOf({ machine: desktop, ...log }).advice;
  return [kind, trial?.id ?? null];
};

test('first the complaint is seen with one’s own eyes, under load if it is said to cut out', () => {
  expect(advice({ reported: 'dead' })).toEqual(['reproduce', 'start']);
  expect(advice({ reported: 'cuts-out' })).toEqual(['reproduce', 'run-under-load']);
});

test('a dead machine is looked at from outside first', () => {
  const [kind, trial] = advice({ reported: 'dead', trials: [['start', 'dead']] });
  expect([kind, trial]).toEqual(['test', 'look/rocker/supply']);
});

test('a mistake found inside is put right, verified under load, and the case closed', () => {
  const found: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['look/power-plugs/board', 'processor-loose'],
  ];
  expect(advice({ reported: 'twitch', trials: found })).toEqual(['repair', 'fix/push-power-plugs@board']);
  const repaired: BriefLog['trials'] = [...found, ['fix/push-power-plugs@board', 'works']];
  expect(advice({ reported: 'twitch', trials: repaired })).toEqual(['verify', 'run-under-load']);
  expect(advice({ reported: 'twitch', trials: [...repaired, ['run-under-load', 'works']] })).toEqual(['close', null]);
});

test('a part is bought only after its fault went away, came back and went away again', () => {
  const away: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['out/drive', 'no-boot'],
  ];
  expect(advice({ reported: 'twitch', trials: away })).toEqual(['prove', 'back/drive']);
  const back: BriefLog['trials'] = [...away, ['back/drive', 'twitch']];
  expect(advice({ reported: 'twitch', trials: back })).toEqual(['prove', 'out/drive']);
  const proven: BriefLog['trials'] = [...back, ['out/drive', 'no-boot']];
  expect(advice({ reported: 'twitch', trials: proven })).toEqual(['repair', 'fix/replace@drive']);
});

test('if the fault does not come back with the part, nothing is bought: seating it was the cure', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'at-memory'],
    ['only/module-2/slot-A2', 'works'],
    ['back/module-1', 'works'],
  ];
  const [kind] = advice({ machine: { ...desktop, board: { stageLights: true } }, reported: 'at-memory', trials });
  expect(kind).not.toBe('repair');
});

test('what was taken out and is innocent goes back before the case is closed', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['out/drive', 'twitch'],
    ['out/front-usb', 'no-boot'],
  ];
  expect(advice({ reported: 'twitch', trials })).toEqual(['put-back', 'back/drive']);
});

test('a trial that is known to tell nothing new is worth nothing', () => {
  const { alternatives } = diagnosisOf({
    machine: desktop,
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-i'],
    ],
  });
  expect(alternatives.find(({ id }) => id === 'look/rocker/supply')?.bits ?? 0).toBe(0);
});

test('a start with a change that cannot matter is not offered as if it told something', () => {
  const { alternatives } = diagnosisOf({
    machine: desktop,
    reported: 'cuts-out',
    trials: [['run-under-load', 'cuts-out']],
  });
  expect(alternatives.find(({ id }) => id === 'fix/switch-monitor-on@monitor')?.bits ?? 0).toBe(0);
});

test('outcomes of a trial say what would lead then', () => {
  const { advice: next } = diagnosisOf({ machine: desktop, reported: 'dead', trials: [['start', 'dead']] });
  const atO = next.trial?.outcomes.find(({ id }) => id === 'at-o');
  expect(atO?.then?.title).toBe('The rocker switch of the supply is at O');
  expect(atO?.then?.probability).toBeGreaterThan(0.8);
  expect(next.trial?.outcomes.reduce((sum, { probability }) => sum + (probability ?? 0), 0)).toBeCloseTo(1, 9);
});

test('links before the fault are proven, links behind it not reached', () => {
  const { links } = diagnosisOf({
    machine: desktop,
    reported: 'no-boot',
    trials: [
      ['start', 'no-boot'],
      ['look/drive-leads/drive', 'loose'],
    ],
  });
  const states = Object.fromEntries(links.map(({ link, state }) => [link, state]));
  expect(states).toMatchObject({ wall: 'proven', memory: 'proven', boot: 'failing', load: 'not-reached' });
});

test('what a repair left moved or unplugged is not put back', () => {
  const trials: BriefLog['trials'] = [
    ['start', 'at-memory'],
    ['only/module-1/slot-A2', 'at-memory'],
    ['only/module-2/slot-A2', 'at-memory'],
    ['only/module-2/slot-B2', 'works'],
    ['only/module-1/slot-B2', 'works'],
    ['back/module-2', 'at-memory'],
    ['back/module-1', 'at-memory'],
    ['fix/leave-slot-empty@slot-A2', 'works'],
  ];
  const machine = { ...desktop, board: { stageLights: true } };
  const log: BriefLog = { machine, reported: 'at-memory', trials };
  expect(advice(log)).toEqual(['verify', 'run-under-load']);
  const loaded: BriefLog['trials'] = [...trials, ['run-under-load', 'works'], ['run-under-load', 'works']];
  expect(advice({ ...log, trials: loaded })).toEqual(['close', null]);
});

test('the reason for a repair fits what is at stake', () => {
  const why = (log: BriefLog) => diagnosisOf(log).advice.why;
  const locked: BriefLog = {
    circumstances: ['used-parts'],
    reported: 'message-settings',
    trials: [
      ['start', 'message-settings'],
      ['look/setup-entry/board', 'password'],
    ],
  };
  expect(why(locked)).toContain('Note what was shown first.');
  const proven = foldCase([...eventsOf(locked), ownersProof(50)]);
  expect(proven.ok && diagnoseCase(proven.state).advice.why).toBe('Practically certain. It cannot be undone.');
  const rocker: BriefLog = {
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
    ],
  };
  expect(why(rocker)).toBe('Likely enough, and quick to do.');
});

test('a repair that helped is seen to stay up; one that was watched under load has been', () => {
  const hot = (look: string, seen: string, repair: string): BriefLog => ({
    reported: 'cuts-out',
    trials: [
      ['run-under-load', 'cuts-out'],
      [look, seen],
      [repair, 'works'],
    ],
  });
  const mounted = hot('look/cooler-mount/cooler', 'bad', 'fix/mount-cooler@cooler');
  expect(advice(mounted)).toEqual(['verify', 'run-under-load']);
  const cleaned = hot('look/cooler-fan/cooler', 'dusty', 'fix/clean-cooling@cooler');
  expect(advice(cleaned)).toEqual(['close', null]);
});
