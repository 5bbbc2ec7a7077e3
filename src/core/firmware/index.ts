export { layStick, maxStickBytes } from './stick/fat32-layout';
export type { StickLayout } from './stick/fat32-layout';
export { stickImage } from './stick/stick-image';
export type { Segment, StickFile, StickImage, StickOrder } from './stick/stick-image';
export type { FatMoment } from './stick/directory-entries';
export { stickFiles } from './stick/several-images';
export type { VersionImage } from './stick/several-images';
export { checkStick } from './stick/check-stick';
export type { StickVerdict } from './stick/check-stick';
export type { StickProfile, StickSource, StickWanted } from './stick/stick-source';
export { crc32Text, inspectFirmware, sha256Of } from './download/inspect-firmware';
export type { Inspection } from './download/inspect-firmware';
export { openDownload } from './download/open-download';
export type { Download, ImageWanted, OpenedImage } from './download/open-download';
export type { Reason, Severity } from './download/reasons';
export { firmwareVolumes } from './download/uefi-volumes';
export type { FirmwareVolume } from './download/uefi-volumes';
export { openArchive } from './download/zip-archive';
export type { ArchiveEntry, OpenedArchive } from './download/archive';
export { planUpdate, revisionsWith } from './update/plan-update';
export type { RuledOut, UpdatePlan, UpdateStep } from './update/update-plan';
export type { VersionClues } from './boards/clues';
export type { BoardBookEntry, BoardRevision, FirmwareGoal, FirmwarePolicy, Release } from './boards/release';
export {
  acceptedNames,
  FLASH_PHASES,
  LIGHTS,
  LIGHTS_RUN,
  LIGHT_SAYS,
  RESET_WAYS,
  SIGNAL_STAGES,
} from './boards/release';
export type {
  BareFlash,
  BoardBeep,
  BoardCode,
  BoardSpeaker,
  LightSays,
  LightsPlace,
  SignalStage,
  FirstStartTimes,
  BoardHeader,
  FlashPhase,
  HeaderPin,
  Light,
  LightPhase,
  ResetWay,
  ResetWayKind,
  StageLight,
} from './boards/release';
export { identifyBoard } from './boards/identify-board';
export type { BoardAnswer, BoardCandidate, BoardPrint, ListedBoard } from './boards/identify-board';
export { FLASH_METHODS, chooseMethod } from './update/choose-method';
export type { FlashMethod, MethodChoice, MethodRates, MethodSituation, ProcessorOffers } from './update/choose-method';
export { flashGates } from './flash/flash-gates';
export type { FlashGate } from './flash/flash-gates';
export { watchFirstStart } from './flash/first-start';
export type { FirstStartWatch } from './flash/first-start';
export { overdueOptions } from './flash/overdue';
export { inWords, watchFlash } from './flash/watch-flash';
export type { FlashWatch, LightMark, LightRun } from './flash/watch-flash';
export type { FlashFacts, GaveUpReason } from './flash/gave-up-reasons';
export { isLit, practiceRun } from './flash/simulated-board';
export type { LightStretch, PracticeRun, PracticeSetUp } from './flash/simulated-board';
export { releasesFromCsv, releasesToCsv } from './boards/releases-csv';
export type { ReadReleases } from './boards/releases-csv';
export { codesFromCsv, codesToCsv } from './boards/codes-csv';
export type { ReadCodes } from './boards/codes-csv';
export type { CsvProblem } from './boards/csv-table';
export { packedStick } from './stick/packed-stick';
export { SparseCollector } from './stick/sparse-source';
