/** What a person can see when a machine is started: exclusive, and told apart without tools. */
export const START_OUTCOMES = [
  'dead',
  'twitch',
  'loop',
  'fans-full',
  'at-processor',
  'at-memory',
  'at-graphics',
  'blank',
  'dark',
  'message-fan',
  'message-usb',
  'message-keyboard',
  'message-settings',
  'no-boot',
  'system-stops',
  'cuts-out',
  'works',
] as const;

export type StartOutcome = (typeof START_OUTCOMES)[number];

/** Probabilities of the start outcomes, in the order of START_OUTCOMES; they sum to 1. */
export type StartDistribution = Float64Array;

export const START_OUTCOME_LABELS: Readonly<Record<StartOutcome, string>> = {
  dead: 'Nothing at all',
  twitch: 'Starts for a moment, then stops',
  loop: 'Restarts over and over',
  'fans-full': 'Fans race and stay fast',
  'at-processor': 'Stops at processor (light, code or beep)',
  'at-memory': 'Stops at memory (light, code or beep)',
  'at-graphics': 'Stops at graphics (light, code or beep)',
  blank: 'Fans run, no picture, no light, code or beep',
  dark: 'Start-up completes, no picture',
  'message-fan': 'Fan warning on screen, then it stops',
  'message-usb': 'USB over-current warning on screen, then it stops',
  'message-keyboard': 'Keyboard warning on screen',
  'message-settings': 'Warning about settings or a changed processor',
  'no-boot': 'Picture, but no system found',
  'system-stops': 'System starts loading, then fails',
  'cuts-out': 'Runs, then cuts out',
  works: 'Starts and keeps running',
};

/** True where the start gets to a picture, and so to the firmware's menu: the outcomes stand in the order of how far it gets. */
export const reachesMenu = (outcome: StartOutcome): boolean => startOutcomeIndex(outcome) > startOutcomeIndex('dark');

/** Outcomes that only lights, codes and beeps, or their silence, tell apart. */
const bySignals: readonly string[] = ['at-processor', 'at-memory', 'at-graphics', 'blank'] satisfies StartOutcome[];
export const isSignalled = (outcome: string): boolean => bySignals.includes(outcome);

export const startOutcomeIndex = (outcome: StartOutcome): number => START_OUTCOMES.indexOf(outcome);

/** A distribution from a few weights, scaled to sum to 1. */
export function distributionOf(weights: Partial<Record<StartOutcome, number>>): StartDistribution {
  const values = Float64Array.from(START_OUTCOMES, (outcome) => weights[outcome] ?? 0);
  const total = values.reduce((sum, value) => sum + value, 0);
  if (!(total > 0)) throw new Error('distributionOf: expected at least one positive weight');
  return values.map((value) => value / total);
}
