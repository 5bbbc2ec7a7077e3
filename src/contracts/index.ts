export {
  appendEventsSchema,
  caseDetailSchema,
  caseListSchema,
  caseSummarySchema,
  healthSchema,
  listQuerySchema,
  openCaseSchema,
  storedEventSchema,
} from './api';
export type { AppendEvents, CaseDetail, CaseList, CaseSummary, Health, ListQuery, OpenCase, StoredEvent } from './api';
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
export { CASE_FILE_FORMAT, CASE_FILE_VERSION, caseFileSchema, completeEvent, readCaseFile } from './case-file';
export type { CaseFile, ReadCaseFile } from './case-file';
export { caseEventSchema, writtenEventSchema } from './event';
export type { WrittenEvent } from './event';
export { eventRecordSchema, newEventSchema, readEvent } from './read-event';
export { changeSchema, declaredMachineSchema } from './machine';
export { fieldProblemSchema, fieldProblems, problemSchema } from './problem';
export type { FieldProblem, Problem } from './problem';
export * from './people';
export { ACTIONS, may, MAY, ROLES } from './roles';
export type { Action, Role } from './roles';
