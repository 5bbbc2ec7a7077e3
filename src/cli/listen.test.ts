import { writeFileSync } from 'node:fs';
import { soundOf, tonesOf, wavOf } from '../core/signals';
import { at, probe } from './testing-cli';

test('a recording is heard, and the exit code says whether there was anything', () => {
  const tones = tonesOf('L S S', 2).map((tone) => ({ ...tone, startSeconds: tone.startSeconds + 0.4 }));
  writeFileSync(at('beeps.wav'), wavOf(soundOf(tones, 16_000, 8), 16_000));
  const heard = probe('signals', 'listen', at('beeps.wav'));
  expect([heard.status, heard.value]).toEqual([
    0,
    expect.objectContaining({ pattern: ['L', 'S', 'S'], repeats: 2, continuous: false }),
  ]);
  writeFileSync(at('silence.wav'), wavOf(new Float32Array(16_000), 16_000));
  const silent = probe('signals', 'listen', at('silence.wav'));
  expect([silent.status, silent.value]).toEqual([1, expect.objectContaining({ pattern: [], confidence: 0 })]);
  writeFileSync(at('page.wav'), '<html></html>');
  expect(probe('signals', 'listen', at('page.wav'))).toMatchObject({
    status: 1,
    error: expect.stringContaining('This is not a WAV file.') as string,
  });
});
