export { CAUTIONS, gateOf, leftToConfirm } from './caution';
export type { CautionId } from './caution';
export {
  chanceToSee,
  countedStops,
  deadShare,
  expectLook,
  inView,
  looksAt,
  sightingsOf,
  signsOfStop,
  soundShows,
} from './look';
export type { Look, PassedLink } from './look';
export { falseAlarmsOf } from './false-alarm';
export { misreadProbabilityOf } from './misreading';
export { whyNotMet } from './power-need';
export type { PowerNeed } from './power-need';
export type { PresentFault } from './present-fault';
export { QUANTITIES } from './catalogue/quantities';
export { LOOKS } from './catalogue/looks';
export {
  READING_OUTCOMES,
  gradeProbabilities,
  unfedComponentOf,
  densityOfReading,
  expectReading,
  gradeReading,
} from './quantity';
export type { NormalComponent, Quantity } from './quantity';
export { recommendedWait } from './recommended-wait';
export { trainsAfter } from './memory-training';
export type { RecommendedWait } from './recommended-wait';
export { byHand } from './by-hand';
export { setUpMinutes } from './set-up-minutes';
export { APART_MINUTES, apartAfter, takenApartFor } from './taken-apart';
export type { TakenApart } from './taken-apart';
export { SILENT_OUTCOMES, handlingOf, isSilent } from './trial';
export type { Handling, Observation, Trial } from './trial';
export {
  formatTrialId,
  isFirmwareWork,
  isStrippedStart,
  leavesMachine,
  parseTrialId,
  renameInTrialId,
} from './trial-id';
export type { TrialKind, TrialRef } from './trial-id';
export { findTrial, trialsFor } from './trials-for';
export type { OutcomeOption } from './outcome-option';
export { findSwitchPins, repairMovements } from './catalogue/repair-movements';
export {
  openingWords,
  pinsInWords,
  powerAway,
  powerBack,
  putIn,
  quickestReset,
  setupKeyWords,
  boardBeside,
  boardFromBeside,
  supplyBeside,
  supplyFromBeside,
  switchPinsOf,
  takeOut,
} from './movements';
export type { AtPart, Bench, Drawing, Movement, SwitchPins } from './movements';
