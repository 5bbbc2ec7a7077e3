export { CIRCUMSTANCES } from './fault-mode';
export type { Appearance, Circumstance, FaultMode, HandlingAct } from './fault-mode';
export { FAULT_MODES } from './catalogue';
export { PART_PRICES, REPAIRS, repairOf } from './repair';
export type { PriceClass, Repair, RepairId, RepairStake } from './repair';
export { instantiateFaults, isAtPart, repairClassOf } from './instantiate';
export type { FaultInstance, RepairClass } from './instantiate';
export { breakOf, canAct } from './fault-break';
