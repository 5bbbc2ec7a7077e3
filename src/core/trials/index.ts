export { CAUTIONS, gateOf } from './caution';
export type { CautionId } from './caution';
export { expectLook, falseAlarm } from './look';
export type { Look, PresentFault } from './look';
export { QUANTITIES } from './catalogue/quantities';
export { LOOKS } from './catalogue/looks';
export {
  READING_OUTCOMES,
  chancesOfGrades,
  deadBellOf,
  densityOfReading,
  expectReading,
  gradeReading,
} from './quantity';
export type { Bell, Quantity } from './quantity';
export { recommendedWait } from './recommended-wait';
export type { RecommendedWait } from './recommended-wait';
export { setUpMinutes } from './set-up-minutes';
export { SILENT_OUTCOMES, handlingOf, isSilent } from './trial';
export type { Handling, Observation, OutcomeOption, Trial } from './trial';
export { findTrial, trialsFor } from './trials-for';
