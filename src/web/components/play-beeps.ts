import { tonesOf } from '../../core/signals';

/** Tones of a pattern as sound, from now; ends those that still sound. Returns what stops it, and how long it takes. */
export function playBeeps(pattern: string, times: number): { readonly stop: () => void; readonly seconds: number } {
  const context = new AudioContext();
  const tones = tonesOf(pattern, times);
  const loudness = context.createGain();
  loudness.gain.value = 0;
  loudness.connect(context.destination);
  const begin = context.currentTime + 0.08;
  for (const { startSeconds, seconds, hertz } of tones) {
    const oscillator = context.createOscillator();
    oscillator.type = 'square';
    oscillator.frequency.value = hertz;
    oscillator.connect(loudness);
    const at = begin + startSeconds;
    oscillator.start(at);
    oscillator.stop(at + seconds);
    // Faded, so that it does not click.
    loudness.gain.setValueAtTime(0, at);
    loudness.gain.linearRampToValueAtTime(volume, at + 0.005);
    loudness.gain.setValueAtTime(volume, at + seconds - 0.005);
    loudness.gain.linearRampToValueAtTime(0, at + seconds);
  }
  const last = tones.at(-1);
  return { stop: () => void context.close(), seconds: last ? last.startSeconds + last.seconds : 0 };
}

const volume = 0.12;
