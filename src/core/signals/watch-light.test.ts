import { brightnessAt, sequenceOfLights, watchLight, type BrightnessSample } from '.';

/** A light by a camera of 30 pictures a second: bright while `isOn`, with noise. */
function filmed(seconds: number, isOn: (at: number) => boolean, noise = 0.03): BrightnessSample[] {
  return Array.from({ length: Math.round(30 * seconds) }, (_, i) => ({
    seconds: i / 30,
    brightness: (isOn(i / 30) ? 0.5 : 0.04) + noise * Math.sin(7.3 * i),
  }));
}

test('a light that blinks is timed, and one that stopped blinking is on or off', () => {
  const blinking = watchLight(filmed(10, (at) => at % 1.6 < 0.4));
  expect(blinking.shows).toBe('blinks');
  expect(blinking.periodSeconds).toBeCloseTo(1.6, 1);
  expect(blinking.changes.filter(({ isOn }) => isOn)).toHaveLength(6);
  const stopped = watchLight(filmed(20, (at) => (at < 6 ? at % 1 < 0.5 : true)));
  expect(stopped).toMatchObject({ shows: 'on', periodSeconds: null });
  expect(watchLight(filmed(20, (at) => at < 6 && at % 1 < 0.5)).shows).toBe('off');
});

test.each([
  ['stays on', (): boolean => true, 'on'],
  ['stays dark', (): boolean => false, 'off'],
] as const)('a light that %s is so, and no noise makes it blink', (_, isOn, shows) => {
  expect(watchLight(filmed(5, isOn, 0.05))).toEqual({ changes: [], shows, periodSeconds: null });
});

test('nothing filmed is nothing seen', () => {
  expect(watchLight([])).toEqual({ changes: [], shows: 'off', periodSeconds: null });
});

test('the moments of a change are those of the light', () => {
  const { changes } = watchLight(filmed(6, (at) => at >= 2 && at < 4.5));
  expect(changes.map(({ isOn }) => isOn)).toEqual([true, false]);
  expect(changes[0]?.seconds).toBeCloseTo(2, 1);
  expect(changes[1]?.seconds).toBeCloseTo(4.5, 1);
});

test('several lights make a sequence', () => {
  const lights = [
    { label: 'MEM', ...watchLight(filmed(6, (at) => at % 3 >= 1.5)) },
    { label: 'PROC', ...watchLight(filmed(6, (at) => at % 3 >= 0.4 && at % 3 < 1.5)) },
  ];
  expect(sequenceOfLights(lights)).toEqual(['PROC', 'MEM', 'PROC', 'MEM']);
});

/** A picture of one colour with a disc of another. */
function picture(ground: readonly number[], disc: readonly number[]) {
  const [width, height] = [60, 40];
  const rgba = Array.from({ length: width * height }, (_, i) => {
    const isIn = Math.hypot((i % width) - 30, Math.floor(i / width) - 20) <= 5;
    return [...(isIn ? disc : ground), 255];
  }).flat();
  return { width, height, rgba };
}

test('a coloured light stands out of what is around it, whatever the light of the room', () => {
  const spot = { x: 30, y: 20, radius: 5 };
  expect(brightnessAt(picture([20, 20, 20], [10, 10, 240]), spot)).toBeGreaterThan(0.7);
  expect(brightnessAt(picture([180, 180, 170], [180, 180, 170]), spot)).toBeCloseTo(0, 9);
  expect(brightnessAt(picture([20, 20, 20], [10, 10, 240]), { x: 8, y: 8, radius: 3 })).toBeCloseTo(0, 9);
});

test('a spot at the very edge of the picture is read as far as there is a picture', () => {
  expect(brightnessAt(picture([20, 20, 20], [255, 0, 0]), { x: 0, y: 0, radius: 5 })).toBeCloseTo(0, 9);
});
