/** Facts of a board that a person can see on it. */
export const boardFactWords = {
  stageLights: 'stage lights',
  checkpointDisplay: 'a code display',
  speaker: 'a speaker',
  standbyLight: 'a standby light',
  trainsMemory: 'memory training',
  switchOnBoard: 'the power switch soldered on',
} as const;
export type BoardFact = keyof typeof boardFactWords;
