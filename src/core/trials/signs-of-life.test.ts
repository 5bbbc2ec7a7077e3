import { diagnosisOf, type BriefLog } from '../casework/testing-log';

/** What can be seen, heard or measured of a machine that does not run, and what that tells of the whole of it. */

const tower: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
  builtInGraphics: true,
};
type Trials = NonNullable<BriefLog['trials']>;

const of = (reported: NonNullable<BriefLog['reported']>, trials: Trials) =>
  diagnosisOf({ machine: tower, reported, trials: [['start', reported], ...trials] });
const chance = (diagnosis: ReturnType<typeof of>, wanted: string): number =>
  diagnosis.repairs.find(({ repair }) => repair === wanted)?.probability ?? 0;

test('ten presses that a dead machine does not answer say nothing against its supply or its plugs', () => {
  const standby: Trials = [['look/rear-usb-power/board', 'lit']];
  const before = of('dead', standby);
  const after = of('dead', [...standby, ['look/ten-presses/case-switch', 'none']]);
  for (const repair of ['replace@supply', 'push-power-plugs@board'])
    expect(chance(after, repair)).toBeGreaterThan(0.85 * chance(before, repair));
});

test('ten presses that were all answered clear the switch', () => {
  const { links } = of('twitch', [['look/ten-presses/case-switch', 'all']]);
  expect(links.find(({ link }) => link === 'start')?.probability).toBeLessThan(0.01);
});

test.each([
  ['front', 'front-usb'],
  ['drive', 'drive'],
  ['card', 'card'],
  ['processor', 'board'],
  ['stays', 'board'],
])('a short that shows as "%s" leads to that part', (outcome, part) => {
  const { suspects } = of('twitch', [['look/rail-short/board', outcome]]);
  expect(suspects[0]?.part).toBe(part);
});

test('no short on any rail turns to the supply', () => {
  const before = of('twitch', []);
  const after = of('twitch', [['look/rail-short/board', 'none']]);
  expect(after.suspects[0]?.part).toBe('supply');
  expect(chance(after, 'replace@supply')).toBeGreaterThan(1.3 * chance(before, 'replace@supply'));
});

test('a short is not looked for in what is out, nor again while nothing was exchanged', () => {
  const bits = (trials: Trials) =>
    of('twitch', trials).alternatives.find(({ id }) => id === 'look/rail-short/board')?.bits ?? 0;
  const seen: Trials = [['look/rail-short/board', 'stays']];
  expect(bits([])).toBeGreaterThan(0.5);
  expect(bits([...seen, ['out/drive', 'twitch']])).toBe(0);
  expect(bits([...seen, ['spare/board', 'twitch']])).toBeGreaterThan(0);
  expect(
    chance(
      of('twitch', [
        ['out/drive', 'twitch'],
        ['look/rail-short/board', 'drive'],
      ]),
      'replace@drive',
    ),
  ).toBeLessThan(0.2);
});

test.each([
  ['memory', 'memory'],
  ['graphics', 'graphics'],
])('the beeps for %s put the fault there', (outcome, link) => {
  const { links } = of('blank', [['look/beep/board', outcome]]);
  const likeliest = links.reduce((a, b) => (b.probability > a.probability ? b : a));
  expect(likeliest.link).toBe(link);
});

test('one short beep leaves only what comes after graphics', () => {
  const { links } = of('blank', [['look/beep/board', 'one-short']]);
  const upTo = links.filter(({ link }) => ['processor', 'memory', 'graphics'].includes(link));
  expect(upTo.reduce((sum, { probability }) => sum + probability, 0)).toBeLessThan(0.15);
});
