/** Two short soft tones, made on the spot. Silent where the browser has no sound or does not allow it yet. */
export function chime(): void {
  if (typeof AudioContext === 'undefined') return;
  const audio = new AudioContext();
  const tone = (hertz: number, startSeconds: number) => {
    const oscillator = audio.createOscillator();
    const gain = audio.createGain();
    oscillator.frequency.value = hertz;
    gain.gain.setValueAtTime(0.0001, startSeconds);
    gain.gain.exponentialRampToValueAtTime(0.25, startSeconds + 0.03);
    gain.gain.exponentialRampToValueAtTime(0.0001, startSeconds + 0.35);
    oscillator.connect(gain).connect(audio.destination);
    oscillator.start(startSeconds);
    oscillator.stop(startSeconds + 0.4);
  };
  tone(660, audio.currentTime);
  tone(880, audio.currentTime + 0.4);
  setTimeout(() => void audio.close(), 1200);
}
