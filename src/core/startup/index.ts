export { answersAfter, fitOfCutOut } from './cut-out';
export type { CutOutCause } from './cut-out';
export { likelihoodOfOwnersWord } from './owners-word';
export { LINKS, LINK_IDS, linkIndex } from './link';
export type { Link, LinkId } from './link';
export {
  START_OUTCOMES,
  START_OUTCOME_LABELS,
  distributionOf,
  isSignalled,
  reachesMenu,
  startOutcomeIndex,
} from './start-outcome';
export type { StartDistribution, StartOutcome } from './start-outcome';
export { expectStageSignal } from './stage-signal';
export { steadyAfter } from './steady-signals';
export { expectNoPicture, missingBreaks, attemptDoubt, stopsAt } from './break';
export type { Break, StartDepth } from './break';
export { probabilityToPass, expectStart } from './expect-start';
export {
  STAGES,
  decibansOfSignals,
  forecastSigns,
  isLoop,
  fitOfProgress,
  likelihoodOfSigns,
  outcomeOfSigns,
  outcomeWithSigns,
} from './start-signs';
export type { BeepSign, CodeSign, ForecastSigns, LightSign, SignalKind, Stage, StartSigns } from './start-signs';
