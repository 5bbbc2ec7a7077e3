export { DECLARED_KINDS, DERIVED_KINDS, nameInWords, PART_KINDS } from './part';
export type { BoardFacts, DeclaredKind, Machine, Part, PartKind, SlotFacts } from './part';
export { channelId, completeMachine, slotId } from './complete-machine';
export type { CompletedMachine, DeclaredMachine, DeclaredPart, MachineProblem } from './complete-machine';
export {
  applyChanges,
  asFound,
  differ,
  fittedModules,
  isFilled,
  isOriginalIn,
  placementOf,
  slotOf,
} from './configuration';
export type { Change, Configuration, Placement } from './configuration';
export { describeChange, describeChanges, nameOf } from './describe-change';
