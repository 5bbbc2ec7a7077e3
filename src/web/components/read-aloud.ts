/** The browser's own speech. Silent where the browser has none. */
const voice = (): SpeechSynthesis | null => (typeof speechSynthesis === 'undefined' ? null : speechSynthesis);

export const canReadAloud = (): boolean => voice() !== null;

/** Reads sentences one after the other; what was being read stops. Read again while it speaks, it only stops. */
export function readAloud(sentences: readonly string[]): void {
  const speech = voice();
  if (!speech) return;
  const wasSpeaking = speech.speaking;
  speech.cancel();
  if (wasSpeaking) return;
  for (const sentence of sentences) {
    const spoken = new SpeechSynthesisUtterance(sentence);
    spoken.lang = 'en';
    speech.speak(spoken);
  }
}
