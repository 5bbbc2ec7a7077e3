export { decodeSignals } from './decode';
export type { Decoded, Meaning, SeenSignals } from './decode';
export { hearBeeps } from './hear-beeps';
export type { HeardBeeps, HeardReason } from './hear-beeps';
export type { Beep, BeepKind } from './beep-pattern';
export { decodeWav } from './wav';
export type { DecodedWav, Recording, SoundProblem } from './wav';
export { soundOf, tonesOf, wavOf } from './tones';
export type { Tone } from './tones';
