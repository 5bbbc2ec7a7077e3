export { appendEventsSchema, caseDetailSchema, LOG_LIMIT, LOG_RESERVE, openCaseSchema, storedEventSchema } from './api';
export { rightForEvent, rightForTrial, rightsForEvents } from './event-rights';
export type { AppendEvents, CaseDetail, Health, OpenCase, StoredEvent } from './api';
export { caseListSchema, caseSummarySchema } from './case-list';
export type { CaseList, CaseSummary } from './case-list';
export { listQuerySchema } from './list-query';
export type { ListQuery } from './list-query';
export {
  BOARD_BOOK_FORMAT,
  BOARD_BOOK_VERSION,
  boardBookFileSchema,
  boardDetailSchema,
  boardListSchema,
  boardSummarySchema,
  putBoardSchema,
} from './board-book';
export type { BoardBookFile, BoardDetail, BoardSummary, PutBoard } from './board-book';
export { CASE_FILE_FORMAT, CASE_FILE_VERSION, readCaseFile } from './case-file';
export type { CaseFile, ReadCaseFile } from './case-file';
export { verifyCaseFile } from './verify-case-file';
export { caseEventSchema } from './event';
export { declaredMachineSchema } from './machine';
export type { WrittenEvent } from './event';
export { readEvent } from './read-event';
export { fieldProblems, parseIfReadable, parseSafely } from './parse-safely';
export { problemSchema } from './problem';
export type { FieldProblem, Problem } from './problem';
export * from './people';
export { checkPowerSheet, POWER_FORMAT, POWER_VERSION, powerFileOf, readPowerFile } from './power-file';
export type { PowerFile, ReadPowerFile } from './power-file';
export { invitationSchema, meSchema, sessionSchema } from './session';
export type { Invitation, Me, Session } from './session';
export {
  answerEstimateSchema,
  LINK_DAYS,
  lookOwnerLinkSchema,
  madeOwnerLinkSchema,
  makeOwnerLinkSchema,
  ownerLinksSchema,
  ownerViewSchema,
} from './owner-link';
export type { OwnerLink, OwnerView } from './owner-link';
export { ACTIONS, may, ROLES } from './roles';
export type { Action, Role } from './roles';
export { shopSettingsSchema } from './shop-settings';
export type { ShopSettings } from './shop-settings';
export { worthSchema } from './money-events';
export { amountSchema } from './part-events';
export { putShelfItemSchema, shelfItemSchema, shelfSchema, SPARE_STANDINGS } from './shelf';
export type { PutShelfItem, Shelf, ShelfItem, ShelfPart, SpareStanding } from './shelf';
