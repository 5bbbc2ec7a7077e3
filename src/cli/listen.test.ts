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

test('signals are decoded by a board file, and what is in no table exits otherwise', () => {
  const book = {
    format: 'jovial-probe/board',
    version: 1,
    model: 'Skua',
    revisions: [{ revision: '1', processors: [], releases: [{ version: 'A', date: '2025-01-01' }] }],
    codes: [{ code: '3C', meaning: 'Looking for memory', stage: 'memory' }],
    stageLights: [{ label: 'PICT', link: 'graphics' }],
  };
  writeFileSync(at('skua.json'), JSON.stringify(book));
  const decode = (...seen: string[]) => probe('signals', 'decode', '--board', at('skua.json'), ...seen);
  expect(decode('--code', '3c', '--lights', 'PICT')).toMatchObject({
    status: 0,
    value: {
      code: { stage: 'memory' },
      contradictions: [expect.stringContaining('Light PICT says graphics, code 3C says memory') as string],
    },
  });
  expect(decode('--code', '99').status).toBe(1);
  expect(decode().error).toContain('expected --beeps, --code, --lights or --sequence');
});
