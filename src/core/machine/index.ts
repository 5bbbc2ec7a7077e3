export { BOARD_FORMS, DECLARED_KINDS, nameInWords, PART_KINDS } from './part';
export type {
  BoardFacts,
  BoardForm,
  DeclaredKind,
  LaneSharing,
  Machine,
  MachinePower,
  Part,
  PartKind,
  PowerStanding,
  SlotFacts,
} from './part';
export { completeMachine, kindInWords, slotId } from './complete-machine';
export type { CompletedMachine } from './complete-machine';
export type { DeclaredMachine, DeclaredPart } from './declared-machine';
export type { MachineProblem } from './machine-problems';
export { foundConfiguration, insteadOf, movesOf, socketOf, socketsOff, warningsOf } from './moves';
export type { Move } from './moves';
export {
  applyChanges,
  asFound,
  boardOutput,
  crowdedSlot,
  crowdsSlot,
  differ,
  fittedModules,
  goesBackWithCard,
  isExchanged,
  isFilled,
  isOriginalIn,
  isReplaced,
  movedTo,
  pieceIn,
  placementOf,
  slotOf,
} from './configuration';
export type { Change, Configuration, Placement } from './configuration';
export { describeChanges, nameOf } from './describe-change';
