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
  for (const sentence of sentences) say(speech, sentence);
}

function say(speech: SpeechSynthesis, sentence: string): void {
  const spoken = new SpeechSynthesisUtterance(sentence);
  spoken.lang = 'en';
  speech.speak(spoken);
}

/** Reads one sentence; what was being read stops. */
export function readSentence(sentence: string): void {
  const speech = voice();
  if (!speech) return;
  speech.cancel();
  say(speech, sentence);
}
