export { firstSlot, isNeedless, minimalChanges, moduleThatStays } from './minimal';
export { FORGOTTEN_LEADS, stripDownList } from './strip-down';
export type { StripDownLine, StripDownList } from './strip-down';
export { buildUpSteps, expectedSignals } from './build-up';
export type { BuildStep, ExpectedSignal } from './build-up';
export { memoryMatrix } from './memory-matrix';
export type { MatrixCell, MemoryMatrix, MemoryStart, Verdict } from './memory-matrix';
