import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import {
  isLit,
  practiceRun,
  watchFlash,
  type BareFlash,
  type FlashFacts,
  type LightMark,
  type PracticeSetUp,
} from '..';
import { tempoRuns } from './light-tempo';

const flash: BareFlash = {
  port: 'the marked rear port',
  button: 'The small button beside it',
  holdSeconds: 3,
  fileName: 'TERN.BIN',
  plugs: ['24-pin', 'first EPS'],
  phases: [
    { phase: 'reading', light: 'blink', periodSeconds: 1.2, fromSeconds: 20, toSeconds: 60 },
    { phase: 'writing', light: 'blink', periodSeconds: 0.5, fromSeconds: 120, toSeconds: 240 },
    { phase: 'finished', light: 'off' },
  ],
  worstSeconds: 600,
  gaveUpWithinSeconds: 15,
};
const facts: FlashFacts = {
  stick: null,
  isListedImage: false,
  isFormatChecked: false,
  portConfirmed: true,
  plugsConfirmed: true,
};
const well: PracticeSetUp = {
  stickFiles: ['TERN.BIN'],
  isInRightPort: true,
  plugs: flash.plugs,
  isRightImage: true,
  heldSeconds: 3,
  slowness: 0.5,
};
const blinks = (from: number, period: number, count: number): LightMark[] =>
  Array.from({ length: count }, (_, i) => ({ seen: 'blink', seconds: from + i * period }));

/** Taps of a person who watches a run: late by up to 0.2 s, some blinks missed, some taps doubled. */
function tapsOf(setUp: PracticeSetUp, seed: number): LightMark[] {
  const generator = xoroshiro128plus(seed);
  const random = () => uniformFloat64(generator);
  const run = practiceRun(flash, setUp);
  const marks: LightMark[] = [];
  let wasLit = false;
  for (let t = 0; t < run.endsAtSeconds; t += 0.05) {
    const lit = isLit(run, t);
    if (lit && !wasLit && random() > 0.12) {
      const seconds = t + 0.15 + 0.1 * random();
      marks.push({ seen: 'blink', seconds });
      if (random() < 0.04) marks.push({ seen: 'blink', seconds: seconds + 0.07 });
    }
    wasLit = lit;
  }
  return [...marks, { seen: 'off', seconds: run.endsAtSeconds + 2 }];
}

test.each(Array.from({ length: 20 }, (_, i) => i + 1))(
  'with shaky taps (seed %d) reading and writing are told apart where the tempo changed, and the end is an end',
  (seed) => {
    const marks = tapsOf({ ...well, slowness: seed / 20 }, seed);
    const change = 20 + (seed / 20) * 40;
    const watch = watchFlash(flash, marks, 999, facts);
    expect(watch.runs.map(({ phase }) => phase)).toEqual(['reading', 'writing', 'finished']);
    expect(Math.abs((watch.runs[1]?.fromSeconds ?? 0) - change)).toBeLessThan(4);
    expect(watch.runs[1]?.periodSeconds).toBeCloseTo(0.5, 1);
    expect(watch).toMatchObject({ state: 'finished', keepPower: false });
  },
);

test('while it blinks in its usual time it says so, with what is left', () => {
  const watch = watchFlash(flash, blinks(2, 1.2, 12), 16, facts);
  expect(watch).toMatchObject({ state: 'working', phase: 'reading', usualEnd: [140, 300] });
  expect(watch.words).toContain('Usually done within 4 min 46 s');
});

test('past the usual time it is slow, past the longest overdue by so much; a long silence is asked about', () => {
  const writing = [...blinks(0, 1.2, 30), ...blinks(36, 0.5, 700)];
  expect(watchFlash(flash, writing, 386, facts)).toMatchObject({ state: 'slow' });
  const longer = [...writing, ...blinks(386, 0.5, 500)];
  const overdue = watchFlash(flash, longer, 640, facts);
  expect(overdue.state).toBe('overdue');
  expect(overdue.words).toContain('40 seconds past the longest usual time');
  expect(watchFlash(flash, blinks(0, 1.2, 30), 100, facts).state).toBe('unsure');
});

test('nobody is told to cut the power while it may be blinking', () => {
  const marks = [...blinks(0, 1.2, 30), ...blinks(36, 0.5, 100)];
  for (let now = 36; now < 2000; now += 7) {
    const watch = watchFlash(
      flash,
      marks.filter(({ seconds }) => seconds <= now),
      now,
      facts,
    );
    expect(watch.keepPower).toBe(true);
    expect(watch.words).toContain('Leave the power on.');
    expect(watch.words).not.toMatch(/switch|cord|off the/i);
  }
});

test('a few blinks and out: it gave up; the name is the likeliest reason until the stick was checked', () => {
  const marks: LightMark[] = [...blinks(0.4, 1.2, 5), { seen: 'off', seconds: 6.5 }];
  const unchecked = watchFlash(flash, marks, 7, facts);
  expect(unchecked).toMatchObject({ state: 'gave-up', keepPower: false });
  expect(unchecked.words).toContain('5 blinks in 6 seconds');
  expect(unchecked.reasons[0]).toMatchObject({ code: 'name' });
  expect(unchecked.reasons.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 12);
  const checked = watchFlash(flash, marks, 7, { ...facts, stick: 'good', isFormatChecked: true });
  expect(checked.reasons[0]?.code).toBe('image');
});

test('a light that stops before it wrote anything gave up, however long it read', () => {
  const marks: LightMark[] = [...blinks(0, 1.2, 30), { seen: 'steady', seconds: 38 }];
  expect(watchFlash(flash, marks, 40, facts)).toMatchObject({ state: 'gave-up' });
});

test('an end that comes too soon, or looks other than the book says, is not trusted', () => {
  const marks: LightMark[] = [...blinks(0, 1.2, 20), ...blinks(24, 0.5, 20), { seen: 'steady', seconds: 35 }];
  const watch = watchFlash(flash, marks, 36, facts);
  expect(watch.state).toBe('early');
  expect(watch.words).toContain('According to the board book the light goes out at the end; here it stays on.');
});

test('no mark is not taken for no blink: the power stays on until the light is said never to have blinked', () => {
  expect(watchFlash(flash, [], 5, facts)).toMatchObject({ state: 'waiting', keepPower: true });
  const silent = watchFlash(flash, [], 90, facts);
  expect(silent).toMatchObject({ state: 'unsure', keepPower: true, reasons: [] });
  expect(silent.words).toContain('Leave the power on.');
  const never = watchFlash(flash, [{ seen: 'off', seconds: 20 }], 21, { ...facts, plugsConfirmed: false });
  expect(never).toMatchObject({ state: 'no-light', keepPower: false });
  expect(never.reasons.slice(0, 2).map(({ code }) => code)).toEqual(['plugs', 'button']);
});

test('who looked away for most of it is not told that nothing was written', () => {
  const away: LightMark[] = [...blinks(0, 1.2, 5), { seen: 'off', seconds: 130 }];
  const watch = watchFlash(flash, away, 131, facts);
  expect(watch.state).not.toBe('gave-up');
  expect(watch.words).not.toContain('nothing was written');
});

test('files that were written and read back leave the format of the stick in question', () => {
  const marks: LightMark[] = [...blinks(0.4, 1.2, 5), { seen: 'off', seconds: 6.5 }];
  const filesOnly = watchFlash(flash, marks, 7, { ...facts, stick: 'good', isListedImage: true });
  expect(filesOnly.reasons[0]?.code).toBe('format');
  const whole = watchFlash(flash, marks, 7, { ...facts, stick: 'good', isListedImage: true, isFormatChecked: true });
  expect(whole.reasons[0]?.code).toBe('stick');
});

test('without timed phases the tempo is still known, and a short blinking still is giving up', () => {
  const untimed: BareFlash = { ...flash, phases: [] };
  expect(watchFlash(untimed, blinks(0, 0.8, 10), 8, facts)).toMatchObject({ state: 'working', phase: 'blinking' });
  expect(watchFlash(untimed, blinks(0, 0.8, 10), 8, facts).periodSeconds).toBeCloseTo(0.8, 2);
  expect(watchFlash(untimed, [...blinks(0, 0.8, 5), { seen: 'off', seconds: 5 }], 6, facts).state).toBe('gave-up');
});

test('one slip among steady taps makes no phase of its own', () => {
  const taps = blinks(0, 1.2, 20).map(({ seconds }) => seconds);
  const slipped = [...taps.slice(0, 10), 11.3, ...taps.slice(10)];
  expect(tempoRuns(slipped, [1.2, 0.5])).toHaveLength(1);
});

test.each<[string, Partial<PracticeSetUp>, number, boolean]>([
  ['nothing is wrong', {}, 40 + 180, true],
  ['the name is wrong', { stickFiles: ['TERN.BIN.BIN'] }, 6, false],
  ['the stick is in another port', { isInRightPort: false }, 6, false],
  ['the image is for another board', { isRightImage: false }, 12, false],
  ['a plug is missing', { plugs: ['24-pin'] }, 0, false],
  ['the button was let go too soon', { heldSeconds: 1 }, 0, false],
])('the simulated board: %s', (_what, change, endsAtSeconds, isFlashed) => {
  const run = practiceRun(flash, { ...well, ...change });
  expect(run.endsAtSeconds).toBeCloseTo(endsAtSeconds, 6);
  expect(run.isFlashed).toBe(isFlashed);
  expect(isLit(run, run.endsAtSeconds + 1)).toBe(false);
  expect(run.clicksAtSeconds).toHaveLength(isFlashed ? 2 : endsAtSeconds > 0 ? 1 : 0);
});
