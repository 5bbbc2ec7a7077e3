export { CIRCUMSTANCES } from './fault-mode';
export type { Presentation, Circumstance, FaultMode } from './fault-mode';
export { FAULT_MODES } from './catalogue';
export { PART_PRICES, REPAIRS, repairOf } from './repair';
export type { PriceClass, Repair, RepairId, RepairStake } from './repair';
export {
  formatFaultId,
  formatRepairClassId,
  parseFaultId,
  parseRepairClassId,
  renameInFaultId,
  renameInRepairClassId,
} from './fault-id';
export type { FaultRef, RepairClassRef } from './fault-id';
export { instantiateFaults, isAtPart, repairClassOf } from './instantiate';
export type { FaultInstance, RepairClass } from './instantiate';
export { breakOf, canAct } from './fault-break';
export type { HandlingAct } from './handling-act';
