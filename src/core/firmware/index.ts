export { layStick, leastStickBytes, mostStickBytes, sectorBytes } from './fat32-layout';
export type { StickLayout } from './fat32-layout';
export { stickImage } from './stick-image';
export type { Segment, StickFile, StickImage, StickOrder } from './stick-image';
export type { FatMoment } from './directory-entries';
export { checkStick } from './check-stick';
export type { StickSource, StickVerdict, StickWanted } from './check-stick';
export { crc32Text, inspectFirmware, sha256Of } from './inspect-firmware';
export type { Inspection, Reason, Severity } from './inspect-firmware';
export { firmwareVolumes } from './uefi-volumes';
export type { FirmwareVolume } from './uefi-volumes';
export { openArchive } from './zip-archive';
export type { ArchiveEntry, OpenedArchive } from './zip-archive';
export { planUpdate, revisionsWith } from './plan-update';
export type { RuledOut, UpdatePlan, UpdateStep } from './plan-update';
export type { BoardBookEntry, BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from './release';
export { FLASH_PHASES, LIGHTS, RESET_WAYS } from './release';
export type {
  BareFlash,
  BoardHeader,
  FlashPhase,
  HeaderPin,
  Light,
  LightPhase,
  ResetWay,
  ResetWayKind,
  StageLight,
} from './release';
export { identifyBoard } from './identify-board';
export type { BoardAnswer, BoardCandidate, BoardPrint, ListedBoard } from './identify-board';
export { FLASH_METHODS, chooseMethod } from './choose-method';
export type { FlashMethod, MethodChoice, MethodRates, MethodSituation, ProcessorOffers } from './choose-method';
export { flashGates } from './flash-gates';
export type { FlashGate } from './flash-gates';
export { inWords, watchFlash } from './watch-flash';
export type { FlashWatch, LightMark, LightRun } from './watch-flash';
export type { FlashFacts, GaveUpReason } from './gave-up-reasons';
export { isLit, practiceRun } from './simulated-board';
export type { LightStretch, PracticeRun, PracticeSetUp } from './simulated-board';
export { releasesFromCsv, releasesToCsv } from './releases-csv';
export type { CsvProblem, ReadReleases } from './releases-csv';
export { packedStick } from './packed-stick';
export { SparseCollector } from './sparse-source';
