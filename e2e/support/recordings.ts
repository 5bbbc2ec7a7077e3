import { soundOf, tonesOf, wavOf } from '../../src/core/signals';

/** A recording of a pattern in a quiet room, made by the application's own tones; a second of silence in front. */
export function recordingOf(pattern: string, repeats: number): Buffer {
  const rate = 16_000;
  const tones = tonesOf(pattern, repeats).map((tone) => ({ ...tone, startSeconds: tone.startSeconds + 1 }));
  const last = tones.at(-1);
  const seconds = last ? last.startSeconds + last.seconds + 2 : 4;
  const sound = soundOf(tones, rate, seconds);
  // A room is never quite silent.
  for (let i = 0; i < sound.length; i++) sound[i] = (sound[i] ?? 0) + 0.004 * Math.sin(i * i * 0.37);
  return Buffer.from(wavOf(sound, rate));
}

/** A film of a dark board as YUV4MPEG2, 15 pictures a second, with lights that are on as `isOn` says. */
export function filmOf(
  seconds: number,
  lights: readonly { readonly x: number; readonly y: number; readonly isOn: (at: number) => boolean }[],
): Buffer {
  const [width, height, rate, radius] = [160, 120, 15, 6];
  const frames = Array.from({ length: seconds * rate }, (_, frame) => {
    const luma = Buffer.alloc(width * height, 40);
    for (const { x, y, isOn } of lights) {
      if (!isOn(frame / rate)) continue;
      for (let row = y - radius; row <= y + radius; row++)
        for (let column = x - radius; column <= x + radius; column++)
          if (Math.hypot(row - y, column - x) <= radius) luma[row * width + column] = 220;
    }
    return Buffer.concat([Buffer.from('FRAME\n'), luma, Buffer.alloc((width * height) / 2, 128)]);
  });
  return Buffer.concat([Buffer.from(`YUV4MPEG2 W${width} H${height} F${rate}:1 Ip A1:1 C420jpeg\n`), ...frames]);
}
